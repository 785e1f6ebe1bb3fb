package zephyrdune.render.trace;

import zephyrdune.render.material.Material;

/** What a look along a ray met first. One is used over and over. */
public final class FirstHit {

    /** Metres; infinite where nothing was met. */
    public double distance;

    /** Unit normal towards the eye, relief left out. */
    public double nx;

    public double ny;
    public double nz;

    /** Number of what was met: 0 table, 1 backdrop, 2 wall, 3 key's face, 4 base's face, 5 hero, then props and cards; -1 none. */
    public int owner;

    /** Colour of the surface; 1 where it mirrors or is clear. */
    public final double[] colour = new double[3];

    /** Whether it shows the image of something else: metal and glass. */
    public boolean mirrors;

    /** Whether what is seen there is reflected light alone: of a matte surface that hardly anything of the key comes straight to, or of rough metal. */
    public boolean indirect;

    void nothing() {
        mirrors = false;
        indirect = false;
        distance = Double.POSITIVE_INFINITY;
        nx = 0;
        ny = 0;
        nz = 1;
        owner = -1;
        colour[0] = 1;
        colour[1] = 1;
        colour[2] = 1;
    }

    void note(PathVertex at) {
        distance = at.hit.distance;
        nx = at.gx;
        ny = at.gy;
        nz = at.gz;
        owner = at.owner;
        mirrors = at.material.clear() || at.material.metal();
    }

    void colour(Material material, double tone) {
        if (!material.metal()) {
            colour[0] = material.red() * tone;
            colour[1] = material.green() * tone;
            colour[2] = material.blue() * tone;
        }
    }
}
