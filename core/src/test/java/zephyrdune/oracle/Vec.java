package zephyrdune.oracle;

import java.util.Random;

/** Arithmetic of three numbers. */
final class Vec {

    private Vec() {}

    static double dot(double[] a, double[] b) {
        return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }

    static double length(double[] a) {
        return Math.sqrt(dot(a, a));
    }

    static double[] plus(double[] a, double[] b, double times) {
        return new double[] {a[0] + times * b[0], a[1] + times * b[1], a[2] + times * b[2]};
    }

    static double[] less(double[] a, double[] b) {
        return plus(a, b, -1);
    }

    static double[] times(double[] a, double by) {
        return new double[] {a[0] * by, a[1] * by, a[2] * by};
    }

    static double[] unit(double[] a) {
        return times(a, 1 / length(a));
    }

    static double[] cross(double[] a, double[] b) {
        return new double[] {a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]};
    }

    /** A way off a surface, as light goes that is sent evenly: as often as the cosine is great. */
    static double[] evenly(double[] normal, Random random) {
        double out = Math.sqrt(random.nextDouble());
        double turn = 2 * Math.PI * random.nextDouble();
        double[] helper = Math.abs(normal[0]) < 0.7 ? new double[] {1, 0, 0} : new double[] {0, 1, 0};
        double[] first = unit(cross(normal, helper));
        double[] way = times(normal, Math.sqrt(1 - out * out));
        return plus(plus(way, first, out * Math.cos(turn)), cross(normal, first), out * Math.sin(turn));
    }
}
