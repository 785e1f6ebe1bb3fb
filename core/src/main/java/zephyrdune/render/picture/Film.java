package zephyrdune.render.picture;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.BooleanSupplier;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import zephyrdune.render.body.Ray;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.NoBase;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.units.measure.Cancellation;

/**
 * The layers of a picture as they gather light, pass by pass: for lights and a room of luminance 1, so that power, exposure and
 * white balance only change how they are mixed. The same set and passes give the same bits, whatever the number of threads.
 *
 * <p>Not for several threads at once; each pass itself uses as many as there are.
 */
public final class Film {

    /** Sides of the squares that are worked on one by one, pixels. */
    private static final int TILE = 16;

    /** Samples of a pixel that say what it shows first. */
    private static final int GUIDED = 16;

    private final Scene scene;
    private final CameraRays sight;
    private final int width;
    private final int height;
    private final int layers;

    /** Where each layer is kept, or -1 for one that this set has not got. */
    private final int[] slots;

    private final int columns;
    private final int rows;

    /** Sums over the samples: layer by layer, row by row, red, green, blue. */
    private final float[] sums;

    /** Sums of the odd samples' green, layer by layer. */
    private final float[] odd;

    /** Samples per pixel, tile by tile. */
    private final int[] samples;

    private final FirstHits guides;

    /** Whether reflected light was not followed everywhere. */
    private boolean sparse;

    /** Tiles of the pass under way that are still to be done. */
    private int[] due = {};

    /** Tracers that no thread is using, by how much work they do. */
    private final Map<SampleBudget, Queue<Tracer>> tracers = new ConcurrentHashMap<>();

    /** @param deep whether what is out of focus looks it */
    public Film(TableSet set, int width, int height, boolean deep) {
        scene = Scene.of(set);
        sight = new CameraRays(set, width, height, deep);
        this.width = width;
        this.height = height;
        layers = Layers.count(set.cards().size());
        slots = slots(set, layers);
        int kept = (int) Arrays.stream(slots).filter(slot -> slot >= 0).count();
        columns = (width + TILE - 1) / TILE;
        rows = (height + TILE - 1) / TILE;
        sums = new float[3 * kept * width * height];
        odd = new float[kept * width * height];
        samples = new int[columns * rows];
        guides = new FirstHits(width, height);
    }

    /** Memory that a film of a set takes, near enough, bytes. */
    public static long bytes(TableSet set, int width, int height) {
        int layers = Layers.count(set.cards().size());
        long kept = Arrays.stream(slots(set, layers)).filter(slot -> slot >= 0).count();
        return (long) width * height * (kept * 4 * Float.BYTES + FirstHits.BYTES);
    }

    private static int[] slots(TableSet set, int layers) {
        boolean glass = Scene.hasGlass(set);
        int[] slots = new int[layers];
        int next = 0;
        for (int layer = 0; layer < layers; layer++) {
            boolean absent = layer == Layers.ROOM && set.room() instanceof OpenRoom
                    || layer == Layers.BASE && set.base() instanceof NoBase
                    || layer == Layers.GLASS && !glass;
            slots[layer] = absent ? -1 : next++;
        }
        return slots;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    public int layers() {
        return layers;
    }

    /** Whether this set has a layer at all. */
    public boolean has(int layer) {
        return slots[layer] >= 0;
    }

    /** Words of the layers that this set has. */
    public List<String> words() {
        return IntStream.range(0, layers)
                .filter(this::has)
                .mapToObj(Layers::word)
                .toList();
    }

    public FirstHits guides() {
        return guides;
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
        }
        boolean[] done = new boolean[due.length];
        IntStream.range(0, due.length).parallel().forEach(i -> {
            if (!stop.getAsBoolean()) {
                expose(due[i], budget);
                done[i] = true;
            }
        });
        due = IntStream.range(0, due.length)
                .filter(i -> !done[i])
                .map(i -> due[i])
                .toArray();
        return due.length == 0;
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
        for (int row = top(tile); row < bottom(tile); row++) {
            for (int column = left(tile); column < right(tile); column++) {
                sight.aim(column, row, index, ray);
                boolean follows = column % apart == 0 && row % apart == 0;
                int reflected = follows ? apart * apart : 0;
                tracer.trace(ray, CameraRays.seed(column, row), index, sight.spread(), reflected);
                gather(row * width + column, tracer.out, index);
                if (index < GUIDED) {
                    guides.note(row * width + column, tracer.guide, index);
                }
            }
        }
        samples[tile]++;
        free.add(tracer);
    }

    private void gather(int pixel, double[] found, int index) {
        for (int layer = 0; layer < layers; layer++) {
            int slot = slots[layer];
            if (slot < 0) {
                continue;
            }
            int at = 3 * (slot * width * height + pixel);
            sums[at] += (float) found[3 * layer];
            sums[at + 1] += (float) found[3 * layer + 1];
            sums[at + 2] += (float) found[3 * layer + 2];
            if ((index & 1) == 1) {
                odd[slot * width * height + pixel] += (float) found[3 * layer + 1];
            }
        }
    }

    /** Mean of one channel of one layer at a pixel. */
    public double mean(int layer, int pixel, int channel) {
        int slot = slots[layer];
        return slot < 0 ? 0 : sums[3 * (slot * width * height + pixel) + channel] / (double) samples[tileOf(pixel)];
    }

    /** Half the difference of the odd and the even samples' means of a mix, green alone; not a number where there are too few of them. */
    float[] halfDifference(Mix mix) {
        float[] half = new float[width * height];
        IntStream.range(0, rows * columns).parallel().forEach(tile -> {
            int all = samples[tile];
            int odds = all / 2;
            for (int row = top(tile); row < bottom(tile); row++) {
                int from = row * width + left(tile);
                int to = row * width + right(tile);
                if (all < Noise.LEAST_SAMPLES) {
                    Arrays.fill(half, from, to, Float.NaN);
                    continue;
                }
                for (int layer = 0; layer < layers; layer++) {
                    float weight = (float) mix.weight(layer, 1) / 2;
                    if (weight != 0 && slots[layer] >= 0) {
                        half(slots[layer] * width * height, from, to, weight / odds, weight / (all - odds), half);
                    }
                }
            }
        });
        return half;
    }

    /** Adds one layer's part. */
    private void half(int layer, int from, int to, float ofOdd, float ofEven, float[] half) {
        for (int pixel = from; pixel < to; pixel++) {
            float odds = odd[layer + pixel];
            half[pixel] += ofOdd * odds - ofEven * (sums[3 * (layer + pixel) + 1] - odds);
        }
    }

    int samples(int tile) {
        return samples[tile];
    }

    int tiles() {
        return samples.length;
    }

    private int tileOf(int pixel) {
        return pixel / width / TILE * columns + pixel % width / TILE;
    }

    /** A tile and those next to it. */
    int[] round(int tile) {
        int column = tile % columns;
        int row = tile / columns;
        return IntStream.rangeClosed(Math.max(0, row - 1), Math.min(rows - 1, row + 1))
                .flatMap(near -> IntStream.rangeClosed(Math.max(0, column - 1), Math.min(columns - 1, column + 1))
                        .map(beside -> near * columns + beside))
                .toArray();
    }

    int top(int tile) {
        return tile / columns * TILE;
    }

    int bottom(int tile) {
        return Math.min(height, top(tile) + TILE);
    }

    int left(int tile) {
        return tile % columns * TILE;
    }

    int right(int tile) {
        return Math.min(width, left(tile) + TILE);
    }

    /** The picture, mixed as asked for. */
    public Picture picture(Mix mix) {
        float[] linear = new float[3 * width * height];
        IntStream.range(0, rows * columns).parallel().forEach(tile -> {
            float each = 1f / samples[tile];
            for (int row = top(tile); row < bottom(tile); row++) {
                for (int layer = 0; layer < layers; layer++) {
                    if (slots[layer] >= 0 && mix.shows(layer)) {
                        add(mix, layer, 3 * (row * width + left(tile)), 3 * (row * width + right(tile)), each, linear);
                    }
                }
                for (int i = 3 * (row * width + left(tile)); i < 3 * (row * width + right(tile)); i++) {
                    linear[i] = Math.max(0, linear[i]);
                }
            }
        });
        return new Picture(width, height, linear);
    }

    private void add(Mix mix, int layer, int from, int to, float each, float[] linear) {
        float red = (float) mix.weight(layer, 0) * each;
        float green = (float) mix.weight(layer, 1) * each;
        float blue = (float) mix.weight(layer, 2) * each;
        int offset = 3 * slots[layer] * width * height;
        for (int i = from; i < to; i += 3) {
            linear[i] += red * sums[offset + i];
            linear[i + 1] += green * sums[offset + i + 1];
            linear[i + 2] += blue * sums[offset + i + 2];
        }
    }
}
