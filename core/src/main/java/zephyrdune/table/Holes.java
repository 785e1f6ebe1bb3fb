package zephyrdune.table;

/** What is cut out of a card. */
public sealed interface Holes permits NoHoles, RoundHoles {

    /** Centres and radii of round holes: (across, up, radius) from the card's middle, metres. */
    double[][] rounds(double width, double height);
}
