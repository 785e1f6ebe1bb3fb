package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A branch with twigs and leaves in place of a card, as long as the card is high: what stands in the light.
 *
 * @param leafLength of each leaf
 * @param leafBreadth of each leaf where it is widest
 * @param spacing from one leaf to the next along a twig
 */
public record Branch(
        @Within(min = 0.005, max = 0.3, unit = Unit.METRE) double leafLength,
        @Within(min = 0.002, max = 0.2, unit = Unit.METRE) double leafBreadth,
        @Within(min = 0.005, max = 0.3, unit = Unit.METRE) double spacing)
        implements Holes {

    private static final double STEM = 0.004;
    private static final double TWIG = 0.002;
    private static final double TWIGS_APART = 2.6;
    private static final double TWIG_ANGLE = Math.toRadians(38);
    private static final double LEAF_ANGLE = Math.toRadians(52);
    private static final int MOST_LEAVES = 240;

    private static final Limits LIMITS = Limits.of(Branch.class);

    public Branch {
        LIMITS.require(leafLength, leafBreadth, spacing);
    }

    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        List<Piece> pieces = new ArrayList<>();
        pieces.add(Piece.rectangle(-STEM / 2, -height / 2, STEM / 2, height / 2));
        double apart = TWIGS_APART * leafLength;
        double twig = width / 2 / Math.cos(TWIG_ANGLE);
        int twigs = (int) Math.min(40, Math.ceil(height / apart));
        for (int i = 0; i < twigs && pieces.size() < MOST_LEAVES; i++) {
            double turn = i % 2 == 0 ? TWIG_ANGLE : Math.PI - TWIG_ANGLE;
            double foot = -height / 2 + (i + 0.3) * apart;
            double length = twig * (0.75 + 0.25 * Scatter.at(i, 0, 0));
            pieces.add(Piece.rectangle(0, -TWIG / 2, length, TWIG / 2).placed(turn, 0, foot));
            int leaves = (int) Math.max(1, Math.min(30, Math.floor(length / spacing)));
            for (int k = 0; k < leaves; k++) {
                double along = length * (k + 1) / leaves;
                double swing = (k % 2 == 0 ? 1 : -1) * LEAF_ANGLE * (0.7 + 0.6 * Scatter.at(i, k, 1));
                pieces.add(Leaf.piece(leafLength, leafBreadth)
                        .placed(0, leafLength / 2, 0)
                        .placed(swing, along, 0)
                        .placed(turn, 0, foot));
            }
        }
        return Disjoint.of(pieces);
    }

    @Override
    public boolean standing() {
        return true;
    }

    @Override
    public boolean toTheEdge() {
        return true;
    }

    @Override
    public double pitch() {
        return spacing;
    }
}
