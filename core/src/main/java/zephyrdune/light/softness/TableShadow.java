package zephyrdune.light.softness;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Rim;

/**
 * The shadow of the hero's rim on the table top, where its edge is thrown by the rim's point straight behind the axis as the light sees
 * it (the tip), and by the rim's point farthest to the side.
 *
 * <p>The rim is taken as straight along its tangent at the point that throws the edge, and the edge is measured square to that; see
 * {@link ShadowEdge}.
 *
 * @param from where the shadow comes out from under the dish, straight behind the axis
 * @param tipEdge the point of the rim that throws the tip
 * @param tip where the ray from the face's centre past that point meets the table
 * @param length from under the rim's point to the tip, metres
 * @param atTip the edge at the tip, along the shadow
 * @param sideEdge the point of the rim that throws the side edge
 * @param side where the ray from the face's centre past that point meets the table
 * @param atSide the edge at the side, across the shadow
 */
public record TableShadow(
        Vector3D from,
        Vector3D tipEdge,
        Vector3D tip,
        double length,
        ShadowEdge atTip,
        Vector3D sideEdge,
        Vector3D side,
        ShadowEdge atSide) {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** The shadow that a set's key throws, or nothing when the face's centre is not above the rim or straight over the dish. */
    public static Optional<TableShadow> of(TableSet set) {
        return of(set.dish(), EmittingFace.of(set));
    }

    /** The same by any face. */
    public static Optional<TableShadow> of(Dish dish, EmittingFace face) {
        Vector3D centre = face.centre();
        double level = Math.hypot(centre.getX(), centre.getY());
        if (level < 1e-6) {
            return Optional.empty();
        }
        double awayX = -centre.getX() / level;
        double awayY = -centre.getY() / level;
        Vector3D from = Vector3D.of(awayX, awayY, 0).multiply(dish.out(awayX, awayY));
        TableShadow longest = null;
        for (Rim rim : dish.rims()) {
            if (rim.height() > 0 && centre.getZ() > rim.height()) {
                TableShadow shadow = of(face, rim, from, awayX, awayY);
                if (longest == null || shadow.tip.norm() > longest.tip.norm()) {
                    longest = shadow;
                }
            }
        }
        return Optional.ofNullable(longest);
    }

    /** Direction in which the shadow points, as a clock position in radians: 12 o'clock is +y, 3 is +x. */
    public double clock() {
        double turn = Math.atan2(tip.getX() - tipEdge.getX(), tip.getY() - tipEdge.getY());
        return turn < 0 ? turn + 2 * Math.PI : turn;
    }

    /**
     * Places on the table whose convex hull is the shadow that the centre of the face alone would throw: every outline of
     * the dish, set down and projected. Empty when the centre is not above the whole dish.
     */
    public static List<Vector3D> middleOutline(TableSet set) {
        Vector3D centre = set.pose().centre();
        if (centre.getZ() <= set.dish().height()) {
            return List.of();
        }
        return set.dish().rims().stream()
                .flatMap(rim -> rim.outline().stream())
                .flatMap(point -> Stream.of(Vector3D.of(point.getX(), point.getY(), 0), onTable(centre, point)))
                .toList();
    }

    /** Whether all of it lies under the dish. */
    public boolean hidden() {
        return tip.norm() <= from.norm();
    }

    private static TableShadow of(EmittingFace face, Rim rim, Vector3D from, double awayX, double awayY) {
        Vector3D centre = face.centre();
        Vector3D away = Vector3D.of(awayX, awayY, 0);
        Vector3D beside = Vector3D.of(-awayY, awayX, 0);
        Vector3D tipEdge = away.multiply(rim.out(awayX, awayY)).add(UP.multiply(rim.height()));
        Vector3D facing = rim.facing(awayX, awayY);
        Vector3D sideEdge = rim.farthest(-awayY, awayX);
        Vector3D tip = onTable(centre, tipEdge);
        Vector3D side = onTable(centre, sideEdge);
        return new TableShadow(
                from,
                tipEdge,
                tip,
                Math.hypot(tip.getX() - tipEdge.getX(), tip.getY() - tipEdge.getY()),
                new ShadowEdge(face, tipEdge, UP.cross(facing), tip, facing, UP),
                sideEdge,
                side,
                new ShadowEdge(face, sideEdge, away, side, beside, UP));
    }

    /** Where the ray from {@code source} past {@code edge} meets the table top. */
    private static Vector3D onTable(Vector3D source, Vector3D edge) {
        double share = source.getZ() / (source.getZ() - edge.getZ());
        return Vector3D.of(
                source.getX() + share * (edge.getX() - source.getX()),
                source.getY() + share * (edge.getY() - source.getY()),
                0);
    }
}
