package zephyrdune.trace;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.body.Ray;
import zephyrdune.measure.Cancellation;
import zephyrdune.sampling.Turn;
import zephyrdune.table.Card;
import zephyrdune.table.Panel;
import zephyrdune.table.TableSet;

/**
 * All light on a matte element, layer by layer, for readings. What cards leave of the key is exact; other surfaces are looked for both
 * evenly all round and in the directions of the cards, weighed by the balance heuristic (E. Veach and L. J. Guibas, SIGGRAPH 1995).
 */
public final class Incidence {

    private static final int SEED = 1619;
    private static final int ROUND = 2;
    private static final int TO_CARDS = 3;

    private final Stage stage;
    private final List<Panel> panels;

    /**
     * @param stage of the set, or of the set without its hero
     */
    public Incidence(TableSet set, Stage stage) {
        this.stage = stage;
        panels = set.cards().stream().map(Card::panels).flatMap(List::stream).toList();
    }

    /**
     * Illuminance of every layer, red, green and blue in turn, for lights of luminance 1 and a room of luminance 1.
     *
     * @param round directions looked at all round; to every flat part of a card a third as many, and to all of them no more
     */
    public double[] at(Vector3D place, Vector3D normal, int round) {
        Tracer tracer = new Tracer(stage, new Effort(round, 1, Effort.USUAL.reflections(), true));
        double[] start = place.add(normal.multiply(Stage.SKIN)).toArray();
        double[] up = normal.toArray();
        tracer.straightIncident(place.getX(), place.getY(), place.getZ(), up[0], up[1], up[2], SEED, 0);
        double[] sums = tracer.out.clone();
        Numbers numbers = new Numbers();
        numbers.of(SEED);
        Ray ray = new Ray();
        int each = round / Math.max(3, panels.size());
        Vector3D first = normal.orthogonal();
        Vector3D second = normal.cross(first);
        tracer = new Tracer(stage, new Effort(1, 1, Effort.USUAL.reflections(), true));
        for (int i = 0; i < round; i++) {
            Cancellation.check();
            numbers.at(ROUND, i);
            double out = Math.sqrt(numbers.first);
            double along = out * Turn.cosine(numbers.second);
            double across = out * Turn.sine(numbers.second);
            double above = Math.sqrt(Math.max(0, 1 - numbers.first));
            Vector3D way = first.multiply(along).add(second.multiply(across)).add(normal.multiply(above));
            ray.set(start[0], start[1], start[2], way.getX(), way.getY(), way.getZ());
            add(tracer, ray, up, round, each, i, sums);
        }
        int index = round;
        for (int k = 0; k < panels.size(); k++) {
            Panel panel = panels.get(k);
            for (int i = 0; i < each; i++, index++) {
                Cancellation.check();
                numbers.at(TO_CARDS + k, i);
                Vector3D on = panel.at(
                        (2 * numbers.first - 1) * panel.halfWidth(), (2 * numbers.second - 1) * panel.halfHeight());
                Vector3D way = on.subtract(place).normalize();
                ray.set(start[0], start[1], start[2], way.getX(), way.getY(), way.getZ());
                add(tracer, ray, up, round, each, index, sums);
            }
        }
        return sums;
    }

    private void add(Tracer tracer, Ray ray, double[] up, int round, int each, int index, double[] sums) {
        double cosine = ray.dx * up[0] + ray.dy * up[1] + ray.dz * up[2];
        if (cosine <= 0) {
            return;
        }
        double likely = round * cosine / Math.PI;
        for (Panel panel : panels) {
            likely += each * likely(panel, ray);
        }
        tracer.arriving(ray, SEED, index);
        for (int i = 0; i < sums.length; i++) {
            sums[i] += tracer.out[i] * cosine / likely;
        }
    }

    /** How likely a direction is picked towards a panel, per steradian: evenly over its area. */
    private static double likely(Panel panel, Ray ray) {
        Vector3D way = Vector3D.of(ray.dx, ray.dy, ray.dz);
        Vector3D from = Vector3D.of(ray.ox, ray.oy, ray.oz).subtract(panel.centre());
        double facing = way.dot(panel.normal());
        double t = -from.dot(panel.normal()) / facing;
        if (!(t > 0) || Double.isInfinite(t)) {
            return 0;
        }
        Vector3D on = from.add(way.multiply(t));
        if (Math.abs(on.dot(panel.across())) > panel.halfWidth() || Math.abs(on.dot(panel.up())) > panel.halfHeight()) {
            return 0;
        }
        return t * t / (Math.abs(facing) * 4 * panel.halfWidth() * panel.halfHeight());
    }
}
