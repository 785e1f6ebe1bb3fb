package zephyrdune.light.illuminance;

/**
 * Closed-form configuration factors from J. R. Howell, A Catalog of Radiation Heat Transfer Configuration Factors, written
 * apart from the contour formula, as something to hold it
 * against; the catalogue numbers are from memory, and each form is checked against numerical integration in the tests.
 */
final class HowellFactors {

    private HowellFactors() {}

    /** B-3: element parallel to a rectangle a by b at distance c, the element's normal passing through a corner. */
    static double parallelCorner(double a, double b, double c) {
        double x = a / c;
        double y = b / c;
        double rx = Math.sqrt(1 + x * x);
        double ry = Math.sqrt(1 + y * y);
        return (x / rx * Math.atan(y / rx) + y / ry * Math.atan(x / ry)) / (2 * Math.PI);
    }

    /**
     * B-4: element square to a rectangle. The rectangle is b along the common direction and a away from the element's
     * plane; the element lies at distance c in front of the rectangle's corner, facing along a.
     */
    static double squareCorner(double a, double b, double c) {
        double y = b / c;
        double far = Math.hypot(c, a);
        return (Math.atan(y) - c / far * Math.atan(b / far)) / (2 * Math.PI);
    }

    /** B-12: element parallel to a disc of radius r at distance h on its axis. */
    static double coaxialDisc(double r, double h) {
        return r * r / (r * r + h * h);
    }

    /** B-13: element parallel to a disc of radius r at height h, off its axis by a. */
    static double parallelDisc(double r, double h, double a) {
        double high = h / a;
        double wide = r / a;
        double z = 1 + high * high + wide * wide;
        return 0.5 * (1 - (1 + high * high - wide * wide) / Math.sqrt(z * z - 4 * wide * wide));
    }

    /** B-14: element square to a disc of radius r at height h, facing its axis from a away, a more than r. */
    static double squareDisc(double r, double h, double a) {
        double high = h / a;
        double wide = r / a;
        double z = 1 + high * high + wide * wide;
        return high / 2 * (z / Math.sqrt(z * z - 4 * wide * wide) - 1);
    }
}
