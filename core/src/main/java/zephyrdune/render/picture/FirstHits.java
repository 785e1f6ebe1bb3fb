package zephyrdune.render.picture;

import zephyrdune.render.trace.FirstHit;

/**
 * What each pixel shows first, whatever the light: the owner by its first sample, the rest by the mean of all.
 *
 * @param distance from the eye, metres; infinite where nothing is
 * @param normal of the surface, x, y and z in turn
 * @param owner see {@link FirstHit#owner}
 * @param colour red, green and blue of the surface in turn
 * @param earlier green of the surface by its earlier samples alone, see {@link Halves}
 * @param mirrors whether what is seen there is the image of something else: metal and glass
 * @param samples that were taken in
 */
public record FirstHits(
        float[] distance,
        float[] normal,
        int[] owner,
        float[] colour,
        float[] earlier,
        boolean[] mirrors,
        int[] samples) {

    /** What one pixel takes. */
    static final int BYTES = 8 * Float.BYTES + 2 * Integer.BYTES + 1;

    FirstHits(int width, int height) {
        this(
                new float[width * height],
                new float[3 * width * height],
                new int[width * height],
                new float[3 * width * height],
                new float[width * height],
                new boolean[width * height],
                new int[width * height]);
    }

    /**
     * Takes one more sample in.
     *
     * @param before samples that were taken in before
     */
    void note(int pixel, FirstHit guide, int before) {
        if (before == 0) {
            owner[pixel] = guide.owner;
            mirrors[pixel] = guide.mirrors;
        }
        if (Halves.laterFrom(before)) {
            earlier[pixel] = colour[3 * pixel + 1];
        }
        samples[pixel] = before + 1;
        float share = 1f / (before + 1);
        for (int channel = 0; channel < 3; channel++) {
            int at = 3 * pixel + channel;
            colour[at] += share * ((float) guide.colour[channel] - colour[at]);
        }
        if (before == 0) {
            distance[pixel] = (float) guide.distance;
        } else if (guide.owner != owner[pixel] || guide.owner < 0) {
            return;
        } else {
            distance[pixel] += share * ((float) guide.distance - distance[pixel]);
        }
        normal[3 * pixel] += share * ((float) guide.nx - normal[3 * pixel]);
        normal[3 * pixel + 1] += share * ((float) guide.ny - normal[3 * pixel + 1]);
        normal[3 * pixel + 2] += share * ((float) guide.nz - normal[3 * pixel + 2]);
    }

    /** Takes some pixels over from others of as many. */
    void copy(FirstHits other, int from, int to) {
        int count = to - from;
        System.arraycopy(other.distance, from, distance, from, count);
        System.arraycopy(other.normal, 3 * from, normal, 3 * from, 3 * count);
        System.arraycopy(other.owner, from, owner, from, count);
        System.arraycopy(other.colour, 3 * from, colour, 3 * from, 3 * count);
        System.arraycopy(other.earlier, from, earlier, from, count);
        System.arraycopy(other.mirrors, from, mirrors, from, count);
        System.arraycopy(other.samples, from, samples, from, count);
    }

    /** How far the green of a pixel's surface may be off, as a share of it: by the difference of its earlier and its later samples. */
    float unsure(int pixel) {
        float green = colour[3 * pixel + 1];
        int all = samples[pixel];
        if (green == 0 || all < Noise.LEAST_SAMPLES) {
            return 0;
        }
        float sinceEarlier = (earlier[pixel] - green) * all / (all - Halves.earlier(all));
        return (float) Halves.scale(all) * sinceEarlier / green;
    }
}
