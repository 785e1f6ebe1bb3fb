package zephyrdune.light.emitter;

/** The part of an unevenly lit face that acts: the smallest rectangle or oval round all places that are not as good as dark. */
final class ActingPart {

    /** Places of less than this share of the brightest one's luminance do not count. */
    private static final double DARK = 0.01;

    /** Places along each side that are looked at. */
    private static final int SIDE = 128;

    /** A part whose corners, this far out, are dark is round. */
    private static final double CORNER = 0.97;

    private ActingPart() {}

    static EmittingFace of(EmittingFace face) {
        double most = 0;
        for (int i = 0; i < SIDE * SIDE; i++) {
            most = Math.max(most, lit(face, place(i % SIDE), place(i / SIDE)));
        }
        double left = 1;
        double right = -1;
        double low = 1;
        double high = -1;
        for (int i = 0; i < SIDE * SIDE; i++) {
            double across = place(i % SIDE);
            double up = place(i / SIDE);
            if (lit(face, across, up) >= DARK * most) {
                left = Math.min(left, across);
                right = Math.max(right, across);
                low = Math.min(low, up);
                high = Math.max(high, up);
            }
        }
        double step = 1.0 / SIDE;
        double halfAcross = (right - left) / 2 + step;
        double halfUp = (high - low) / 2 + step;
        if (most == 0 || halfAcross > 1 - step / 2 && halfUp > 1 - step / 2) {
            return face;
        }
        double across = (left + right) / 2;
        double up = (low + high) / 2;
        boolean round = lit(face, across + CORNER * halfAcross, up + CORNER * halfUp) < DARK * most;
        return new EmittingFace(
                round ? Outline.DISC : Outline.RECTANGLE,
                face.at(across, up),
                face.acrossHalf().multiply(halfAcross),
                face.upHalf().multiply(halfUp),
                face.luminance(),
                Evenness.EVEN,
                face.distribution());
    }

    private static double place(int i) {
        return 2 * (i + 0.5) / SIDE - 1;
    }

    private static double lit(EmittingFace face, double across, double up) {
        return face.outline().holds(across, up) ? face.evenness(across, up) : 0;
    }
}
