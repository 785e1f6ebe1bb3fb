package zephyrdune.render.picture;

import java.util.Collection;
import java.util.stream.IntStream;

/**
 * A film's light, evened out, on pixels half as wide: each gets it from those of the film's pixels round it that show the same surface, and has
 * that surface's colour as it is there (J. Kopf and others, Joint bilateral upsampling, ACM Trans. Graph. 26, 2007). So edges and patterns are
 * as sharp as the smaller pixels; what light itself does is not.
 */
final class JointUpsampling {

    /** What a neighbour of the same owner counts that faces another way or is at another distance; with one alone it counts all. */
    private static final float LEAST = 1e-4f;

    /** Of the nearer of two pixels of the film, and of the other one. */
    private static final float NEARER = 0.75f;

    private static final float FARTHER = 0.25f;

    private static final Likeness.Facing[] FACINGS = Likeness.Facing.values();

    private final FirstHits film;
    private final FirstHits finer;
    private final int width;
    private final int height;

    private JointUpsampling(Film of, FirstHits finer) {
        film = of.guides();
        this.finer = finer;
        width = of.width();
        height = of.height();
    }

    /**
     * @param finer what the pixels show that are half as wide
     * @param parts what is to be added up, evened out
     */
    static Picture of(Film film, FirstHits finer, Collection<WaveletFilter> parts) {
        JointUpsampling upsampling = new JointUpsampling(film, finer);
        WaveletFilter[] all = parts.toArray(WaveletFilter[]::new);
        float[] linear = new float[4 * 3 * film.width() * film.height()];
        IntStream.range(0, 2 * film.height()).parallel().forEach(row -> upsampling.row(row, all, linear));
        return Picture.atLeastBlack(2 * film.width(), 2 * film.height(), linear);
    }

    private void row(int row, WaveletFilter[] parts, float[] linear) {
        Near near = new Near();
        for (int column = 0; column < 2 * width; column++) {
            int pixel = row * 2 * width + column;
            near.find(column, row, pixel);
            for (WaveletFilter part : parts) {
                float[] weights = near.weights[part.facing().ordinal()];
                for (int channel = 0; channel < 3; channel++) {
                    float light = part.light(channel, near.pixels, weights);
                    linear[3 * pixel + channel] += light * part.colour(finer, 3 * pixel + channel);
                }
            }
        }
    }

    /** The film's pixels round one of the finer, and what each counts. */
    private final class Near {

        private final int[] pixels = new int[4];

        /** By how much surfaces have to face the same way. */
        private final float[][] weights = new float[FACINGS.length][pixels.length];

        private void find(int column, int row, int pixel) {
            int left = (column - 1) >> 1;
            int top = (row - 1) >> 1;
            pixels[0] = inside(left, top);
            pixels[1] = inside(left + 1, top);
            pixels[2] = inside(left, top + 1);
            pixels[3] = inside(left + 1, top + 1);
            boolean any = false;
            for (int near : pixels) {
                any |= same(pixel, near);
            }
            int other = any ? -1 : likest(left, top, pixel);
            if (other >= 0) {
                pixels[0] = other;
            }
            boolean alike = any || other >= 0;
            for (int i = 0; i < pixels.length; i++) {
                float across = (i & 1) == (column & 1) ? NEARER : FARTHER;
                float down = i >> 1 == (row & 1) ? NEARER : FARTHER;
                for (Likeness.Facing facing : FACINGS) {
                    float likeness = alike ? likeness(pixel, pixels[i], facing) : 1;
                    weights[facing.ordinal()][i] = across * down * likeness;
                }
            }
            for (float[] weight : weights) {
                float share = 1 / (weight[0] + weight[1] + weight[2] + weight[3]);
                for (int i = 0; i < weight.length; i++) {
                    weight[i] *= share;
                }
            }
        }

        /** That of the same owner farther away which is most alike; -1 if there is none. */
        private int likest(int left, int top, int pixel) {
            int found = -1;
            float most = 0;
            for (int row = top - 1; row <= top + 2; row++) {
                for (int column = left - 1; column <= left + 2; column++) {
                    int near = inside(column, row);
                    float likeness = likeness(pixel, near, Likeness.Facing.ALIKE);
                    if (likeness > most) {
                        most = likeness;
                        found = near;
                    }
                }
            }
            return found;
        }

        private int inside(int column, int row) {
            return Math.max(0, Math.min(height - 1, row)) * width + Math.max(0, Math.min(width - 1, column));
        }

        private boolean same(int pixel, int near) {
            return finer.owner()[pixel] == film.owner()[near] && finer.mirrors()[pixel] == film.mirrors()[near];
        }

        private float likeness(int pixel, int near, Likeness.Facing facing) {
            if (!same(pixel, near)) {
                return 0;
            }
            // nothing is as far as nothing
            if (finer.owner()[pixel] < 0) {
                return 1;
            }
            float[] here = finer.normal();
            float[] there = film.normal();
            float cosine = here[3 * pixel] * there[3 * near]
                    + here[3 * pixel + 1] * there[3 * near + 1]
                    + here[3 * pixel + 2] * there[3 * near + 2];
            return LEAST
                    + facing.likeness(cosine) / Likeness.unlikeness(finer.distance()[pixel], film.distance()[near], 1);
        }
    }
}
