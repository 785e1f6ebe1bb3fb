package zephyrdune.render.body;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import zephyrdune.render.material.Material;
import zephyrdune.set.card.Panel;
import zephyrdune.set.card.Piece;
import zephyrdune.set.surface.Surface;

/** A panel: a thin rectangle with the pieces of a pattern cut out of it, or nothing but those pieces. */
public final class PanelBody implements Solid {

    private final double[] centre;
    private final double[] across;
    private final double[] up;
    private final double[] normal;
    private final double halfWidth;
    private final double halfHeight;
    private final List<Piece> pieces;
    private final boolean standing;
    private final PieceGrid grid;
    private final Material material;
    private final Ball ball;

    private PanelBody(Panel panel, Material material) {
        pieces = panel.pieces();
        standing = panel.standing();
        centre = panel.centre().toArray();
        across = panel.across().toArray();
        up = panel.up().toArray();
        normal = panel.normal().toArray();
        // what stands by itself may reach past its card
        halfWidth = standing ? reach(pieces, 0, panel.halfWidth()) : panel.halfWidth();
        halfHeight = standing ? reach(pieces, 1, panel.halfHeight()) : panel.halfHeight();
        grid = new PieceGrid(pieces, halfWidth, halfHeight);
        this.material = material;
        ball = new Ball(centre[0], centre[1], centre[2], Math.hypot(halfWidth, halfHeight));
    }

    public static PanelBody of(Panel panel, Surface surface) {
        return new PanelBody(panel, Material.of(surface));
    }

    private static double reach(List<Piece> pieces, int axis, double least) {
        double most = least;
        for (Piece piece : pieces) {
            for (int i = axis; i < piece.corners().length; i += 2) {
                most = Math.max(most, Math.abs(piece.corners()[i]));
            }
        }
        return most;
    }

    /** Whether it can be looked through: it is a board with openings. */
    public boolean open() {
        return !standing && !pieces.isEmpty();
    }

    public List<Piece> pattern() {
        return pieces;
    }

    public double halfWidth() {
        return halfWidth;
    }

    public double halfHeight() {
        return halfHeight;
    }

    /** How far a point lies from the middle along its width; {@link #up} along its height, {@link #off} off its plane. */
    public double across(double x, double y, double z) {
        return along(across, x, y, z);
    }

    public double up(double x, double y, double z) {
        return along(up, x, y, z);
    }

    public double off(double x, double y, double z) {
        return along(normal, x, y, z);
    }

    private double along(double[] axis, double x, double y, double z) {
        return (x - centre[0]) * axis[0] + (y - centre[1]) * axis[1] + (z - centre[2]) * axis[2];
    }

    /** One coordinate (0 to 2 for x, y and z) of a place on the panel. */
    public double place(double acrossIt, double upIt, int axis) {
        return centre[axis] + acrossIt * across[axis] + upIt * up[axis];
    }

    @Override
    public Ball ball() {
        return ball;
    }

    @Override
    public Bounds bounds() {
        double[] low = new double[3];
        double[] high = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            double half = Math.abs(across[axis]) * halfWidth + Math.abs(up[axis]) * halfHeight;
            low[axis] = centre[axis] - half;
            high[axis] = centre[axis] + half;
        }
        return Bounds.of(low, high);
    }

    @Override
    public List<Facets> facets(double scale) {
        return List.of(PanelFacets.of(this, standing, Vector3D.of(normal), material));
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = distance(ray, hit.distance);
        if (t < hit.distance) {
            hit.take(t, normal[0], normal[1], normal[2], material);
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return distance(ray, farthest) < farthest;
    }

    private double distance(Ray ray, double farthest) {
        double cx = centre[0] - ray.ox;
        double cy = centre[1] - ray.oy;
        double cz = centre[2] - ray.oz;
        double t = (cx * normal[0] + cy * normal[1] + cz * normal[2])
                / (ray.dx * normal[0] + ray.dy * normal[1] + ray.dz * normal[2]);
        if (!(t > Ray.NEAREST && t < farthest)) {
            return farthest;
        }
        double px = t * ray.dx - cx;
        double py = t * ray.dy - cy;
        double pz = t * ray.dz - cz;
        double a = px * across[0] + py * across[1] + pz * across[2];
        double b = px * up[0] + py * up[1] + pz * up[2];
        boolean met = Math.abs(a) <= halfWidth && Math.abs(b) <= halfHeight && grid.holds(a, b) == standing;
        return met ? t : farthest;
    }
}
