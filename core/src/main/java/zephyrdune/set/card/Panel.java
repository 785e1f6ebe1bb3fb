package zephyrdune.set.card;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;

/**
 * A flat rectangle that stands in the light: a card, a wing of a bent one, a barn door.
 *
 * @param across along its width, a unit vector
 * @param up along its height, a unit vector square to that
 * @param halfWidth half of its width, metres
 * @param halfHeight half of its height, metres
 * @param pieces of the pattern cut into it
 * @param standing whether the pieces are all that there is; otherwise they are open
 */
public record Panel(
        Vector3D centre,
        Vector3D across,
        Vector3D up,
        double halfWidth,
        double halfHeight,
        List<Piece> pieces,
        boolean standing) {

    /** A whole board. */
    public static Panel whole(Vector3D centre, Vector3D across, Vector3D up, double halfWidth, double halfHeight) {
        return new Panel(centre, across, up, halfWidth, halfHeight, List.of(), false);
    }

    /** Towards its front, a unit vector. */
    public Vector3D normal() {
        return up.cross(across);
    }

    /** A place on it, across and up from its middle, metres. */
    public Vector3D at(double acrossIt, double upIt) {
        return centre.add(across.multiply(acrossIt)).add(up.multiply(upIt));
    }

    /** How far a place is before it, metres; negative behind it. */
    public double above(Vector3D place) {
        return place.subtract(centre).dot(normal());
    }

    /**
     * A rectangle as it stands in a looking glass in this one's plane.
     *
     * @param middle of the rectangle
     * @param acrossHalf from there to the middle of its side
     * @param upHalf likewise upwards
     */
    public Panel image(Vector3D middle, Vector3D acrossHalf, Vector3D upHalf) {
        return whole(
                middle.subtract(normal().multiply(2 * above(middle))),
                mirrored(acrossHalf).normalize(),
                mirrored(upHalf).normalize(),
                acrossHalf.norm(),
                upHalf.norm());
    }

    private Vector3D mirrored(Vector3D way) {
        return way.subtract(normal().multiply(2 * way.dot(normal())));
    }

    public List<Vector3D> corners() {
        return List.of(
                at(-halfWidth, -halfHeight),
                at(halfWidth, -halfHeight),
                at(halfWidth, halfHeight),
                at(-halfWidth, halfHeight));
    }

    /** The same panel as a whole board. */
    public Panel shut() {
        return whole(centre, across, up, halfWidth, halfHeight);
    }
}
