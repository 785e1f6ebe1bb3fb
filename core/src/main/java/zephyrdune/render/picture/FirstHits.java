package zephyrdune.render.picture;

import zephyrdune.render.trace.FirstHit;

/**
 * What each pixel shows first, whatever the light.
 *
 * @param distance from the eye, metres; infinite where nothing is
 * @param normal of the surface, x, y and z in turn
 * @param owner see {@link FirstHit#owner}
 * @param colour red, green and blue of the surface in turn
 * @param mirrors whether what is seen there is the image of something else: metal and glass
 */
public record FirstHits(float[] distance, float[] normal, int[] owner, float[] colour, boolean[] mirrors) {

    /** What one pixel takes. */
    static final int BYTES = 7 * Float.BYTES + Integer.BYTES + 1;

    FirstHits(int width, int height) {
        this(
                new float[width * height],
                new float[3 * width * height],
                new int[width * height],
                new float[3 * width * height],
                new boolean[width * height]);
    }

    void note(int pixel, FirstHit guide) {
        distance[pixel] = (float) guide.distance;
        normal[3 * pixel] = (float) guide.nx;
        normal[3 * pixel + 1] = (float) guide.ny;
        normal[3 * pixel + 2] = (float) guide.nz;
        owner[pixel] = guide.owner;
        mirrors[pixel] = guide.mirrors;
        for (int channel = 0; channel < 3; channel++) {
            colour[3 * pixel + channel] = (float) guide.colour[channel];
        }
    }
}
