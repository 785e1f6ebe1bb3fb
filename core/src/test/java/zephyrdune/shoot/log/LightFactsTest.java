package zephyrdune.shoot.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.sampling.Sureness;

/** Sets are remembered by what is seen of their light, and those are alike that look alike. */
public class LightFactsTest {

    private static final TableSet CHOWDER = Sets.chowder();

    /** Hours round the plate and degrees up, as people call them (common practice, no published source). */
    @DataProvider
    public Object[][] sides() {
        return new Object[][] {
            {0, 40, LightSide.BACK}, {11.9, 40, LightSide.BACK}, {10, 45, LightSide.BACK_LEFT},
            {9, 30, LightSide.LEFT}, {7.5, 30, LightSide.FRONT_LEFT}, {6, 20, LightSide.FRONT},
            {4.4, 50, LightSide.FRONT_RIGHT}, {3, 10, LightSide.RIGHT}, {1.5, 60, LightSide.BACK_RIGHT},
            {3, 80, LightSide.ABOVE},
        };
    }

    @Test(dataProvider = "sides")
    public void sidesAreAsPeopleSayThem(double hours, double height, LightSide side) {
        assertThat(LightSide.of(hours * Math.PI / 6, Math.toRadians(height))).isEqualTo(side);
    }

    private static TableSet turned(double hours) {
        return CHOWDER.withLight(CHOWDER.light().withClock(hours * Math.PI / 6));
    }

    /** What is remembered is what the readings say. */
    @Test
    public void remembersWhatIsRead() {
        LightFacts facts = LightFacts.of(CHOWDER);
        assertThat(facts.readings().get(LightFact.SHADOW_EDGE))
                .isEqualTo(Readings.of(CHOWDER, ReadingKind.EDGE_SHOWN).value().getAsDouble());
        double depth = Readings.of(CHOWDER, Sureness.AT_REST, ReadingKind.SHADOW_DEPTH)
                .get(0)
                .value()
                .getAsDouble();
        assertThat(facts.readings().get(LightFact.SHADE)).isCloseTo(depth, within(0.3));
        TableSet carded = CHOWDER.withCards(List.of(new Card(Surface.SILVER_CARD, 0.3, 0.3, 2, 0.4, 0, 0, 0)));
        assertThat(LightFacts.of(carded).words()).contains("silver card");
        assertThat(LightFacts.of(turned(6)).words()).contains("front");
    }

    @Test
    public void whatLooksAlikeIsNear() {
        LightFacts here = LightFacts.of(turned(10));
        LightFacts near = LightFacts.of(turned(10.4));
        LightFacts across = LightFacts.of(turned(4));
        LightFacts small = LightFacts.of(CHOWDER.withLight(turned(10).light().withFace(new Rectangle(0.1, 0.1))));
        assertThat(here.unlike(here)).isZero();
        assertThat(here.unlike(near))
                .isCloseTo(near.unlike(here), within(1e-12))
                .isLessThan(here.unlike(small));
        assertThat(here.unlike(small)).isLessThan(here.unlike(across) + 20);
        assertThat(here.unlike(near)).isLessThan(here.unlike(across));
    }
}
