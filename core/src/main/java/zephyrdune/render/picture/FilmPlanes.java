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

    int count() {
        return (int) Arrays.stream(planes)
                .flatMapToInt(Arrays::stream)
                .filter(plane -> plane >= 0)
                .count();
    }
}
