package zephyrdune.render.picture;

import java.util.stream.IntStream;

/**
 * Glass and metal by one sample: a pixel that happened to look the rarer way, into the dark round the table, is a speck among others that look
 * through. It is filled in from those next to it, as a rank filter does, until a second sample tells how noisy the place is.
 */
final class DarkSpecks {

    /** A pixel has to be darker than this share of what it is filled in with. */
    private static final float DARKER = 0.5f;

    /** Of the neighbours on the same surface, this one from the darkest on fills it in: what is three pixels wide stays. */
    private static final int RANK = 2;

    /** With fewer neighbours on the same surface nothing is known. */
    private static final int LEAST_NEIGHBOURS = 5;

    private DarkSpecks() {}

    /** The same light, red, green and blue in turn, without specks on what shows the image of something else. */
    static float[] filled(float[] light, FirstHits guides, int width, int height) {
        float[] filled = light.clone();
        IntStream.range(1, Math.max(1, height - 1)).parallel().forEach(row -> {
            int[] near = new int[8];
            for (int column = 1; column < width - 1; column++) {
                int pixel = row * width + column;
                int count = guides.mirrors()[pixel] ? alike(guides, pixel, width, near) : 0;
                if (count >= LEAST_NEIGHBOURS) {
                    int fill = ranked(light, near, count);
                    if (light[3 * pixel + 1] < DARKER * light[3 * fill + 1]) {
                        System.arraycopy(light, 3 * fill, filled, 3 * pixel, 3);
                    }
                }
            }
        });
        return filled;
    }

    /** How many of the eight next to a pixel show the same surface. */
    private static int alike(FirstHits guides, int pixel, int width, int[] near) {
        int count = 0;
        for (int down = -width; down <= width; down += width) {
            for (int other = pixel + down - 1; other <= pixel + down + 1; other++) {
                if (other != pixel && guides.owner()[other] == guides.owner()[pixel] && guides.mirrors()[other]) {
                    near[count++] = other;
                }
            }
        }
        return count;
    }

    /** The pixel of that rank by its green. */
    private static int ranked(float[] light, int[] near, int count) {
        for (int done = 0; done <= RANK; done++) {
            int least = done;
            for (int i = done + 1; i < count; i++) {
                least = light[3 * near[i] + 1] < light[3 * near[least] + 1] ? i : least;
            }
            int swapped = near[done];
            near[done] = near[least];
            near[least] = swapped;
        }
        return near[RANK];
    }
}
