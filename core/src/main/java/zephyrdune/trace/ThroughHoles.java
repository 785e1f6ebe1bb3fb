package zephyrdune.trace;

import zephyrdune.body.CardBody;
import zephyrdune.body.Ray;
import zephyrdune.sampling.Turn;

/**
 * The holes of a card as surfaces look through them at a face. Where the face looks wider than the holes, rays that are aimed at
 * the face seldom get through; then places in those holes are picked that the face may be seen through. Works in place; used by
 * one thread.
 */
final class ThroughHoles {

    private static final double[][] CORNERS = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};

    private final CardBody card;

    /** Middles of the holes, across and up in turn; they are of one size. */
    private final double[] middles;

    private final double radius;
    private final int[] open;
    private int opens;
    private double openArea;
    private boolean cover;

    // the face's outline on the card's plane
    private double left;
    private double right;
    private double low;
    private double high;

    /** How likely the last direction was picked, per steradian. */
    double likely;

    /** Distance of the card along it. */
    double away;

    ThroughHoles(CardBody card) {
        this.card = card;
        double[][] holes = card.holes();
        middles = new double[2 * holes.length];
        for (int i = 0; i < holes.length; i++) {
            middles[2 * i] = holes[i][0];
            middles[2 * i + 1] = holes[i][1];
        }
        radius = holes.length == 0 ? 0 : holes[0][2];
        open = new int[holes.length];
    }

    /** Finds the holes through which a face may be seen; returns whether looking through them is better than at the face. */
    boolean seek(double x, double y, double z, FaceLight light) {
        if (!outline(x, y, z, light)) {
            return false;
        }
        cover = left >= -card.halfWidth()
                && right <= card.halfWidth()
                && low >= -card.halfHeight()
                && high <= card.halfHeight();
        opens = 0;
        for (int i = 0; i < open.length; i++) {
            double a = middles[2 * i];
            double b = middles[2 * i + 1];
            if (a > left - radius && a < right + radius && b > low - radius && b < high + radius) {
                open[opens++] = i;
            }
        }
        openArea = opens * Math.PI * radius * radius;
        return openArea < (right - left) * (high - low);
    }

    /** Throws the face on the card's plane; false when the card does not stand between, or only in part. */
    private boolean outline(double x, double y, double z, FaceLight light) {
        double own = card.off(x, y, z);
        double ownAcross = card.across(x, y, z);
        double ownUp = card.up(x, y, z);
        left = Double.POSITIVE_INFINITY;
        right = Double.NEGATIVE_INFINITY;
        low = Double.POSITIVE_INFINITY;
        high = Double.NEGATIVE_INFINITY;
        for (double[] corner : CORNERS) {
            double cx = light.place(corner[0], corner[1], 0);
            double cy = light.place(corner[0], corner[1], 1);
            double cz = light.place(corner[0], corner[1], 2);
            double other = card.off(cx, cy, cz);
            if (!(own * other < 0)) {
                return false;
            }
            double share = own / (own - other);
            double a = ownAcross + share * (card.across(cx, cy, cz) - ownAcross);
            double b = ownUp + share * (card.up(cx, cy, cz) - ownUp);
            left = Math.min(left, a);
            right = Math.max(right, a);
            low = Math.min(low, b);
            high = Math.max(high, b);
        }
        return true;
    }

    /** Whether any hole was found. */
    boolean any() {
        return opens > 0;
    }

    /** Whether the card hides all of the face but for its holes. */
    boolean cover() {
        return cover;
    }

    /** Sets a ray from a surface through a place in one of the holes found, evenly over their area. */
    boolean pick(double s, double t, Place at, Ray ray) {
        // holes of one card are of one size: the first number picks the hole, and what is left of it the place
        double choice = s * opens;
        int which = Math.min(opens - 1, (int) choice);
        int hole = open[which];
        double out = radius * Math.sqrt(choice - which);
        double a = middles[2 * hole] + out * Turn.cosine(t);
        double b = middles[2 * hole + 1] + out * Turn.sine(t);
        double dx = card.place(a, b, 0) - at.x;
        double dy = card.place(a, b, 1) - at.y;
        double dz = card.place(a, b, 2) - at.z;
        double squared = dx * dx + dy * dy + dz * dz;
        away = Math.sqrt(squared);
        double cosine = Math.abs(card.off(at.x, at.y, at.z)) / away;
        likely = squared / (cosine * openArea);
        ray.set(at.x, at.y, at.z, dx / away, dy / away, dz / away);
        return cosine > 0;
    }

    /** Whether a ray passes the card's outline on its way. */
    boolean crosses(Ray ray, double length) {
        double from = card.off(ray.ox, ray.oy, ray.oz);
        double to = card.off(ray.ox + length * ray.dx, ray.oy + length * ray.dy, ray.oz + length * ray.dz);
        if (!(from * to < 0)) {
            return false;
        }
        double t = length * from / (from - to);
        double x = ray.ox + t * ray.dx;
        double y = ray.oy + t * ray.dy;
        double z = ray.oz + t * ray.dz;
        return Math.abs(card.across(x, y, z)) <= card.halfWidth() && Math.abs(card.up(x, y, z)) <= card.halfHeight();
    }
}
