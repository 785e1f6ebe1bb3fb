package zephyrdune.answers.photograph;

import zephyrdune.units.measure.Limits;
import zephyrdune.units.measure.Unit;
import zephyrdune.units.measure.Within;

/**
 * A lens by what it sees.
 *
 * @param equivalentFocalLength of a lens that sees as wide a diagonal on a frame of 36 x 24 mm, focused far away (Exif's FocalLengthIn35mmFilm; by the
 *     diagonal after CIPA DCG-001, from memory)
 * @param focalLength its own: the longer, the more a lens has to be drawn out to focus near, and the less it sees then
 */
public record KnownLens(
        @Within(min = 0.01, max = 0.8, unit = Unit.METRE) double equivalentFocalLength,
        @Within(min = 0.001, max = 0.8, unit = Unit.METRE) double focalLength)
        implements TakingLens {

    private static final Limits LIMITS = Limits.of(KnownLens.class);

    /** Diagonal of a frame of 36 x 24 mm, metres. */
    private static final double DIAGONAL = Math.hypot(0.036, 0.024);

    public KnownLens {
        LIMITS.require(equivalentFocalLength, focalLength);
    }

    /**
     * From the lens to the picture, in picture widths, when it is focused at a distance: by the thin lens that is {@code d / (d - f)} of what it
     * is for far away. Lenses that focus inside differ.
     *
     * @param height of the picture, picture widths
     * @param distance from the lens, metres
     */
    double focal(double height, double distance) {
        return equivalentFocalLength / DIAGONAL * Math.hypot(1, height) * distance / (distance - focalLength);
    }
}
