package zephyrdune.picture;

/** The body of a dish, for rays. Directions are unit vectors, distances metres. */
interface Solid {

    /** Takes into {@code hit} what the ray meets between {@code nearest} and the distance in {@code hit}. */
    void meet(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, Hit hit);

    /** Whether the ray meets anything between {@code nearest} and {@code farthest}. */
    boolean blocks(double ox, double oy, double oz, double dx, double dy, double dz, double nearest, double farthest);
}
