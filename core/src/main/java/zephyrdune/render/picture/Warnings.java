package zephyrdune.render.picture;

/** Marks what is lost at the ends of a picture: dark stripes over what is clipped, light ones over what is blocked. */
public final class Warnings {

    private static final int STRIPE = 8;
    private static final float DARK = 0.03f;
    private static final float LIGHT = 0.35f;

    private Warnings() {}

    public static Picture on(Picture picture) {
        float[] marked = picture.linear().clone();
        for (int pixel = 0; pixel < picture.width() * picture.height(); pixel++) {
            int column = pixel % picture.width();
            int row = pixel / picture.width();
            boolean rising = Math.floorMod(column + row, STRIPE) < STRIPE / 2;
            boolean falling = Math.floorMod(column - row, STRIPE) < 2;
            if (rising && Histogram.clips(picture, pixel)) {
                paint(marked, pixel, DARK);
            } else if (falling && Histogram.blocks(picture, pixel)) {
                paint(marked, pixel, LIGHT);
            }
        }
        return new Picture(picture.width(), picture.height(), marked);
    }

    private static void paint(float[] linear, int pixel, float tone) {
        linear[3 * pixel] = tone;
        linear[3 * pixel + 1] = tone;
        linear[3 * pixel + 2] = tone;
    }
}
