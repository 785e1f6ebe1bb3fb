package zephyrdune.picture;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.metering.HeroExposure;
import zephyrdune.table.TableSet;

/**
 * Traces what the camera sees.
 *
 * <p>Light straight from the face is the exact illuminance of the contour formula times the share of it that the dish
 * lets pass; light that comes by way of other matte surfaces is followed for two reflections, and the room adds an even
 * light from all sides. The same set gives the same picture, whatever the number of threads.
 */
public final class Renderer {

    private Renderer() {}

    /**
     * The picture of a set; nothing when it went stale before it was done.
     *
     * @param stale asked before each row of pixels; once it says yes, the work is dropped
     */
    public static Optional<Picture> render(TableSet set, Quality quality, BooleanSupplier stale) {
        View view = View.of(set);
        int width = quality.width();
        int height = quality.height(set.camera().sensorWidth(), set.camera().sensorHeight());
        KeyLight key = KeyLight.of(set);
        HeroExposure hero = HeroExposure.of(set, key);
        Illumination light = Illumination.of(set, key, hero);
        Scene scene = Scene.of(set, key.face());
        float[] linear = new float[3 * width * height];
        IntStream.range(0, height).parallel().forEach(row -> {
            if (!stale.getAsBoolean()) {
                new Tracer(scene, light, quality).row(view, row, width, height, linear);
            }
        });
        return stale.getAsBoolean() ? Optional.empty() : Optional.of(new Picture(width, height, linear));
    }
}
