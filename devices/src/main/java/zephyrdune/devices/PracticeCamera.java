package zephyrdune.devices;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.formats.CameraExif;
import zephyrdune.formats.JpegFile;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Denoiser;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.units.exposure.MarkedScale;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** A camera to practise with: it takes the set as it really stands, by a kit that is not quite what its numbers say. */
public final class PracticeCamera {

    private static final int WIDTH = 600;

    /** Passes for a frame: what is left of the tracer's noise is under the sensor's. */
    private static final int PASSES = 6;

    private static final float QUALITY = 0.92f;

    /** What its files call it. */
    public static final String NAME = "Practice camera";

    private final HiddenTruth truth;
    private final Sensor sensor;
    private final ToneCurve curve;
    private final int width;

    public PracticeCamera(HiddenTruth truth, Sensor sensor, PictureStyle style) {
        this(truth, sensor, style, WIDTH);
    }

    /** @param width of its frames, pixels */
    PracticeCamera(HiddenTruth truth, Sensor sensor, PictureStyle style, int width) {
        this.truth = truth;
        this.sensor = sensor;
        this.curve = style.curve();
        this.width = width;
    }

    /**
     * Takes a frame.
     *
     * @param set as somebody thinks that it stands, its power at the mark that they set
     * @param at time by the camera's clock
     * @param number of the frame: its noise is its own
     * @return a JPEG with Exif
     */
    public byte[] take(TableSet set, LocalDateTime at, long number) {
        return bracket(set, true, at, number, List.of(0.0)).get(0);
    }

    /**
     * Takes frames one after the other, a second apart, that differ in ISO alone.
     *
     * @param lit whether the lights are on, or the room alone gives light
     * @param stops by which each is exposed more than the set says
     * @return those that its ISO allows
     */
    public List<byte[]> bracket(TableSet set, boolean lit, LocalDateTime at, long number, List<Double> stops) {
        TableSet really = truth.of(set);
        double below = MeteredExposure.below(set, KeyLight.of(set)) + truth.dimmer();
        double ratio = set.camera().sensorHeight() / set.camera().sensorWidth();
        Film film = new Film(really, width, (int) Math.max(1, Math.round(width * ratio)), false);
        for (int i = 0; i < PASSES; i++) {
            film.pass(SampleBudget.USUAL, () -> false);
        }
        List<byte[]> frames = new ArrayList<>();
        for (double more : stops) {
            Optional<Exposure> exposure = faster(really.exposure(), more);
            if (exposure.isPresent()) {
                TableSet taken = really.withExposure(exposure.get());
                Mix all = Mix.of(taken, Set.of(), KeyLight.of(taken), below);
                Mix mix = lit ? all : all.only(Layers.AMBIENT);
                int after = frames.size();
                frames.add(recorded(Denoiser.of(film, mix), taken, at.plusSeconds(after), number + after));
            }
        }
        return frames;
    }

    private static Optional<Exposure> faster(Exposure exposure, double stops) {
        if (stops == 0) {
            return Optional.of(exposure);
        }
        try {
            return Optional.of(
                    exposure.withSpeed(MarkedScale.SPEED.nearest(exposure.exactSpeed() * Stops.ratio(stops))));
        } catch (Refused noSuchSpeed) {
            return Optional.empty();
        }
    }

    private byte[] recorded(Picture light, TableSet taken, LocalDateTime at, long number) {
        Picture frame = sensor.record(light, taken.exposure().exactSpeed(), curve.white(), new Random(number));
        return CameraExif.of(taken, NAME, at).in(JpegFile.write(curve.written(frame), QUALITY));
    }
}
