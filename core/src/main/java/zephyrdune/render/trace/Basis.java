package zephyrdune.render.trace;

import zephyrdune.render.body.Ray;
import zephyrdune.units.sampling.Turn;

/** Two directions square to a normal and to each other, and rays set by them. Works in place; used by one thread. */
final class Basis {

    private double nx;
    private double ny;
    private double nz;
    private double ax;
    private double ay;
    private double az;
    private double bx;
    private double by;
    private double bz;

    /** T. Duff and others, Building an orthonormal basis, revisited, J. Comput. Graph. Tech. 6(1), 2017. */
    void round(double normalX, double normalY, double normalZ) {
        nx = normalX;
        ny = normalY;
        nz = normalZ;
        double sign = Math.copySign(1, nz);
        double k = -1 / (sign + nz);
        double m = nx * ny * k;
        ax = 1 + sign * nx * nx * k;
        ay = sign * m;
        az = -sign * nx;
        bx = m;
        by = sign + ny * ny * k;
        bz = -ny;
    }

    /** Part of a direction along the first axis. */
    double first(double x, double y, double z) {
        return x * ax + y * ay + z * az;
    }

    double second(double x, double y, double z) {
        return x * bx + y * by + z * bz;
    }

    /** Turns a direction given along the first axis, the second and the normal into the scene's frame. */
    void outOf(double[] way) {
        double p = way[0];
        double q = way[1];
        double up = way[2];
        way[0] = p * ax + q * bx + up * nx;
        way[1] = p * ay + q * by + up * ny;
        way[2] = p * az + q * bz + up * nz;
    }

    /** Sets a ray off a surface by two numbers, as likely as the cosine with its normal, which is returned. */
    double scatter(PathVertex at, double s, double t, Ray ray) {
        round(at.nx, at.ny, at.nz);
        double radius = Math.sqrt(s);
        double p = radius * Turn.cosine(t);
        double q = radius * Turn.sine(t);
        double up = Math.sqrt(Math.max(0, 1 - s));
        ray.set(at.x, at.y, at.z, p * ax + q * bx + up * nx, p * ay + q * by + up * ny, p * az + q * bz + up * nz);
        return up;
    }
}
