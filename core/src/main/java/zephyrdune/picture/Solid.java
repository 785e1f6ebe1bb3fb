package zephyrdune.picture;

/** The body of a dish, for rays. Directions are unit vectors, distances metres. */
interface Solid {

    /** Takes into {@code hit} what the ray meets between {@code nearest} and the distance in {@code hit}. */
    void meet(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, Hit hit);

    /** Height of the middle of the sphere that holds the body, on the z axis, metres. */
    double boundMiddle();

    /** Radius of that sphere, metres. */
    double boundRadius();

    /** Whether the ray meets anything between {@code nearest} and {@code farthest}. */
    boolean blocks(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, double farthest);
}
