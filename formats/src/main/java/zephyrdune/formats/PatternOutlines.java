package zephyrdune.formats;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.simplify.TopologyPreservingSimplifier;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.set.card.OwnOutline;

/** Open areas of a drawing, y downwards, as outlines of a pattern of width 1 about its middle, with as few corners as can be cut. */
final class PatternOutlines {

    /** Openings of less than this share of the pattern's width squared are dust. */
    private static final double DUST = 4e-6;

    private static final double FINEST = 2e-4;
    private static final double COARSEST = 0.02;

    private PatternOutlines() {}

    static List<OwnOutline> of(Geometry drawn) throws BadFile {
        Envelope box = drawn.getEnvelopeInternal();
        if (drawn.isEmpty() || box.getWidth() <= 0 || box.getHeight() <= 0) {
            throw new BadFile(
                    "file", "", "Nothing in it is open; draw closed outlines, or a picture with both black and white");
        }
        for (double error = FINEST; error <= COARSEST; error *= 1.6) {
            List<LinearRing> rings =
                    rings(TopologyPreservingSimplifier.simplify(drawn, error * box.getWidth()), box.getWidth());
            int corners =
                    rings.stream().mapToInt(ring -> ring.getNumPoints() - 1).sum();
            if (rings.size() > PatternLimits.MOST_OUTLINES) {
                throw new BadFile(
                        "file",
                        "",
                        "It has %,d openings; at most %d can be cut, so leave out the smallest"
                                .formatted(rings.size(), PatternLimits.MOST_OUTLINES));
            }
            if (!rings.isEmpty() && corners <= OwnHoles.MOST_POINTS) {
                return rings.stream().map(ring -> outline(ring, box)).toList();
            }
        }
        throw new BadFile(
                "file",
                "",
                "It has more corners than can be cut, %,d at most; simplify it".formatted(OwnHoles.MOST_POINTS));
    }

    private static List<LinearRing> rings(Geometry open, double width) {
        List<LinearRing> rings = new ArrayList<>();
        for (int i = 0; i < open.getNumGeometries(); i++) {
            if (open.getGeometryN(i) instanceof Polygon part && part.getArea() > DUST * width * width) {
                rings.add(part.getExteriorRing());
                for (int k = 0; k < part.getNumInteriorRing(); k++) {
                    rings.add(part.getInteriorRingN(k));
                }
            }
        }
        return rings;
    }

    private static OwnOutline outline(LinearRing ring, Envelope box) {
        Coordinate middle = box.centre();
        List<Double> points = new ArrayList<>();
        for (int i = 0; i < ring.getNumPoints() - 1; i++) {
            Coordinate corner = ring.getCoordinateN(i);
            points.add(tidy((corner.x - middle.x) / box.getWidth()));
            points.add(tidy((middle.y - corner.y) / box.getWidth()));
        }
        return new OwnOutline(points);
    }

    /** To a hundred-thousandth of the pattern's width. */
    private static double tidy(double share) {
        return Math.round(share * 1e5) / 1e5;
    }
}
