package zephyrdune.render.picture;

import java.util.stream.IntStream;

/** The squares of a picture that are worked on one by one, row by row. */
record Tiles(int width, int height) {

    /** Side of a square, pixels. */
    private static final int SIDE = 16;

    private int columns() {
        return (width + SIDE - 1) / SIDE;
    }

    private int rows() {
        return (height + SIDE - 1) / SIDE;
    }

    int count() {
        return columns() * rows();
    }

    /** The tile that a pixel is in. */
    int of(int pixel) {
        return pixel / width / SIDE * columns() + pixel % width / SIDE;
    }

    /** A tile and those next to it. */
    int[] round(int tile) {
        int column = tile % columns();
        int row = tile / columns();
        return IntStream.rangeClosed(Math.max(0, row - 1), Math.min(rows() - 1, row + 1))
                .flatMap(near -> IntStream.rangeClosed(Math.max(0, column - 1), Math.min(columns() - 1, column + 1))
                        .map(beside -> near * columns() + beside))
                .toArray();
    }

    int top(int tile) {
        return tile / columns() * SIDE;
    }

    int bottom(int tile) {
        return Math.min(height, top(tile) + SIDE);
    }

    int left(int tile) {
        return tile % columns() * SIDE;
    }

    int right(int tile) {
        return Math.min(width, left(tile) + SIDE);
    }
}
