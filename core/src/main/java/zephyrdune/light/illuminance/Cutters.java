package zephyrdune.light.illuminance;

import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Panel;

/** The cards and barn doors of a set as they cut light. */
public final class Cutters {

    private static final double[] SQUARE = {-1, -1, 1, -1, 1, 1, -1, 1};

    static final Cutters NONE = new Cutters(List.of());

    private final List<Obstacle> obstacles;

    private Cutters(List<Obstacle> obstacles) {
        this.obstacles = obstacles;
    }

    public static Cutters of(TableSet set) {
        return of(Stream.concat(set.doors().stream(), set.cards().stream().flatMap(card -> card.panels().stream()))
                .toList());
    }

    public static Cutters of(List<Panel> panels) {
        return new Cutters(panels.stream().map(Obstacle::new).toList());
    }

    /** Whether nothing can be cut at all. */
    public boolean none() {
        return obstacles.isEmpty();
    }

    /** Whether a place sees all of a face. */
    public boolean clear(EmittingFace face, Vector3D point) {
        List<double[]> seen = before(face, SQUARE).seen(point.getX(), point.getY(), point.getZ());
        return seen.size() == 1 && seen.get(0) == SQUARE;
    }

    /** Before one face. */
    Before before(EmittingFace face, double[] outline) {
        return new Before(obstacles, face, outline);
    }

    /** The cutters that stand before one face. */
    static final class Before {

        private final List<double[]> whole;
        private final PanelProjection[] sights;

        private Before(List<Obstacle> obstacles, EmittingFace face, double[] outline) {
            whole = Collections.singletonList(outline);
            sights = obstacles.stream()
                    .map(obstacle -> new PanelProjection(obstacle, face, outline))
                    .toArray(PanelProjection[]::new);
        }

        /**
         * What a place sees of the face: convex polygons in the face's own coordinates, across and up in turn. Those that wind as the
         * outline does are seen; those that wind the other way are to be taken away from them. The outline itself where nothing is in
         * the way.
         */
        List<double[]> seen(double px, double py, double pz) {
            List<double[]> parts = whole;
            for (PanelProjection sight : sights) {
                parts = sight.cut(parts, px, py, pz);
                if (parts.isEmpty()) {
                    return parts;
                }
            }
            return parts;
        }
    }
}
