package zephyrdune.answers.photograph;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.picture.Picture;
import zephyrdune.units.measure.Refused;

/**
 * The edge of a shadow on the table, along a line across it: its whole width, and which way it runs.
 *
 * <p>Nine lines side by side are read. Light grows over the edge as more and more of the source comes into view: evenly for a square one that stands
 * in line with it, as the share of a disc beyond a chord for a round one. Both are fitted, together with the slant of the edge
 * and how the lit table gets brighter along the line. Noise and grain mostly hide which of them it was.
 *
 * @param width of the whole edge across it, for a source between round and square, metres
 * @param square from a tenth to nine tenths of the light if the source is square, metres
 * @param disc the same if it is round
 * @param out across the edge, out of the shadow, a unit vector on the table
 * @param middle of the edge, on the table
 * @param hard whether it is as narrow as the picture can show, so that the true one may be narrower
 * @param depth between both sides, as a ratio of the lit one
 */
record SoftEdge(double width, double square, double disc, Vector3D out, Vector3D middle, boolean hard, double depth) {

    /** From a tenth to nine tenths of the light, of the whole edge: of a square, and of a disc, beyond chords of which a tenth of it lies. */
    private static final double SQUARE = 0.8;

    private static final double DISC = 0.6870;

    private static final int ALONG = 81;
    private static final int LINES = 9;

    /** An edge is to have at least so much depth. */
    private static final double LEAST_DEPTH = 0.06;

    /** Of the line, the edge is to take no more. */
    private static final double MOST = 0.92;

    /** So far the light along the line may be from what it would be across an edge, of the step between both sides. */
    private static final double UNEVEN = 0.06;

    /** Narrower edges are not told, pixels. */
    private static final double PIXELS = 3;

    static SoftEdge of(Picture picture, TableView view, ShadowLine line, String field) {
        Vector3D from = view.ground(line.from(), field + ".from");
        Vector3D to = view.ground(line.to(), field + ".to");
        double length = from.distance(to);
        double[][] light = light(picture, view, from, to, field);
        if (EdgeFit.shade(light) > EdgeFit.lit(light)) {
            return of(picture, view, new ShadowLine(line.to(), line.from()), field);
        }
        EdgeFit square = EdgeFit.of(light, EdgeShape.SQUARE);
        EdgeFit disc = EdgeFit.of(light, EdgeShape.DISC);
        EdgeFit best = square.off() < disc.off() ? square : disc;
        double depth = best.depth();
        if (!(depth > LEAST_DEPTH)) {
            throw new Refused(
                    field,
                    "There is no shadow's edge across this line; draw it from well inside the shadow to well outside");
        }
        double width = Math.sqrt(square.width() * disc.width()) * length;
        if (!(width < MOST * length)) {
            throw new Refused(
                    field,
                    "The line ends within the soft edge; draw it longer, from the full shadow to the full light");
        }
        if (best.uneven() > UNEVEN) {
            throw new Refused(
                    field,
                    "Light does not grow evenly across this edge: the thing may be too narrow for so soft a light. Draw the line nearer to its foot, or take a wider thing");
        }
        double pixel = length / pixels(picture, view, from, to);
        Vector3D along = to.subtract(from).normalize();
        Vector3D beside = Vector3D.of(-along.getY(), along.getX(), 0);
        // the edge runs along u = middle + slant v, so this is square to it
        Vector3D out = along.subtract(beside.multiply(best.slant())).normalize();
        double across = out.dot(along);
        boolean hard = width * across < PIXELS * pixel;
        double least = hard ? PIXELS * pixel : 0;
        return new SoftEdge(
                Math.max(least, width * across),
                Math.max(least, square.width() * length * across * SQUARE),
                Math.max(least, disc.width() * length * across * DISC),
                out,
                from.add(along.multiply(best.middle() * length)),
                hard,
                depth);
    }

    private static double pixels(Picture picture, TableView view, Vector3D from, Vector3D to) {
        double[] a = view.project(from);
        double[] b = view.project(to);
        return Math.max(1, Math.hypot((b[0] - a[0]) * picture.width(), (b[1] - a[1]) * picture.height()));
    }

    private static double[][] light(Picture picture, TableView view, Vector3D from, Vector3D to, String field) {
        Vector3D way = to.subtract(from);
        Vector3D beside = Vector3D.of(-way.getY(), way.getX(), 0);
        double[][] light = new double[LINES][ALONG];
        for (int line = 0; line < LINES; line++) {
            for (int i = 0; i < ALONG; i++) {
                Vector3D place =
                        from.add(way.multiply(i / (ALONG - 1.0))).add(beside.multiply(EdgeFit.beside(line, LINES)));
                double[] at = view.project(place);
                light[line][i] = SpotTones.luminance(picture, at[0], at[1]);
            }
        }
        return light;
    }
}
