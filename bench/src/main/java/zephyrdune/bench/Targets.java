package zephyrdune.bench;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import zephyrdune.answers.finding.Finding;
import zephyrdune.answers.plan.Plan;
import zephyrdune.answers.readings.Readings;
import zephyrdune.render.picture.CloserLook;
import zephyrdune.render.picture.Denoiser;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Noise;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.Progress;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.units.sampling.Sureness;

/**
 * What the application is to be as fast as, and what it is: prints a line a target, set by set, with the median and whether it is met.
 *
 * <p>Pictures are held against one of the same set that was worked on for a minute or as many seconds as are asked for, as it was traced; what
 * that errs itself, by the difference of its halves, is taken out of the root mean square. Median and 95 % are against it evened out.
 */
public final class Targets {

    private static final List<DemoSet> TEN = List.of(
            DemoSet.CHOWDER,
            DemoSet.CRISPBREAD,
            DemoSet.TART,
            DemoSet.PANNA_COTTA,
            DemoSet.CORDIAL,
            DemoSet.SPRATS,
            DemoSet.HOLES,
            DemoSet.SHAPED,
            DemoSet.TEN_SHAPERS,
            DemoSet.CROWDED);

    private static final Progress.Quality NEVER_DONE = new Progress.Quality(0, Progress.Quality.USUAL.widest());

    private static final int WIDTH = 900;
    private static final int HEIGHT = 600;

    /** What the picture that others are held against has more at each side, pixels. */
    private static final int EDGE = 1;

    private static final double SHOWN_AFTER_SECONDS = 6;
    private static final double MOST_SECONDS = 60;
    private static final int ROUNDS = 9;
    private static final int WARM_UPS = 5;

    /** Half of what the plan shows of the table, metres, and the points of its map to each side. */
    private static final double REACH = 1.25;

    private static final int MAP_POINTS = 81;

    /** Luminance under which a pixel's stops say nothing. */
    private static final double BLACK = 3e-4;

    private Targets() {}

    /** @param words seconds for each picture that the others are held against; none for a minute */
    public static void main(String[] words) {
        double seconds = words.length > 0 ? Double.parseDouble(words[0]) : 60;
        System.out.printf("%-44s %8s  %8s  %s%n", "", "target", "median", "set by set");
        atMost("first look while dragging, ms", 40, TEN, Targets::firstLook);
        speed("plan on a drag, ms", 8, TEN, set -> Plan.whileMoving(set, REACH, MAP_POINTS));
        readings("readings, a gobo and two cards", 8, DemoSet.SHAPED);
        readings("readings, ten shapers", 15, DemoSet.TEN_SHAPERS);
        speed("findings, a gobo and two cards, ms", 50, List.of(DemoSet.SHAPED), Finding::of);
        speed("findings, ten shapers, ms", 100, List.of(DemoSet.TEN_SHAPERS), Finding::of);
        atLeast("shadow rays, 40 pieces, M/s and core", 8, List.of(DemoSet.CROWDED), Targets::shadowRays);
        atMost("allocated in a pass, MB", 2, TEN, Targets::allocated);
        pictures(seconds);
        atMost("time until done, s", 10, TEN, Targets::untilDone);
    }

    private static void readings(String what, double target, DemoSet set) {
        speed(what + ", moved, ms", target, List.of(set), moved -> Readings.of(moved, Sureness.AT_ONCE));
        speed(what + ", at rest, ms", target, List.of(set), Readings::of);
    }

    // ---- lines

    private static void speed(String what, double target, List<DemoSet> sets, Function<TableSet, ?> work) {
        atMost(what, target, sets, set -> {
            Dragged dragged = new Dragged(set);
            return milliseconds(() -> work.apply(dragged.next()));
        });
    }

    private static void atMost(String what, double target, List<DemoSet> sets, Function<TableSet, Double> measured) {
        line(what, target, sets, measured(sets, measured), false);
    }

    private static void atLeast(String what, double target, List<DemoSet> sets, Function<TableSet, Double> measured) {
        line(what, target, sets, measured(sets, measured), true);
    }

    private static double[] measured(List<DemoSet> sets, Function<TableSet, Double> measured) {
        return sets.stream().mapToDouble(set -> measured.apply(set.set())).toArray();
    }

    private static void line(String what, double target, List<DemoSet> sets, double[] values, boolean more) {
        double median = quantile(values, 0.5);
        boolean met = more ? median >= target : median <= target;
        String each = IntStream.range(0, values.length)
                .mapToObj(i -> sets.get(i).name().toLowerCase(Locale.ROOT) + " " + figure(values[i]))
                .collect(Collectors.joining(", "));
        System.out.printf(
                "%-44s %8s  %8s  %s: %s%n", what, figure(target), figure(median), met ? "pass" : "MISS", each);
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, value < 1 ? "%.3f" : value < 100 ? "%.1f" : "%.0f", value);
    }

    private static double quantile(double[] values, double share) {
        double[] sorted = Arrays.stream(values).sorted().toArray();
        return sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }

    // ---- what is measured

    private static double milliseconds(Supplier<?> work) {
        IntStream.range(0, WARM_UPS).forEach(i -> work.get());
        return quantile(
                DoubleStream.generate(() -> {
                            long start = System.nanoTime();
                            work.get();
                            return (System.nanoTime() - start) / 1e6;
                        })
                        .limit(ROUNDS)
                        .toArray(),
                0.5);
    }

    /** Each after the one before, as a view has it. */
    private static double firstLook(TableSet set) {
        Dragged dragged = new Dragged(set);
        AtomicReference<Optional<CloserLook>> seen = new AtomicReference<>(Optional.empty());
        return milliseconds(() -> {
            TableSet moved = dragged.next();
            Mix mix = Mix.of(moved, Set.of());
            Progress progress = new Progress(moved, false, Progress.Quality.USUAL, () -> Long.MAX_VALUE, seen.get());
            progress.step(mix, () -> false);
            seen.set(progress.closer());
            return progress.picture(mix);
        });
    }

    /** Towards the light, from places on the table all round. */
    private static double shadowRays(TableSet set) {
        int each = 100;
        int places = 400;
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(each));
        double milliseconds = milliseconds(() -> {
            double sum = 0;
            for (int i = 0; i < places; i++) {
                double turn = i * Math.PI * (3 - Math.sqrt(5));
                double out = 0.5 * Math.sqrt((i + 0.5) / places);
                tracer.incident(out * Math.cos(turn), out * Math.sin(turn), 0, 0, 0, 1, 1, 0);
                sum += tracer.out[0];
            }
            return sum;
        });
        return each * places / milliseconds / 1e3;
    }

    private static double allocated(TableSet set) {
        Film film = new Film(set, WIDTH, HEIGHT, false);
        film.pass(SampleBudget.USUAL, () -> false);
        long before = allocated();
        film.pass(SampleBudget.USUAL, () -> false);
        return (allocated() - before) / 1e6;
    }

    /** By all threads that there are, so far. */
    private static long allocated() {
        ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        return Arrays.stream(threads.getThreadAllocatedBytes(threads.getAllThreadIds()))
                .sum();
    }

    private static Progress worked(TableSet set, Mix mix, Progress.Quality quality, double seconds) {
        Progress progress = new Progress(set, false, quality, () -> Long.MAX_VALUE);
        long end = System.nanoTime() + (long) (seconds * 1e9);
        while (!progress.done() && System.nanoTime() < end) {
            progress.step(mix, () -> System.nanoTime() > end);
        }
        return progress;
    }

    private static double untilDone(TableSet set) {
        long start = System.nanoTime();
        Progress progress = worked(set, Mix.of(set, Set.of()), Progress.Quality.USUAL, MOST_SECONDS);
        return progress.done() ? (System.nanoTime() - start) / 1e9 : Double.POSITIVE_INFINITY;
    }

    private static void pictures(double seconds) {
        double[][] off = TEN.stream().map(set -> off(set.set(), seconds)).toArray(double[][]::new);
        String after = "after %.0f s at %d x %d, stops: ".formatted(SHOWN_AFTER_SECONDS, WIDTH, HEIGHT);
        String[] figures = {"RMS", "median", "95 %"};
        // glass, metal and what shines through holes may be noisier
        List<DemoSet> hard = List.of(
                DemoSet.CHOWDER,
                DemoSet.TART,
                DemoSet.CORDIAL,
                DemoSet.SPRATS,
                DemoSet.HOLES,
                DemoSet.SHAPED,
                DemoSet.TEN_SHAPERS);
        List<DemoSet> easy = TEN.stream().filter(set -> !hard.contains(set)).toList();
        double[][] targets = {{0.06, 0.01, 0.08}, {0.10, 0.02, 0.15}};
        for (int kind = 0; kind < 2; kind++) {
            List<DemoSet> sets = kind == 0 ? easy : hard;
            for (int i = 0; i < figures.length; i++) {
                int figure = i;
                double[] values = sets.stream()
                        .mapToDouble(set -> off[TEN.indexOf(set)][figure])
                        .toArray();
                line(after + figures[i], targets[kind][i], sets, values, false);
            }
        }
    }

    /** How far what is shown is off: root mean square, median and 95 % of the pixels, stops. */
    private static double[] off(TableSet set, double seconds) {
        Mix mix = Mix.of(set, Set.of());
        // as it is once somebody has worked with the set: compiled
        worked(set, mix, NEVER_DONE, SHOWN_AFTER_SECONDS);
        Picture shown = worked(set, mix, NEVER_DONE, SHOWN_AFTER_SECONDS).picture(mix);
        Film film = new Film(wider(set, shown), shown.width() + 2 * EDGE, shown.height() + 2 * EDGE, false);
        long end = System.nanoTime() + (long) (seconds * 1e9);
        while (System.nanoTime() < end) {
            film.pass(SampleBudget.USUAL, () -> false);
        }
        Picture traced = film.picture(mix);
        double[] own = Noise.ofHalves(film, mix);
        Picture finished = Denoiser.of(film, mix);
        int pixels = shown.width() * shown.height();
        double squares = IntStream.range(0, pixels)
                .mapToDouble(i -> Math.pow(stops(shown, i) - stops(traced, within(shown, i)), 2)
                        - own[within(shown, i)] * own[within(shown, i)])
                .average()
                .orElse(0);
        double[] stops = IntStream.range(0, pixels)
                .mapToDouble(i -> Math.abs(stops(shown, i) - stops(finished, within(shown, i))))
                .toArray();
        return new double[] {Math.sqrt(Math.max(0, squares)), quantile(stops, 0.5), quantile(stops, 0.95)};
    }

    /** Framed a little wider by the same camera, so that each place is another pixel's and gets samples of its own. */
    private static TableSet wider(TableSet set, Picture shown) {
        Camera camera = set.camera();
        double across = 1 + 2.0 * EDGE / shown.width();
        return set.withCamera(camera.withFramedWidth(camera.framedWidth() * across)
                .withSensorWidth(camera.sensorWidth() * across)
                .withSensorHeight(camera.sensorHeight() * (1 + 2.0 * EDGE / shown.height())));
    }

    /** The pixel of the picture framed wider where a pixel of the other lies. */
    private static int within(Picture picture, int pixel) {
        int row = pixel / picture.width() + EDGE;
        return row * (picture.width() + 2 * EDGE) + pixel % picture.width() + EDGE;
    }

    private static double stops(Picture picture, int pixel) {
        return Math.log(Math.max(BLACK, picture.luminance(pixel))) / Math.log(2);
    }
}
