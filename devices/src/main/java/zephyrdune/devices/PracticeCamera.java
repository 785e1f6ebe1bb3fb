package zephyrdune.devices;

import java.time.LocalDateTime;
import java.util.Random;
import java.util.Set;
import zephyrdune.formats.CameraExif;
import zephyrdune.formats.JpegFile;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Denoiser;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;

/** A camera to practise with: it takes the set as it really stands, by a kit that is not quite what its numbers say. */
public final class PracticeCamera {

    private static final int WIDTH = 600;

    /** Passes for a frame: what is left of the tracer's noise is under the sensor's. */
    private static final int PASSES = 6;

    private static final float QUALITY = 0.92f;

    private final HiddenTruth truth;
    private final Sensor sensor;

    public PracticeCamera(HiddenTruth truth, Sensor sensor) {
        this.truth = truth;
        this.sensor = sensor;
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
        TableSet really = truth.of(set);
        double below = MeteredExposure.below(set, KeyLight.of(set)) + truth.dimmer();
        Mix mix = Mix.of(really, Set.of(), KeyLight.of(really), below);
        double ratio = set.camera().sensorHeight() / set.camera().sensorWidth();
        Film film = new Film(really, WIDTH, (int) Math.max(1, Math.round(WIDTH * ratio)), false);
        for (int i = 0; i < PASSES; i++) {
            film.pass(SampleBudget.USUAL, () -> false);
        }
        Exposure exposure = set.exposure();
        Picture frame = sensor.record(Denoiser.of(film, mix), exposure.exactSpeed(), new Random(number));
        return CameraExif.of(set, at).in(JpegFile.write(frame, QUALITY));
    }
}
