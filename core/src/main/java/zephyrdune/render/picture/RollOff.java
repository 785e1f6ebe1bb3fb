package zephyrdune.render.picture;

/**
 * Highlights pressed together below white, as cameras do it, where straight sRGB would cut them off: the shoulder of the Khronos PBR Neutral tone
 * mapper (specification of 2024, from memory). Everything up to three quarters of white stays as it is, hues stay up to where colour fades into
 * white. Readings, the histogram and linear files know nothing of it.
 */
public final class RollOff {

    /** The brightest channel from which on it is pressed together. */
    static final float FROM = 0.8f - 0.04f;

    /** How soon what is pressed together loses its colour. */
    private static final float FADING = 0.15f;

    private RollOff() {}

    public static Picture of(Picture picture) {
        float[] pressed = picture.linear().clone();
        for (int i = 0; i < pressed.length; i += 3) {
            press(pressed, i);
        }
        return new Picture(picture.width(), picture.height(), pressed);
    }

    private static void press(float[] linear, int i) {
        float peak = Math.max(linear[i], Math.max(linear[i + 1], linear[i + 2]));
        if (peak <= FROM) {
            return;
        }
        float room = 1 - FROM;
        float lower = 1 - room * room / (peak + room - FROM);
        float colour = 1 / (FADING * (peak - lower) + 1);
        for (int channel = i; channel < i + 3; channel++) {
            linear[channel] = lower + colour * (linear[channel] * lower / peak - lower);
        }
    }
}
