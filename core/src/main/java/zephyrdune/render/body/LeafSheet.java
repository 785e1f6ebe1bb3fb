package zephyrdune.render.body;

import java.util.List;
import zephyrdune.render.material.Material;

/** A thin curled sheet over the unit disc: z = bend x² + fold y². */
final class LeafSheet implements Solid {

    private final double bend;
    private final double fold;
    private final Material material;

    LeafSheet(double bend, double fold, Material material) {
        this.bend = bend;
        this.fold = fold;
        this.material = material;
    }

    @Override
    public Ball ball() {
        double high = Math.max(0, Math.max(bend, fold));
        double low = Math.min(0, Math.min(bend, fold));
        double middle = (high + low) / 2;
        double half = (high - low) / 2;
        return new Ball(0, 0, middle, Math.sqrt(1 + half * half));
    }

    @Override
    public Bounds bounds() {
        return new Bounds(-1, -1, Math.min(0, Math.min(bend, fold)), 1, 1, Math.max(0, Math.max(bend, fold)));
    }

    @Override
    public List<Facets> facets(double scale) {
        // the more it is bent, the longer it is from edge to edge
        int round = Facets.round(scale * (1 + 4 * Math.max(Math.abs(bend), Math.abs(fold))));
        return List.of(Facets.of(round / 2, round, material, (u, v, place, normal) -> {
            place[0] = u * Math.cos(2 * Math.PI * v);
            place[1] = u * Math.sin(2 * Math.PI * v);
            place[2] = bend * place[0] * place[0] + fold * place[1] * place[1];
            normal[0] = -2 * bend * place[0];
            normal[1] = -2 * fold * place[1];
            normal[2] = 1;
        }));
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = distance(ray, hit.distance);
        if (t < hit.distance) {
            double nx = -2 * bend * (ray.ox + t * ray.dx);
            double ny = -2 * fold * (ray.oy + t * ray.dy);
            double length = Math.sqrt(nx * nx + ny * ny + 1);
            hit.take(t, nx / length, ny / length, 1 / length, material);
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return distance(ray, farthest) < farthest;
    }

    private double distance(Ray ray, double farthest) {
        double a = bend * ray.dx * ray.dx + fold * ray.dy * ray.dy;
        double b = bend * ray.ox * ray.dx + fold * ray.oy * ray.dy - ray.dz / 2;
        double c = bend * ray.ox * ray.ox + fold * ray.oy * ray.oy - ray.oz;
        double discriminant = b * b - a * c;
        if (discriminant < 0) {
            return farthest;
        }
        double q = -(b + Math.copySign(Math.sqrt(discriminant), b));
        double first = c / q;
        double second = a == 0 ? Double.NaN : q / a;
        double nearer = first < second || Double.isNaN(second) ? first : second;
        double farther = nearer == first ? second : first;
        if (onLeaf(ray, nearer, farthest)) {
            return nearer;
        }
        return onLeaf(ray, farther, farthest) ? farther : farthest;
    }

    private static boolean onLeaf(Ray ray, double t, double farthest) {
        if (!(t > Ray.NEAREST && t < farthest)) {
            return false;
        }
        double x = ray.ox + t * ray.dx;
        double y = ray.oy + t * ray.dy;
        return x * x + y * y <= 1;
    }
}
