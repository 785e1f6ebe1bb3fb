package zephyrdune.set.card;

import java.util.List;
import zephyrdune.units.geometry.ConvexPolygon;

/** A convex piece of a pattern in the plane of its card: a disc, or a polygon with its corners counter-clockwise. Metres. */
public final class Piece {

    private static final int ROUND_SIDES = 16;

    /** By which a polygon's radius has to be larger than a disc's of the same area. */
    private static final double EQUAL_AREA = Math.sqrt(2 * Math.PI / ROUND_SIDES / Math.sin(2 * Math.PI / ROUND_SIDES));

    private final double across;
    private final double up;
    private final double radius;
    private final boolean round;
    private final double[] corners;

    private Piece(double across, double up, double radius, boolean round, double[] corners) {
        this.across = across;
        this.up = up;
        this.radius = radius;
        this.round = round;
        this.corners = corners;
    }

    static Piece disc(double across, double up, double radius) {
        double[] corners = new double[2 * ROUND_SIDES];
        for (int i = 0; i < ROUND_SIDES; i++) {
            double turn = 2 * Math.PI * i / ROUND_SIDES;
            corners[2 * i] = across + EQUAL_AREA * radius * Math.cos(turn);
            corners[2 * i + 1] = up + EQUAL_AREA * radius * Math.sin(turn);
        }
        return new Piece(across, up, radius, true, corners);
    }

    /** @param corners across and up in turn, of a convex polygon that winds counter-clockwise */
    static Piece polygon(double... corners) {
        double across = 0;
        double up = 0;
        for (int i = 0; i < corners.length; i += 2) {
            across += 2 * corners[i] / corners.length;
            up += 2 * corners[i + 1] / corners.length;
        }
        double radius = 0;
        for (int i = 0; i < corners.length; i += 2) {
            radius = Math.max(radius, Math.hypot(corners[i] - across, corners[i + 1] - up));
        }
        return new Piece(across, up, radius, false, corners);
    }

    static Piece rectangle(double left, double low, double right, double high) {
        return polygon(left, low, right, low, right, high, left, high);
    }

    /** Of a disc its centre, of a polygon a place in it. */
    public double across() {
        return across;
    }

    public double up() {
        return up;
    }

    /** Of a disc, or of one about {@link #across} and {@link #up} that holds the polygon. */
    public double radius() {
        return radius;
    }

    public boolean round() {
        return round;
    }

    /** Across and up in turn; those of a disc are a polygon's of the same area. */
    public double[] corners() {
        return corners;
    }

    public double area() {
        if (round) {
            return Math.PI * radius * radius;
        }
        return ConvexPolygon.twiceArea(corners) / 2;
    }

    public boolean holds(double a, double b) {
        double fromAcross = a - across;
        double fromUp = b - up;
        if (fromAcross * fromAcross + fromUp * fromUp > radius * radius) {
            return false;
        }
        return round || ConvexPolygon.holds(corners, 1, a, b);
    }

    /** The same piece turned counter-clockwise about the pattern's middle, then shifted. */
    Piece placed(double turn, double right, double upwards) {
        double cosine = Math.cos(turn);
        double sine = Math.sin(turn);
        if (round) {
            return disc(cosine * across - sine * up + right, sine * across + cosine * up + upwards, radius);
        }
        double[] moved = new double[corners.length];
        for (int i = 0; i < corners.length; i += 2) {
            moved[i] = cosine * corners[i] - sine * corners[i + 1] + right;
            moved[i + 1] = sine * corners[i] + cosine * corners[i + 1] + upwards;
        }
        return polygon(moved);
    }

    /** What of it lies in a rectangle about the card's middle: nothing, or one piece. A disc is kept whole or not at all. */
    List<Piece> within(double halfWidth, double halfHeight) {
        if (Math.abs(across) + radius <= halfWidth && Math.abs(up) + radius <= halfHeight) {
            return List.of(this);
        }
        if (round) {
            return List.of();
        }
        double[] kept = ConvexPolygon.kept(corners, halfWidth, 1, 0);
        kept = ConvexPolygon.kept(kept, halfWidth, -1, 0);
        kept = ConvexPolygon.kept(kept, halfHeight, 0, 1);
        kept = ConvexPolygon.kept(kept, halfHeight, 0, -1);
        return kept.length == 0 ? List.of() : List.of(polygon(kept));
    }
}
