package zephyrdune.answers.steps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slats;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.surface.Surface;

public class StepTest {

    private static final Card WHITE = new Card(Surface.WHITE_PAPER, 0.3, 0.3, Math.PI / 2, 0.3, 0, 0, 0);
    private static final Card SLATS = new Card(Surface.BLACK_PAPER, 0.6, 0.6, 3 * Math.PI / 2, 0.5, 0.2, 0, -0.7)
            .withCut(Cut.of(new Slats(0.03, 0.03)));

    @Test
    public void everyLightAndCardByItself() {
        TableSet set = Sets.lit(box(0.2, 0.2, 9, 45, 1))
                .withCards(List.of(WHITE, SLATS))
                .withBase(new BroadBase(1, 0.9, 0.9, 9 * Math.PI / 6, 0.8, 1.3));
        List<Step> steps = Step.of(set);
        assertThat(steps).extracting(Step::kind).containsExactly(Step.Kind.values());
        double power = MeteredExposure.of(set, KeyLight.of(set)).below();
        for (Step step : steps) {
            TableSet shown = step.set();
            assertThat(MeteredExposure.of(shown, KeyLight.of(shown)).below()).isCloseTo(power, within(1e-9));
        }
        Step carded = steps.get(1);
        Step bare = steps.get(0);
        assertThat(carded.litToShadow().orElseThrow())
                .isLessThan(bare.litToShadow().orElseThrow() - 1);
        assertThat(steps.get(3).off()).isNotEmpty().doesNotContain(zephyrdune.render.trace.Layers.BASE);
        assertThat(steps.get(4).set().cards()).containsExactly(SLATS);
        assertThat(steps.get(5).set().cards()).containsExactly(WHITE, SLATS);
    }

    @Test
    public void withoutCardsThereAreTwo() {
        assertThat(Step.of(Sets.chowder()))
                .extracting(Step::kind)
                .containsExactly(Step.Kind.KEY_ONLY, Step.Kind.EVERYTHING);
    }
}
