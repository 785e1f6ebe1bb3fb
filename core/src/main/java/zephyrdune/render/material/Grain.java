package zephyrdune.render.material;

import zephyrdune.set.surface.Relief;

/**
 * The relief of a surface at a place: how far its normal leans, and how much lighter or darker it is than on average. Made of
 * smooth noise on a lattice, its values hashed from the place (K. Perlin, An image synthesizer, SIGGRAPH 1985).
 */
public final class Grain {

    private static final double OCTAVE_SHIFT = 17.3;

    /** Pixels that the size of a relief takes at least where it shows in full. */
    private static final double PIXELS = 2;

    /** From one crease of a folded cloth to the next, and how far it rises beside one, metres. */
    private static final double FOLD = 0.2;

    private static final double CREASE = 0.004;

    /** Slope at the rim of a hole, and how dark it is in the depth. */
    private static final double PORE = 1.4;

    private static final double PORE_SHADE = -2.2;

    /** Rise of the relief along x, y and z, over the relief's size. */
    private final double[] rise = new double[3];

    private double mottle;
    private double detail;
    private double nx;
    private double ny;
    private double nz;

    private final ValueNoise noise = new ValueNoise();

    /**
     * Looks at a place, in metres in the frame of the body.
     *
     * @param pixels how many of the picture's pixels the relief's size takes; what is too fine for them is left out
     * @param normalX of the smooth surface, a unit vector
     */
    public void at(
            Relief relief,
            double pixels,
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
        detail = Math.min(1, pixels / PIXELS);
        double fine = Math.max(0, Math.min(1, pixels / PIXELS - 1));
        double per = 1 / relief.size();
        switch (relief.pattern()) {
            case GRAIN -> {
                add(per, per, per, x, y, z, 0.6);
                add(2.7 * per, 2.7 * per, 2.7 * per, x + OCTAVE_SHIFT, y, z, 0.4);
            }
            case WOOD -> wood(per, x, y, z);
            case WEAVE -> weave(per, fine, x, y, z);
            case CRUMB -> {
                add(0.7 * per, 0.7 * per, 0.7 * per, x, y, z, 0.2);
                add(3.1 * per, 3.1 * per, 3.1 * per, x + OCTAVE_SHIFT, y, z, 0.2);
                balls(per, x, y, z, 0, PORE, PORE_SHADE);
                balls(2.6 * per, x, y, z, 1, PORE, PORE_SHADE);
            }
            case RIBBED -> add(0.1 * per, 0.1 * per, 6 * per, x, y, z, 1);
            case FLECKS -> flecks(per, x, y, z);
            case CHUNKS -> chunks(per, x, y, z);
            case CRUST -> crust(per, x, y, z, normalZ);
            case DROPS -> {
                balls(per, x, y, z, 0, -drop(pixels), 0);
                balls(2.3 * per, x, y, z, 1, -drop(pixels / 2.3), 0);
            }
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
    public double tone(Relief relief) {
        return Math.max(0, 1 + detail * relief.mottle() * Math.max(-3, Math.min(1.5, mottle)));
    }

    private void add(double px, double py, double pz, double x, double y, double z, double weight) {
        noise.at(px * x, py * y, pz * z);
        double finest = Math.max(px, Math.max(py, pz));
        rise[0] += weight * noise.gx * px / finest;
        rise[1] += weight * noise.gy * py / finest;
        rise[2] += weight * noise.gz * pz / finest;
        mottle += 1.6 * weight * noise.value;
    }

    /** How much of a drop that takes so many pixels is seen: what bends light within two of them is noise, and no drop. */
    private static double drop(double pixels) {
        return Math.max(0, Math.min(1, (pixels / PIXELS - 1) / 2));
    }

    /** Planks along x, each of its own tone, sawn through wavering year rings, with fibres drawn out along it. */
    private void wood(double per, double x, double y, double z) {
        double plank = 9 / per;
        double across = y / plank;
        double number = Math.floor(across);
        double own = ValueNoise.hash((int) number, 7, 11);
        add(0.06 * per, 4 * per, 4 * per, x + OCTAVE_SHIFT + 3 * own, y, z, 0.45);
        noise.at(0.05 * per * x + 9 * own, 0.5 * per * y, 0.5 * per * z);
        double rings = 1.1 * per * (y + z) + 2.2 * noise.value + 5 * own;
        double ring = rings - Math.floor(rings);
        // pale early wood darkens slowly into the late wood, which ends at once
        mottle += 0.9 * (0.4 - ring * ring * ring * (1 - smooth(0.88, 1, ring)) * 1.6);
        mottle += 0.7 * own;
        double edge = Math.min(across - number, number + 1 - across) * plank;
        double joint = 0.0012;
        if (edge < joint) {
            mottle -= 2.5 * (1 - edge / joint);
            rise[1] += (across - number < 0.5 ? -6 : 6) * (edge / joint);
        }
    }

    /** Uneven threads along x and y; where they are too fine for the pixels, the thick ones among them and the cloth's waves. */
    private void weave(double per, double fine, double x, double y, double z) {
        double u = 2 * Math.PI * per * x;
        double v = 2 * Math.PI * per * (y + z);
        boolean over = Math.sin(u / 2) * Math.sin(v / 2) > 0;
        rise[0] += fine * (over ? 0.3 * Math.sin(u) : Math.sin(u));
        rise[1] += fine * (over ? Math.sin(v) : 0.3 * Math.sin(v));
        mottle += fine * 0.3 * Math.cos(u) * Math.cos(v);
        add(0.06 * per, 0.55 * per, 0.55 * per, x, y + z, 0, 0.45);
        add(0.55 * per, 0.06 * per, 0.06 * per, x + OCTAVE_SHIFT, y + z, 0, 0.45);
        // soft waves of the cloth itself
        noise.at(x / 0.07, y / 0.05, z / 0.07);
        rise[0] += 0.12 * noise.gx + crease(x);
        rise[1] += 0.12 * noise.gy + crease(y);
    }

    /** Rise beside the creases of a cloth that was folded and pressed: ridges and valleys in turn. */
    private static double crease(double along) {
        double line = Math.rint(along / FOLD);
        double off = along - line * FOLD;
        double ridge = line % 2 == 0 ? 1 : -1;
        return -ridge * Math.signum(off) * Math.exp(-Math.abs(off) / CREASE);
    }

    /** Herb and spice strewn unevenly: bits of all sizes, long and round, some places with many and some with none. */
    private void flecks(double per, double x, double y, double z) {
        add(0.25 * per, 0.25 * per, 0.25 * per, x, y, z, 0.8);
        double crowd = noise.value;
        mottle *= 0.2;
        strew(per, x, y + z, 0, crowd);
        strew(2.3 * per, x, y + z, 1, crowd);
    }

    private void strew(double per, double x, double y, int family, double crowd) {
        double u = x * per;
        double v = y * per;
        int cellX = (int) Math.floor(u);
        int cellY = (int) Math.floor(v);
        for (int i = cellX - 1; i <= cellX + 1; i++) {
            for (int j = cellY - 1; j <= cellY + 1; j++) {
                if (ValueNoise.hash(i, j, 5 + 16 * family) > 0.9 * crowd - 0.1) {
                    continue;
                }
                double du = u - (i + 0.5 + 0.5 * ValueNoise.hash(i, j, 1 + 16 * family));
                double dv = v - (j + 0.5 + 0.5 * ValueNoise.hash(i, j, 2 + 16 * family));
                double size = 0.5 + 0.5 * ValueNoise.hash(i, j, 4 + 16 * family);
                double radius = 0.05 + 0.2 * size * size * size;
                double turn = Math.PI * ValueNoise.hash(i, j, 6 + 16 * family);
                double longer = 1.6 + 0.6 * ValueNoise.hash(i, j, 7 + 16 * family);
                double along = (du * Math.cos(turn) + dv * Math.sin(turn)) / longer;
                double aside = dv * Math.cos(turn) - du * Math.sin(turn);
                double away = Math.sqrt(along * along + aside * aside) / radius;
                if (away < 1) {
                    mottle += (ValueNoise.hash(i, j, 3 + 16 * family) > -0.3 ? -3 : 1.2) * Math.min(1, 3 * (1 - away));
                }
            }
        }
    }

    /** Pieces under a film of sauce, pale and dark ones, with level sauce and ground spice between. */
    private void chunks(double per, double x, double y, double z) {
        add(0.6 * per, 0.6 * per, 0.6 * per, x, y, z, 0.25);
        double crowd = noise.value;
        mottle = 0;
        double u = x * per;
        double v = (y + z) * per;
        int cellX = (int) Math.floor(u);
        int cellY = (int) Math.floor(v);
        double highest = 0;
        double riseX = 0;
        double riseY = 0;
        double tone = 0;
        for (int i = cellX - 1; i <= cellX + 1; i++) {
            for (int j = cellY - 1; j <= cellY + 1; j++) {
                double size = ValueNoise.hash(i, j, 3);
                if (size < -0.4) {
                    continue;
                }
                double du = u - (i + 0.5 + 0.4 * ValueNoise.hash(i, j, 1));
                double dv = v - (j + 0.5 + 0.4 * ValueNoise.hash(i, j, 2));
                double turn = Math.PI * ValueNoise.hash(i, j, 4);
                double longer = 1.25 + 0.35 * ValueNoise.hash(i, j, 5);
                double radius = 0.42 + 0.16 * size;
                double along = (du * Math.cos(turn) + dv * Math.sin(turn)) / longer / radius;
                double aside = (dv * Math.cos(turn) - du * Math.sin(turn)) / radius;
                double under = 1 - along * along - aside * aside;
                double height = radius * under * under;
                if (under > 0 && height > highest) {
                    highest = height;
                    double steep = -4 * under;
                    riseX = steep * (along / longer * Math.cos(turn) - aside * Math.sin(turn));
                    riseY = steep * (along / longer * Math.sin(turn) + aside * Math.cos(turn));
                    tone = smooth(0, 0.5, under) * (ValueNoise.hash(i, j, 6) > -0.2 ? 0.9 : -1.1);
                }
            }
        }
        rise[0] += 0.4 * riseX;
        rise[1] += 0.4 * riseY;
        mottle += tone;
        strew(2.4 * per, x, y + z, 2, crowd);
    }

    /**
     * Balls of all sizes in a body, cut by its surface: holes, lit on the far wall and dark in the depth, or drops.
     *
     * @param steep slope at the rim, positive for holes
     * @param shade how much lighter the middle is
     */
    private void balls(double per, double x, double y, double z, int family, double steep, double shade) {
        double u = x * per;
        double v = y * per;
        double w = z * per;
        int cellX = (int) Math.floor(u);
        int cellY = (int) Math.floor(v);
        int cellZ = (int) Math.floor(w);
        for (int i = cellX - 1; i <= cellX + 1; i++) {
            for (int j = cellY - 1; j <= cellY + 1; j++) {
                for (int k = cellZ - 1; k <= cellZ + 1; k++) {
                    int own = 31 * k + 8 * family;
                    double size = ValueNoise.hash(i, j, own);
                    if (size < -0.3) {
                        continue;
                    }
                    double du = u - (i + 0.5 + 0.45 * ValueNoise.hash(i, j, own + 1));
                    double dv = v - (j + 0.5 + 0.45 * ValueNoise.hash(i, j, own + 2));
                    double dw = w - (k + 0.5 + 0.45 * ValueNoise.hash(i, j, own + 3));
                    double radius = 0.28 + 0.22 * size;
                    double squared = (du * du + dv * dv + dw * dw) / (radius * radius);
                    if (squared < 1) {
                        rise[0] += steep * du / radius;
                        rise[1] += steep * dv / radius;
                        rise[2] += steep * dw / radius;
                        mottle += shade * (1 - squared);
                    }
                }
            }
        }
    }

    /** Baked crust: blotched, blistered, darkest on top, where slanting cuts have opened and stayed pale. */
    private void crust(double per, double x, double y, double z, double normalZ) {
        add(12 * per, 12 * per, 12 * per, x, y, z, 0.2);
        add(1.7 * per, 1.7 * per, 1.7 * per, x + OCTAVE_SHIFT, y, z, 0.3);
        double top = smooth(0.25, 0.8, normalZ);
        mottle -= 0.5 * top - 0.2;
        noise.at(1.5 * per * x, 1.5 * per * y, 1.5 * per * z);
        double row = per * (0.85 * x + 0.53 * y) + 0.12 * noise.value;
        double off = row - Math.floor(row) - 0.5;
        double open = smooth(0.2, 0.11, Math.abs(off)) * smooth(0.5, 0.8, normalZ);
        mottle += 1.9 * open;
        double lip = (1 - Math.abs(2 * open - 1)) * Math.signum(off);
        rise[0] += 0.85 * lip;
        rise[1] += 0.53 * lip;
    }

    /** From 0 at one number to 1 at another, level at both. */
    private static double smooth(double from, double to, double at) {
        double share = Math.max(0, Math.min(1, (at - from) / (to - from)));
        return share * share * (3 - 2 * share);
    }
}
