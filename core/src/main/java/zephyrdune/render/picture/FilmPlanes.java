package zephyrdune.render.picture;

import java.util.Arrays;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.LightComponent;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.NoBase;
import zephyrdune.set.room.OpenRoom;

/** Which components of which layers of light a set has at all: each is a plane of its film. */
final class FilmPlanes {

    private static final LightComponent[] COMPONENTS = LightComponent.values();

    private final int[][] planes;

    FilmPlanes(TableSet set) {
        int layers = Layers.count(set.cards().size());
        boolean glass = Scene.hasGlass(set);
        planes = new int[layers][COMPONENTS.length];
        int next = 0;
        for (int layer = 0; layer < layers; layer++) {
            boolean absent = layer == Layers.ROOM && set.room() instanceof OpenRoom
                    || layer == Layers.BASE && set.base() instanceof NoBase
                    || layer == Layers.GLASS && !glass;
            for (LightComponent component : COMPONENTS) {
                boolean straight = component == LightComponent.DIRECT || component == LightComponent.HIGHLIGHT;
                boolean none = absent || straight && !Layers.straight(layer);
                planes[layer][component.ordinal()] = none ? -1 : next++;
            }
        }
    }

    int layers() {
        return planes.length;
    }

    /** Number of the plane, or -1 where the set has none such. */
    int of(int layer, int component) {
        return planes[layer][component];
    }

    /** Planes of all components of a layer, or -1 for one that the set has not got. */
    int[] of(int layer) {
        return planes[layer];
    }

    boolean has(int layer) {
        return Arrays.stream(planes[layer]).anyMatch(plane -> plane >= 0);
    }

    /**
     * Adds one sample of a pixel.
     *
     * @param found red, green and blue of every layer in turn, component by component
     * @param pixels of a plane
     * @param sums plane after plane, likewise
     */
    void add(double[][] found, int pixel, int pixels, float[] sums) {
        for (int layer = 0; layer < planes.length; layer++) {
            for (int component = 0; component < COMPONENTS.length; component++) {
                int plane = planes[layer][component];
                if (plane >= 0) {
                    add(found[component], layer, 3 * (plane * pixels + pixel), sums);
                }
            }
        }
    }

    private static void add(double[] found, int layer, int at, float[] sums) {
        double red = found[3 * layer];
        double green = found[3 * layer + 1];
        double blue = found[3 * layer + 2];
        if (red == 0 && green == 0 && blue == 0) {
            return;
        }
        sums[at] += (float) red;
        sums[at + 1] += (float) green;
        sums[at + 2] += (float) blue;
    }

    int count() {
        return (int) Arrays.stream(planes)
                .flatMapToInt(Arrays::stream)
                .filter(plane -> plane >= 0)
                .count();
    }
}
