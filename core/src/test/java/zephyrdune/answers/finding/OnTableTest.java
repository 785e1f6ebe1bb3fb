package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.answers.finding.Told.figure;
import static zephyrdune.answers.finding.Told.found;
import static zephyrdune.answers.finding.Told.metres;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.move.CardPlace;
import zephyrdune.answers.move.Lever;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.answers.shadow.HeroShade;
import zephyrdune.answers.shadow.SeenShade;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What the light does on the table, and that what is offered mends it the shortest way. */
public class OnTableTest {

    private static final double HOUR = Math.PI / 6;

    private static TableSet plain() {
        return Sets.lit(box(0.5, 0.5, 9, 45, 1.2)).withAmbient(new Ambient(0, 5500, 5));
    }

    private static TableSet patterned(double size, double cardToHero) {
        TableSet set = Sets.lit(box(size, size, 9, 45, 1.2))
                .withCards(List.of(new Card(Surface.BLACK_PAPER, 0.5, 0.5, 0, 0.5, 0.2, 0, 0)
                        .withCut(Cut.of(new RoundHoles(0.03, 0.06)))));
        return Lever.CUT_DISTANCE.set(CardPlace.IN_THE_WAY.put(set, 0), cardToHero);
    }

    private static double contrast(TableSet set) {
        return Readings.of(set, ReadingKind.PATTERN_CONTRAST).value().orElseThrow();
    }

    /** A card near a light that is small enough comes nearer to the dish; where it is near already, the light has to be smaller. */
    @Test
    public void aPatternIsSharpenedByTheCardOrByTheLight() {
        TableSet far = patterned(0.25, 0.9);
        Finding wiped = found(far, Finding.Kind.PATTERN_WIPED_OUT);
        assertThat(figure(wiped.words())).isCloseTo(contrast(far), within(0.0051));
        assertThat(wiped.action()).startsWith("Bring the card to ").endsWith(" from the hero");
        assertThat(metres(wiped.action())).isLessThan(0.9);
        assertThat(contrast(wiped.tried().orElseThrow())).isCloseTo(0.5, within(0.02));
        TableSet near = patterned(1.2, 0.3);
        Finding large = found(near, Finding.Kind.PATTERN_WIPED_OUT);
        assertThat(large.action()).startsWith("Make the light ").endsWith(" wide");
        TableSet smaller = large.tried().orElseThrow();
        assertThat(metres(large.action())).isLessThan(1.2);
        assertThat(contrast(smaller)).isCloseTo(0.5, within(0.02));
        assertThat(Finding.of(patterned(0.05, 0.3), Finding.Kind.PATTERN_WIPED_OUT))
                .isEmpty();
    }

    /** The second card shades: it goes out by just so much as is said, and a step less would not do. */
    @Test
    public void aCardThatShadesGoesOut() {
        Card away = new Card(Surface.WHITE_PAPER, 0.2, 0.2, 3 * HOUR, 0.6, 0, 0, 0);
        Card shading = new Card(Surface.WHITE_PAPER, 0.25, 0.25, 9 * HOUR, 0.2, 0.05, 0, 0);
        TableSet set = plain().withCards(List.of(away, shading));
        Finding found = found(set, Finding.Kind.CARD_SHADES_HERO);
        assertThat(found.words()).startsWith("Card 2 throws its shade on ");
        assertThat(found.words()).contains("on %.0f %% of".formatted(100 * part(set)));
        double by = metres(found.action());
        Card moved = found.tried().orElseThrow().cards().get(1);
        assertThat(moved.distance()).isCloseTo(0.2 + by, within(1e-5));
        assertThat(part(found.tried().orElseThrow())).isLessThanOrEqualTo(0.06);
        assertThat(part(set.withCards(List.of(away, shading.withDistance(0.2 + by - 0.02)))))
                .isGreaterThan(0.06);
        assertThat(found.tried().orElseThrow().cards().get(0)).isEqualTo(away);
    }

    private static double part(TableSet set) {
        return SeenShade.ofCards(set).map(SeenShade::part).orElse(0.0);
    }

    @DataProvider
    Object[][] asides() {
        // light from 9 o'clock, along x: to the side that it stands on already
        return new Object[][] {{0.06, 1}, {-0.06, -1}};
    }

    @Test(dataProvider = "asides")
    public void aPropGoesTheShorterWay(double y, int way) {
        Prop post = new Prop(new Block(0.06, 0.2, 0.3, Surface.PALE_WOOD), -0.25, y, 0, 0);
        TableSet set = plain().withProps(List.of(post));
        Finding found = found(set, Finding.Kind.PROP_SHADES_HERO);
        TableSet mended = found.tried().orElseThrow();
        Prop moved = mended.props().get(0);
        double by = metres(found.action());
        assertThat(moved.x()).isCloseTo(-0.25, within(1e-9));
        assertThat(way * (moved.y() - y)).isCloseTo(by, within(1e-5)).isPositive();
        assertThat(Finding.of(mended, Finding.Kind.PROP_SHADES_HERO)).isEmpty();
        // a step less would have left more than half of what counts
        TableSet less = set.withProps(List.of(new Prop(post.body(), -0.25, moved.y() - way * 0.02, 0, 0)));
        double top = HeroShade.worst(less).map(HeroShade::share).orElse(0.0);
        double seen = SeenShade.ofProps(less).map(SeenShade::part).orElse(0.0);
        assertThat(top > 0.05 || seen > 0.06).isTrue();
    }

    /** What stands in the light of the top is told by what it keeps off; of what is seen of the hero it has to shade an eighth. */
    @Test
    public void whatAPropShades() {
        Prop beside = new Prop(new Block(0.02, 0.02, 0.02, Surface.PALE_WOOD), 0.3, 0.3, 0, 0);
        Prop post = new Prop(new Block(0.04, 0.12, 0.22, Surface.PALE_WOOD), -0.22, 0.02, 0, 0);
        TableSet set = plain().withProps(List.of(beside, post));
        double kept = HeroShade.worst(set).orElseThrow().share();
        assertThat(kept).isBetween(0.12, 0.95);
        assertThat(found(set, Finding.Kind.PROP_SHADES_HERO).words())
                .isEqualTo(
                        "Prop 2 stands in the hero's light and keeps %.0f %% of the key off it".formatted(100 * kept));
        // a thin one between the places of the top that are read
        TableSet low = Sets.lit(box(0.05, 0.05, 9, 30, 1.5))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.3))
                .withDish(new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER));
        TableSet thin = low.withProps(
                List.of(beside, new Prop(new Block(0.03, 0.018, 0.3, Surface.PALE_WOOD), -0.15, 0.015, 0, 0)));
        double part = SeenShade.ofProps(thin).orElseThrow().part();
        assertThat(found(thin, Finding.Kind.PROP_SHADES_HERO).words())
                .isEqualTo("Prop 2 throws its shade on %.0f %% of what is seen of the hero".formatted(100 * part));
        TableSet thinner =
                low.withProps(List.of(new Prop(new Block(0.03, 0.012, 0.17, Surface.PALE_WOOD), -0.15, 0.015, 0, 0)));
        assertThat(SeenShade.ofProps(thinner).orElseThrow().part()).isBetween(0.01, 0.12);
        assertThat(Finding.of(thinner, Finding.Kind.PROP_SHADES_HERO)).isEmpty();
    }

    /** What lies beyond the table's edge is no hot spot of the table. */
    @Test
    public void hotSpotsLieOnTheTable() {
        TableSet set = Sets.lit(box(0.2, 0.2, 9, 20, 0.42));
        TableSet small = set.withTableTop(new TableTop(Surface.PALE_WOOD, 0.1, 0.5, 0.5, 0.5));
        assertThat(figure(found(small, Finding.Kind.HOT_SPOT).words()))
                .isLessThan(figure(found(set, Finding.Kind.HOT_SPOT).words()) - 0.3);
    }

    /** A base goes back along its own direction until next to nothing of the key is kept off. */
    @Test
    public void aBaseGoesBack() {
        BroadBase base = new BroadBase(1, 1.2, 1.2, 9 * HOUR, 0.8, 1.2);
        TableSet set = plain().withLight(box(0.1, 0.1, 9, 45, 1.4)).withBase(base);
        Finding found = found(set, Finding.Kind.BASE_IN_THE_WAY);
        BroadBase moved = (BroadBase) found.tried().orElseThrow().base();
        assertThat(moved.distance()).isCloseTo(1.2 + metres(found.action()), within(1e-5));
        assertThat(moved.clock()).isEqualTo(base.clock());
        assertThat(Finding.of(set.withBase(base.withDistance(moved.distance() - 0.06)), Finding.Kind.BASE_IN_THE_WAY))
                .isPresent();
    }

    /** It is the second card's shadow that falls into the frame; a cut or black card is there for its shadow. */
    @Test
    public void theShadowOfACard() {
        Card away = new Card(Surface.WHITE_PAPER, 0.2, 0.2, 3 * HOUR, 0.8, 0, 0, 0);
        Card near = new Card(Surface.WHITE_PAPER, 0.4, 0.4, 9 * HOUR, 0.25, 0, 0, 0);
        TableSet set = plain().withCards(List.of(away, near));
        Finding found = found(set, Finding.Kind.FLAG_EDGE_IN_FRAME);
        assertThat(found.words()).isEqualTo("The shadow of card 2 falls into the frame");
        TableSet mended = found.tried().orElseThrow();
        assertThat(mended.cards().get(1).distance()).isCloseTo(0.25 + metres(found.action()), within(1e-5));
        Card flag = new Card(Surface.BLACK_PAPER, 0.4, 0.4, 9 * HOUR, 0.25, 0, 0, 0);
        assertThat(Finding.of(set.withCards(List.of(away, flag)), Finding.Kind.FLAG_EDGE_IN_FRAME))
                .isEmpty();
    }

    /** Under a pattern the table's hot spot is that of the open light. */
    @Test
    public void hotSpotsAreOfTheOpenLight() {
        TableSet open = Sets.lit(box(0.2, 0.2, 9, 20, 0.35));
        Card holed = new Card(Surface.BLACK_PAPER, 0.06, 0.06, 9 * HOUR, 0.2, 0.02, 0, 0)
                .withCut(Cut.of(new RoundHoles(0.01, 0.02)));
        assertThat(found(open.withCards(List.of(holed)), Finding.Kind.HOT_SPOT).words())
                .isEqualTo(found(open, Finding.Kind.HOT_SPOT).words());
    }

    /** A second card across the first comes apart the way it is nearer to. */
    @Test
    public void crossedCardsComeApartTheShorterWay() {
        Card first = new Card(Surface.WHITE_PAPER, 0.3, 0.3, 3 * HOUR, 0.5, 0, 0, 0);
        for (double distance : new double[] {0.44, 0.56}) {
            Card second = new Card(Surface.WHITE_PAPER, 0.6, 0.3, 3 * HOUR, distance, 0, 0.5, 0);
            Finding found = found(plain().withCards(List.of(first, second)), Finding.Kind.CARD_THROUGH);
            assertThat(found.words()).isEqualTo("Card 2 goes through card 1");
            assertThat(found.tried().orElseThrow().cards().get(0)).isEqualTo(first);
            double by = metres(found.action());
            boolean out = distance > 0.5;
            assertThat(found.action()).startsWith("Move it %s by ".formatted(out ? "out" : "in"));
            Card moved = found.tried().orElseThrow().cards().get(1);
            assertThat(moved.distance()).isCloseTo(distance + (out ? by : -by), within(1e-5));
            TableSet less =
                    plain().withCards(List.of(first, second.withDistance(moved.distance() + (out ? -0.02 : 0.02))));
            assertThat(Finding.of(less, Finding.Kind.CARD_THROUGH)).isPresent();
        }
    }
}
