package zephyrdune.table;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.GeometryFixer;
import org.locationtech.jts.triangulate.polygon.PolygonTriangulator;
import zephyrdune.measure.Count;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;

/**
 * The person's own pattern. Where outlines lie in each other, every second one is card again.
 *
 * @param name what it was drawn as
 */
public record OwnHoles(
        String name, @Count(min = 1, max = 200) List<OwnOutline> outlines) implements Holes {

    /** Most corners of all outlines together. */
    public static final int MOST_POINTS = 1500;

    private static final double LEAST_AREA = 1e-9;

    public OwnHoles {
        if (name.isBlank() || name.length() > 80 || name.chars().anyMatch(Character::isISOControl)) {
            throw new Refused("name", "A pattern needs a name of 1 to 80 characters on one line");
        }
        Limits.requireCount(OwnHoles.class, "outlines", outlines);
        outlines = List.copyOf(outlines);
        int points = outlines.stream()
                .mapToInt(outline -> outline.points().size() / 2)
                .sum();
        if (points > MOST_POINTS) {
            throw new Refused(
                    "outlines",
                    "The pattern has %d corners; at most %d can be cut, so simplify it".formatted(points, MOST_POINTS));
        }
        if (openArea(outlines) < LEAST_AREA) {
            throw new Refused("outlines", "Nothing of the pattern is open; its outlines enclose no area");
        }
    }

    private static double openArea(List<OwnOutline> outlines) {
        return geometry(outlines).getArea();
    }

    /** What is open, by the even-odd rule. */
    private static Geometry geometry(List<OwnOutline> outlines) {
        GeometryFactory factory = new GeometryFactory();
        Geometry open = factory.createPolygon();
        for (OwnOutline outline : outlines) {
            List<Double> points = outline.points();
            Coordinate[] ring = new Coordinate[points.size() / 2 + 1];
            for (int i = 0; i < ring.length; i++) {
                int at = 2 * i % points.size();
                ring[i] = new Coordinate(points.get(at), points.get(at + 1));
            }
            open = open.symDifference(GeometryFixer.fix(factory.createPolygon(ring)));
        }
        return open;
    }

    /** Triangles; the outlines are cut into them once for every use of the set. */
    @Override
    public List<Piece> pieces(double width, double height, double reach) {
        List<Piece> triangles = new ArrayList<>();
        Geometry cut = PolygonTriangulator.triangulate(geometry(outlines));
        for (int i = 0; i < cut.getNumGeometries(); i++) {
            if (cut.getGeometryN(i) instanceof Polygon triangle && triangle.getArea() > LEAST_AREA / 100) {
                Coordinate[] corners = triangle.getCoordinates();
                triangles.add(counterClockwise(corners));
            }
        }
        return triangles;
    }

    private static Piece counterClockwise(Coordinate[] c) {
        boolean left = (c[1].x - c[0].x) * (c[2].y - c[0].y) > (c[2].x - c[0].x) * (c[1].y - c[0].y);
        Coordinate second = left ? c[1] : c[2];
        Coordinate third = left ? c[2] : c[1];
        return Piece.polygon(c[0].x, c[0].y, second.x, second.y, third.x, third.y);
    }

    /** Half of its width: what a drawing repeats is not known. */
    @Override
    public double pitch() {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        for (OwnOutline outline : outlines) {
            for (int i = 0; i < outline.points().size(); i += 2) {
                left = Math.min(left, outline.points().get(i));
                right = Math.max(right, outline.points().get(i));
            }
        }
        return (right - left) / 2;
    }
}
