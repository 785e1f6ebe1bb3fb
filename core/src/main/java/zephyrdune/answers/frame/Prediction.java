package zephyrdune.answers.frame;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.metering.SeenLight;
import zephyrdune.render.picture.Difference;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.units.exposure.CorrectExposure;
import zephyrdune.units.measure.Stops;

/** A set as a frame of it saw it: with the frame's own settings, at the power that was set, or by the room alone. */
final class Prediction {

    private final TableSet taken;
    private final Perspective view;
    private final Scene scene;
    private final KeyLight key;
    private final double below;
    private final Mix mix;

    Prediction(TableSet set, FrameFile file) {
        this(set, set.withExposure(file.settings().in(set.exposure())), file.lit());
    }

    /** @param lit whether the lights are on, or the room alone gives light */
    Prediction(TableSet set, boolean lit) {
        this(set, set, lit);
    }

    private Prediction(TableSet set, TableSet taken, boolean lit) {
        this.taken = taken;
        view = Perspective.of(taken);
        scene = Scene.of(taken);
        key = KeyLight.of(taken);
        below = MeteredExposure.below(set, key);
        Mix all = Mix.of(taken, Set.of(), key, below);
        mix = lit ? all : all.only(Layers.AMBIENT);
    }

    /** Full power, stops, that the light was set to. */
    double below() {
        return below;
    }

    PatchReading read(FrameFile file, FramePatch patch) {
        Optional<CameraHit> hit = CameraHit.of(view, scene, patch.across(), patch.down());
        if (hit.isEmpty()) {
            return PatchReading.unseen(patch, "Nothing of the set is seen here");
        }
        Vector3D place = hit.get().point();
        SeenLight seen = patch.part() == FramePatch.Part.GREY_CARD
                ? SeenLight.ofGreyCard(taken, key, scene, place, patch.reflectance())
                : SeenLight.of(taken, key, scene, place);
        double all = mix.light(seen.layers());
        if (!(all > 0)) {
            return PatchReading.unseen(patch, "No light of the set comes from here");
        }
        PatchReading predicted = predicted(patch, seen, all);
        MeasuredPatch measured = MeasuredPatch.of(file, patch.across(), patch.down(), SeenLight.reach(view, place));
        if (Double.isNaN(measured.light())) {
            return predicted.unmeasured("The frame does not reach here");
        }
        if (measured.clipped()) {
            return predicted.clipped(Stops.between(file.full(), brightestChannel(seen.layers())));
        }
        if (measured.black()) {
            return predicted.unmeasured("As dark as the file can say: not used");
        }
        return predicted.measured(
                Stops.between(measured.light(), CorrectExposure.MID_GREY), Stops.between(1 + measured.uneven(), 1));
    }

    private PatchReading predicted(FramePatch patch, SeenLight seen, double all) {
        return new PatchReading(
                patch,
                OptionalDouble.of(Stops.between(all, CorrectExposure.MID_GREY)),
                seen.error(),
                LightShares.of(mix, seen.layers(), all),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                false,
                "");
    }

    /** What a hand meter that is held level on the hero's lit top says, beside what it should: the light that comes there, as a grey card would show it. */
    PatchReading read(HandMeter meter) {
        SeenLight seen = SeenLight.ofGreyCard(taken, key, scene, key.hero(), CorrectExposure.MID_GREY);
        double all = mix.light(seen.layers());
        return all > 0
                ? predicted(HandMeter.PATCH, seen, all).measured(meter.stops(taken), HandMeter.READ_OFF)
                : PatchReading.unseen(HandMeter.PATCH, "No light of the set comes to the meter");
    }

    Difference difference(FrameFile file) {
        return Difference.of(
                file.curve().light(file.picture()), taken, mix, file.curve().white());
    }

    /** Pixel value of red, green or blue, whichever is clipped first. */
    private double brightestChannel(double[] layers) {
        double[] channels = new double[3];
        for (int i = 0; i < layers.length; i++) {
            channels[i % 3] += mix.weight(i / 3, i % 3) * layers[i];
        }
        return Math.max(channels[0], Math.max(channels[1], channels[2]));
    }
}
