package zephyrdune.picture;

/**
 * How much work goes into a picture.
 *
 * @param width pixels across
 * @param looks rays through each pixel
 * @param shadowRays rays towards the light from what each of them meets
 * @param bounces paths of reflected light followed from there
 */
public record Quality(int width, int looks, int shadowRays, int bounces) {

    /** While a light is dragged: coarse, at once. */
    public static final Quality DRAFT = new Quality(216, 1, 8, 2);

    /** When the hand rests. */
    public static final Quality FINE = new Quality(720, 4, 8, 1);

    /** Pixels down for a frame of the given sides. */
    int height(double sensorWidth, double sensorHeight) {
        return Math.max(1, (int) Math.round(width * sensorHeight / sensorWidth));
    }
}
