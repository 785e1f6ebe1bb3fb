package zephyrdune.units.geometry;

import java.util.Arrays;

/**
 * Convex polygons of a plane as bare arrays, across and up in turn. One that winds the other way round counts as taken away.
 *
 * <p>Cut after I. E. Sutherland and G. W. Hodgman, Reentrant polygon clipping, CACM 17, 1974.
 */
public final class ConvexPolygon {

    public static final double[] NONE = {};

    /** Twice the area of what is too small to count. */
    private static final double NOTHING = 1e-12;

    private ConvexPolygon() {}

    /** The part where e0 + e1 u + e2 v is not negative, itself where that is all of it; none where that is too small to count. */
    public static double[] kept(double[] part, double e0, double e1, double e2) {
        int inside = 0;
        int count = part.length / 2;
        for (int i = 0; i < part.length; i += 2) {
            inside += e0 + e1 * part[i] + e2 * part[i + 1] >= 0 ? 1 : 0;
        }
        if (inside == count) {
            return part;
        }
        if (inside == 0) {
            return NONE;
        }
        double[] kept = new double[2 * count + 4];
        int size = 0;
        int before = part.length - 2;
        double from = e0 + e1 * part[before] + e2 * part[before + 1];
        for (int i = 0; i < part.length; i += 2) {
            double to = e0 + e1 * part[i] + e2 * part[i + 1];
            if (from < 0 != to < 0) {
                double share = from / (from - to);
                kept[size++] = part[before] + share * (part[i] - part[before]);
                kept[size++] = part[before + 1] + share * (part[i + 1] - part[before + 1]);
            }
            if (to >= 0) {
                kept[size++] = part[i];
                kept[size++] = part[i + 1];
            }
            before = i;
            from = to;
        }
        double[] cut = Arrays.copyOf(kept, size);
        return Math.abs(twiceArea(cut)) > NOTHING ? cut : NONE;
    }

    public static double[] kept(double[] part, double[] edge) {
        return kept(part, edge[0], edge[1], edge[2]);
    }

    public static double[] beyond(double[] part, double[] edge) {
        return kept(part, -edge[0], -edge[1], -edge[2]);
    }

    /** What of a part lies in another; as the part winds. */
    public static double[] within(double[] part, double[] other) {
        return within(part, other, Math.signum(twiceArea(other)));
    }

    /** @param turn 1 for another that winds counter-clockwise, -1 for one that winds clockwise */
    public static double[] within(double[] part, double[] other, double turn) {
        double[] left = part;
        for (int i = 0, before = other.length - 2; i < other.length && left.length > 0; before = i, i += 2) {
            double along = turn * (other[i] - other[before]);
            double up = turn * (other[i + 1] - other[before + 1]);
            left = kept(left, up * other[before] - along * other[before + 1], -up, along);
        }
        return left;
    }

    /** Whether a place lies in a part, however it winds. */
    public static boolean holds(double[] part, double u, double v) {
        return holds(part, Math.signum(twiceArea(part)), u, v);
    }

    /** @param turn 1 for a part that winds counter-clockwise, -1 for one that winds clockwise */
    public static boolean holds(double[] part, double turn, double u, double v) {
        for (int i = 0, before = part.length - 2; i < part.length; before = i, i += 2) {
            double along = part[i] - part[before];
            double up = part[i + 1] - part[before + 1];
            if (turn * (along * (v - part[before + 1]) - up * (u - part[before])) < 0) {
                return false;
            }
        }
        return true;
    }

    /** Above zero for a part that winds counter-clockwise. */
    public static double twiceArea(double[] part) {
        double twice = 0;
        for (int i = 0, before = part.length - 2; i < part.length; before = i, i += 2) {
            twice += part[before] * part[i + 1] - part[i] * part[before + 1];
        }
        return twice;
    }

    public static double[] reversed(double[] part) {
        double[] reversed = new double[part.length];
        for (int i = 0; i < part.length; i += 2) {
            reversed[i] = part[part.length - 2 - i];
            reversed[i + 1] = part[part.length - 1 - i];
        }
        return reversed;
    }
}
