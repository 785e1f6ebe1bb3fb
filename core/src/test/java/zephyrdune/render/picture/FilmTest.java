package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;
import static zephyrdune.set.Sets.box;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.body.Ray;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Cutlery;
import zephyrdune.set.dish.CutleryPiece;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.dish.Heap;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;

/** The picture against the exact model, where that knows the answer. */
public class FilmTest {

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** Light straight from the face alone. */
    static Picture direct(TableSet set, int width, int looks, int shadowRays) {
        return render(set, width, looks, SampleBudget.direct(shadowRays));
    }

    static Picture render(TableSet set, int width, int looks, SampleBudget budget) {
        int height = (int) Math.round(width / 1.5);
        Film film = new Film(set, width, height, false);
        for (int i = 0; i < looks; i++) {
            film.pass(budget, () -> false);
        }
        return film.picture(Mix.of(set, Set.of()));
    }

    @Test
    public void openTableIsTheExactIlluminance() {
        TableSet set = plain(Sets.chowder());
        KeyLight key = KeyLight.of(set);
        Perspective view = Perspective.of(set);
        Picture picture = direct(set, 60, 1, 4);
        int compared = 0;
        for (int row = 0; row < picture.height(); row++) {
            for (int column : new int[] {1, 5, 54, 58}) {
                double least = Double.POSITIVE_INFINITY;
                double most = 0;
                for (int corner = 0; corner < 4; corner++) {
                    Vector3D ray =
                            view.ray((column + corner % 2) / 60.0, (row + corner / 2) / (double) picture.height());
                    Vector3D onTable = view.eye().add(ray.multiply(-view.eye().getZ() / ray.getZ()));
                    double relative = key.at(onTable, UP) * perLux(set);
                    least = Math.min(least, relative);
                    most = Math.max(most, relative);
                }
                boolean shaded = column > 30 && row > 10;
                if (!shaded) {
                    assertThat(picture.at(column, row, 1))
                            .isBetween(
                                    Surface.GREY_PAPER.colour().green() * least * (1 - 1e-6),
                                    Surface.GREY_PAPER.colour().green() * most * (1 + 1e-6));
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(80);
    }

    /** Pixel value of white per lux second of a flash at full power. */
    static double perLux(TableSet set) {
        MeteredExposure hero = MeteredExposure.of(set, KeyLight.of(set));
        return Math.pow(2, -hero.below()) / hero.correct();
    }

    @Test
    public void litTopHasItsReflectanceAsPixelValue() {
        // by the incident exposure (ISO 2720:1974), whatever the light: the middle of a level top, direct light alone
        for (double bias : new double[] {0, 1.5}) {
            TableSet set = plain(Sets.chowder())
                    .withCamera(new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.3))
                    .withDish(new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER))
                    .withLight(box(0.6, 0.6, 10, 50, 0.8))
                    .withExposure(new Exposure(8, 1 / 125.0, 400, 1 / 200.0, bias, 5500))
                    .withAmbient(new Ambient(0, 5500, 5));
            Picture picture = direct(set, 121, 1, 4);
            double straight = 0.18 * KeyLight.of(set).heroIlluminance() * perLux(set);
            assertThat(picture.at(60, 40, 0)).isCloseTo(straight, within(0.005 * straight));
            // the aim, less what comes by other ways and what the dial's third stops leave over
            assertThat(straight).isBetween(0.75 * 0.18 * Math.pow(2, bias), 1.13 * 0.18 * Math.pow(2, bias));
        }
    }

    @Test
    public void evenRoomLightAddsWhatItSays() {
        // a room as bright as the key, on an open table with a small backdrop far off: the table gets its light once
        // more
        TableSet set = plain(Sets.chowder())
                .withDish(Sets.sliver())
                .withBackdrop(new Backdrop(10, 0.1, 0.1, Surface.BLACK_PAPER))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.3))
                .withLight(box(0.3, 0.3, 9, 60, 3).withPower(PowerChoice.FIXED, 3));
        SampleBudget budget = new SampleBudget(4, 32, 24);
        double asKey = set.exposure().correct() / set.exposure().exactShutter();
        Picture dark = render(set.withAmbient(new Ambient(0, 5500, 5)), 30, 4, budget);
        Picture bright = render(set.withAmbient(new Ambient(asKey, 5500, 5)), 30, 4, budget);
        double added = 0;
        for (int column = 2; column < 10; column++) {
            added += (bright.at(column, 3, 0) - dark.at(column, 3, 0)) / 8;
        }
        assertThat(added / Surface.GREY_PAPER.colour().red()).isCloseTo(1, within(0.03));
    }

    @Test
    public void sameBitsOnOneThreadAsOnMany() throws Exception {
        TableSet set = everything();
        ForkJoinPool one = new ForkJoinPool(1);
        ForkJoinPool many = new ForkJoinPool(7);
        try {
            Picture alone =
                    one.submit(() -> render(set, 48, 3, SampleBudget.USUAL)).get();
            Picture together =
                    many.submit(() -> render(set, 48, 3, SampleBudget.USUAL)).get();
            assertThat(together.linear()).isEqualTo(alone.linear());
        } finally {
            one.shutdown();
            many.shutdown();
        }
    }

    @Test
    public void staleWorkIsDropped() {
        AtomicInteger asked = new AtomicInteger();
        Film film = new Film(Sets.chowder(), 300, 200, false);
        assertThat(film.pass(SampleBudget.USUAL, () -> asked.incrementAndGet() > 3))
                .isFalse();
        assertThat(film.samples()).isLessThan(0.5);
    }

    @Test
    public void everyPixelIsAFiniteNumber() {
        for (float value : render(everything(), 120, 2, SampleBudget.USUAL).linear()) {
            assertThat(Float.isFinite(value) && value >= 0).isTrue();
        }
    }

    /** Walls, a base light, a mirror, a card with holes, and dishes of glass, metal and leaves; the numbers are invented. */
    static TableSet everything() {
        TableSet open = Sets.chowder()
                .withProps(List.of(
                        new Prop(
                                new DrinkGlass(0.07, 0.12, Medium.CLEAR_GLASS, 0.7, Medium.CORDIAL, 0.8),
                                0.15,
                                0,
                                0,
                                0),
                        new Prop(new Heap(0.09, 0.035, Surface.GREEN_LEAF), -0.16, -0.02, 0, 1),
                        new Prop(new Cutlery(CutleryPiece.SPOON, 0.18, Surface.STEEL), 0.15, -0.1, 0, 0.5)))
                .withBase(new BroadBase(1, 0.6, 0.6, Math.PI / 2, 0.8, 1))
                .withCards(List.of(
                        new Card(Surface.MIRROR, 0.3, 0.3, 2.1, 0.4, 0, 0.1, 0.1),
                        new Card(Surface.BLACK_PAPER, 0.3, 0.3, 5.2, 0.4, 0.2, 0, 0)
                                .withCut(Cut.of(new RoundHoles(0.03, 0.05)))));
        return Sets.inRoom(open, 2, 2.2, Surface.WHITE_PAPER);
    }

    /** Nothing that a ray finds is lost between the components. */
    @Test
    public void keepsAllThatIsFound() {
        TableSet set = everything();
        Film film = new Film(set, 16, 16, false);
        film.pass(SampleBudget.USUAL, () -> false);
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.USUAL);
        tracer.begin();
        CameraRays camera = new CameraRays(set, 16, 16, false, false);
        Ray ray = new Ray();
        for (int pixel = 0; pixel < 16 * 16; pixel++) {
            camera.aim(pixel % 16, pixel / 16, 0, ray);
            tracer.trace(ray, CameraRays.seed(pixel % 16, pixel / 16), 0, camera.spread());
            for (int layer = 0; layer < film.layers(); layer++) {
                assertThat(film.mean(layer, pixel, 1)).isCloseTo(tracer.out[3 * layer + 1], withinPercentage(1e-4));
            }
        }
    }

    /** The error of a mean of n independent samples falls as one over the root of n; evenly spread ones do better. */
    @Test
    public void noiseFallsWithSamples() {
        TableSet set = Sets.chowder();
        Mix mix = Mix.of(set, Set.of());
        Film film = new Film(set, 60, 40, false);
        double[] noise = new double[3];
        for (int pass = 1; pass <= 64; pass++) {
            film.pass(SampleBudget.USUAL, () -> false);
            if (pass == 4 || pass == 16 || pass == 64) {
                noise[pass == 4 ? 0 : pass == 16 ? 1 : 2] = noise(film, mix);
            }
        }
        assertThat(noise[1] / noise[0]).isLessThan(0.6);
        assertThat(noise[2] / noise[1]).isLessThan(0.6);
    }

    /** What 95 % of the pixels are within, by the halves alone. */
    private static double noise(Film film, Mix mix) {
        double[] shares = Arrays.stream(Noise.ofHalves(film, mix)).sorted().toArray();
        return shares[(int) (0.95 * shares.length)];
    }

    /** Many short pictures are, in the mean, the long one: no sample count is favoured. */
    @Test
    public void shortRunsAreNotBiased() {
        TableSet set = everything();
        Mix mix = Mix.of(set, Set.of());
        Film reference = new Film(set, 45, 30, false);
        for (int pass = 0; pass < 400; pass++) {
            reference.pass(SampleBudget.USUAL, () -> false);
        }
        Film one = new Film(set, 45, 30, false);
        one.pass(SampleBudget.USUAL, () -> false);
        double difference = 0;
        double squares = 0;
        double all = 0;
        int pixels = 45 * 30;
        for (int pixel = 0; pixel < pixels; pixel++) {
            double is = 0;
            double was = 0;
            for (int layer = 0; layer < one.layers(); layer++) {
                is += mix.weight(layer, 1) * one.mean(layer, pixel, 1);
                was += mix.weight(layer, 1) * reference.mean(layer, pixel, 1);
            }
            difference += is - was;
            squares += (is - was) * (is - was);
            all += was;
        }
        // the sum over the pixels, each with numbers of its own, within three times its standard error
        assertThat(Math.abs(difference)).isLessThan(3 * Math.sqrt(squares));
        assertThat(Math.sqrt(squares) / all).isLessThan(0.02);
    }

    static TableSet plain(TableSet set) {
        return set.withProps(List.of()).withTableTop(Sets.endless(Surface.GREY_PAPER));
    }

    /** A picture takes no more memory than there is for it, and is no smaller than the coarse one. */
    @Test
    public void picturesFitIntoTheirRoom() {
        TableSet set = plain(Sets.chowder());
        int widest = 600;
        for (long room : new long[] {Long.MAX_VALUE, 20_000_000, 1_000}) {
            Progress progress = new Progress(set, false, new Progress.Quality(0.1, widest), () -> room);
            Mix mix = Mix.of(set, Set.of());
            while (progress.shownStage() != Progress.Stage.FINE) {
                progress.step(mix, () -> false);
            }
            int width = progress.shown().width();
            if (room == Long.MAX_VALUE) {
                assertThat(width).isEqualTo(widest);
            } else {
                assertThat(width).isBetween(208, widest - 1);
                assertThat(progress.bytes() <= room || width == 208).isTrue();
            }
        }
    }

    @Test
    public void anInterruptEndsAPassAndLeavesTheRest() {
        Film film = new Film(plain(Sets.chowder()), 120, 80, false);
        Thread.currentThread().interrupt();
        assertThatThrownBy(() -> film.wholePass(SampleBudget.USUAL)).isInstanceOf(CancellationException.class);
        assertThat(Thread.interrupted()).isTrue();
        film.wholePass(SampleBudget.USUAL);
        assertThat(film.samples()).isEqualTo(1);
    }
}
