package zephyrdune.render.body;

/** A ball that holds a body, metres. */
public record Ball(double x, double y, double z, double radius) {

    /** Whether a ray passes the ball by, or leaves it behind. */
    boolean misses(Ray ray) {
        return misses(ray, x, y, z, radius * radius);
    }

    static boolean misses(Ray ray, double x, double y, double z, double radiusSquared) {
        double cx = x - ray.ox;
        double cy = y - ray.oy;
        double cz = z - ray.oz;
        double squared = cx * cx + cy * cy + cz * cz - radiusSquared;
        if (squared <= 0) {
            return false;
        }
        double along = cx * ray.dx + cy * ray.dy + cz * ray.dz;
        return along <= 0 || squared * (ray.dx * ray.dx + ray.dy * ray.dy + ray.dz * ray.dz) > along * along;
    }
}
