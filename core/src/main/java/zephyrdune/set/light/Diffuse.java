package zephyrdune.set.light;

/** Evenly to all sides, as white cloth does: the same luminance from wherever it is seen (Lambertian). */
public record Diffuse() implements Spread {}
