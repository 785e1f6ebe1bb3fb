package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.render.trace.FirstHit;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.units.measure.Stops;

public class LikenessTest {

    private static final int SIDE = 8;

    private final FirstHits guides = new FirstHits(SIDE, SIDE);

    private void show(int pixel, int owner, double nx, double nz, double distance, boolean image) {
        FirstHit hit = new FirstHit();
        hit.owner = owner;
        hit.nx = nx;
        hit.nz = nz;
        hit.distance = distance;
        hit.mirrors = image;
        guides.note(pixel, hit, 0);
    }

    private float right(int pixel) {
        return new Likeness(guides, SIDE, SIDE).at(1, Likeness.Facing.ALIKE)[0][pixel];
    }

    /** One surface is like itself, another is not, a bend is less alike than a plane, and so is a step away from the eye. */
    @Test
    public void tellsSurfacesApart() {
        show(0, 7, 0, 1, 1, false);
        show(1, 7, 0, 1, 1, false);
        show(2, 8, 0, 1, 1, false);
        show(8, 7, Math.sin(0.1), Math.cos(0.1), 1, false);
        show(9, 7, 0, 1, 1, false);
        show(16, 7, 0, 1, 1.02, false);
        show(17, 7, 0, 1, 1, false);
        assertThat(right(0)).isEqualTo(1);
        assertThat(right(1)).isZero();
        assertThat(right(8)).isCloseTo((float) Math.pow(Math.cos(0.1), 32), within(1e-4f));
        assertThat(right(16)).isCloseTo(0.5f, within(0.02f));
    }

    /** What metal and glass show is evened by itself, and never with what is beside it. */
    @Test
    public void imagesAreLikeEachOtherAlone() {
        show(0, 7, 0, 1, 1, true);
        show(1, 7, 0, 1, 1, true);
        show(2, 7, 0, 1, 1, false);
        assertThat(right(0)).isEqualTo(1);
        assertThat(right(1)).isZero();
    }

    @Test
    public void nothingIsAsFarAsNothing() {
        show(0, -1, 0, 1, Double.POSITIVE_INFINITY, false);
        show(1, -1, 0, 1, Double.POSITIVE_INFINITY, false);
        assertThat(right(0)).isEqualTo(1);
    }

    /** A first look follows reflected light at a quarter of the pixels, and gives as much of it. */
    @Test
    public void aFirstLookIsAsBright() {
        TableSet set = FilmTest.plain(Sets.chowder());
        Mix mix = Mix.of(set, Set.of());
        double first = sum(set, mix, SampleBudget.FIRST, 1);
        double settled = sum(set, mix, SampleBudget.USUAL, 60);
        assertThat(Stops.between(first, settled)).isBetween(-0.02, 0.02);
    }

    /** Nor does it show which pixels those are. */
    @Test
    public void aFirstLookHasNoDots() {
        TableSet set = FilmTest.plain(Sets.chowder());
        Mix mix = Mix.of(set, Set.of()).without(Layers.KEY);
        Film film = new Film(set, 208, 139, false);
        film.pass(SampleBudget.FIRST, () -> false);
        assertThat(ofFollowed(film.picture(mix))).isGreaterThan(0.9);
        assertThat(ofFollowed(Denoiser.of(film, mix))).isBetween(0.24, 0.28);
    }

    /** What share of the light the pixels have where reflected light was followed: a quarter of all. */
    private static double ofFollowed(Picture picture) {
        double followed = 0;
        double all = 0;
        for (int pixel = 0; pixel < 208 * 138; pixel++) {
            double luminance = picture.luminance(pixel);
            all += luminance;
            followed += pixel % 208 % 2 == 0 && pixel / 208 % 2 == 0 ? luminance : 0;
        }
        return followed / all;
    }

    private static double sum(TableSet set, Mix mix, SampleBudget budget, int passes) {
        Film film = new Film(set, 240, 160, false);
        for (int pass = 0; pass < passes; pass++) {
            film.pass(budget, () -> false);
        }
        Picture picture = Denoiser.of(film, mix);
        double sum = 0;
        for (int pixel = 0; pixel < 240 * 160; pixel++) {
            sum += picture.luminance(pixel);
        }
        return sum;
    }
}
