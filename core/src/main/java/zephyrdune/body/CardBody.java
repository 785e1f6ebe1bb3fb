package zephyrdune.body;

import zephyrdune.material.Material;
import zephyrdune.table.Card;

/** A card: a thin rectangle, with round holes in it that a grid of cells finds quickly. */
public final class CardBody implements Solid {

    private final double[] centre;
    private final double[] across;
    private final double[] up;
    private final double[] normal;
    private final double halfWidth;
    private final double halfHeight;
    private final double[][] holes;
    private final HoleGrid grid;
    private final Material material;
    private final Ball ball;

    private CardBody(Card card, double[][] rounds) {
        holes = rounds;
        centre = card.centre().toArray();
        across = card.widthAxis().toArray();
        up = card.heightAxis().toArray();
        normal = card.heightAxis().cross(card.widthAxis()).toArray();
        halfWidth = card.width() / 2;
        halfHeight = card.height() / 2;
        grid = new HoleGrid(rounds, halfWidth, halfHeight);
        material = Material.of(card.surface());
        ball = new Ball(centre[0], centre[1], centre[2], Math.hypot(halfWidth, halfHeight));
    }

    public static CardBody of(Card card) {
        return new CardBody(card, card.holes().rounds(card.width(), card.height()));
    }

    /** The same card with its holes shut. */
    public static CardBody shut(Card card) {
        return new CardBody(card, new double[0][]);
    }

    /** Its round holes: across, up and radius, metres from its middle. */
    public double[][] holes() {
        return holes;
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

    /** One coordinate (0 to 2 for x, y and z) of a place on the card. */
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
        boolean met = Math.abs(a) <= halfWidth && Math.abs(b) <= halfHeight && !grid.open(a, b);
        return met ? t : farthest;
    }
}
