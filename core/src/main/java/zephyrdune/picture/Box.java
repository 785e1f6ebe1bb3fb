package zephyrdune.picture;

import zephyrdune.table.Surface;

/** An upright rectangular block along x and y, standing on the table round the z axis. */
final class Box implements Solid {

    private final double halfX;
    private final double halfY;
    private final double top;
    private final Surface surface;

    Box(double width, double depth, double height, Surface surface) {
        halfX = width / 2;
        halfY = depth / 2;
        top = height;
        this.surface = surface;
    }

    @Override
    public double boundMiddle() {
        return top / 2;
    }

    @Override
    public double boundRadius() {
        return Math.sqrt(halfX * halfX + halfY * halfY + top * top / 4);
    }

    @Override
    public void meet(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, Hit hit) {
        double t = distance(ox, oy, oz, dx, dy, dz, nearest, hit.distance);
        if (t < hit.distance) {
            double x = (ox + t * dx) / halfX;
            double y = (oy + t * dy) / halfY;
            double z = (oz + t * dz - top / 2) / (top / 2);
            double most = Math.max(Math.abs(x), Math.max(Math.abs(y), Math.abs(z)));
            double nx = Math.abs(x) == most ? Math.signum(x) : 0;
            double ny = nx == 0 && Math.abs(y) == most ? Math.signum(y) : 0;
            double nz = nx == 0 && ny == 0 ? Math.signum(z) : 0;
            hit.take(t, nx, ny, nz, dx, dy, dz, surface);
        }
    }

    @Override
    public boolean blocks(
            double ox, double oy, double oz, double dx, double dy, double dz, double nearest, double farthest) {
        return distance(ox, oy, oz, dx, dy, dz, nearest, farthest) < farthest;
    }

    /** Slabs: the ray is inside where it is inside along x, y and z at once. */
    private double distance(
            double ox, double oy, double oz, double dx, double dy, double dz, double nearest, double farthest) {
        double x0 = (-halfX - ox) / dx;
        double x1 = (halfX - ox) / dx;
        double y0 = (-halfY - oy) / dy;
        double y1 = (halfY - oy) / dy;
        double z0 = -oz / dz;
        double z1 = (top - oz) / dz;
        double enter = Math.max(Math.min(x0, x1), Math.max(Math.min(y0, y1), Math.min(z0, z1)));
        double leave = Math.min(Math.max(x0, x1), Math.min(Math.max(y0, y1), Math.max(z0, z1)));
        if (!(enter <= leave)) {
            return farthest;
        }
        if (enter > nearest) {
            return Math.min(enter, farthest);
        }
        return leave > nearest ? Math.min(leave, farthest) : farthest;
    }
}
