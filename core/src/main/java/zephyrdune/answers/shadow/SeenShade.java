package zephyrdune.answers.shadow;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.picture.SeenHero;
import zephyrdune.render.trace.CameraHit;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;

/**
 * Shade that one thing throws on what the camera sees of the hero.
 *
 * @param number of the thing among its kind in the set
 * @param part of the seen places that the key would reach, how many have lost more than half of it to the thing, 0 to 1
 */
public record SeenShade(int number, double part) {

    private static final int PLACES = 32;
    private static final int RAYS = 16;
    private static final double LOST = 0.5;

    /** What gets less than this share of the best place turns away from the key by itself. */
    private static final double TURNED_AWAY = 0.2;

    private static final double OFF = 1e-5;

    /** The prop that shades most of what is seen. */
    public static Optional<SeenShade> ofProps(TableSet set) {
        return worst(set, set.props().size(), at -> set.withProps(without(set.props(), at)));
    }

    /** The card that does, of those that are there to fill: neither cut nor black. */
    public static Optional<SeenShade> ofCards(TableSet set) {
        return worst(
                set,
                set.cards().size(),
                at -> set.cards().get(at).cut().any() || set.cards().get(at).black()
                        ? set
                        : set.withCards(without(set.cards(), at)));
    }

    /** The set without one of the things; the set itself where that one does not count. */
    private interface Without {
        TableSet set(int at);
    }

    private static <T> List<T> without(List<T> all, int at) {
        List<T> others = new ArrayList<>(all);
        others.remove(at);
        return others;
    }

    private static Optional<SeenShade> worst(TableSet set, int count, Without without) {
        List<TableSet> others = IntStream.range(0, count).mapToObj(without::set).toList();
        if (others.stream().allMatch(other -> other == set)) {
            return Optional.empty();
        }
        List<CameraHit> places = SeenHero.places(set, Scene.of(set), PLACES);
        double[] now = key(set, places);
        SeenShade worst = null;
        for (int at = 0; at < count; at++) {
            if (others.get(at) != set) {
                double part = part(now, key(others.get(at), places));
                if (part > 0 && (worst == null || part > worst.part)) {
                    worst = new SeenShade(at, part);
                }
            }
        }
        return Optional.ofNullable(worst);
    }

    private static double part(double[] now, double[] without) {
        double best = 0;
        for (double light : without) {
            best = Math.max(best, light);
        }
        int lit = 0;
        int lost = 0;
        for (int i = 0; i < now.length; i++) {
            if (without[i] > TURNED_AWAY * best) {
                lit++;
                lost += now[i] < LOST * without[i] ? 1 : 0;
            }
        }
        return lit == 0 ? 0 : (double) lost / lit;
    }

    private static double[] key(TableSet set, List<CameraHit> places) {
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(RAYS));
        return places.stream()
                .mapToDouble(hit -> {
                    Cancellation.check();
                    Vector3D at = hit.point().add(hit.normal().multiply(OFF));
                    Vector3D out = hit.normal();
                    tracer.incident(at.getX(), at.getY(), at.getZ(), out.getX(), out.getY(), out.getZ(), 1, 0);
                    return tracer.out[3 * Layers.KEY + 1];
                })
                .toArray();
    }
}
