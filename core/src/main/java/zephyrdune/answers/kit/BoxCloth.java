package zephyrdune.answers.kit;

import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Origin;
import zephyrdune.units.geometry.Bisection;
import zephyrdune.units.measure.Stops;

/** The cloth of a softbox's front, which takes what the box was found to take more than its numbers say. */
public final class BoxCloth {

    private static final double LEAST_LOSS = 0.1;
    private static final double MOST_LOSS = 4;
    private static final double WITHIN = 1e-5;

    private BoxCloth() {}

    /** A light whose box takes so many stops more, as far as a cloth can. */
    public static Light taking(Light light, InBox box, double more) {
        double wanted = EmittingFace.of(light).flux() * Stops.ratio(-more);
        double loss = Bisection.of(
                        LEAST_LOSS,
                        MOST_LOSS,
                        WITHIN,
                        outer -> EmittingFace.of(with(light, box, outer)).flux() > wanted)
                .middle();
        return with(light, box, loss);
    }

    private static Light with(Light light, InBox box, double loss) {
        return light.withFilling(box.with(filling -> filling.outerLoss(loss).origin(Origin.CALIBRATED)));
    }
}
