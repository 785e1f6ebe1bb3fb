package zephyrdune.devices;

import java.time.LocalDateTime;
import java.util.Random;
import java.util.stream.IntStream;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.answers.wall.WallSetup;
import zephyrdune.formats.CameraExif;
import zephyrdune.formats.JpegFile;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.kit.Shaper;
import zephyrdune.units.measure.Stops;

/** A plain wall to practise the wall test at, with a light before it that is not quite what its numbers say, and a camera. */
public final class PracticeWall {

    private static final int WIDTH = 600;
    private static final int HEIGHT = 400;

    /** Pixels from one place where the light is worked out to the next. */
    private static final int STEP = 3;

    private static final float QUALITY = 0.92f;
    private static final double FOCAL_LENGTH = 0.035;

    private final long seed;
    private final Sensor sensor;

    /** @param seed the same one is always the same kit */
    public PracticeWall(long seed, Sensor sensor) {
        this.seed = seed;
        this.sensor = sensor;
    }

    /**
     * Takes a frame of the wall.
     *
     * @param shaper as its numbers are stated
     * @param below full power, stops, that the source's mark says
     * @param at time by the camera's clock
     * @return a JPEG with Exif
     */
    public byte[] take(WallSetup setup, Shaper shaper, double below, LocalDateTime at) {
        HiddenShaper really = HiddenShaper.drawn(seed, setup, shaper);
        double given = Stops.ratio(-below * (1 + really.slope()) - really.loss());
        Exposure exposure = setup.exposure();
        Picture frame = sensor.record(
                light(really, given),
                exposure.exactSpeed(),
                1,
                new Random(seed + shaper.name().hashCode()));
        return new CameraExif(
                        PracticeCamera.NAME,
                        at,
                        exposure.aperture(),
                        exposure.shutter(),
                        exposure.speed(),
                        FOCAL_LENGTH,
                        FOCAL_LENGTH,
                        setup.source().flash())
                .in(JpegFile.write(ToneCurve.SRGB.written(frame), QUALITY));
    }

    private static Picture light(HiddenShaper really, double given) {
        int columns = WIDTH / STEP + 2;
        int rows = HEIGHT / STEP + 2;
        double metres = really.setup().framedWidth() / WIDTH;
        double[][] coarse = IntStream.range(0, rows)
                .parallel()
                .mapToObj(row -> IntStream.range(0, columns)
                        .mapToDouble(column -> given
                                * really.setup()
                                        .value(
                                                really.shaper(),
                                                (column * STEP - WIDTH / 2.0) * metres - really.aside(),
                                                (HEIGHT / 2.0 - row * STEP) * metres - really.up()))
                        .toArray())
                .toArray(double[][]::new);
        float[] linear = new float[3 * WIDTH * HEIGHT];
        for (int i = 0; i < linear.length; i++) {
            linear[i] = (float) between(coarse, i / 3 % WIDTH / (double) STEP, i / 3 / WIDTH / (double) STEP);
        }
        return new Picture(WIDTH, HEIGHT, linear);
    }

    private static double between(double[][] values, double column, double row) {
        int left = (int) column;
        int top = (int) row;
        double right = column - left;
        double down = row - top;
        return (1 - down) * ((1 - right) * values[top][left] + right * values[top][left + 1])
                + down * ((1 - right) * values[top + 1][left] + right * values[top + 1][left + 1]);
    }
}
