package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.units.sampling.Turn;

/**
 * Where light that leaves a surface went in: as far off as {@link zephyrdune.render.material.Diffusion} has it, on the plane that touches the
 * body, and from there down along the normal to the body; what lies past an edge is laid round it. As much comes out as goes in. Works in
 * place; used by one thread.
 */
final class Subsurface {

    /** Far from those of any vertex. */
    private static final int DIMENSION = 1_000;

    /** How far above and below the plane the body is looked for, over the distance. */
    private static final double ASIDE = 1.5;

    private static final int MOST_HITS = 4;

    private final Scene scene;
    private final Sampler numbers;
    private final Basis axes = new Basis();
    private final double[] way = new double[3];
    private final Ray probe = new Ray();
    private final Hit hit = new Hit();
    private final PathVertex entry = new PathVertex();

    Subsurface(Scene scene, Sampler numbers) {
        this.scene = scene;
        this.numbers = numbers;
    }

    /** A vertex there, for a vertex where light comes out; good until the next one is asked for. */
    PathVertex entry(PathVertex at, int sample) {
        numbers.at(at.dimension + DIMENSION, sample);
        double radius = at.material.diffusion().radius(numbers.first);
        axes.round(at.gx, at.gy, at.gz);
        way[0] = Turn.cosine(numbers.second);
        way[1] = Turn.sine(numbers.second);
        way[2] = 0;
        axes.outOf(way);
        entry.copiesInside(at);
        if (!below(at, radius)) {
            roundTheEdge(at, radius);
        }
        return entry;
    }

    /** Takes the place under a point of the plane that is nearest to it; false where there is none. */
    private boolean below(PathVertex at, double radius) {
        double half = ASIDE * radius;
        double from = 0;
        double nearest = half;
        boolean found = false;
        for (int i = 0; i < MOST_HITS && from < 2 * half; i++) {
            double up = half - from;
            probe.set(
                    at.x + radius * way[0] + up * at.gx,
                    at.y + radius * way[1] + up * at.gy,
                    at.z + radius * way[2] + up * at.gz,
                    -at.gx,
                    -at.gy,
                    -at.gz);
            if (!meets(at, 2 * half - from)) {
                break;
            }
            from += hit.distance;
            if (outside(at) && Math.abs(from - half) < nearest) {
                nearest = Math.abs(from - half);
                found = true;
                take();
            }
            from += Scene.SKIN;
        }
        return found;
    }

    /** Takes the place on the side that lies as far, on the way over the edge; leaves things as they are where there is none. */
    private void roundTheEdge(PathVertex at, double radius) {
        double in = 2 * Scene.SKIN;
        probe.set(at.x - in * at.gx, at.y - in * at.gy, at.z - in * at.gz, way[0], way[1], way[2]);
        if (!meets(at, radius)) {
            return;
        }
        double down = radius - hit.distance;
        probe.set(
                at.x + radius * way[0] - down * at.gx,
                at.y + radius * way[1] - down * at.gy,
                at.z + radius * way[2] - down * at.gz,
                -way[0],
                -way[1],
                -way[2]);
        if (meets(at, radius) && outside(at)) {
            take();
        }
    }

    private boolean meets(PathVertex at, double farthest) {
        hit.clear(farthest);
        scene.meet(at.owner, probe, hit);
        return hit.material != null;
    }

    /** Whether the probe has come to the same substance from outside. */
    private boolean outside(PathVertex at) {
        return hit.material == at.material && hit.nx * probe.dx + hit.ny * probe.dy + hit.nz * probe.dz < 0;
    }

    private void take() {
        entry.standsAt(
                probe.ox + hit.distance * probe.dx,
                probe.oy + hit.distance * probe.dy,
                probe.oz + hit.distance * probe.dz,
                hit.nx,
                hit.ny,
                hit.nz);
    }
}
