package zephyrdune.light.emitter;

import zephyrdune.units.measure.Remembered;

/**
 * The part of an unevenly lit face that acts: the smallest rectangle or oval round all places that are not as good as dark. In shares of
 * half the face's width and height, from its middle.
 *
 * @param whole whether it is all of the face
 */
record ActingPart(boolean whole, boolean round, double across, double up, double halfAcross, double halfUp) {

    /** Places of less than this share of the brightest one's luminance do not count. */
    private static final double DARK = 0.01;

    /** Places along each side that are looked at. */
    private static final int SIDE = 128;

    /** A part whose corners, this far out, are dark is round. */
    private static final double CORNER = 0.97;

    /** How a face is lit, whatever its size and place. */
    private record Lit(Outline outline, Evenness evenness) {

        double at(double across, double up) {
            return outline.holds(across, up) ? evenness.at(across, up) : 0;
        }
    }

    private static final Remembered<Lit, ActingPart> PARTS = new Remembered<>(64);

    static EmittingFace of(EmittingFace face) {
        Lit lit = new Lit(face.outline(), face.evenness());
        ActingPart part = PARTS.get(lit, () -> of(lit));
        return part.whole
                ? face
                : new EmittingFace(
                        part.round ? Outline.DISC : Outline.RECTANGLE,
                        face.at(part.across, part.up),
                        face.acrossHalf().multiply(part.halfAcross),
                        face.upHalf().multiply(part.halfUp),
                        face.luminance(),
                        Evenness.EVEN,
                        face.distribution());
    }

    private static ActingPart of(Lit lit) {
        double most = 0;
        for (int i = 0; i < SIDE * SIDE; i++) {
            most = Math.max(most, lit.at(place(i % SIDE), place(i / SIDE)));
        }
        double left = 1;
        double right = -1;
        double low = 1;
        double high = -1;
        for (int i = 0; i < SIDE * SIDE; i++) {
            double across = place(i % SIDE);
            double up = place(i / SIDE);
            if (lit.at(across, up) >= DARK * most) {
                left = Math.min(left, across);
                right = Math.max(right, across);
                low = Math.min(low, up);
                high = Math.max(high, up);
            }
        }
        double step = 1.0 / SIDE;
        double halfAcross = (right - left) / 2 + step;
        double halfUp = (high - low) / 2 + step;
        boolean whole = most == 0 || halfAcross > 1 - step / 2 && halfUp > 1 - step / 2;
        double across = (left + right) / 2;
        double up = (low + high) / 2;
        boolean round = lit.at(across + CORNER * halfAcross, up + CORNER * halfUp) < DARK * most;
        return new ActingPart(whole, round, across, up, halfAcross, halfUp);
    }

    private static double place(int i) {
        return 2 * (i + 0.5) / SIDE - 1;
    }
}
