package zephyrdune.set.card;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.TopologyException;
import org.locationtech.jts.geom.util.AffineTransformation;
import zephyrdune.units.measure.Count;
import zephyrdune.units.measure.CountLimit;
import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Line;
import zephyrdune.units.measure.LineLimit;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Remembered;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * The person's own pattern. Where outlines lie in each other, every second one is card again.
 *
 * @param name what it was drawn as
 * @param width of the pattern; its outlines are in shares of it
 */
public record OwnHoles(
        @Line(max = 80) String name,
        @Within(min = 0.005, max = 3, unit = Unit.METRE) double width,
        @Count(min = 1, max = 200) List<OwnOutline> outlines)
        implements Holes {

    /** Most corners of all outlines together. */
    public static final int MOST_POINTS = 1500;

    /** Most crossings of all outlines together, with each other and themselves. */
    private static final int MOST_CROSSINGS = 1_000;

    private static final Remembered<List<OwnOutline>, Geometry> OPEN = new Remembered<>(48);

    /** Of the square of the pattern's width. */
    private static final double LEAST_AREA = 1e-6;

    public static final LineLimit NAME = Limits.line(OwnHoles.class, "name");

    private static final CountLimit OUTLINES = Limits.count(OwnHoles.class, "outlines");
    private static final Limits LIMITS = Limits.of(OwnHoles.class);

    public OwnHoles {
        LIMITS.require(width);
        NAME.require(name);
        outlines = OUTLINES.copy(outlines);
        int points = outlines.stream()
                .mapToInt(outline -> outline.points().size() / 2)
                .sum();
        if (points > MOST_POINTS) {
            throw new Refused(
                    "outlines",
                    "The pattern has %d corners; at most %d can be cut, so simplify it".formatted(points, MOST_POINTS));
        }
        open(outlines);
    }

    /**
     * What is open, in shares of the width; worked out once for the outlines that were asked for last.
     *
     * @throws Refused when that cannot be cut
     */
    private static Geometry open(List<OwnOutline> outlines) {
        return OPEN.get(outlines, () -> {
            List<Coordinate[]> rings = outlines.stream().map(OwnHoles::ring).toList();
            if (Crossings.moreThan(MOST_CROSSINGS, rings)) {
                throw new Refused(
                        "outlines",
                        "The pattern's lines cross each other more than %,d times; draw outlines that do not cross"
                                .formatted(MOST_CROSSINGS));
            }
            Geometry open;
            try {
                open = EvenOdd.area(rings);
            } catch (TopologyException e) {
                throw new Refused(
                        "outlines", "The pattern's lines lie on each other, nearly; draw outlines that do not touch");
            }
            if (open.getArea() < LEAST_AREA) {
                throw new Refused("outlines", "Nothing of the pattern is open; its outlines enclose no area");
            }
            return open;
        });
    }

    private static Coordinate[] ring(OwnOutline outline) {
        List<Double> points = outline.points();
        Coordinate[] ring = new Coordinate[points.size() / 2 + 1];
        for (int i = 0; i < ring.length; i++) {
            int at = 2 * i % points.size();
            ring[i] = new Coordinate(points.get(at), points.get(at + 1));
        }
        return ring;
    }

    @Override
    public List<Piece> pieces(double cardWidth, double cardHeight, double reach) {
        return Disjoint.convex(AffineTransformation.scaleInstance(width, width).transform(open(outlines)));
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
