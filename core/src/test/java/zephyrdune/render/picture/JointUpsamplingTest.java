package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static zephyrdune.render.picture.ProgressTest.apart;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.dish.Block;
import zephyrdune.set.surface.Surface;

public class JointUpsamplingTest {

    private static final int WIDTH = 120;
    private static final int HEIGHT = 80;

    private static Film doubled(TableSet set, SampleBudget budget) {
        Film film = Film.doubled(set, WIDTH, HEIGHT, Optional.empty());
        film.pass(budget, () -> false);
        return film;
    }

    /** What a film of pixels half as wide comes to in the end is nearer than by straight lines between the film's own pixels. */
    @Test
    public void comesNearerToAFilmOfThosePixels() {
        TableSet set = Sets.chowder();
        Mix mix = Mix.of(set, Set.of());
        Film look = doubled(set, SampleBudget.USUAL);
        for (int pass = 1; pass < 4; pass++) {
            look.pass(SampleBudget.USUAL, () -> false);
        }
        Picture plain = Denoiser.shown(look, mix).picture();
        Film fine = new Film(set, 2 * WIDTH, 2 * HEIGHT, false, true);
        for (int pass = 0; pass < 32; pass++) {
            fine.pass(SampleBudget.USUAL, () -> false);
        }
        Picture finished = fine.picture(mix);
        Picture sharp = Denoiser.of(look, mix);
        assertThat(sharp.width()).isEqualTo(finished.width());
        assertThat(apart(sharp, finished)).isLessThan(0.8 * apart(inLines(plain), finished));
    }

    /** Straight lines between the middles of pixels. */
    private static Picture inLines(Picture from) {
        int width = 2 * from.width();
        int height = 2 * from.height();
        float[] linear = new float[3 * width * height];
        for (int i = 0; i < linear.length; i++) {
            int pixel = i / 3;
            linear[i] =
                    (float) from.between((pixel % width + 0.5) / width, (pixel / width + 0.5) / (double) height, i % 3);
        }
        return new Picture(width, height, linear);
    }

    /** A black block on white paper, from above: neither is darker or brighter than it is anywhere at the film's own pixels. */
    @Test
    public void nothingIsMixedAcrossAnEdge() {
        TableSet set = Sets.chowder()
                .withProps(List.of())
                .withTableTop(Sets.endless(Surface.WHITE_PAPER))
                .withDish(new Block(0.1, 0.1, 0.005, Surface.BLACK_PAPER))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.31));
        Mix mix = Mix.of(set, Set.of());
        Film look = doubled(set, SampleBudget.USUAL);
        double[][] own = extremes(Denoiser.shown(look, mix).picture(), look.guides());
        double[][] finer =
                extremes(Denoiser.of(look, mix), look.closer().orElseThrow().hits());
        assertThat(own[1][1]).as("brightest black").isLessThan(own[0][0]);
        for (int thing = 0; thing < 2; thing++) {
            assertThat(finer[thing][0]).isGreaterThan(own[thing][0] * (1 - 1e-5));
            assertThat(finer[thing][1]).isLessThan(own[thing][1] * (1 + 1e-5));
        }
    }

    /** Darkest and brightest pixels of the table and of the hero. */
    private static double[][] extremes(Picture picture, FirstHits hits) {
        double[][] found = {{1e9, 0}, {1e9, 0}};
        for (int pixel = 0; pixel < hits.owner().length; pixel++) {
            double[] thing = found[hits.owner()[pixel] == Scene.HERO ? 1 : 0];
            thing[0] = Math.min(thing[0], picture.luminance(pixel));
            thing[1] = Math.max(thing[1], picture.luminance(pixel));
        }
        return found;
    }

    /** As long as the key alone moves what is seen stays, and is not looked for again. */
    @Test
    public void aMovedLightLeavesWhatIsSeen() {
        TableSet set = Sets.chowder();
        Film first = doubled(set, SampleBudget.FIRST);
        TableSet moved = set.withLight(set.light().withClock(set.light().clock() + 1));
        assertThat(next(moved, first)).usingRecursiveComparison().isEqualTo(anew(moved));
        int marked = 2 * WIDTH * HEIGHT + WIDTH;
        first.closer().orElseThrow().hits().colour()[3 * marked] = 0.123f;
        assertThat(next(moved, first).colour()[3 * marked]).isEqualTo(0.123f);
        TableSet other = moved.withDish(new Block(0.1, 0.1, 0.05, Surface.CREAM));
        assertThat(next(other, first)).usingRecursiveComparison().isEqualTo(anew(other));
    }

    /** Where the light comes into the frame, or leaves it, is looked at again. */
    @Test
    public void aLightInTheFrameIsSeenWhereItIs() {
        TableSet set = Sets.chowder().withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48));
        TableSet beside = set.withLight(Sets.box(0.2, 0.2, 10, 10, 1.2));
        TableSet behind = set.withLight(Sets.box(0.2, 0.2, 12, 10, 0.7));
        assertThat(anew(behind).owner()).contains(Scene.KEY_FACE);
        assertThat(anew(beside).owner()).doesNotContain(Scene.KEY_FACE);
        assertThat(next(behind, doubled(beside, SampleBudget.FIRST)))
                .usingRecursiveComparison()
                .isEqualTo(anew(behind));
        assertThat(next(beside, doubled(behind, SampleBudget.FIRST)))
                .usingRecursiveComparison()
                .isEqualTo(anew(beside));
    }

    private static FirstHits anew(TableSet set) {
        return doubled(set, SampleBudget.FIRST).closer().orElseThrow().hits();
    }

    private static FirstHits next(TableSet set, Film before) {
        Film film = Film.doubled(set, WIDTH, HEIGHT, before.closer());
        film.pass(SampleBudget.FIRST, () -> false);
        return film.closer().orElseThrow().hits();
    }

    /** What is found without light is what a path finds on its way. */
    @Test
    public void findsWhatPathsFind() {
        TableSet set = Sets.chowder();
        Film film = new Film(set, 2 * WIDTH, 2 * HEIGHT, false, true);
        film.pass(SampleBudget.FIRST, () -> false);
        FirstHits hits = anew(set);
        assertThat(hits.owner()).isEqualTo(film.guides().owner());
        assertThat(hits.distance()).isEqualTo(film.guides().distance());
        assertThat(hits.normal()).isEqualTo(film.guides().normal());
        assertThat(hits.mirrors()).isEqualTo(film.guides().mirrors());
        assertThat(hits.colour()).isEqualTo(film.guides().colour());
    }
}
