package zephyrdune.render.body;

/** A ray on its way: where it starts, which way it goes (of any length), metres. One is used over and over. */
public final class Ray {

    public double ox;
    public double oy;
    public double oz;
    public double dx;
    public double dy;
    public double dz;

    /** Nothing nearer along the ray than this many of its directions' lengths is met. */
    public static final double NEAREST = 1e-9;

    private Ray inside;

    /** A ray to use in the frame of a body within a body. */
    Ray inside() {
        if (inside == null) {
            inside = new Ray();
        }
        return inside;
    }

    public void set(double fromX, double fromY, double fromZ, double alongX, double alongY, double alongZ) {
        ox = fromX;
        oy = fromY;
        oz = fromZ;
        dx = alongX;
        dy = alongY;
        dz = alongZ;
    }

    // what survey() works out for bodies round the z axis
    private double perZ;
    private double levelSquared;
    private double levelApproach;
    private double levelAway;

    /** Works out what bodies round the z axis need of the ray as it is now. */
    void survey() {
        perZ = 1 / dz;
        levelSquared = dx * dx + dy * dy;
        levelApproach = ox * dx + oy * dy;
        levelAway = ox * ox + oy * oy;
    }

    /** One over the direction's z. */
    double perZ() {
        return perZ;
    }

    /** Square of the direction's length seen from above. */
    double levelSquared() {
        return levelSquared;
    }

    /** Product of start and direction seen from above. */
    double levelApproach() {
        return levelApproach;
    }

    /** Square of the start's distance from the z axis. */
    double levelAway() {
        return levelAway;
    }
}
