package zephyrdune.set.dish;

/** Pieces of cutlery. */
public enum CutleryPiece {
    SPOON,
    FORK,
    KNIFE
}
