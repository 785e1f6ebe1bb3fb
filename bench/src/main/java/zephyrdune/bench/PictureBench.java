package zephyrdune.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Setup;
import zephyrdune.render.body.Hit;
import zephyrdune.render.body.Ray;
import zephyrdune.render.picture.CloserLook;
import zephyrdune.render.picture.Denoiser;
import zephyrdune.render.picture.Film;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.PictureStops;
import zephyrdune.render.picture.Progress;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.TableSet;

/** Pictures on all cores: a first look, one pass, and the rays they are made of. */
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class PictureBench extends Timed {

    private static final int RAYS = 10_000;
    private static final int PLACES = 100;

    @Param
    private DemoSet demo;

    private TableSet set;
    private Optional<CloserLook> seen = Optional.empty();
    private Mix mix;
    private Film film;
    private Scene scene;
    private double[] rays;
    private Tracer tracer;
    private List<double[]> shaded;

    @Setup
    public void layTheTable() {
        set = demo.set();
        mix = Mix.of(set, Set.of());
        film = new Film(set, 480, 320, false);
        film.pass(SampleBudget.USUAL, () -> false);
        scene = Scene.of(set);
        tracer = new Tracer(scene, SampleBudget.direct(RAYS / PLACES));
        shaded = shaded();
        Random random = new Random(1);
        rays = new double[6 * RAYS];
        for (int i = 0; i < rays.length; i += 6) {
            rays[i] = random.nextGaussian() * 0.2;
            rays[i + 1] = random.nextGaussian() * 0.2;
            rays[i + 2] = 0.001;
            double turn = 2 * Math.PI * random.nextDouble();
            double up = random.nextDouble();
            rays[i + 3] = Math.sqrt(1 - up * up) * Math.cos(turn);
            rays[i + 4] = Math.sqrt(1 - up * up) * Math.sin(turn);
            rays[i + 5] = up;
        }
    }

    private List<double[]> shaded() {
        Tracer open =
                new Tracer(Scene.withoutHero(set.withProps(List.of()).withCards(List.of())), SampleBudget.direct(1));
        Random random = new Random(2);
        List<double[]> found = new ArrayList<>();
        while (found.size() < PLACES) {
            double x = random.nextDouble() - 0.5;
            double y = random.nextDouble() - 0.5;
            tracer.incident(x, y, 0, 0, 0, 1, 1, 0);
            double here = tracer.out[0];
            open.incident(x, y, 0, 0, 0, 1, 1, 0);
            if (here > 0.05 * open.out[0] && here < 0.95 * open.out[0]) {
                found.add(new double[] {x, y});
            }
        }
        return found;
    }

    /** From the set to the first thing shown, each after the one before: target 40 ms. */
    @Benchmark
    public Picture firstLook() {
        Progress progress = new Progress(set, false, Progress.Quality.USUAL, () -> Long.MAX_VALUE, seen);
        progress.step(mix, () -> false);
        seen = progress.closer();
        return progress.picture(mix);
    }

    /** 480 x 320, eight shadow rays and one path a pixel: target 250 ms. */
    @Benchmark
    public boolean onePass() {
        return film.pass(SampleBudget.USUAL, () -> false);
    }

    /** Evening out 480 x 320 for a preview. */
    @Benchmark
    public Picture smooth() {
        return Denoiser.of(film, mix);
    }

    /** Lines of equal light over the picture: with the readings, target 16 ms. */
    @Benchmark
    public PictureStops stopLines() {
        return PictureStops.of(set, 121, 81);
    }

    /** Ten thousand rays from the table upwards to what they meet, on one core; the baseline of the others. */
    @Benchmark
    public double tenThousandRays() {
        Ray ray = new Ray();
        Hit hit = new Hit();
        double sum = 0;
        for (int i = 0; i < rays.length; i += 6) {
            ray.set(rays[i], rays[i + 1], rays[i + 2], rays[i + 3], rays[i + 4], rays[i + 5]);
            scene.meet(ray, hit);
            sum += hit.distance;
        }
        return sum;
    }

    /** Ten thousand rays towards the light, from a hundred places where something stands in its way, on one core. */
    @Benchmark
    public double tenThousandShadowRays() {
        double sum = 0;
        for (double[] place : shaded) {
            tracer.incident(place[0], place[1], 0, 0, 0, 1, 1, 0);
            sum += tracer.out[0];
        }
        return sum;
    }
}
