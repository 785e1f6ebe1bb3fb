package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.surface.Surface;

/** What a preview may change, and what not. */
public class DenoiserTest {

    private final TableSet set = Sets.chowder().withTableTop(Sets.endless(Surface.GREY_PAPER));
    private final Mix mix = Mix.of(set, Set.of());

    private Film film(int passes) {
        Film film = new Film(set, 120, 80, false);
        for (int pass = 0; pass < passes; pass++) {
            film.pass(SampleBudget.USUAL, () -> false);
        }
        return film;
    }

    @Test
    public void comesNearerToTheFinishedPicture() {
        Picture finished = film(128).picture(mix);
        Film early = film(1);
        assertThat(apart(Denoiser.of(early, mix), finished)).isLessThan(0.8 * apart(early.picture(mix), finished));
    }

    private static double apart(Picture one, Picture other) {
        double sum = 0;
        for (int pixel = 0; pixel < 120 * 80; pixel++) {
            double stops = Math.log(Math.max(1e-3, one.luminance(pixel)) / Math.max(1e-3, other.luminance(pixel)));
            sum += stops * stops;
        }
        return Math.sqrt(sum);
    }

    /** Light straight from the key is not touched: shadow edges keep their width. */
    @Test
    public void leavesTheKeyAsItIs() {
        Film film = film(2);
        assertThat(Denoiser.of(film, mix.only(Layers.KEY)).linear())
                .isEqualTo(film.picture(mix.only(Layers.KEY)).linear());
    }

    @Test
    public void losesLittleLight() {
        Film film = film(4);
        double before = 0;
        double after = 0;
        Picture raw = film.picture(mix.without(Layers.KEY));
        Picture smooth = Denoiser.of(film, mix.without(Layers.KEY));
        for (int pixel = 0; pixel < 120 * 80; pixel++) {
            before += raw.luminance(pixel);
            after += smooth.luminance(pixel);
        }
        assertThat(after / before).isCloseTo(1, within(0.1));
    }
}
