package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.BooleanSupplier;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import zephyrdune.render.body.Ray;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.LightComponent;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Cancellation;

/**
 * The layers of a picture as they gather light, pass by pass: for lights and a room of luminance 1, so that power, exposure and
 * white balance only change how they are mixed. The same set and passes give the same bits, whatever the number of threads.
 *
 * <p>Not for several threads at once; each pass itself uses as many as there are.
 */
public final class Film {

    private final Scene scene;
    private final CameraRays sight;
    private final int width;
    private final int height;
    private final FilmPlanes planes;

    private final Tiles tiles;

    /** Sums over the samples: component by component of layer after layer, row by row, red, green, blue. */
    private final float[] sums;

    /** Sums of the green of the earlier samples, likewise; see {@link Halves}. */
    private final float[] earlier;

    /** Samples per pixel, tile by tile. */
    private final int[] samples;

    private final FirstHits guides;

    /** Null where pixels half as wide are not looked at. */
    private final CloserLook closer;

    private final IndirectPixels indirect;

    /** Whether reflected light was not followed everywhere. */
    private boolean sparse;

    /** How much work the pass under way does. */
    private SampleBudget within;

    /** Tiles of the pass under way that are still to be done. */
    private int[] due = {};

    /** Tracers that no thread is using, by how much work they do. */
    private final Map<SampleBudget, Queue<Tracer>> tracers = new ConcurrentHashMap<>();

    /** @param deep whether what is out of focus looks it */
    public Film(TableSet set, int width, int height, boolean deep) {
        this(set, width, height, deep, false);
    }

    /** @param centred for a film of one sample: it shows what the middles of its pixels show, so that edges are even, not torn */
    Film(TableSet set, int width, int height, boolean deep, boolean centred) {
        this(set, Scene.of(set), width, height, deep, centred, null);
    }

    private Film(TableSet set, Scene scene, int width, int height, boolean deep, boolean centred, CloserLook closer) {
        this.scene = scene;
        this.closer = closer;
        sight = new CameraRays(set, width, height, deep, centred);
        this.width = width;
        this.height = height;
        planes = new FilmPlanes(set);
        int kept = planes.count();
        tiles = new Tiles(width, height);
        sums = new float[3 * kept * width * height];
        earlier = new float[kept * width * height];
        samples = new int[tiles.count()];
        indirect = new IndirectPixels(tiles.count(), width * height);
        guides = new FirstHits(width, height);
    }

    /**
     * One that is sharp all over, and finds out what is seen for pixels half as wide too.
     *
     * @param before a closer look at what may be the same but for the light
     */
    static Film doubled(TableSet set, int width, int height, Optional<CloserLook> before) {
        Scene scene = Scene.of(set);
        CloserLook closer = new CloserLook(set, scene, width, height, before);
        return new Film(set, scene, width, height, false, true, closer);
    }

    /** Memory that a film of a set takes, near enough, bytes. */
    public static long bytes(TableSet set, int width, int height) {
        return (long) width * height * (new FilmPlanes(set).count() * 4L * Float.BYTES + FirstHits.BYTES);
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int layers() {
        return planes.layers();
    }

    /** Whether this set has a layer at all. */
    public boolean has(int layer) {
        return planes.has(layer);
    }

    /** Words of the layers that this set has. */
    public List<String> words() {
        return IntStream.range(0, planes.layers())
                .filter(this::has)
                .mapToObj(Layers::word)
                .toList();
    }

    public FirstHits guides() {
        return guides;
    }

    /** At pixels half as wide, if those were looked at. */
    Optional<CloserLook> closer() {
        return Optional.ofNullable(closer);
    }

    /** Whether light by way of matte surfaces is found at some pixels alone, and has to be evened out over those between. */
    boolean sparse() {
        return sparse;
    }

    /** Samples per pixel so far, on average. */
    public double samples() {
        return Arrays.stream(samples).average().orElse(0);
    }

    /**
     * Adds one sample to every pixel; returns false when it was stopped before it was done, after which the next call goes on
     * where it left.
     *
     * @param stop asked before every tile, by several threads
     */
    public boolean pass(SampleBudget budget, BooleanSupplier stop) {
        return pass(budget, tile -> true, stop);
    }

    /** The same for the pixels of some tiles alone; a pass that was stopped goes on with those it began with. */
    boolean pass(SampleBudget budget, IntPredicate wanted, BooleanSupplier stop) {
        sparse |= budget.apart() > 1;
        if (due.length == 0) {
            due = IntStream.range(0, samples.length).filter(wanted).toArray();
            within = budget.withIndirect(indirect.paths());
        }
        boolean[] done = new boolean[due.length];
        IntStream.range(0, due.length).parallel().forEach(i -> {
            if (!stop.getAsBoolean()) {
                expose(due[i], within);
                done[i] = true;
            }
        });
        due = IntStream.range(0, due.length)
                .filter(i -> !done[i])
                .map(i -> due[i])
                .toArray();
        return due.length == 0;
    }

    /** Begins with what a coarser film of the same set has found. */
    void expect(Film coarser) {
        indirect.expect(coarser.indirect);
    }

    /** One pass, all of it, unless the thread is interrupted; see {@link Cancellation}. */
    public void wholePass(SampleBudget budget) {
        if (!pass(budget, Thread.currentThread()::isInterrupted)) {
            Cancellation.check();
        }
    }

    private void expose(int tile, SampleBudget budget) {
        Queue<Tracer> free = tracers.computeIfAbsent(budget, any -> new ConcurrentLinkedQueue<>());
        Tracer tracer = Optional.ofNullable(free.poll()).orElseGet(() -> new Tracer(scene, budget));
        tracer.begin();
        Ray ray = new Ray();
        int index = samples[tile];
        int apart = budget.apart();
        if (Halves.laterFrom(index)) {
            keepEarlier(tile);
        }
        for (int row = tiles.top(tile); row < tiles.bottom(tile); row++) {
            for (int column = tiles.left(tile); column < tiles.right(tile); column++) {
                sight.aim(column, row, index, ray);
                boolean follows = column % apart == 0 && row % apart == 0;
                int reflected = follows ? apart * apart : 0;
                tracer.trace(ray, CameraRays.seed(column, row), index, sight.spread(), reflected);
                if (index == 0) {
                    indirect.note(tile, tracer.guide.indirect);
                }
                planes.add(tracer.components, row * width + column, width * height, sums);
                guides.note(row * width + column, tracer.guide, index);
            }
        }
        if (closer != null && index == 0) {
            closer.take(tiles.left(tile), tiles.right(tile), tiles.top(tile), tiles.bottom(tile), guides);
        }
        samples[tile]++;
        free.add(tracer);
    }

    /** What a tile has by now is what the samples to come are held against. */
    private void keepEarlier(int tile) {
        for (int layer = 0; layer < earlier.length; layer += width * height) {
            for (int row = tiles.top(tile); row < tiles.bottom(tile); row++) {
                for (int column = tiles.left(tile); column < tiles.right(tile); column++) {
                    int at = layer + row * width + column;
                    earlier[at] = sums[3 * at + 1];
                }
            }
        }
    }

    /** Mean of one channel of one layer at a pixel. */
    public double mean(int layer, int pixel, int channel) {
        double sum = 0;
        for (int plane : planes.of(layer)) {
            sum += plane < 0 ? 0 : sums[3 * (plane * width * height + pixel) + channel];
        }
        return sum / samples[tiles.of(pixel)];
    }

    /**
     * Standard error of some components of a mix, with its sign by chance: the difference of the earlier and the later samples' means, green
     * alone; not a number where there are too few of them.
     */
    float[] halfDifference(Mix mix, Set<LightComponent> components) {
        float[] half = new float[width * height];
        IntStream.range(0, tiles.count()).parallel().forEach(tile -> {
            int all = samples[tile];
            for (int row = tiles.top(tile); row < tiles.bottom(tile); row++) {
                int from = row * width + tiles.left(tile);
                int to = row * width + tiles.right(tile);
                if (all < Noise.LEAST_SAMPLES) {
                    Arrays.fill(half, from, to, Float.NaN);
                    continue;
                }
                for (int layer = 0; layer < planes.layers(); layer++) {
                    float weight = (float) (mix.weight(layer, 1) * Halves.scale(all));
                    for (LightComponent component : components) {
                        int plane = planes.of(layer, component.ordinal());
                        if (weight != 0 && plane >= 0) {
                            half(
                                    plane * width * height,
                                    from,
                                    to,
                                    weight / Halves.earlier(all),
                                    weight / (all - Halves.earlier(all)),
                                    half);
                        }
                    }
                }
            }
        });
        return half;
    }

    /** Adds one component's part. */
    private void half(int layer, int from, int to, float ofEarlier, float ofLater, float[] half) {
        for (int pixel = from; pixel < to; pixel++) {
            float before = earlier[layer + pixel];
            half[pixel] += ofEarlier * before - ofLater * (sums[3 * (layer + pixel) + 1] - before);
        }
    }

    int samples(int tile) {
        return samples[tile];
    }

    Tiles tiles() {
        return tiles;
    }

    /** The picture, mixed as asked for. */
    public Picture picture(Mix mix) {
        return Picture.atLeastBlack(width, height, linear(mix, EnumSet.allOf(LightComponent.class)));
    }

    /** Some components of the picture alone; less than black where more was found blocked than is there. */
    float[] linear(Mix mix, Set<LightComponent> components) {
        float[] linear = new float[3 * width * height];
        IntStream.range(0, tiles.count()).parallel().forEach(tile -> {
            float each = 1f / samples[tile];
            for (int row = tiles.top(tile); row < tiles.bottom(tile); row++) {
                int from = 3 * (row * width + tiles.left(tile));
                int to = 3 * (row * width + tiles.right(tile));
                for (int layer = 0; layer < planes.layers(); layer++) {
                    for (LightComponent component : components) {
                        int plane = planes.of(layer, component.ordinal());
                        if (plane >= 0 && mix.shows(layer)) {
                            add(mix, layer, plane, from, to, each, linear);
                        }
                    }
                }
            }
        });
        return linear;
    }

    private void add(Mix mix, int layer, int plane, int from, int to, float each, float[] linear) {
        float red = (float) mix.weight(layer, 0) * each;
        float green = (float) mix.weight(layer, 1) * each;
        float blue = (float) mix.weight(layer, 2) * each;
        int offset = 3 * plane * width * height;
        for (int i = from; i < to; i += 3) {
            linear[i] += red * sums[offset + i];
            linear[i + 1] += green * sums[offset + i + 1];
            linear[i + 2] += blue * sums[offset + i + 2];
        }
    }
}
