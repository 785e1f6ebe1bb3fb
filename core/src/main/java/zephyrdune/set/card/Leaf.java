package zephyrdune.set.card;

/** The outline of a leaf: two parabolas from tip to tip. */
final class Leaf {

    /** Along the length, from tip to tip as -1 to 1. */
    private static final double[] STEPS = {-1, -0.6, -0.2, 0.2, 0.6, 1};

    private Leaf() {}

    /** A leaf along the pattern's width, about its middle. */
    static Piece piece(double length, double breadth) {
        int steps = STEPS.length;
        double[] corners = new double[4 * (steps - 1)];
        for (int i = 0; i < 2 * (steps - 1); i++) {
            boolean under = i < steps;
            double along = under ? STEPS[i] : STEPS[2 * (steps - 1) - i];
            corners[2 * i] = along * length / 2;
            corners[2 * i + 1] = (under ? -1 : 1) * (1 - along * along) * breadth / 2;
        }
        return Piece.polygon(corners);
    }
}
