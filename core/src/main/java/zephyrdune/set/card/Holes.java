package zephyrdune.set.card;

import java.util.List;

/** What is cut out of a card, or for a branch what there is instead of a card. */
public sealed interface Holes permits NoHoles, RoundHoles, Slats, WindowBars, LeafHoles, Slit, Branch, OwnHoles {

    /** Most pieces of a pattern; those farthest from its middle are left out. */
    int MOST = 400;

    /**
     * Its pieces about the pattern's own middle, before it is turned and shifted. Openings do not run into each other.
     *
     * @param width of the card
     * @param height of the card
     * @param reach how far from the pattern's middle the card ends at most
     */
    List<Piece> pieces(double width, double height, double reach);

    /** Whether the pieces are what stands in the light; otherwise they are what is open. */
    default boolean standing() {
        return false;
    }

    /** Whether openings may reach the edge of the card; otherwise a margin keeps it in one piece. */
    default boolean toTheEdge() {
        return false;
    }

    /** From one opening to the next across the pattern; 0 where there is no next one, metres. */
    default double pitch() {
        return 0;
    }

    /** Whether its openings run level, so that it goes from dark to bright upwards. */
    default boolean level() {
        return false;
    }

    /** Width of an opening across the pattern; 0 where it has none that is stated, metres. */
    default double opening() {
        return 0;
    }
}
