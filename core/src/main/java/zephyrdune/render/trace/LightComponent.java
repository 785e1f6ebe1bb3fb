package zephyrdune.render.trace;

/** How light came from what the eye sees first: the parts of a layer whose noise differs. They add up. */
public enum LightComponent {
    /** Straight from a light, off a matte surface. */
    DIRECT,

    /** By way of other surfaces, from all sides or from within a body, off a matte surface. */
    INDIRECT,

    /** A light's own image in a coat. */
    HIGHLIGHT,

    /** What else is seen in a coat, and all in metal or through glass. */
    SPECULAR
}
