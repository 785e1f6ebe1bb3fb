package zephyrdune.answers.photograph;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.measure.Refused;

/**
 * A highlight: the part of the picture round a mark that is brighter than half way between its peak and what lies round it.
 *
 * @param outline without dents
 * @param middle of it
 * @param shape what it looks like
 */
public record HighlightOutline(List<Mark> outline, Mark middle, Shape shape) {

    /** What a highlight looks like; the limits between them are common practice, no published source. */
    public enum Shape {
        ROUND("round"),
        SQUARE("square"),
        LONG("long");

        private final String words;

        Shape(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** The peak is looked for so near the mark, picture widths. */
    private static final double NEAR = 0.015;

    /** Half width of what counts as round it. */
    private static final double ROUND = 0.1;

    /** Share of the picture that no highlight is larger than. */
    private static final double LARGEST = 0.1;

    private static final double LEAST_CONTRAST = 1.5;
    private static final double LONG_FROM = 2;

    /** Of its rectangle a disc fills pi / 4, a square all. */
    private static final double SQUARE_FROM = 0.9;

    private static final GeometryFactory FACTORY = new GeometryFactory();

    public HighlightOutline {
        outline = List.copyOf(outline);
    }

    static HighlightOutline of(Picture picture, Mark mark, String field) {
        int width = picture.width();
        int start = peak(picture, mark);
        double peak = picture.luminance(start);
        double base = base(picture, start);
        if (peak < LEAST_CONTRAST * base) {
            throw new Refused(field, "There is no highlight here; put the mark into the middle of one");
        }
        List<Coordinate> cells = filled(picture, start, (peak + base) / 2, field);
        Coordinate[] corners = cells.stream()
                .flatMap(cell -> Arrays.stream(new Coordinate[] {
                    cell,
                    new Coordinate(cell.x + 1, cell.y),
                    new Coordinate(cell.x, cell.y + 1),
                    new Coordinate(cell.x + 1, cell.y + 1)
                }))
                .toArray(Coordinate[]::new);
        Geometry hull = FACTORY.createMultiPointFromCoords(corners).convexHull();
        Geometry drawn = DouglasPeuckerSimplifier.simplify(hull, 0.7);
        return new HighlightOutline(
                Arrays.stream(drawn.getCoordinates())
                        .map(at -> new Mark(at.x / width, at.y / picture.height()))
                        .toList(),
                new Mark(hull.getCentroid().getX() / width, hull.getCentroid().getY() / picture.height()),
                shape(hull));
    }

    private static Shape shape(Geometry hull) {
        Geometry box = MinimumAreaRectangle.getMinimumRectangle(hull);
        Coordinate[] corners = box.getCoordinates();
        double one = corners[0].distance(corners[1]);
        double other = corners[1].distance(corners[2]);
        if (Math.max(one, other) >= LONG_FROM * Math.min(one, other)) {
            return Shape.LONG;
        }
        return hull.getArea() >= SQUARE_FROM * box.getArea() ? Shape.SQUARE : Shape.ROUND;
    }

    private static int peak(Picture picture, Mark mark) {
        int reach = Math.max(1, (int) (NEAR * picture.width()));
        int column = Math.min(picture.width() - 1, (int) (mark.across() * picture.width()));
        int row = Math.min(picture.height() - 1, (int) (mark.down() * picture.height()));
        int best = row * picture.width() + column;
        for (int y = Math.max(0, row - reach); y <= Math.min(picture.height() - 1, row + reach); y++) {
            for (int x = Math.max(0, column - reach); x <= Math.min(picture.width() - 1, column + reach); x++) {
                int pixel = y * picture.width() + x;
                if (picture.luminance(pixel) > picture.luminance(best)) {
                    best = pixel;
                }
            }
        }
        return best;
    }

    /** The median round it. */
    private static double base(Picture picture, int start) {
        int reach = (int) (ROUND * picture.width());
        int column = start % picture.width();
        int row = start / picture.width();
        double[] around = new double[(2 * reach + 1) * (2 * reach + 1)];
        int count = 0;
        for (int y = Math.max(0, row - reach); y <= Math.min(picture.height() - 1, row + reach); y++) {
            for (int x = Math.max(0, column - reach); x <= Math.min(picture.width() - 1, column + reach); x++) {
                around[count++] = picture.luminance(y * picture.width() + x);
            }
        }
        Arrays.sort(around, 0, count);
        return around[count / 2];
    }

    /** All pixels above a level that hang together with the first. */
    private static List<Coordinate> filled(Picture picture, int start, double level, String field) {
        int width = picture.width();
        boolean[] seen = new boolean[width * picture.height()];
        List<Coordinate> cells = new ArrayList<>();
        int[] waiting = new int[seen.length];
        int last = 0;
        waiting[last++] = start;
        seen[start] = true;
        for (int next = 0; next < last; next++) {
            int pixel = waiting[next];
            int column = pixel % width;
            cells.add(new Coordinate(column, pixel / width));
            if (cells.size() > LARGEST * seen.length) {
                throw new Refused(
                        field,
                        "This is no highlight but a bright part of the picture; mark a mirror image of the light");
            }
            int[] beside = {
                column > 0 ? pixel - 1 : pixel, column < width - 1 ? pixel + 1 : pixel, pixel - width, pixel + width
            };
            for (int other : beside) {
                if (other >= 0 && other < seen.length && !seen[other] && picture.luminance(other) >= level) {
                    seen[other] = true;
                    waiting[last++] = other;
                }
            }
        }
        return cells;
    }
}
