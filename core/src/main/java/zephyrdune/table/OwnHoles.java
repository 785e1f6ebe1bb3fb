package zephyrdune.table;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.GeometryFixer;
import zephyrdune.measure.Count;
import zephyrdune.measure.Limits;
import zephyrdune.measure.Refused;
import zephyrdune.measure.Unit;
import zephyrdune.measure.Within;

/**
 * The person's own pattern. Where outlines lie in each other, every second one is card again.
 *
 * @param name what it was drawn as
 * @param width of the pattern; its outlines are in shares of it
 */
public record OwnHoles(
        String name,
        @Within(min = 0.005, max = 3, unit = Unit.METRE) double width,
        @Count(min = 1, max = 200) List<OwnOutline> outlines)
        implements Holes {

    /** Most corners of all outlines together. */
    public static final int MOST_POINTS = 1500;

    /** Of the square of the pattern's width. */
    private static final double LEAST_AREA = 1e-6;

    private static final Limits LIMITS = Limits.of(OwnHoles.class);

    public OwnHoles {
        LIMITS.require(width);
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
        if (geometry(outlines, 1).getArea() < LEAST_AREA) {
            throw new Refused("outlines", "Nothing of the pattern is open; its outlines enclose no area");
        }
    }

    /** What is open, by the even-odd rule. */
    private static Geometry geometry(List<OwnOutline> outlines, double scale) {
        GeometryFactory factory = new GeometryFactory();
        Geometry open = factory.createPolygon();
        for (OwnOutline outline : outlines) {
            List<Double> points = outline.points();
            Coordinate[] ring = new Coordinate[points.size() / 2 + 1];
            for (int i = 0; i < ring.length; i++) {
                int at = 2 * i % points.size();
                ring[i] = new Coordinate(scale * points.get(at), scale * points.get(at + 1));
            }
            open = open.symDifference(GeometryFixer.fix(factory.createPolygon(ring)));
        }
        return open;
    }

    @Override
    public List<Piece> pieces(double cardWidth, double cardHeight, double reach) {
        return Disjoint.convex(geometry(outlines, width));
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
        return width * (right - left) / 2;
    }
}
