package zephyrdune.render.body;

import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.union.UnaryUnionOp;
import org.locationtech.jts.triangulate.polygon.ConstrainedDelaunayTriangulator;
import zephyrdune.render.material.Material;
import zephyrdune.set.card.Piece;

/** What is left of a panel once its pattern is cut out, or of the pattern where nothing else stands, in triangles. Round holes are polygons of their area. */
final class PanelFacets {

    private static final GeometryFactory PLANE = new GeometryFactory();

    private PanelFacets() {}

    static Facets of(PanelBody panel, boolean standing, Vector3D normal, Material material) {
        List<Geometry> cut = panel.pattern().stream().map(PanelFacets::polygon).toList();
        Geometry pattern = UnaryUnionOp.union(cut, PLANE);
        Geometry board = PLANE.toGeometry(
                new Envelope(-panel.halfWidth(), panel.halfWidth(), -panel.halfHeight(), panel.halfHeight()));
        Geometry left = standing ? pattern.intersection(board) : board.difference(pattern);
        Geometry triangles = ConstrainedDelaunayTriangulator.triangulate(left);
        int count = triangles.getNumGeometries();
        double[] places = new double[9 * count];
        for (int i = 0; i < count; i++) {
            Coordinate[] ring = triangles.getGeometryN(i).getCoordinates();
            boolean seenFromBefore = Orientation.isCCW(ring);
            for (int corner = 0; corner < 3; corner++) {
                Coordinate at = ring[seenFromBefore ? corner : 2 - corner];
                for (int axis = 0; axis < 3; axis++) {
                    places[9 * i + 3 * corner + axis] = panel.place(at.x, at.y, axis);
                }
            }
        }
        return Facets.flat(places, IntStream.range(0, 3 * count).toArray(), normal, material);
    }

    private static Geometry polygon(Piece piece) {
        double[] corners = piece.corners();
        Coordinate[] ring = IntStream.rangeClosed(0, corners.length / 2)
                .map(at -> 2 * at % corners.length)
                .mapToObj(at -> new Coordinate(corners[at], corners[at + 1]))
                .toArray(Coordinate[]::new);
        return PLANE.createPolygon(ring);
    }
}
