package zephyrdune.set.card;

/** Numbers that look drawn by chance and are the same every time: of a place in a pattern. */
final class Scatter {

    private Scatter() {}

    /** From 0 to 1, for a row, a column and which number of that place it is (a mixing of bits after D. Lea and others, from memory). */
    static double at(int row, int column, int which) {
        long bits = row * 0x9E3779B97F4A7C15L + column * 0xC2B2AE3D27D4EB4FL + which * 0x165667B19E3779F9L;
        bits = (bits ^ (bits >>> 30)) * 0xBF58476D1CE4E5B9L;
        bits = (bits ^ (bits >>> 27)) * 0x94D049BB133111EBL;
        return ((bits ^ (bits >>> 31)) >>> 11) * 0x1.0p-53;
    }
}
