package zephyrdune.formats;

import java.awt.geom.Area;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import zephyrdune.set.card.EvenOdd;

/** Closed lines round areas and along paths. */
final class Rings {

    private Rings() {}

    static List<Coordinate[]> of(Geometry area) {
        List<Coordinate[]> rings = new ArrayList<>();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            rings.addAll(of((Polygon) area.getGeometryN(i)));
        }
        return rings;
    }

    private static List<Coordinate[]> of(Polygon polygon) {
        List<Coordinate[]> rings = new ArrayList<>();
        if (!polygon.isEmpty()) {
            rings.add(polygon.getExteriorRing().getCoordinates());
            for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
                rings.add(polygon.getInteriorRingN(i).getCoordinates());
            }
        }
        return rings;
    }

    /** Closed lines along a path of straight sides; those of less than three corners are left out. */
    static List<Coordinate[]> along(PathIterator path) {
        List<Coordinate[]> rings = new ArrayList<>();
        List<Coordinate> ring = new ArrayList<>();
        double[] point = new double[6];
        for (; !path.isDone(); path.next()) {
            int step = path.currentSegment(point);
            if (step != PathIterator.SEG_LINETO) {
                close(ring, rings);
            }
            if (step != PathIterator.SEG_CLOSE) {
                ring.add(new Coordinate(point[0], point[1]));
            }
        }
        close(ring, rings);
        return rings;
    }

    private static void close(List<Coordinate> ring, List<Coordinate[]> rings) {
        if (ring.size() >= 3) {
            ring.add(ring.get(0).copy());
            rings.add(ring.toArray(Coordinate[]::new));
        }
        ring.clear();
    }

    /** An area's outlines do not cross, and every second one of those within each other is a hole. */
    static Geometry area(Area area) {
        return EvenOdd.area(along(area.getPathIterator(null)));
    }
}
