package zephyrdune.table;

/** Pieces of cutlery. */
public enum CutleryPiece {
    SPOON,
    FORK,
    KNIFE
}
