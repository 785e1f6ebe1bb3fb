package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.Collection;
import java.util.stream.IntStream;

/**
 * A film's light, evened out, on pixels half as wide: each gets it from those of the film's pixels round it that show the same surface, and has
 * that surface's colour as it is there (J. Kopf and others, Joint bilateral upsampling, ACM Trans. Graph. 26, 2007). So edges and patterns are
 * as sharp as the smaller pixels; what light itself does is not.
 *
 * <p>Every other pixel of a row at a time: the film's pixels round these lie side by side.
 */
final class JointUpsampling {

    /** What a neighbour of the same owner counts that faces another way or is at another distance; with one alone it counts all. */
    private static final float LEAST = 1e-4f;

    /** Of the nearer of two pixels of the film, and of the other one. */
    private static final float NEARER = 0.75f;

    private static final float FARTHER = 0.25f;

    /** Pixels of the film round each of the finer. */
    private static final int CORNERS = 4;

    private static final int NONE = -1;

    private static final Likeness.Facing[] FACINGS = Likeness.Facing.values();

    private final SurfaceRows film;
    private final FirstHits finer;
    private final int width;
    private final int height;

    private JointUpsampling(Film of, FirstHits finer) {
        this.finer = finer;
        width = of.width();
        height = of.height();
        film = SurfaceRows.of(of.guides(), width, height);
    }

    /**
     * @param finer what the pixels show that are half as wide
     * @param parts what is to be added up, evened out
     */
    static Picture of(Film film, FirstHits finer, Collection<WaveletFilter> parts) {
        JointUpsampling upsampling = new JointUpsampling(film, finer);
        float[] linear = new float[4 * 3 * film.width() * film.height()];
        IntStream.range(0, 2 * film.height()).parallel().forEach(row -> {
            for (int odd = 0; odd < 2; odd++) {
                upsampling.new Row(row, odd).show(parts, linear);
            }
        });
        return Picture.atLeastBlack(2 * film.width(), 2 * film.height(), linear);
    }

    private int inside(int column, int row) {
        return Math.max(0, Math.min(height - 1, row)) * width + Math.max(0, Math.min(width - 1, column));
    }

    /** Every other of the finer pixels of a row, and what the film's pixels round them count. */
    private final class Row {

        private final int row;
        private final int odd;

        /** The first of them. */
        private final int first;

        private final SurfaceRows here;

        /** By how much surfaces have to face the same way, and corner by corner. */
        private final float[][][] weights = new float[FACINGS.length][CORNERS][];

        /** The film's pixel farther away that one gets its light from instead, or none. */
        private final int[] instead = new int[width];

        Row(int row, int odd) {
            this.row = row;
            this.odd = odd;
            first = row * 2 * width + odd;
            here = SurfaceRows.of(finer, first, 2, width);
            for (int corner = 0; corner < CORNERS; corner++) {
                weigh(corner);
            }
            Arrays.fill(instead, NONE);
            find();
            for (float[][] facing : weights) {
                share(facing);
            }
        }

        private int top() {
            return (row - 1) >> 1;
        }

        /** From a pixel of a row to the film's left one of those round it. */
        private int left() {
            return odd - 1;
        }

        private float nearness(int corner) {
            float across = (corner & 1) == odd ? NEARER : FARTHER;
            float down = corner >> 1 == (row & 1) ? NEARER : FARTHER;
            return across * down;
        }

        /** A row of the film's, moved so that each pixel at a corner has the place of the finer one. */
        private float[] at(int corner, float[] values) {
            int start = inside(0, top() + (corner >> 1));
            int by = left() + (corner & 1);
            float[] moved = new float[width];
            System.arraycopy(values, start + Math.max(0, by), moved, Math.max(0, -by), width - Math.abs(by));
            if (by < 0) {
                moved[0] = values[start];
            } else if (by > 0) {
                moved[width - 1] = values[start + width - 1];
            }
            return moved;
        }

        private SurfaceRows there(int corner) {
            float[][] normal = new float[film.normal().length][];
            for (int axis = 0; axis < normal.length; axis++) {
                normal[axis] = at(corner, film.normal()[axis]);
            }
            return new SurfaceRows(at(corner, film.kind()), at(corner, film.distance()), normal);
        }

        private void weigh(int corner) {
            SurfaceRows there = there(corner);
            float nearness = nearness(corner);
            float[] same = here.same(there);
            float[] cosines = here.cosines(there);
            float[] near = here.asFar(there, 1);
            for (int facing = 0; facing < FACINGS.length; facing++) {
                float[] alike = cosines.clone();
                SurfaceRows.square(alike, FACINGS[facing].squared());
                for (int i = 0; i < alike.length; i++) {
                    alike[i] = nearness * same[i] * (LEAST + alike[i] * near[i]);
                }
                weights[facing][corner] = alike;
            }
        }

        /** Where none of the four shows the same surface: one a little farther away that does, or else all four, whatever they show. */
        private void find() {
            float[][] any = weights[0];
            for (int i = 0; i < width; i++) {
                if (any[0][i] + any[1][i] + any[2][i] + any[3][i] > 0) {
                    continue;
                }
                instead[i] = likest(i);
                for (int corner = 0; instead[i] == NONE && corner < CORNERS; corner++) {
                    for (float[][] facing : weights) {
                        facing[corner][i] = nearness(corner);
                    }
                }
            }
        }

        /** That of the same surface farther away which faces the most alike; none if there is none. */
        private int likest(int i) {
            int found = NONE;
            float most = -1;
            for (int down = -1; down <= 2; down++) {
                for (int across = -1; across <= 2; across++) {
                    int near = inside(i + left() + across, top() + down);
                    float cosine = 0;
                    for (int axis = 0; axis < film.normal().length; axis++) {
                        cosine += here.normal()[axis][i] * film.normal()[axis][near];
                    }
                    if (film.kind()[near] == here.kind()[i] && cosine > most) {
                        most = cosine;
                        found = near;
                    }
                }
            }
            return found;
        }

        /** Makes each pixel's weights add up to 1, but where another gives its light instead. */
        private void share(float[][] facing) {
            float[] all = new float[width];
            for (float[] corner : facing) {
                for (int i = 0; i < all.length; i++) {
                    all[i] += corner[i];
                }
            }
            for (int i = 0; i < all.length; i++) {
                all[i] = 1 / Math.max(Float.MIN_NORMAL, all[i]);
            }
            for (float[] corner : facing) {
                for (int i = 0; i < all.length; i++) {
                    corner[i] *= all[i];
                }
            }
        }

        /** The light of some parts, in the surface's colour where they have it. */
        void show(Collection<WaveletFilter> parts, float[] linear) {
            for (int channel = 0; channel < 3; channel++) {
                float[] coloured = new float[width];
                float[] plain = new float[width];
                for (WaveletFilter part : parts) {
                    float[][] facing = weights[part.facing().ordinal()];
                    add(part.light(channel), facing, part.coloured() ? coloured : plain);
                }
                for (int i = 0; i < width; i++) {
                    int at = 3 * (first + 2 * i) + channel;
                    linear[at] = coloured[i] * WaveletFilter.colour(finer, at) + plain[i];
                }
            }
        }

        private void add(float[] values, float[][] facing, float[] to) {
            float[] sums = new float[width];
            for (int corner = 0; corner < CORNERS; corner++) {
                float[] theirs = at(corner, values);
                float[] weight = facing[corner];
                for (int i = 0; i < sums.length; i++) {
                    sums[i] += weight[i] * theirs[i];
                }
            }
            for (int i = 0; i < width; i++) {
                to[i] += instead[i] == NONE ? sums[i] : values[instead[i]];
            }
        }
    }
}
