package zephyrdune.set.surface;

/**
 * The small ups and downs of a surface, which show when light rakes over it, and how its colour varies with them.
 *
 * @param size from one rise to the next, metres
 * @param slope of the steepest parts, about
 * @param mottle share by which light and dark places differ from the mean reflectance
 */
public record Relief(Pattern pattern, double size, double slope, double mottle) {

    public enum Pattern {
        SMOOTH,
        /** Grains without direction: crust, crumb, paper, cloth seen from afar. */
        GRAIN,
        /** Planks with rings drawn out along x. */
        WOOD,
        /** Threads along x and y. */
        WEAVE,
        /** Grains with pores. */
        CRUMB,
        /** Fine parallel scratches: brushed metal. */
        RIBBED,
        /** Pieces in a thick soup or stew; its size is from one piece to the next. */
        CHUNKS,
        /** Ground spices and herbs on top. */
        FLECKS,
        /** Baked crust with slanting cuts on top; its size is from one cut to the next. */
        CRUST,
        /** Drops of water on something cold; its size is that of the largest. */
        DROPS
    }

    /** What beads where humid air meets a cold glass: drops up to 4 mm wide and some 25 degrees steep at their rims (common practice, no published source). */
    public static final Relief CONDENSATION = new Relief(Pattern.DROPS, 0.005, 0.45, 0);

    static final Relief SMOOTH = new Relief(Pattern.SMOOTH, 1, 0, 0);

    static Relief grain(double size, double slope, double mottle) {
        return new Relief(Pattern.GRAIN, size, slope, mottle);
    }

    static Relief of(Pattern pattern, double size, double slope, double mottle) {
        return new Relief(pattern, size, slope, mottle);
    }
}
