package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import zephyrdune.render.material.Material;

/** A rectangular block along x, y and z. */
final class Box implements Solid {

    private final double cx;
    private final double cy;
    private final double cz;
    private final double halfX;
    private final double halfY;
    private final double halfZ;
    private final Material material;

    /** A block by its middle and half its sides, metres. */
    Box(double cx, double cy, double cz, double halfX, double halfY, double halfZ, Material material) {
        this.cx = cx;
        this.cy = cy;
        this.cz = cz;
        this.halfX = halfX;
        this.halfY = halfY;
        this.halfZ = halfZ;
        this.material = material;
    }

    /** A block standing on the table round the z axis, by its sides. */
    static Box standing(double width, double depth, double height, Material material) {
        return new Box(0, 0, height / 2, width / 2, depth / 2, height / 2, material);
    }

    @Override
    public Ball ball() {
        return new Ball(cx, cy, cz, Math.sqrt(halfX * halfX + halfY * halfY + halfZ * halfZ));
    }

    @Override
    public Bounds bounds() {
        return new Bounds(cx - halfX, cy - halfY, cz - halfZ, cx + halfX, cy + halfY, cz + halfZ);
    }

    @Override
    public List<Facets> facets(double scale) {
        List<Facets> sides = new ArrayList<>();
        double[] middle = {cx, cy, cz};
        double[] half = {halfX, halfY, halfZ};
        for (int axis = 0; axis < 3; axis++) {
            int out = axis;
            int right = (axis + 1) % 3;
            int up = (axis + 2) % 3;
            for (int side : new int[] {-1, 1}) {
                sides.add(Facets.of(1, 1, material, (u, v, place, normal) -> {
                    place[out] = middle[out] + side * half[out];
                    place[right] = middle[right] + side * (2 * u - 1) * half[right];
                    place[up] = middle[up] + (2 * v - 1) * half[up];
                    normal[out] = side;
                }));
            }
        }
        return sides;
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = distance(ray, hit.distance);
        if (t < hit.distance) {
            double x = (ray.ox + t * ray.dx - cx) / halfX;
            double y = (ray.oy + t * ray.dy - cy) / halfY;
            double z = (ray.oz + t * ray.dz - cz) / halfZ;
            double most = Math.max(Math.abs(x), Math.max(Math.abs(y), Math.abs(z)));
            double nx = Math.abs(x) == most ? Math.signum(x) : 0;
            double ny = nx == 0 && Math.abs(y) == most ? Math.signum(y) : 0;
            double nz = nx == 0 && ny == 0 ? Math.signum(z) : 0;
            hit.take(t, nx, ny, nz, material);
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return distance(ray, farthest) < farthest;
    }

    /** Slabs: the ray is inside where it is inside along x, y and z at once. */
    private double distance(Ray ray, double farthest) {
        double x0 = (cx - halfX - ray.ox) / ray.dx;
        double x1 = (cx + halfX - ray.ox) / ray.dx;
        double y0 = (cy - halfY - ray.oy) / ray.dy;
        double y1 = (cy + halfY - ray.oy) / ray.dy;
        double z0 = (cz - halfZ - ray.oz) / ray.dz;
        double z1 = (cz + halfZ - ray.oz) / ray.dz;
        double enter = Math.max(Math.min(x0, x1), Math.max(Math.min(y0, y1), Math.min(z0, z1)));
        double leave = Math.min(Math.max(x0, x1), Math.min(Math.max(y0, y1), Math.max(z0, z1)));
        if (!(enter <= leave)) {
            return farthest;
        }
        if (enter > Ray.NEAREST) {
            return Math.min(enter, farthest);
        }
        return leave > Ray.NEAREST ? Math.min(leave, farthest) : farthest;
    }
}
