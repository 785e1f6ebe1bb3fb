package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * Level gaps between level slats, as of a blind or a shutter.
 *
 * @param gap height of each opening
 * @param slat height of the bar between two openings
 */
public record Slats(
        @Within(min = 0.002, max = 0.5, unit = Unit.METRE) double gap,
        @Within(min = 0.002, max = 0.5, unit = Unit.METRE) double slat)
        implements Holes {

    private static final Limits LIMITS = Limits.of(Slats.class);

    public Slats {
        LIMITS.require(gap, slat);
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        List<Piece> gaps = new ArrayList<>();
        int most = (int) Math.min(MOST / 2.0 - 1, Math.ceil(reach / pitch()));
        for (int i = -most; i <= most; i++) {
            gaps.add(Piece.rectangle(-reach, i * pitch() - gap / 2, reach, i * pitch() + gap / 2));
        }
        return gaps;
    }

    @Override
    public double pitch() {
        return gap + slat;
    }

    @Override
    public boolean level() {
        return true;
    }

    @Override
    public double opening() {
        return gap;
    }
}
