package zephyrdune.render.trace;

import zephyrdune.render.body.Ray;

/** Finds what is met first along rays, and nothing of its light. Works in place; used by one thread. */
public final class FirstHitFinder {

    private final Scene scene;
    private final BumpMap relief;
    private final PathVertex at = new PathVertex();

    public final FirstHit guide = new FirstHit();

    public FirstHitFinder(Scene scene) {
        this.scene = scene;
        relief = new BumpMap(scene);
    }

    /**
     * Leaves in {@link #guide} what a unit ray meets.
     *
     * @param spread width of the pixel at unit distance
     */
    public void find(Ray ray, double spread) {
        guide.nothing();
        at.begins(0);
        at.ray.set(ray.ox, ray.oy, ray.oz, ray.dx, ray.dy, ray.dz);
        at.owner = scene.meet(at.ray, at.hit);
        if (at.owner < 0) {
            return;
        }
        at.arrives(at.hit.nx * ray.dx + at.hit.ny * ray.dy + at.hit.nz * ray.dz);
        guide.note(at);
        if (!Scene.shines(at.owner) && !at.material.clear()) {
            guide.colour(at.material, relief.lean(at, spread));
        }
    }
}
