package zephyrdune.set.card;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;
import zephyrdune.units.measure.Cancellation;

/** Areas as convex pieces that do not overlap, so that light past them adds up. */
public final class Disjoint {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** What is smaller than this cannot be cut, square metres. */
    private static final double NOTHING = 1e-11;

    private Disjoint() {}

    /** The same area as some pieces, each less what those before it cover. */
    static List<Piece> of(List<Piece> overlapping) {
        List<Piece> apart = new ArrayList<>();
        List<Geometry> before = new ArrayList<>();
        for (Piece piece : overlapping) {
            Cancellation.check();
            Geometry whole = polygon(piece);
            Geometry left = whole;
            for (Geometry one : before) {
                if (one.getEnvelopeInternal().intersects(left.getEnvelopeInternal()) && one.intersects(left)) {
                    left = left.difference(one);
                }
            }
            if (left.equals(whole)) {
                apart.add(piece);
            } else {
                apart.addAll(convex(left));
            }
            before.add(whole);
        }
        return apart;
    }

    /** Any area as convex pieces: its parts where they are convex, and else triangles. */
    static List<Piece> convex(Geometry area) {
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < area.getNumGeometries(); i++) {
            Cancellation.check();
            if (!(area.getGeometryN(i) instanceof Polygon part) || part.getArea() < NOTHING) {
                continue;
            }
            if (part.getNumInteriorRing() == 0 && part.convexHull().getArea() - part.getArea() < NOTHING) {
                pieces.add(piece((Polygon) part.convexHull()));
                continue;
            }
            Geometry triangles = PolygonTriangulator.triangulate(part);
            for (int k = 0; k < triangles.getNumGeometries(); k++) {
                if (triangles.getGeometryN(k) instanceof Polygon triangle && triangle.getArea() > NOTHING) {
                    pieces.add(piece(triangle));
                }
            }
        }
        return pieces;
    }

    /** A piece as a polygon, metres. */
    public static Polygon polygon(Piece piece) {
        double[] corners = piece.corners();
        Coordinate[] ring = new Coordinate[corners.length / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            int at = 2 * i % corners.length;
            ring[i] = new Coordinate(corners[at], corners[at + 1]);
        }
        return FACTORY.createPolygon(ring);
    }

    /** A convex polygon as a piece, counter-clockwise. */
    private static Piece piece(Polygon polygon) {
        Coordinate[] ring = polygon.getExteriorRing().getCoordinates();
        boolean left = Orientation.isCCW(ring);
        double[] corners = new double[2 * (ring.length - 1)];
        for (int i = 0; i < ring.length - 1; i++) {
            Coordinate corner = ring[left ? i : ring.length - 1 - i];
            corners[2 * i] = corner.x;
            corners[2 * i + 1] = corner.y;
        }
        return Piece.polygon(corners);
    }
}
