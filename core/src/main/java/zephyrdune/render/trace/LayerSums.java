package zephyrdune.render.trace;

import java.util.Arrays;

/** Red, green and blue of every layer in turn, as a path adds them up. */
final class LayerSums {

    final double[] sums;

    /** The same, component by component. */
    final double[][] components;

    LayerSums(int cards) {
        sums = new double[3 * Layers.count(cards)];
        components = new double[LightComponent.values().length][sums.length];
    }

    void clear() {
        Arrays.fill(sums, 0);
        for (double[] component : components) {
            Arrays.fill(component, 0);
        }
    }

    void add(LightComponent component, int layer, double red, double green, double blue) {
        add(sums, layer, red, green, blue);
        add(components[component.ordinal()], layer, red, green, blue);
    }

    private static void add(double[] to, int layer, double red, double green, double blue) {
        to[3 * layer] += red;
        to[3 * layer + 1] += green;
        to[3 * layer + 2] += blue;
    }
}
