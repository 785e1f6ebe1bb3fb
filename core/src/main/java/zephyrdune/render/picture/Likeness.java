package zephyrdune.render.picture;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How much pixels that lie a step apart show the same surface, 0 to 1: by owner, normal and distance. Each pair of neighbours is weighed
 * once.
 */
final class Likeness {

    /** Half of a pixel's eight neighbours, columns and rows in steps; the other half is the same the other way round. */
    static final int[] ACROSS = {1, 0, 1, -1};

    static final int[] DOWN = {0, 1, 1, 1};

    /** How much the normals of two pixels have to agree. */
    enum Facing {
        /** Some twelve degrees apart halve the weight, about. */
        ALIKE(5),

        /** Three degrees do: what is mirrored moves twice as fast as the surface turns. */
        THE_SAME_WAY(9);

        /** How often the cosine between them is squared. */
        private final int squared;

        Facing(int squared) {
            this.squared = squared;
        }

        int squared() {
            return squared;
        }
    }

    private record Key(int step, Facing facing) {}

    private final int width;
    private final int height;
    private final Map<Key, float[][]> found = new HashMap<>();
    private final Map<Facing, MixedPixels> mixed = new EnumMap<>(Facing.class);
    private final SurfaceRows surfaces;

    Likeness(FirstHits guides, int width, int height) {
        this.width = width;
        this.height = height;
        surfaces = SurfaceRows.of(guides, width, height);
    }

    /** The pixels that hardly any neighbour faces the same way as. */
    MixedPixels mixed(Facing facing) {
        return mixed.computeIfAbsent(
                facing, way -> new MixedPixels(surfaces, new Neighbourhood(width, height), at(1, way)));
    }

    /** Of every pixel and its four neighbours a step on, direction by direction; 0 where there is none. */
    float[][] at(int step, Facing facing) {
        return found.computeIfAbsent(new Key(step, facing), this::found);
    }

    private float[][] found(Key key) {
        int step = key.step;
        float[][] weights = new float[ACROSS.length][width * height];
        IntStream.range(0, height).parallel().forEach(row -> {
            for (int direction = 0; direction < ACROSS.length; direction++) {
                if (row + step * DOWN[direction] < height) {
                    row(row, step, key.facing.squared, direction, weights[direction]);
                }
            }
        });
        return weights;
    }

    private void row(int row, int step, int squared, int direction, float[] weights) {
        int across = step * ACROSS[direction];
        int on = step * DOWN[direction] * width + across;
        int from = row * width + Math.max(0, -across);
        int to = (row + 1) * width - Math.max(0, across);
        if (to <= from) {
            return;
        }
        SurfaceRows here = surfaces.range(from, to);
        SurfaceRows there = surfaces.range(from + on, to + on);
        float[] alike = here.cosines(there);
        SurfaceRows.square(alike, squared);
        float[] near = here.asFar(there, step);
        float[] same = here.same(there);
        for (int i = 0; i < alike.length; i++) {
            alike[i] *= near[i] * same[i];
        }
        System.arraycopy(alike, 0, weights, from, alike.length);
    }
}
