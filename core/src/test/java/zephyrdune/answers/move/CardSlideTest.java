package zephyrdune.answers.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;

/** The rail of a card is a straight line by hand, and its ends are where the set can just stand. */
public class CardSlideTest {

    /** Metres: past an end by more than the ends are looked for. */
    private static final double PAST = 0.005;

    private static TableSet carded() {
        return chowder().withCards(List.of(new Card(Surface.BLACK_PAPER, 0.4, 0.3, 0, 0.5, 0.2, 0, 0)));
    }

    private static TableSet inTheWay(TableSet set) {
        return CardPlace.IN_THE_WAY.put(set, 0);
    }

    /** Sets whose first card stands in the light's way. */
    @DataProvider
    Object[][] sets() {
        return new Object[][] {
            {inTheWay(carded())},
            {inTheWay(carded().withLight(box(0.6, 0.6, 12, 70, 1.5)))},
            {inTheWay(carded().withLight(box(0.6, 0.6, 9, 30, 1.2)))}
        };
    }

    @Test(dataProvider = "sets")
    public void itsWayIsParallelToTheBeam(TableSet set) {
        CardSlide slide = CardSlide.of(set, 0).orElseThrow();
        Vector3D beam = set.pose().centre().subtract(set.light().aim().point()).normalize();
        Vector3D rail = slide.far().subtract(slide.near());
        assertThat(rail.normalize().dot(beam)).isCloseTo(1, within(1e-9));
        assertThat(rail.norm()).isCloseTo(slide.farthest() - slide.nearest(), within(1e-9));
        assertThat(slide.nearest()).isLessThan(slide.now());
        assertThat(slide.farthest())
                .isGreaterThan(slide.now())
                .isLessThan(set.light().distance());
        Vector3D now = slide.near().add(beam.multiply(slide.now() - slide.nearest()));
        assertThat(now.distance(set.card(0).centre())).isLessThan(1e-9);
    }

    @Test(dataProvider = "sets")
    public void atBothEndsItStandsAndFacesAsBefore(TableSet set) {
        CardSlide slide = CardSlide.of(set, 0).orElseThrow();
        for (Vector3D end : new Vector3D[] {slide.near(), slide.far()}) {
            TableSet there = Shaping.changed(set, 0, card -> CardSlide.moved(card, end));
            assertThat(there.card(0).centre().distance(end)).isLessThan(1e-9);
            assertThat(facing(there.card(0))).isCloseTo(facing(set.card(0)), within(1e-9));
        }
    }

    @Test(dataProvider = "sets")
    public void pastTheNearEndItCannotStand(TableSet set) {
        CardSlide slide = CardSlide.of(set, 0).orElseThrow();
        Vector3D way = slide.near().subtract(slide.far()).normalize();
        Vector3D past = slide.near().add(way.multiply(PAST));
        Card card = set.card(0);
        boolean under = past.getZ() < card.height() / 2 * Math.cos(card.lean());
        assertThat(under || refused(set, past)).isTrue();
    }

    private static boolean refused(TableSet set, Vector3D middle) {
        try {
            Shaping.changed(set, 0, card -> CardSlide.moved(card, middle));
            return false;
        } catch (Refused expected) {
            return true;
        }
    }

    private static double facing(Card card) {
        return Math.sin(card.clock() - card.turn()) + 10 * Math.cos(card.clock() - card.turn()) + 100 * card.lean();
    }

    @Test
    public void aCardThatOnlyFillsHasNoWay() {
        assertThat(CardSlide.of(CardPlace.OPPOSITE.put(carded(), 0), 0)).isEmpty();
    }
}
