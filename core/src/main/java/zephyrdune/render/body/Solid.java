package zephyrdune.render.body;

import java.util.List;

/** A body that rays meet. */
public interface Solid {

    /** Takes into {@code hit} what the ray meets between {@link Ray#NEAREST} and the distance in {@code hit}. */
    void meet(Ray ray, Hit hit);

    /** Whether the ray meets anything between {@link Ray#NEAREST} and {@code farthest}. */
    boolean blocks(Ray ray, double farthest);

    /** A box that holds the body. */
    Bounds bounds();

    /** The bodies it is made of, or itself alone. */
    default List<Solid> pieces() {
        return List.of(this);
    }

    /** A ball that holds the body. */
    Ball ball();

    /**
     * Its surface in triangles, for programs that draw such.
     *
     * @param scale by which it is enlarged where it stands: what is larger is drawn in more of them
     */
    List<Facets> facets(double scale);
}
