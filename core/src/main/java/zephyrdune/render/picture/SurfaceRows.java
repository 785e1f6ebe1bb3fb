package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * What pixels show, to be held against what others show: plain numbers side by side, in short loops over arrays that all have the one index, so
 * that the machine takes several pixels at a time.
 *
 * @param kind owner, and whether what is seen is an image, as one number
 * @param distance from the eye; 1 where nothing is, as nothing is as far as nothing
 * @param normal of the surface, x, y and z
 */
record SurfaceRows(float[] kind, float[] distance, float[][] normal) {

    /** A difference in distance by this share halves the likeness, about. */
    private static final float DISTANCE_SHARE = 0.02f;

    /** Likeness below this does not matter, and is slow to work with. */
    private static final float LEAST = 1e-12f;

    /** Of a mean of normals; one that is shorter faces nowhere. */
    private static final double SHORTEST = 0.1;

    private SurfaceRows(int pixels) {
        this(new float[pixels], new float[pixels], new float[3][pixels]);
    }

    /** All pixels, row by row. */
    static SurfaceRows of(FirstHits hits, int width, int height) {
        SurfaceRows all = new SurfaceRows(width * height);
        IntStream.range(0, height).parallel().forEach(row -> {
            for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
                all.take(hits, pixel, pixel);
            }
        });
        return all;
    }

    /** So many pixels, from one on, each so many after the one before. */
    static SurfaceRows of(FirstHits hits, int first, int apart, int count) {
        SurfaceRows some = new SurfaceRows(count);
        for (int i = 0; i < count; i++) {
            some.take(hits, first + i * apart, i);
        }
        return some;
    }

    private void take(FirstHits hits, int pixel, int to) {
        int owner = hits.owner()[pixel];
        kind[to] = 2 * owner + (hits.mirrors()[pixel] ? 1 : 0);
        distance[to] = owner < 0 ? 1 : hits.distance()[pixel];
        float x = hits.normal()[3 * pixel];
        float y = hits.normal()[3 * pixel + 1];
        float z = hits.normal()[3 * pixel + 2];
        // the mean of several is shorter
        float each = 1 / (float) Math.max(SHORTEST, Math.sqrt(x * x + y * y + z * z));
        normal[0][to] = x * each;
        normal[1][to] = y * each;
        normal[2][to] = z * each;
    }

    /** The pixels from one up to another. */
    SurfaceRows range(int from, int to) {
        float[][] normals = new float[3][];
        for (int axis = 0; axis < 3; axis++) {
            normals[axis] = Arrays.copyOfRange(normal[axis], from, to);
        }
        return new SurfaceRows(Arrays.copyOfRange(kind, from, to), Arrays.copyOfRange(distance, from, to), normals);
    }

    /** Cosines between their normals and others', none less than 0. */
    float[] cosines(SurfaceRows other) {
        float[] cosines = new float[kind.length];
        for (int axis = 0; axis < 3; axis++) {
            float[] here = normal[axis];
            float[] there = other.normal[axis];
            for (int i = 0; i < cosines.length; i++) {
                cosines[i] += here[i] * there[i];
            }
        }
        for (int i = 0; i < cosines.length; i++) {
            cosines[i] = Math.max(0, cosines[i]);
        }
        return cosines;
    }

    /** Squares every one of some numbers, so often. */
    static void square(float[] alike, int times) {
        for (int time = 0; time < times; time++) {
            for (int i = 0; i < alike.length; i++) {
                alike[i] = Math.max(LEAST, alike[i] * alike[i]);
            }
        }
    }

    /** How alike their distances make them, 0 to 1, so many pixels apart. */
    float[] asFar(SurfaceRows other, int step) {
        float[] alike = new float[distance.length];
        float[] there = other.distance;
        for (int i = 0; i < alike.length; i++) {
            alike[i] = asFar(distance[i], there[i], step);
        }
        return alike;
    }

    /** The same of two of these pixels. */
    float asFar(int pixel, int other, int step) {
        return asFar(distance[pixel], distance[other], step);
    }

    private static float asFar(float one, float other, int step) {
        float apart = (one - other) * (2 / (DISTANCE_SHARE * step)) / (one + other);
        return 1 / (1 + apart * apart);
    }

    /** 1 where both are of one kind, 0 elsewhere. */
    float[] same(SurfaceRows other) {
        float[] same = new float[kind.length];
        float[] there = other.kind;
        for (int i = 0; i < same.length; i++) {
            same[i] = Math.max(0, 1 - Math.abs(kind[i] - there[i]));
        }
        return same;
    }
}
