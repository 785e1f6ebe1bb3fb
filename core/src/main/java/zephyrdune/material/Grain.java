package zephyrdune.material;

import zephyrdune.table.Relief;

/**
 * The relief of a surface at a place: how far its normal leans, and how much lighter or darker it is than on average. Made of
 * smooth noise on a lattice, its values hashed from the place (K. Perlin, An image synthesizer, SIGGRAPH 1985).
 */
public final class Grain {

    private static final double OCTAVE_SHIFT = 17.3;

    /** Rise of the relief along x, y and z, over the relief's size. */
    private final double[] rise = new double[3];

    private double mottle;
    private double nx;
    private double ny;
    private double nz;

    // what noise() leaves behind
    private double value;
    private double gx;
    private double gy;
    private double gz;

    /**
     * Looks at a place, in metres in the frame of the body.
     *
     * @param detail share of the relief that is fine enough to be seen but not too fine for the pixels, 0 to 1
     * @param normalX of the smooth surface, a unit vector
     */
    public void at(
            Relief relief,
            double detail,
            double x,
            double y,
            double z,
            double normalX,
            double normalY,
            double normalZ) {
        rise[0] = 0;
        rise[1] = 0;
        rise[2] = 0;
        mottle = 0;
        double per = 1 / relief.size();
        switch (relief.pattern()) {
            case GRAIN -> {
                add(per, per, per, x, y, z, 0.6);
                add(2.7 * per, 2.7 * per, 2.7 * per, x + OCTAVE_SHIFT, y, z, 0.4);
            }
            case WOOD -> wood(per, x, y, z);
            case WEAVE -> weave(per, x, y, z);
            case CRUMB -> {
                add(per, per, per, x, y, z, 0.5);
                double pore = value;
                add(3.1 * per, 3.1 * per, 3.1 * per, x + OCTAVE_SHIFT, y, z, 0.5);
                mottle -= pore > 0.25 ? 1.5 * (pore - 0.25) : 0;
            }
            case RIBBED -> add(0.1 * per, 0.1 * per, 6 * per, x, y, z, 1);
            case FLECKS -> flecks(per, x, y, z);
            default -> {}
        }
        // lean against the rise, but not along the normal itself
        double along = rise[0] * normalX + rise[1] * normalY + rise[2] * normalZ;
        double px = normalX - detail * relief.slope() * (rise[0] - along * normalX);
        double py = normalY - detail * relief.slope() * (rise[1] - along * normalY);
        double pz = normalZ - detail * relief.slope() * (rise[2] - along * normalZ);
        double length = Math.sqrt(px * px + py * py + pz * pz);
        nx = px / length;
        ny = py / length;
        nz = pz / length;
    }

    /** The leaning normal, a unit vector. */
    public double nx() {
        return nx;
    }

    public double ny() {
        return ny;
    }

    public double nz() {
        return nz;
    }

    /** Light of the place over the mean: 1 and a share of the relief's mottle. */
    public double tone(Relief relief, double detail) {
        return Math.max(0, 1 + detail * relief.mottle() * Math.max(-3, Math.min(1.5, mottle)));
    }

    private void add(double px, double py, double pz, double x, double y, double z, double weight) {
        noise(px * x, py * y, pz * z);
        double finest = Math.max(px, Math.max(py, pz));
        rise[0] += weight * gx * px / finest;
        rise[1] += weight * gy * py / finest;
        rise[2] += weight * gz * pz / finest;
        mottle += 1.6 * weight * value;
    }

    /** Planks along x, each of its own tone, with rings drawn out along it. */
    private void wood(double per, double x, double y, double z) {
        double plank = 9 / per;
        double across = y / plank;
        double number = Math.floor(across);
        double own = hash((int) number, 7, 11);
        add(0.05 * per, 0.9 * per, 0.9 * per, x + 3 * own, y, z, 0.7);
        add(0.15 * per, 4 * per, 4 * per, x + OCTAVE_SHIFT, y, z, 0.4);
        mottle += 0.7 * own;
        double edge = Math.min(across - number, number + 1 - across) * plank;
        double joint = 0.0012;
        if (edge < joint) {
            mottle -= 2.5 * (1 - edge / joint);
            rise[1] += (across - number < 0.5 ? -6 : 6) * (edge / joint);
        }
    }

    private void weave(double per, double x, double y, double z) {
        double u = 2 * Math.PI * per * x;
        double v = 2 * Math.PI * per * (y + z);
        boolean over = Math.sin(u / 2) * Math.sin(v / 2) > 0;
        rise[0] += over ? 0.3 * Math.sin(u) : Math.sin(u);
        rise[1] += over ? Math.sin(v) : 0.3 * Math.sin(v);
        noise(0.06 * per * x, 0.06 * per * y, 0.06 * per * z);
        mottle += 0.4 * value + 0.25 * Math.cos(u) * Math.cos(v);
        // soft waves of the cloth itself
        noise(x / 0.07, y / 0.05, z / 0.07);
        rise[0] += 0.12 * gx;
        rise[1] += 0.12 * gy;
    }

    /** Dots of herb and spice here and there, one at most in a cell of the relief's size. */
    private void flecks(double per, double x, double y, double z) {
        add(0.4 * per, 0.4 * per, 0.4 * per, x, y, z, 0.8);
        mottle *= 0.5;
        double u = x * per;
        double v = y * per + z * per;
        int cellX = (int) Math.floor(u);
        int cellY = (int) Math.floor(v);
        for (int i = cellX - 1; i <= cellX + 1; i++) {
            for (int j = cellY - 1; j <= cellY + 1; j++) {
                double kind = hash(i, j, 3);
                double du = u - (i + 0.5 + 0.4 * hash(i, j, 1));
                double dv = v - (j + 0.5 + 0.4 * hash(i, j, 2));
                double radius = 0.10 + 0.08 * hash(i, j, 4);
                double away = Math.sqrt(du * du + dv * dv) / radius;
                if (away < 1) {
                    mottle += (kind > 0 ? -4 : 1.2) * Math.min(1, 3 * (1 - away));
                }
            }
        }
    }

    /** Value noise from -1 to 1 with its gradient, quintic between lattice points. */
    private void noise(double x, double y, double z) {
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
    private static double hash(int x, int y, int z) {
        int h = x * 0x8da6b343 ^ y * 0xd8163841 ^ z * 0xcb1ab31f;
        h ^= h >>> 15;
        h *= 0x2c1b3c6d;
        h ^= h >>> 12;
        h *= 0x297a2d39;
        h ^= h >>> 15;
        return h * 0x1p-31;
    }
}
