package zephyrdune.render.trace;

import java.util.Arrays;
import zephyrdune.render.body.PanelBody;
import zephyrdune.render.body.Ray;
import zephyrdune.set.card.Piece;
import zephyrdune.units.sampling.Turn;

/**
 * The openings of a card as surfaces look through them at a face. Where the face looks wider than the holes, rays that are aimed at
 * the face seldom get through; then places in those holes are picked that the face may be seen through. Works in place; used by
 * one thread.
 */
final class OpeningSampler {

    private static final double[][] CORNERS = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}};

    private final PanelBody card;

    private final Piece[] pieces;
    private final double[] areas;
    private final int[] open;
    private int opens;

    /** Sums of the open pieces' areas up to each of them. */
    private final double[] sums;

    private double openArea;
    private final double[] picked = new double[2];
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

    OpeningSampler(PanelBody card) {
        this.card = card;
        pieces = card.pattern().toArray(Piece[]::new);
        areas = Arrays.stream(pieces).mapToDouble(Piece::area).toArray();
        open = new int[pieces.length];
        sums = new double[pieces.length];
    }

    /** Finds the holes through which a face may be seen; returns whether looking through them is better than at the face. */
    boolean seek(double x, double y, double z, AreaLight light) {
        if (!outline(x, y, z, light)) {
            return false;
        }
        cover = left >= -card.halfWidth()
                && right <= card.halfWidth()
                && low >= -card.halfHeight()
                && high <= card.halfHeight();
        opens = 0;
        openArea = 0;
        for (int i = 0; i < pieces.length; i++) {
            double a = pieces[i].across();
            double b = pieces[i].up();
            double radius = pieces[i].radius();
            if (a > left - radius && a < right + radius && b > low - radius && b < high + radius) {
                openArea += areas[i];
                sums[opens] = openArea;
                open[opens++] = i;
            }
        }
        return openArea < (right - left) * (high - low);
    }

    /** Throws the face on the card's plane; false when the card does not stand between, or only in part. */
    private boolean outline(double x, double y, double z, AreaLight light) {
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
    boolean pick(double s, double t, PathVertex at, Ray ray) {
        // the first number picks the opening by its area, and what is left of it the place
        double choice = s * openArea;
        int found = Arrays.binarySearch(sums, 0, opens, choice);
        int which = Math.min(opens - 1, found >= 0 ? found + 1 : -found - 1);
        double before = which == 0 ? 0 : sums[which - 1];
        Piece piece = pieces[open[which]];
        pickIn(piece, Math.max(0, Math.min(1, (choice - before) / areas[open[which]])), t);
        double a = picked[0];
        double b = picked[1];
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

    /** A place in a piece, evenly over its area. */
    private void pickIn(Piece piece, double s, double t) {
        if (piece.round()) {
            double out = piece.radius() * Math.sqrt(s);
            picked[0] = piece.across() + out * Turn.cosine(t);
            picked[1] = piece.up() + out * Turn.sine(t);
            return;
        }
        double[] c = piece.corners();
        double left = s * piece.area();
        for (int i = 2; i + 2 < c.length; i += 2) {
            double area = ((c[i] - c[0]) * (c[i + 3] - c[1]) - (c[i + 1] - c[1]) * (c[i + 2] - c[0])) / 2;
            if (left <= area || i + 4 >= c.length) {
                // towards the far side of the triangle by the root of the share, then along that side
                double out = Math.sqrt(Math.max(0, Math.min(1, left / area)));
                picked[0] = c[0] + out * (c[i] - c[0] + t * (c[i + 2] - c[i]));
                picked[1] = c[1] + out * (c[i + 1] - c[1] + t * (c[i + 3] - c[i + 1]));
                return;
            }
            left -= area;
        }
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
