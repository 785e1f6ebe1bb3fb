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
        LINING("Lining", 0.2),
        INNER_BAFFLE("Inner baffle", 0.2),
        OUTER_BAFFLE("Outer baffle", 0.25),
        SOCK("Sock", 0.3),
        DEFLECTOR("Deflector", 0.2),
        CLOTH("Cloth", 0.4),
        CAP("In the cap", 0.15),
        OTHER("On the way", 0.5);

        private final String words;
        private final double usualSpread;

        Where(String words, double usualSpread) {
            this.words = words;
            this.usualSpread = usualSpread;
        }

        public String words() {
            return words;
        }

        /** Standard deviation of real pieces about the usual value, stops: common practice, no published source, from memory. */
        public double usualSpread() {
            return usualSpread;
        }
    }

    public Loss {
        Objects.requireNonNull(where);
        LIMITS.require(amount);
        Objects.requireNonNull(origin);
    }
}
