package zephyrdune.render.picture;

import java.util.Arrays;

/**
 * One component of a picture's light, evened along each surface as far as its own noise reaches.
 *
 * <p>An edge-avoiding wavelet (H. Dammertz and others, Edge-avoiding à-trous wavelet transform for fast global illumination
 * filtering, HPG 2010), on light with the surface's colour taken out, guided by owner, normal and distance, and by differences that are
 * larger than the noise (C. Schied and others, Spatiotemporal variance-guided filtering, HPG 2017): with more samples less is evened, down to
 * nothing.
 */
final class WaveletFilter {

    /**
     * How a component is evened.
     *
     * @param steps distances between the pixels that are taken together, pass after pass
     * @param wide how many of these say how noisy the neighbourhood is
     * @param alike how much surfaces have to face one way, see {@link Likeness}
     * @param noisy differences of this many standard errors count for a quarter; {@link #WHATEVER} if none matters
     * @param coloured whether the light has the surface's colour, which is taken out first
     * @param strays whether single pixels that are brighter than those round them, by chance, give what they have more to the surface there;
     *     not with {@link #WHATEVER}, which spreads them anyway
     */
    record Settings(int[] steps, int wide, Likeness.Facing alike, float noisy, boolean coloured, boolean strays) {}

    /** Pixels are evened whatever they differ by; how noisy they are is then not worked out. */
    static final float WHATEVER = 1e6f;

    /** What is darker than this is not divided by its colour. */
    private static final float DARKEST = 0.01f;

    /** A pixel brighter than its neighbours is no stray if both halves of its samples have found its light, but for this share. */
    private static final float ONE_SIDED = 0.1f;

    private final Neighbourhood pixels;
    private final Settings settings;
    private final FirstHits guides;

    /** Over the surface's colour. */
    private NoisyLight light;

    /** Mean square of what was evened that is no noise, as far as that is known. */
    private final float[] bias;

    /**
     * @param found red, green and blue in turn
     * @param halfDifference of earlier and later samples of its green
     */
    WaveletFilter(Settings settings, FirstHits guides, Neighbourhood pixels, float[] found, float[] halfDifference) {
        this.settings = settings;
        this.guides = guides;
        this.pixels = pixels;
        bias = new float[halfDifference.length];
        light = NoisyLight.none(halfDifference.length);
        take(found, halfDifference);
    }

    /** Colour of the surface that light is to be multiplied by; 1 if this light has none. */
    private float colour(int i) {
        return settings.coloured ? colour(guides, i) : 1;
    }

    /** The same of light that has one. */
    static float colour(FirstHits seen, int i) {
        return Math.max(DARKEST, seen.colour()[i]);
    }

    boolean coloured() {
        return settings.coloured;
    }

    /** One channel of it, over the surface's colour. */
    float[] light(int channel) {
        return light.channels()[channel];
    }

    Likeness.Facing facing() {
        return settings.alike;
    }

    /** Takes the surface's colour out. */
    private void take(float[] found, float[] halfDifference) {
        pixels.each(pixel -> {
            for (int channel = 0; channel < 3; channel++) {
                light.channels()[channel][pixel] = found[3 * pixel + channel] / colour(3 * pixel + channel);
            }
            light.half()[pixel] = halfDifference[pixel] / colour(3 * pixel + 1) - tone(pixel);
        });
    }

    /** What the light is off by, over the surface's colour, as far as that colour is: with its sign, as the half difference has it. */
    private float tone(int pixel) {
        return settings.coloured ? guides.unsure(pixel) * light.green()[pixel] : 0;
    }

    /**
     * Adds what came out, in the surface's colour.
     *
     * @param squares mean square of what its green is off by, but for that colour
     * @param tones what its green is off by because that colour is, as the same sample of the surface colours all light
     * @param left mean square of what noise is left, over what the halves tell
     */
    void addTo(float[] linear, float[] squares, float[] tones, float left) {
        pixels.each(pixel -> {
            for (int channel = 0; channel < 3; channel++) {
                linear[3 * pixel + channel] += light.channels()[channel][pixel] * colour(3 * pixel + channel);
            }
            float green = colour(3 * pixel + 1);
            squares[pixel] += (left * light.variance()[pixel] + bias[pixel]) * green * green;
            tones[pixel] += tone(pixel) * green;
        });
    }

    /** @param samples of a pixel: with two or more the half differences say how noisy the light is, with one what it differs by round it does */
    void even(Likeness likeness, double samples) {
        boolean halves = samples >= Noise.LEAST_SAMPLES;
        if (settings.noisy == WHATEVER) {
            Arrays.fill(light.variance(), 1);
            light = passes(light, settings.noisy, likeness);
            Arrays.fill(light.variance(), Float.NaN);
            return;
        }
        NoisyLight found = light.copy();
        if (settings.strays) {
            spreadStrays(halves, likeness);
        }
        setVariance(widely(squares(halves ? light.half() : light.green()), likeness));
        if (!halves) {
            float[] mean = squares(widely(light.green(), likeness));
            float[] variance = light.variance();
            pixels.each(pixel -> variance[pixel] = Math.max(0, variance[pixel] - mean[pixel]));
        }
        float[] varianceBefore = light.variance().clone();
        light = passes(light, settings.noisy, likeness);
        likeness.mixed(settings.alike).even(light, found, varianceBefore, settings.noisy, halves);
        if (halves) {
            findBias(found, likeness);
        }
        setVariance(widely(squares(light.half()), likeness));
    }

    private NoisyLight passes(NoisyLight from, float noisy, Likeness likeness) {
        NoisyLight latest = from;
        NoisyLight next = NoisyLight.none(bias.length);
        for (int step : settings.steps) {
            WaveletPass.over(latest, next, pixels, step, likeness.at(step, settings.alike), noisy);
            NoisyLight before = latest;
            latest = next;
            next = before;
        }
        return latest;
    }

    private void setVariance(float[] variance) {
        System.arraycopy(variance, 0, light.variance(), 0, variance.length);
    }

    /** What was evened that was no noise: what was changed round a pixel by more than the halves changed along with it. */
    private void findBias(NoisyLight found, Likeness likeness) {
        float[] more = new float[bias.length];
        pixels.each(pixel -> {
            float change = light.green()[pixel] - found.green()[pixel];
            float noisy = light.half()[pixel] - found.half()[pixel];
            more[pixel] = change * change - noisy * noisy;
        });
        float[] wide = widely(more, likeness);
        pixels.each(pixel -> {
            bias[pixel] = Math.max(0, wide[pixel]);
        });
    }

    private float[] squares(float[] values) {
        float[] squares = new float[values.length];
        pixels.each(pixel -> squares[pixel] = values[pixel] * values[pixel]);
        return squares;
    }

    /** Dims strays to the mean of their neighbours, and gives what they had more to the surface round them: no light is lost. */
    private void spreadStrays(boolean halves, Likeness likeness) {
        NoisyLight more = light.copy();
        dimStrays(halves);
        pixels.each(pixel -> more.subtract(light, pixel));
        Arrays.fill(more.variance(), 1);
        NoisyLight spread = passes(more, WHATEVER, likeness);
        pixels.each(pixel -> light.add(spread, pixel));
    }

    private void dimStrays(boolean halves) {
        int width = pixels.width();
        float[] grey = new float[bias.length];
        for (float[] channel : light.channels()) {
            pixels.rows(row -> plus(channel, row * width, grey, row * width));
        }
        pixels.rows(row -> {
            int top = Math.max(0, row - 1);
            int bottom = Math.min(pixels.height() - 1, row + 1);
            float[] columns = new float[width];
            for (int y = top; y <= bottom; y++) {
                plus(grey, y * width, columns, 0);
            }
            for (int column = 0; column < width; column++) {
                int left = Math.max(0, column - 1);
                int right = Math.min(width - 1, column + 1);
                float sum = columns[column];
                sum += left < column ? columns[left] : 0;
                sum += right > column ? columns[right] : 0;
                int pixel = row * width + column;
                float own = grey[pixel];
                float most = (sum - own) / ((bottom - top + 1) * (right - left + 1) - 1);
                if (own > most && own > 0 && !(halves && inBoth(pixel))) {
                    dim(pixel, most / own);
                }
            }
        });
    }

    /** Whether earlier and later samples alike have found much of a pixel's light. */
    private boolean inBoth(int pixel) {
        return Math.abs(light.half()[pixel]) < ONE_SIDED * light.green()[pixel];
    }

    /** Adds one row of one array to one row of another. */
    private void plus(float[] values, int first, float[] to, int start) {
        float[] sums = Arrays.copyOfRange(to, start, start + pixels.width());
        float[] added = Arrays.copyOfRange(values, first, first + pixels.width());
        for (int column = 0; column < sums.length; column++) {
            sums[column] += added[column];
        }
        System.arraycopy(sums, 0, to, start, sums.length);
    }

    private void dim(int pixel, float share) {
        light.half()[pixel] *= share;
        for (float[] channel : light.channels()) {
            channel[pixel] *= share;
        }
    }

    /** Mean of some figure over the neighbourhood, as far as that is the same surface. */
    private float[] widely(float[] values, Likeness likeness) {
        float[] mean = values;
        for (int i = 0; i < settings.wide; i++) {
            mean = pixels.mean(mean, settings.steps[i], likeness.at(settings.steps[i], settings.alike));
        }
        return mean;
    }
}
