package zephyrdune.render.trace;

import java.util.Arrays;

/** Red, green and blue of every layer in turn, as a path adds them up. */
final class LayerSums {

    final double[] sums;

    LayerSums(int cards) {
        sums = new double[3 * Layers.count(cards)];
    }

    void clear() {
        Arrays.fill(sums, 0);
    }

    void add(int layer, double red, double green, double blue) {
        sums[3 * layer] += red;
        sums[3 * layer + 1] += green;
        sums[3 * layer + 2] += blue;
    }
}
