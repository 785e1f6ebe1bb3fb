package zephyrdune.softness;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.table.Rim;
import zephyrdune.table.Softbox;
import zephyrdune.table.TableSet;

/**
 * The shadow of the hero's rim on the table top, where its edge is thrown by the rim's farthest point from the light
 * (the tip) and by the rim's point square to that (the side).
 *
 * <p>The rim is taken as straight along its tangent at the point that throws the edge. The edge is then the strip
 * between the outermost lines in which planes through that tangent and a corner of the face meet the table: its width is
 * exact for a straight edge and any pose of the face. For a small face it is s b / (a sin i): s the size of the face
 * square to the ray, a its distance to the rim, b from the rim to the table along the ray, i the angle of the ray with
 * the table (similar triangles).
 *
 * @param tipEdge the point of the rim that throws the tip
 * @param tip where the ray from the face's centre past that point meets the table
 * @param length from under the rim's point to the tip, metres
 * @param tipWidth of the edge at the tip, along the shadow, metres; infinite when part of the face lies below the rim
 * @param sideEdge the point of the rim that throws the side edge
 * @param side where the ray from the face's centre past that point meets the table
 * @param sideWidth of the edge at the side, across the shadow, metres; infinite when part of the face lies below the rim
 */
public record TableShadow(
        Vector3D tipEdge,
        Vector3D tip,
        double length,
        double tipWidth,
        Vector3D sideEdge,
        Vector3D side,
        double sideWidth) {

    /** The shadow, or nothing when the face's centre is not above the rim or straight over the dish. */
    public static Optional<TableShadow> of(TableSet set) {
        Vector3D centre = set.light().centre();
        double level = Math.hypot(centre.getX(), centre.getY());
        if (level < 1e-6) {
            return Optional.empty();
        }
        double awayX = -centre.getX() / level;
        double awayY = -centre.getY() / level;
        TableShadow longest = null;
        for (Rim rim : set.dish().rims()) {
            if (rim.height() > 0 && centre.getZ() > rim.height()) {
                TableShadow shadow = of(set.light(), rim, awayX, awayY);
                if (longest == null || shadow.reach(awayX, awayY) > longest.reach(awayX, awayY)) {
                    longest = shadow;
                }
            }
        }
        return Optional.ofNullable(longest);
    }

    /**
     * Places on the table whose convex hull is the shadow that the centre of the face alone would throw: every outline of
     * the dish, set down and projected. Empty when the centre is not above the whole dish.
     */
    public static List<Vector3D> middleOutline(TableSet set) {
        Vector3D centre = set.light().centre();
        if (centre.getZ() <= set.dish().height()) {
            return List.of();
        }
        return set.dish().rims().stream()
                .flatMap(rim -> rim.outline().stream())
                .flatMap(point -> Stream.of(Vector3D.of(point.getX(), point.getY(), 0), onTable(centre, point)))
                .toList();
    }

    private static TableShadow of(Softbox box, Rim rim, double awayX, double awayY) {
        Vector3D centre = box.centre();
        double reach = rim.reach(awayX, awayY);
        Vector3D tipEdge = Vector3D.of(awayX * reach, awayY * reach, rim.height());
        double across = rim.reach(-awayY, awayX);
        Vector3D sideEdge = Vector3D.of(-awayY * across, awayX * across, rim.height());
        Vector3D tip = onTable(centre, tipEdge);
        return new TableShadow(
                tipEdge,
                tip,
                Math.hypot(tip.getX() - tipEdge.getX(), tip.getY() - tipEdge.getY()),
                width(box, tipEdge, awayX, awayY),
                sideEdge,
                onTable(centre, sideEdge),
                width(box, sideEdge, -awayY, awayX));
    }

    /** Extent along the level direction (dx, dy) of what the face's corners throw past {@code edge} on the table. */
    private static double width(Softbox box, Vector3D edge, double dx, double dy) {
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Vector3D corner : box.corners()) {
            if (corner.getZ() <= edge.getZ()) {
                return Double.POSITIVE_INFINITY;
            }
            Vector3D shadow = onTable(corner, edge);
            double along = shadow.getX() * dx + shadow.getY() * dy;
            least = Math.min(least, along);
            most = Math.max(most, along);
        }
        return most - least;
    }

    /** Where the ray from {@code source} past {@code edge} meets the table top. */
    private static Vector3D onTable(Vector3D source, Vector3D edge) {
        double share = source.getZ() / (source.getZ() - edge.getZ());
        return Vector3D.of(
                source.getX() + share * (edge.getX() - source.getX()),
                source.getY() + share * (edge.getY() - source.getY()),
                0);
    }

    private double reach(double awayX, double awayY) {
        return tip.getX() * awayX + tip.getY() * awayY;
    }
}
