package zephyrdune.render.body;

import java.util.List;
import zephyrdune.render.material.Material;

/** A ball of radius 1 round the origin, cut flat at some x; stretched into loaves, pears and spoons by {@link Transformed}. */
final class Round implements Solid {

    private final double cut;
    private final Material skin;
    private final Material flat;

    /**
     * @param cut what lies beyond this x is cut off; 1 for a whole ball
     * @param flat of the cut
     */
    Round(double cut, Material skin, Material flat) {
        this.cut = cut;
        this.skin = skin;
        this.flat = flat;
    }

    static Round whole(Material skin) {
        return new Round(1, skin, skin);
    }

    @Override
    public Ball ball() {
        return new Ball(0, 0, 0, 1);
    }

    @Override
    public Bounds bounds() {
        return new Bounds(-1, -1, -1, cut, 1, 1);
    }

    @Override
    public List<Facets> facets(double scale) {
        int round = Facets.round(scale);
        double end = Math.acos(cut);
        Facets outside = Facets.of(round, Math.max(4, round / 2), skin, (u, v, place, normal) -> {
            double from = Math.PI - v * (Math.PI - end);
            place[0] = Math.cos(from);
            place[1] = Math.sin(from) * Math.cos(2 * Math.PI * u);
            place[2] = Math.sin(from) * Math.sin(2 * Math.PI * u);
            System.arraycopy(place, 0, normal, 0, 3);
        });
        if (cut >= 1) {
            return List.of(outside);
        }
        double rim = Math.sin(end);
        Facets cutSide = Facets.of(round, 1, flat, (u, v, place, normal) -> {
            place[0] = cut;
            place[1] = (1 - v) * rim * Math.cos(2 * Math.PI * u);
            place[2] = (1 - v) * rim * Math.sin(2 * Math.PI * u);
            normal[0] = 1;
        });
        return List.of(outside, cutSide);
    }

    @Override
    public void meet(Ray ray, Hit hit) {
        double t = onSkin(ray, hit.distance);
        if (t < hit.distance) {
            hit.take(t, ray.ox + t * ray.dx, ray.oy + t * ray.dy, ray.oz + t * ray.dz, skin);
        }
        t = onCut(ray, hit.distance);
        if (t < hit.distance) {
            hit.take(t, 1, 0, 0, flat);
        }
    }

    @Override
    public boolean blocks(Ray ray, double farthest) {
        return onSkin(ray, farthest) < farthest || onCut(ray, farthest) < farthest;
    }

    private double onSkin(Ray ray, double farthest) {
        double a = ray.dx * ray.dx + ray.dy * ray.dy + ray.dz * ray.dz;
        double b = ray.ox * ray.dx + ray.oy * ray.dy + ray.oz * ray.dz;
        double c = ray.ox * ray.ox + ray.oy * ray.oy + ray.oz * ray.oz - 1;
        double discriminant = b * b - a * c;
        if (discriminant < 0) {
            return farthest;
        }
        double root = Math.sqrt(discriminant);
        double first = (-b - root) / a;
        if (first > Ray.NEAREST && first < farthest && ray.ox + first * ray.dx <= cut) {
            return first;
        }
        double second = (-b + root) / a;
        return second > Ray.NEAREST && second < farthest && ray.ox + second * ray.dx <= cut ? second : farthest;
    }

    private double onCut(Ray ray, double farthest) {
        if (cut >= 1) {
            return farthest;
        }
        double t = (cut - ray.ox) / ray.dx;
        if (!(t > Ray.NEAREST && t < farthest)) {
            return farthest;
        }
        double y = ray.oy + t * ray.dy;
        double z = ray.oz + t * ray.dz;
        return y * y + z * z <= 1 - cut * cut ? t : farthest;
    }
}
