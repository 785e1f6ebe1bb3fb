package zephyrdune.answers.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Pose;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.units.measure.Stops;

/**
 * Where the light's face would be centred, at its present height angle and facing its aim point, to give the hero so
 * many stops more or less than now. Solved on the exact model.
 *
 * @param stops from the present light on the hero
 * @param places of the face's centre, one for every step of the clock, metres; a step without an answer is left out
 */
public record StopRing(double stops, List<Vector3D> places) {

    private static final int CLOCK_STEPS = 72;
    private static final double NEAREST = 0.05;
    private static final double FARTHEST = 10;

    /** Each look inwards is at this share of the distance before. */
    private static final double INWARDS = 0.8;

    /** To a twentieth of a millimetre. */
    private static final double DISTANCE_TOLERANCE = 5e-5;

    public StopRing {
        places = List.copyOf(places);
    }

    /** The ring for a change of so many stops; empty of places where no distance gives it. */
    public static StopRing of(TableSet set, double stops) {
        if (set.light().filling() instanceof OffRoom) {
            // near a wall its patch is small and bright: there are places of any light, and no ring
            return new StopRing(stops, List.of());
        }
        EmittingFace face = EmittingFace.of(set);
        Vector3D hero = Vector3D.of(0, 0, set.dish().top());
        double wanted = illuminance(face, set.light(), hero) * Stops.ratio(stops);
        boolean turnsRoundHero = set.light().aim().x() == 0 && set.light().aim().y() == 0;
        List<Vector3D> places = new ArrayList<>();
        OptionalDouble distance = OptionalDouble.empty();
        for (int step = 0; step < CLOCK_STEPS; step++) {
            Light turned = set.light().withClock(2 * Math.PI * step / CLOCK_STEPS);
            if (step == 0 || !turnsRoundHero) {
                distance = distance(face, turned, hero, wanted);
            }
            distance.ifPresent(far -> places.add(turned.withDistance(far).centre()));
        }
        return new StopRing(stops, places);
    }

    /** The farthest distance that gives the wanted light, found inwards from where there is too little. */
    private static OptionalDouble distance(EmittingFace face, Light light, Vector3D hero, double wanted) {
        UnivariateFunction excess = d -> Stops.between(illuminance(face, light.withDistance(d), hero), wanted);
        double outer = FARTHEST;
        if (excess.value(outer) >= 0) {
            return OptionalDouble.empty();
        }
        while (outer * INWARDS >= NEAREST) {
            double inner = outer * INWARDS;
            double there = excess.value(inner);
            if (there >= 0 && Double.isFinite(there)) {
                return OptionalDouble.of(new BrentSolver(DISTANCE_TOLERANCE).solve(100, excess, inner, outer));
            }
            outer = inner;
        }
        return OptionalDouble.empty();
    }

    /** Of the same face where a light stands. */
    private static double illuminance(EmittingFace face, Light light, Vector3D hero) {
        return Illuminance.of(face.at(Pose.of(light, new OpenRoom())), Illuminance.COARSE)
                .at(hero, Vector3D.Unit.PLUS_Z);
    }
}
