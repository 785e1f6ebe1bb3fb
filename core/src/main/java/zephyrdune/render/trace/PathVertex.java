package zephyrdune.render.trace;

import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.material.Material;
import zephyrdune.set.surface.Medium;

/** One stop on a path of light, with the ray that leads to it; one for every level of a path, used over and over. */
final class PathVertex {

    final Ray ray = new Ray();
    final Hit hit = new Hit();

    /** What the light found from here on counts for, red, green and blue. */
    double red;

    double green;
    double blue;

    /** Layer of the key's light found from here on, unless it comes by way of a wall or card. */
    int layer;

    /** Matte or rough surfaces on the way so far. */
    int reflections;

    /** Whether the eye sees what follows as an image: in a coat, in metal or through glass. */
    boolean image;

    /** Whether what the ray meets next is seen in the coat of what the eye sees first. */
    boolean inCoat;

    /** Boundaries of glass so far at which both ways were followed. */
    int splits;

    /** Density with which the ray was sampled, per steradian, or one of {@link Tracer#COUNTED} and {@link Tracer#SHARP}. */
    double pdf;

    /** Towards each light, from the last surface that looked for them. */
    int shadowRays;

    /** What the ray runs in, null for air. */
    Medium medium;

    /** What the key counts for where glass has bent the ray towards it, by how else that might have been found; 0 where it does not. */
    double gathers;

    /** Whether glass has bent or mirrored the ray since it left a surface. */
    boolean bent;

    /** Whether nothing but glass and the key counts on the way on. */
    boolean glassAlone;

    /** Whether the room's own light counts where the ray ends. */
    boolean open;

    /** Whether it is where light goes in that comes out elsewhere: what a coat mirrors is left out, and {@link #out} is of the other place. */
    boolean inside;

    /** Sample numbers to go on with. */
    int dimension;

    // where the ray ends: what was met, a point just off it, its normals and the way back
    int owner;
    Material material;
    double x;
    double y;
    double z;

    /** Normal towards the eye, leaning with the relief. */
    double nx;

    double ny;
    double nz;

    /** Normal towards the eye of the smooth surface; nothing arrives from below it. */
    double gx;

    double gy;
    double gz;

    /** Towards where the path comes from. */
    double vx;

    double vy;
    double vz;

    /** Cosine between that and the normal. */
    double out;

    /** Where a path begins, looking along a ray that is not set yet. */
    void begins(int firstDimension) {
        red = 1;
        green = 1;
        blue = 1;
        layer = Layers.KEY;
        reflections = 0;
        image = false;
        inCoat = false;
        splits = 0;
        pdf = Tracer.SHARP;
        medium = null;
        gathers = 0;
        bent = false;
        glassAlone = false;
        open = true;
        dimension = firstDimension;
    }

    /** Makes of where a path begins a matte element: white counts as pi, so that what is found is illuminance. */
    void element(double px, double py, double pz, double normalX, double normalY, double normalZ) {
        red = Math.PI;
        green = Math.PI;
        blue = Math.PI;
        standsAt(px, py, pz, normalX, normalY, normalZ);
        material = Material.WHITE;
    }

    /** Takes over from a vertex where light comes out of a body what matters where it went in: so far the same place. */
    void copiesInside(PathVertex outside) {
        follows(outside, 1, outside.pdf);
        dimension = outside.dimension;
        owner = outside.owner;
        material = outside.material;
        hit.distance = outside.hit.distance;
        x = outside.x;
        y = outside.y;
        z = outside.z;
        straight(outside.gx, outside.gy, outside.gz);
        out = outside.out;
        inside = true;
    }

    /** Puts it just off a place, looking straight out. */
    void standsAt(double px, double py, double pz, double normalX, double normalY, double normalZ) {
        x = px + Scene.SKIN * normalX;
        y = py + Scene.SKIN * normalY;
        z = pz + Scene.SKIN * normalZ;
        straight(normalX, normalY, normalZ);
    }

    /** Looks straight out along a normal. */
    private void straight(double normalX, double normalY, double normalZ) {
        nx = normalX;
        ny = normalY;
        nz = normalZ;
        gx = normalX;
        gy = normalY;
        gz = normalZ;
        vx = normalX;
        vy = normalY;
        vz = normalZ;
    }

    /** Works out where the ray ends, once what it meets is known. */
    void arrives(double facing) {
        double side = facing > 0 ? -1 : 1;
        material = hit.material;
        gx = side * hit.nx;
        gy = side * hit.ny;
        gz = side * hit.nz;
        nx = gx;
        ny = gy;
        nz = gz;
        x = ray.ox + hit.distance * ray.dx + Scene.SKIN * gx;
        y = ray.oy + hit.distance * ray.dy + Scene.SKIN * gy;
        z = ray.oz + hit.distance * ray.dz + Scene.SKIN * gz;
        vx = -ray.dx;
        vy = -ray.dy;
        vz = -ray.dz;
    }

    /** Takes over from the vertex before, for a ray that is not set yet. */
    void follows(PathVertex before, double share, double density) {
        red = before.red * share;
        green = before.green * share;
        blue = before.blue * share;
        layer = before.layer;
        reflections = before.reflections;
        image = before.image;
        inCoat = false;
        splits = before.splits;
        pdf = density;
        shadowRays = before.shadowRays;
        medium = null;
        gathers = before.gathers;
        bent = before.bent;
        glassAlone = before.glassAlone;
        open = before.open;
        dimension = before.dimension + Tracer.PER_VERTEX;
    }

    /** Of the light found from here on. */
    LightComponent component() {
        if (image) {
            return LightComponent.SPECULAR;
        }
        return reflections > 0 || inside ? LightComponent.INDIRECT : LightComponent.DIRECT;
    }

    /** Cosine between a direction and the normal. */
    double above(double dx, double dy, double dz) {
        return dx * nx + dy * ny + dz * nz;
    }

    /** Whether a direction comes from the open side of the smooth surface. */
    boolean faces(double dx, double dy, double dz) {
        return dx * gx + dy * gy + dz * gz > 0;
    }

    /** Turns the normals to the other side of a thin sheet. */
    void turnOver() {
        double shift = 2 * Scene.SKIN;
        x -= shift * gx;
        y -= shift * gy;
        z -= shift * gz;
        nx = -nx;
        ny = -ny;
        nz = -nz;
        gx = -gx;
        gy = -gy;
        gz = -gz;
    }
}
