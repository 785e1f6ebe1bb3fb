package zephyrdune.set.light;

import java.util.Objects;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Light that something on the way from the source to the face swallows.
 *
 * @param where on the way
 * @param amount swallowed
 * @param origin where the number comes from
 */
public record Loss(
        Where where,
        @Within(min = 0, max = 8, unit = Unit.STOP) double amount,
        Origin origin) {

    private static final Limits LIMITS = Limits.of(Loss.class);

    /** What swallows it. */
    public enum Where {
        LINING("Lining"),
        INNER_BAFFLE("Inner baffle"),
        OUTER_BAFFLE("Outer baffle"),
        SOCK("Sock"),
        DEFLECTOR("Deflector"),
        CLOTH("Cloth"),
        CAP("In the cap"),
        OTHER("On the way");

        private final String words;

        Where(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public Loss {
        Objects.requireNonNull(where);
        LIMITS.require(amount);
        Objects.requireNonNull(origin);
    }
}
