package zephyrdune.render.picture;

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

    private final int width;
    private final int height;

    /** Owners, and whether what is seen is an image, as one number. */
    private final float[] kinds;

    private final float[] distances;
    private final float[][] normals;

    /** @param images whether pixels that show the image of something else are like each other, too */
    Likeness(FirstHits guides, int width, int height, boolean images) {
        this.width = width;
        this.height = height;
        kinds = new float[width * height];
        distances = new float[width * height];
        normals = new float[3][width * height];
        IntStream.range(0, height).parallel().forEach(row -> take(guides, row, images));
    }

    private void take(FirstHits guides, int row, boolean images) {
        for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
            int owner = guides.owner()[pixel];
            boolean image = guides.mirrors()[pixel];
            kinds[pixel] = !image ? 2 * owner : images ? 2 * owner + 1 : -4 - pixel;
            // nothing is as far as nothing
            distances[pixel] = owner < 0 ? 1 : guides.distance()[pixel];
            for (int axis = 0; axis < 3; axis++) {
                normals[axis][pixel] = guides.normal()[3 * pixel + axis];
            }
        }
    }

    /** Of every pixel and its four neighbours a step on, direction by direction; 0 where there is none. */
    float[][] at(int step) {
        float[][] weights = new float[ACROSS.length][width * height];
        IntStream.range(0, height).parallel().forEach(row -> {
            for (int direction = 0; direction < ACROSS.length; direction++) {
                if (row + step * DOWN[direction] < height) {
                    row(row, step, direction, weights[direction]);
                }
            }
        });
        return weights;
    }

    private void row(int row, int step, int direction, float[] weights) {
        int across = step * ACROSS[direction];
        int on = step * DOWN[direction] * width + across;
        int from = row * width + Math.max(0, -across);
        int to = (row + 1) * width - Math.max(0, across);
        float[] x = normals[0];
        float[] y = normals[1];
        float[] z = normals[2];
        float sharpness = 2 / (DISTANCE_SHARE * step);
        for (int pixel = from; pixel < to; pixel++) {
            int other = pixel + on;
            float same = Math.max(0, 1 - Math.abs(kinds[pixel] - kinds[other]));
            float cosine = Math.max(0, x[pixel] * x[other] + y[pixel] * y[other] + z[pixel] * z[other]);
            float apart = (distances[pixel] - distances[other]) * sharpness / (distances[pixel] + distances[other]);
            // the cosine's 32nd power
            float second = cosine * cosine;
            float fourth = second * second;
            float eighth = fourth * fourth;
            float sixteenth = eighth * eighth;
            weights[pixel] = same * sixteenth * sixteenth / (1 + apart * apart);
        }
    }
}
