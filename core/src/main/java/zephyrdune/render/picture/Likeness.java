package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * How much pixels that lie a step apart show the same surface, 0 to 1: by owner, normal and distance. Each pair of neighbours is weighed
 * once, in rows of plain numbers that the machine takes several at a time.
 */
final class Likeness {

    /** Half of a pixel's eight neighbours, columns and rows in steps; the other half is the same the other way round. */
    static final int[] ACROSS = {1, 0, 1, -1};

    static final int[] DOWN = {0, 1, 1, 1};

    /** A difference in distance by this share halves the weight, about. */
    private static final float DISTANCE_SHARE = 0.02f;

    /** How much the normals of two pixels have to agree. */
    enum Facing {
        /** Some twelve degrees apart halve the weight, about. */
        ALIKE(5),

        /** Three degrees do: what is mirrored moves twice as fast as the surface turns. */
        THE_SAME_WAY(9);

        private static final float THE_SAME = 1 - 1e-6f;

        /** How often the cosine between them is squared. */
        private final int squared;

        Facing(int squared) {
            this.squared = squared;
        }

        /** By the cosine between two normals. */
        float likeness(float cosine) {
            if (cosine > THE_SAME) {
                return 1;
            }
            float alike = Math.max(0, cosine);
            for (int time = 0; time < squared; time++) {
                alike = Math.max(LEAST, alike * alike);
            }
            return alike;
        }
    }

    private record Key(int step, Facing facing) {}

    /** What is less does not matter, and is slow to work with. */
    private static final float LEAST = 1e-12f;

    private final int width;
    private final int height;
    private final Map<Key, float[][]> found = new HashMap<>();

    /** Owners, and whether what is seen is an image, as one number. */
    private final float[] kinds;

    private final float[] distances;
    private final float[][] normals;

    Likeness(FirstHits guides, int width, int height) {
        this.width = width;
        this.height = height;
        kinds = new float[width * height];
        distances = new float[width * height];
        normals = new float[3][width * height];
        IntStream.range(0, height).parallel().forEach(row -> take(guides, row));
    }

    private void take(FirstHits guides, int row) {
        for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
            int owner = guides.owner()[pixel];
            kinds[pixel] = 2 * owner + (guides.mirrors()[pixel] ? 1 : 0);
            // nothing is as far as nothing
            distances[pixel] = owner < 0 ? 1 : guides.distance()[pixel];
            for (int axis = 0; axis < 3; axis++) {
                normals[axis][pixel] = guides.normal()[3 * pixel + axis];
            }
        }
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

    /** Over arrays of the row's own, all with the one index, so that the machine takes several pixels at a time. */
    private void row(int row, int step, int squared, int direction, float[] weights) {
        int across = step * ACROSS[direction];
        int on = step * DOWN[direction] * width + across;
        int from = row * width + Math.max(0, -across);
        int to = (row + 1) * width - Math.max(0, across);
        if (to <= from) {
            return;
        }
        float[] alike = new float[to - from];
        for (float[] axis : normals) {
            float[] here = Arrays.copyOfRange(axis, from, to);
            float[] there = Arrays.copyOfRange(axis, from + on, to + on);
            for (int i = 0; i < alike.length; i++) {
                alike[i] += here[i] * there[i];
            }
        }
        for (int i = 0; i < alike.length; i++) {
            alike[i] = Math.max(0, alike[i]);
        }
        for (int time = 0; time < squared; time++) {
            for (int i = 0; i < alike.length; i++) {
                alike[i] = Math.max(LEAST, alike[i] * alike[i]);
            }
        }
        asFar(step, Arrays.copyOfRange(distances, from, to), Arrays.copyOfRange(distances, from + on, to + on), alike);
        same(Arrays.copyOfRange(kinds, from, to), Arrays.copyOfRange(kinds, from + on, to + on), alike);
        System.arraycopy(alike, 0, weights, from, alike.length);
    }

    private static void asFar(int step, float[] here, float[] there, float[] alike) {
        for (int i = 0; i < alike.length; i++) {
            alike[i] /= unlikeness(here[i], there[i], step);
        }
    }

    /** By how much their distances make two surfaces less alike. */
    static float unlikeness(float here, float there, int step) {
        float apart = (here - there) * (2 / (DISTANCE_SHARE * step)) / (here + there);
        return 1 + apart * apart;
    }

    private static void same(float[] here, float[] there, float[] alike) {
        for (int i = 0; i < alike.length; i++) {
            alike[i] *= Math.max(0, 1 - Math.abs(here[i] - there[i]));
        }
    }
}
