package zephyrdune.render.material;

/** Smooth noise on a lattice, its values hashed from the place (K. Perlin, An image synthesizer, SIGGRAPH 1985). Used over and over. */
final class ValueNoise {

    // what at() leaves behind
    double value;
    double gx;
    double gy;
    double gz;

    /** Sets value, from -1 to 1, and gradient at a place: quintic between lattice points. */
    void at(double x, double y, double z) {
        double fx = Math.floor(x);
        double fy = Math.floor(y);
        double fz = Math.floor(z);
        int ix = (int) fx;
        int iy = (int) fy;
        int iz = (int) fz;
        double u = x - fx;
        double v = y - fy;
        double w = z - fz;
        double su = u * u * u * (u * (6 * u - 15) + 10);
        double sv = v * v * v * (v * (6 * v - 15) + 10);
        double sw = w * w * w * (w * (6 * w - 15) + 10);
        double du = 30 * u * u * (u - 1) * (u - 1);
        double dv = 30 * v * v * (v - 1) * (v - 1);
        double dw = 30 * w * w * (w - 1) * (w - 1);
        double a = hash(ix, iy, iz);
        double b = hash(ix + 1, iy, iz);
        double c = hash(ix, iy + 1, iz);
        double d = hash(ix + 1, iy + 1, iz);
        double e = hash(ix, iy, iz + 1);
        double f = hash(ix + 1, iy, iz + 1);
        double g = hash(ix, iy + 1, iz + 1);
        double h = hash(ix + 1, iy + 1, iz + 1);
        double k1 = b - a;
        double k2 = c - a;
        double k3 = e - a;
        double k4 = a - b - c + d;
        double k5 = a - c - e + g;
        double k6 = a - b - e + f;
        double k7 = -a + b + c - d + e - f - g + h;
        value = a + k1 * su + k2 * sv + k3 * sw + k4 * su * sv + k5 * sv * sw + k6 * sw * su + k7 * su * sv * sw;
        gx = du * (k1 + k4 * sv + k6 * sw + k7 * sv * sw);
        gy = dv * (k2 + k5 * sw + k4 * su + k7 * sw * su);
        gz = dw * (k3 + k6 * su + k5 * sv + k7 * su * sv);
    }

    /** A number from -1 to 1 that belongs to a lattice point. */
    static double hash(int x, int y, int z) {
        int h = x * 0x8da6b343 ^ y * 0xd8163841 ^ z * 0xcb1ab31f;
        h ^= h >>> 15;
        h *= 0x2c1b3c6d;
        h ^= h >>> 12;
        h *= 0x297a2d39;
        h ^= h >>> 15;
        return h * 0x1p-31;
    }
}
