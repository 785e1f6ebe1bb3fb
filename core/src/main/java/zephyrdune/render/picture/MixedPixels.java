package zephyrdune.render.picture;

/**
 * Pixels that show two faces of a body at once: where it has an edge, or is as fine as a pixel. Their normal is the mean of both, so that hardly
 * any neighbour faces the same way, and evening along surfaces leaves them as few samples found them: often black. They take from those next to
 * them on the same body, whichever way these face, as far as light differs by no more than its noise.
 */
final class MixedPixels {

    /** Weight of alike neighbours with which a pixel is no mixed one. */
    private static final float ENOUGH = 0.5f;

    /** The same by one sample alone: what is as wide as a pixel has its like to both sides, and these have found as little. */
    private static final float ENOUGH_BY_ONE = 3;

    /** What others count for at most. */
    private static final float OTHERS = 0.75f;

    /** Others are looked for so many pixels away, if there are none nearer. */
    private static final int FARTHEST = 2;

    /** A pixel's own light counts for as sure as it tells if the halves of its samples differ by less than this share of it. */
    private static final float AGREES = 0.5f;

    private final int width;
    private final int height;
    private final Neighbourhood pixels;
    private final SurfaceRows surfaces;

    /** Weight of every pixel's alike neighbours. */
    private final float[] alike;

    /** @param next weights of the next neighbours, direction by direction, see {@link Likeness} */
    MixedPixels(SurfaceRows surfaces, Neighbourhood pixels, float[][] next) {
        width = pixels.width();
        height = pixels.height();
        this.pixels = pixels;
        this.surfaces = surfaces;
        alike = new float[width * height];
        pixels.rows(row -> pixels.of(row, 1, next, (from, to, on, weights, weighed, corner) -> {
            for (int pixel = row * width + from; pixel < row * width + to; pixel++) {
                alike[pixel] += weights[pixel + weighed];
            }
        }));
    }

    /**
     * Evens them.
     *
     * @param light where all others are evened
     * @param found the light before
     * @param variance of its green
     * @param noisy differences of this many standard errors count for a quarter
     * @param halves whether there are more samples than one
     */
    void even(NoisyLight light, NoisyLight found, float[] variance, float noisy, boolean halves) {
        float enough = halves ? ENOUGH : ENOUGH_BY_ONE;
        pixels.rows(row -> {
            Round round = new Round(light, variance, enough);
            for (int pixel = row * width; pixel < (row + 1) * width; pixel++) {
                if (alike[pixel] < enough && round.look(pixel, row)) {
                    boolean agrees = Math.abs(found.half()[pixel]) < AGREES * found.green()[pixel];
                    round.join(pixel, agrees, noisy);
                }
            }
        });
    }

    /** What lies round a pixel, on the same body, and is evened. */
    private final class Round {

        private final NoisyLight light;
        private final float[] variance;
        private final float enough;

        // means over it: red, green and blue; of the halves' difference; of the variance
        private final float[] mean = new float[3];
        private float half;
        private float unsure;

        Round(NoisyLight light, float[] variance, float enough) {
            this.light = light;
            this.variance = variance;
            this.enough = enough;
        }

        /** As near by as there is any; false if there is none. */
        boolean look(int pixel, int row) {
            for (int reach = 1; reach <= FARTHEST; reach++) {
                if (look(pixel, row, reach)) {
                    return true;
                }
            }
            return false;
        }

        private boolean look(int pixel, int row, int reach) {
            int column = pixel - row * width;
            float all = 0;
            half = 0;
            unsure = 0;
            mean[0] = 0;
            mean[1] = 0;
            mean[2] = 0;
            for (int y = Math.max(0, row - reach); y <= Math.min(height - 1, row + reach); y++) {
                for (int x = Math.max(0, column - reach); x <= Math.min(width - 1, column + reach); x++) {
                    int other = y * width + x;
                    if (alike[other] >= enough && surfaces.kind()[other] == surfaces.kind()[pixel]) {
                        float weight = surfaces.asFar(pixel, other, reach);
                        all += weight;
                        add(other, weight);
                    }
                }
            }
            if (all < ENOUGH) {
                return false;
            }
            for (int channel = 0; channel < mean.length; channel++) {
                mean[channel] /= all;
            }
            half /= all;
            unsure /= all;
            return true;
        }

        private void add(int other, float weight) {
            for (int channel = 0; channel < mean.length; channel++) {
                mean[channel] += weight * light.channels()[channel][other];
            }
            half += weight * light.half()[other];
            unsure += weight * variance[other];
        }

        void join(int pixel, boolean agrees, float noisy) {
            float apart = mean[1] - light.green()[pixel];
            float own = agrees ? variance[pixel] : Math.max(unsure, variance[pixel]) + unsure;
            float noise = noisy * noisy * own;
            if (noise == 0) {
                return;
            }
            float near = noise / (noise + apart * apart);
            float others = OTHERS * near * near;
            float share = others / (others + 1 - OTHERS);
            for (int channel = 0; channel < mean.length; channel++) {
                float[] values = light.channels()[channel];
                values[pixel] += share * (mean[channel] - values[pixel]);
            }
            light.half()[pixel] += share * (half - light.half()[pixel]);
        }
    }
}
