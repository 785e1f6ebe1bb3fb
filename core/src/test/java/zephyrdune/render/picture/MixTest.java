package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.render.picture.FilmTest.everything;
import static zephyrdune.render.picture.FilmTest.plain;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.surface.Surface;

/** Layers that are traced once and mixed anew: they add up, and switches and power change the mix alone. */
public class MixTest {

    @Test
    public void layersAddUpToThePicture() {
        TableSet set = everything();
        Film film = new Film(set, 60, 40, false);
        film.pass(SampleBudget.USUAL, () -> false);
        Mix mix = Mix.of(set, Set.of());
        double[] sum = new double[3 * 60 * 40];
        for (int layer = 0; layer < film.layers(); layer++) {
            for (int i = 0; i < sum.length; i++) {
                sum[i] += mix.weight(layer, i % 3) * film.mean(layer, i / 3, i % 3);
            }
        }
        Picture picture = film.picture(mix);
        double brightest = 0;
        for (int i = 0; i < sum.length; i++) {
            assertThat((double) picture.linear()[i])
                    .isCloseTo(Math.max(0, sum[i]), within(1e-4 * (1 + Math.abs(sum[i]))));
            brightest = Math.max(brightest, sum[i]);
        }
        assertThat(brightest).isGreaterThan(0.2);
        for (int layer = 0; layer < film.layers(); layer++) {
            float[] alone = film.picture(mix.only(layer)).linear();
            double all = 0;
            for (float value : alone) {
                all += value;
            }
            assertThat(all).as("layer " + layer).isPositive();
        }
    }

    /** Half a stop less power is a factor on the key's layers and nothing else: no tracing again. */
    @Test
    public void powerAndExposureOnlyChangeTheMix() {
        TableSet set = everything();
        TableSet darker = set.withExposure(new Exposure(5.6, 1 / 125.0, 400, 1 / 200.0, -1, 5500));
        assertThat(Mix.of(darker, Set.of()).weight(Layers.KEY, 1)
                        / Mix.of(set, Set.of()).weight(Layers.KEY, 1))
                .isCloseTo(0.5, within(1e-9));
        assertThat(Mix.of(darker, Set.of()).weight(Layers.BASE, 1)
                        / Mix.of(set, Set.of()).weight(Layers.BASE, 1))
                .isCloseTo(0.5, within(1e-9));
        assertThat(Mix.of(darker, Set.of()).weight(Layers.AMBIENT, 1))
                .isCloseTo(Mix.of(set, Set.of()).weight(Layers.AMBIENT, 1), within(1e-9));
    }

    /** A base light that is set one stop under the key gives the hero half the key's light. */
    @Test
    public void baseLiesUnderTheKeyAsSet() {
        TableSet set = plain(Sets.chowder())
                .withDish(Sets.sliver())
                .withBase(new BroadBase(1, 0.9, 0.6, Math.PI / 2, 0.9, 1.1));
        Tracer tracer = new Tracer(Scene.of(set), SampleBudget.direct(4));
        tracer.incident(0, 0, set.dish().top(), 0, 0, 1, 1, 0);
        Mix mix = Mix.of(set, Set.of());
        double key = mix.weight(Layers.KEY, 1) * tracer.out[3 * Layers.KEY + 1];
        double base = mix.weight(Layers.BASE, 1) * tracer.out[3 * Layers.BASE + 1];
        assertThat(base / key).isCloseTo(0.5, within(1e-6));
    }

    /** A card that is switched off is gone: what it kept from the table is lit as if it had never been there. */
    @Test
    public void aCardThatIsOffKeepsNoLightOff() {
        Card flag = new Card(Surface.BLACK_PAPER, 0.5, 0.5, 9 * Math.PI / 6, 0.35, 0, 0, 0);
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, Math.PI / 2, 0.3, 0, 0, 0);
        TableSet open = plain(Sets.lit(Sets.box(0.2, 0.2, 9, 30, 1)));
        TableSet both = open.withCards(List.of(flag, white));
        Switched switched = Switched.of(both, Set.of("card-1"));
        assertThat(switched.set().cards()).containsExactly(white);
        assertThat(switched.off()).isEmpty();
        assertThat(MeteredExposure.of(switched.set(), KeyLight.of(switched.set()))
                        .below())
                .as("the power stays where it was")
                .isCloseTo(MeteredExposure.of(both, KeyLight.of(both)).below(), within(1e-12));
        assertThat(KeyLight.of(switched.set()).heroIlluminance())
                .isEqualTo(KeyLight.of(open).heroIlluminance());
    }

    @Test
    public void withTheKeyOffCardsStay() {
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, Math.PI / 2, 0.3, 0, 0, 0);
        TableSet set = Sets.chowder().withCards(List.of(white));
        Switched switched = Switched.of(set, Set.of("key", "card-1", "no such layer"));
        assertThat(switched.set()).isEqualTo(set);
        assertThat(switched.off()).containsExactly(Layers.KEY, Layers.FIRST_CARD);
    }
}
