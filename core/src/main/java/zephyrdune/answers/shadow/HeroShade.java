package zephyrdune.answers.shadow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Prop;
import zephyrdune.units.measure.Cancellation;

/**
 * A prop that stands in the hero's light.
 *
 * @param prop its number in the set
 * @param share of the key's light that it keeps off the hero's top, 0 to 1
 */
public record HeroShade(int prop, double share) {

    private static final int RAYS = 32;
    private static final double OUT = 0.6;

    /** Places on the hero's top, as shares of the way out to its outline. */
    private static final double[][] PLACES = {{0, 0}, {OUT, 0}, {-OUT, 0}, {0, OUT}, {0, -OUT}};

    /** The prop that keeps most of the key off the hero, if one does at all. */
    public static Optional<HeroShade> worst(TableSet set) {
        if (set.props().isEmpty()) {
            return Optional.empty();
        }
        double now = light(set);
        double alone = light(set.withProps(List.of()));
        if (alone == 0 || now >= alone) {
            return Optional.empty();
        }
        HeroShade worst = null;
        for (int i = 0; i < set.props().size(); i++) {
            List<Prop> others = new ArrayList<>(set.props());
            others.remove(i);
            double share = (light(set.withProps(others)) - now) / alone;
            if (share > 0 && (worst == null || share > worst.share)) {
                worst = new HeroShade(i, share);
            }
        }
        return Optional.ofNullable(worst);
    }

    private static double light(TableSet set) {
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(RAYS));
        double right = set.dish().out(1, 0);
        double back = set.dish().out(0, 1);
        double sum = 0;
        for (double[] place : PLACES) {
            Cancellation.check();
            tracer.incident(place[0] * right, place[1] * back, set.dish().height(), 0, 0, 1, 1, 0);
            sum += tracer.out[3 * Layers.KEY + 1];
        }
        return sum;
    }
}
