package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** The pixels of a picture with their neighbours some step away, as far as these show the same surface. */
record Neighbourhood(int width, int height) {

    /** Takes the neighbours of a row's pixels in one direction. */
    interface Taken {

        /**
         * @param from first column that has one; to likewise
         * @param on from a pixel to its neighbour
         * @param weighed from a pixel to where the pair's weight is
         */
        void take(int from, int to, int on, float[] weights, int weighed, boolean corner);
    }

    /** Has the neighbours of one row's pixels taken, direction by direction. */
    void of(int row, int step, float[][] weights, Taken taken) {
        for (int direction = 0; direction < weights.length; direction++) {
            int across = step * Likeness.ACROSS[direction];
            int down = step * Likeness.DOWN[direction];
            int on = down * width + across;
            boolean corner = across != 0 && down != 0;
            if (row + down < height) {
                taken.take(Math.max(0, -across), width - Math.max(0, across), on, weights[direction], 0, corner);
            }
            if (row >= down) {
                taken.take(Math.max(0, across), width - Math.max(0, -across), -on, weights[direction], -on, corner);
            }
        }
    }

    /** Mean of some figure over every pixel and its neighbours. */
    float[] mean(float[] values, int step, float[][] weights) {
        float[] mean = new float[width * height];
        rows(row -> {
            int start = row * width;
            float[] sums = Arrays.copyOfRange(values, start, start + width);
            float[] all = new float[width];
            float[] weight = new float[width];
            float[] theirs = new float[width];
            Arrays.fill(all, 1);
            of(row, step, weights, (from, to, on, likeness, weighed, corner) -> {
                System.arraycopy(likeness, start + weighed + from, weight, from, to - from);
                System.arraycopy(values, start + on + from, theirs, from, to - from);
                add(from, to, weight, theirs, sums, all);
            });
            for (int column = 0; column < width; column++) {
                sums[column] /= all[column];
            }
            System.arraycopy(sums, 0, mean, start, width);
        });
        return mean;
    }

    private static void add(int from, int to, float[] weight, float[] values, float[] sums, float[] all) {
        for (int column = from; column < to; column++) {
            sums[column] += weight[column] * values[column];
            all[column] += weight[column];
        }
    }

    /** Has some work done for every pixel. */
    void each(IntConsumer work) {
        rows(row -> {
            for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
                work.accept(pixel);
            }
        });
    }

    void rows(IntConsumer work) {
        IntStream.range(0, height).parallel().forEach(work);
    }
}
