package zephyrdune.answers.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.trace.Layers;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What cards give, against closed forms and what is common practice. */
public class FillTest {

    private static final double RIGHT = Math.PI / 2;

    /** Nothing about the hero but the light: black table and backdrop, no room light. */
    private static TableSet dark(Card... cards) {
        return Sets.lit(box(0.6, 0.6, 9, 30, 1))
                .withTableTop(new TableTop(Surface.BLACK_PAPER, 0.1, 0.1, 0.1, 0.1))
                .withBackdrop(new Backdrop(9, 0.1, 0.1, Surface.BLACK_PAPER))
                .withAmbient(new Ambient(0, 5500, 5))
                .withDish(Sets.sliver())
                .withCards(List.of(cards));
    }

    private static double byCard(TableSet set, Vector3D point, Vector3D normal, int channel) {
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(4, 4, 1));
        double sum = 0;
        int looks = 4096;
        for (int look = 0; look < looks; look++) {
            tracer.incident(
                    point.getX(), point.getY(), point.getZ(), normal.getX(), normal.getY(), normal.getZ(), 7, look);
            sum += tracer.out[3 * Layers.FIRST_CARD + channel] / looks;
        }
        return sum;
    }

    /** Howell B-3, element parallel to a rectangle with the normal through a corner (number from memory). */
    private static double parallel(double a, double b, double c) {
        double x = a / c;
        double y = b / c;
        double rx = Math.hypot(1, x);
        double ry = Math.hypot(1, y);
        return (x / rx * Math.atan(y / rx) + y / ry * Math.atan(x / ry)) / (2 * Math.PI);
    }

    /** Howell B-4, element square to a rectangle that stands on its plane (number from memory). */
    private static double perpendicular(double a, double b, double c) {
        double y = b / c;
        double far = Math.hypot(c, a);
        return (Math.atan(y) - c / far * Math.atan(b / far)) / (2 * Math.PI);
    }

    /** A small matte card is lit nearly evenly: it gives rho E F, F from the catalogue, at a parallel and at a perpendicular surface. */
    @Test
    public void matteCardByTheCatalogue() {
        double side = 0.06;
        Card card = new Card(Surface.WHITE_PAPER, side, side, RIGHT, 0.3, 0, 0, 0);
        TableSet set = dark(card);
        EmittingFace key = EmittingFace.of(set).withLuminance(1);
        Vector3D middle = card.centre();
        double onCard = Illuminance.uniform(key).at(middle, Vector3D.Unit.MINUS_X);
        double sent = Surface.WHITE_PAPER.colour().green() * onCard;
        Vector3D facing = Vector3D.of(0.2, 0, side / 2);
        double parallel = 4 * parallel(side / 2, side / 2, 0.1);
        assertThat(byCard(set, facing, Vector3D.Unit.PLUS_X, 1))
                .isCloseTo(sent * parallel, within(0.01 * sent * parallel));
        Vector3D level = Vector3D.of(0.25, 0, 1e-5);
        double perpendicular = 2 * perpendicular(side, side / 2, 0.05);
        assertThat(byCard(set, level, Vector3D.Unit.PLUS_Z, 1))
                .isCloseTo(sent * perpendicular, within(0.012 * sent * perpendicular));
    }

    /** A mirror is a second light behind it: the key's face reflected in the mirror's plane, seen whole through it. */
    @Test
    public void mirrorByItsImageSource() {
        double at = 0.4;
        Card card = new Card(Surface.MIRROR, 2, 2, RIGHT, at, 0, 0, 0);
        TableSet set = dark(card);
        EmittingFace key = EmittingFace.of(set).withLuminance(1);
        Vector3D centre = Vector3D.of(
                2 * at - key.centre().getX(), key.centre().getY(), key.centre().getZ());
        Vector3D across = key.acrossHalf();
        Vector3D up = key.upHalf();
        // mirrored, the face would be wound the other way round: swap its sides
        EmittingFace image = new EmittingFace(
                key.outline(),
                centre,
                Vector3D.of(across.getX(), -across.getY(), -across.getZ()),
                Vector3D.of(-up.getX(), up.getY(), up.getZ()),
                1,
                key.evenness(),
                key.distribution());
        Vector3D point = Vector3D.of(0.2, 0, 0.05);
        double expected = 0.92 * Illuminance.uniform(image).at(point, Vector3D.Unit.PLUS_X);
        assertThat(byCard(set, point, Vector3D.Unit.PLUS_X, 1)).isCloseTo(expected, within(0.02 * expected));
    }

    @DataProvider
    Object[][] finishes() {
        return new Object[][] {{Surface.WHITE_PAPER}, {Surface.SILVER_CARD}, {Surface.GOLD_CARD}, {Surface.MIRROR}};
    }

    /** Common practice, no published source: a card opposite the light lifts the shadow side, and gold warms it. */
    @Test(dataProvider = "finishes")
    public void cardOppositeLifts(Surface finish) {
        TableSet plain = Sets.lit(box(0.6, 0.6, 9, 40, 0.9));
        TableSet set = plain.withCards(List.of(new Card(finish, 0.3, 0.3, RIGHT, 0.3, 0, 0, 0)));
        Fill fill = Fill.of(set, KeyLight.of(set)).orElseThrow();
        assertThat(fill.lift()).isBetween(1.0, 4.0);
        assertThat(fill.litToShadowBare())
                .isEqualTo(Fill.of(plain, KeyLight.of(plain)).orElseThrow().litToShadow());
        assertThat(fill.litToShadow()).isLessThan(fill.litToShadowBare() - 1);
        assertThat(fill.tint().orElseThrow() > 50).isEqualTo(finish == Surface.GOLD_CARD);
        assertThat(fill.cardShares().get(0)).isBetween(0.4, 1.0);
    }

    /** A black card takes light away where there is some to take, and next to nothing in the dark. */
    @Test
    public void blackCardTakesWhatTheRoomGives() {
        Card black = new Card(Surface.BLACK_PAPER, 0.4, 0.4, RIGHT, 0.2, 0, 0, 0);
        TableSet kitchen = Sets.inRoom(Sets.lit(box(0.6, 0.6, 9, 40, 0.9)), 1.5, 1.5, Surface.WHITE_PAPER);
        double taken = Fill.of(kitchen.withCards(List.of(black)), KeyLight.of(kitchen.withCards(List.of(black))))
                .orElseThrow()
                .lift();
        assertThat(taken).isLessThan(-0.7);
        TableSet hall = Sets.lit(box(0.6, 0.6, 9, 40, 0.9)).withAmbient(new Ambient(0, 5500, 5));
        double hardly = Fill.of(hall.withCards(List.of(black)), KeyLight.of(hall.withCards(List.of(black))))
                .orElseThrow()
                .lift();
        assertThat(Math.abs(hardly)).isLessThan(0.4).isLessThan(Math.abs(taken) / 2);
    }

    private static Fill fill(TableSet set) {
        return Fill.of(set, KeyLight.of(set)).orElseThrow();
    }

    /** A flag in the key's way, a slit: they shape the light and stay when the cards that fill are thought away. */
    @Test
    public void cardsThatCutStay() {
        TableSet plain = Sets.lit(box(0.6, 0.6, 9, 40, 0.9)).withAmbient(new Ambient(0, 5500, 5));
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, RIGHT, 0.3, 0, 0, 0);
        Card flag = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 3 * RIGHT, 0.4, 0.3, 0, 0);
        Card slit = flag.withCut(Cut.of(new Slit(0.05)));
        Card slitAside = white.withCut(Cut.of(new Slit(0.05)));
        assertThat(Fill.fills(plain, white)).isTrue();
        assertThat(Fill.fills(plain, flag)).isFalse();
        assertThat(Fill.fills(plain, slit)).isFalse();
        assertThat(Fill.fills(plain, slitAside)).isFalse();
        TableSet both = plain.withCards(List.of(flag, white));
        Fill found = fill(both);
        assertThat(found.litToShadowBare())
                .isEqualTo(fill(plain.withCards(List.of(flag))).litToShadow());
        assertThat(found.lift()).isGreaterThan(0.5);
    }

    /** Read straight under the light and opposite, whichever way it comes from. */
    @Test
    public void sidesLieUnderTheLightAndOpposite() {
        for (double clock : new double[] {1, 4, 8, 10.5}) {
            TableSet set = Sets.lit(box(0.3, 0.3, clock, 40, 0.6));
            Fill fill = fill(set);
            double x = Math.sin(clock * Math.PI / 6);
            double y = Math.cos(clock * Math.PI / 6);
            double out =
                    Math.hypot(fill.lit().place().getX(), fill.lit().place().getY());
            assertThat(out).isCloseTo(0.095 + 0.002, within(1e-6));
            assertThat(fill.lit().place().getX()).isCloseTo(out * x, within(1e-9));
            assertThat(fill.lit().place().getY()).isCloseTo(out * y, within(1e-9));
            assertThat(fill.shadow().place().getX()).isCloseTo(-out * x, within(1e-9));
            assertThat(fill.shadow().place().getY()).isCloseTo(-out * y, within(1e-9));
        }
    }

    /** Shares and tint go by card, whatever their order: what the gold one gives is told under its own number. */
    @Test
    public void eachCardsShareIsItsOwn() {
        TableSet plain = dark().withDish(new Block(0.1, 0.1, 0.06, Surface.GREY_PAPER));
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, RIGHT, 0.3, 0, 0, 0);
        Card small = new Card(Surface.GOLD_CARD, 0.1, 0.1, 2.2 * Math.PI / 6, 0.3, 0, 0, 0);
        Fill one = fill(plain.withCards(List.of(white, small)));
        Fill other = fill(plain.withCards(List.of(small, white)));
        assertThat(one.cardShares()).hasSize(2);
        assertThat(one.cardShares().get(0)).isGreaterThan(2 * one.cardShares().get(1));
        assertThat(one.cardShares().get(1)).isGreaterThan(0.01);
        assertThat(other.cardShares().get(1)).isCloseTo(one.cardShares().get(0), within(0.03));
        assertThat(other.cardShares().get(0)).isCloseTo(one.cardShares().get(1), within(0.03));
        // in a black set all of the shadow side's light is the cards'
        assertThat(one.cardShares().get(0) + one.cardShares().get(1)).isCloseTo(1, within(0.12));
        double alone = fill(plain.withCards(List.of(small))).tint().orElseThrow();
        assertThat(alone).isGreaterThan(50);
        assertThat(one.tint().orElseThrow())
                .isBetween(1.0, alone - 10)
                .isCloseTo(other.tint().orElseThrow(), within(8.0));
        assertThat(fill(plain).tint()).isEmpty();
    }

    /** Two hundredths off the plumb line, whatever the distance, there is a shadow side: 88 degrees have one, 89 and a half have none. */
    @Test
    public void nearlyStraightAbove() {
        for (double distance : new double[] {0.5, 3}) {
            TableSet slant = Sets.lit(box(0.3, 0.3, 9, 88, distance));
            TableSet upright = Sets.lit(box(0.3, 0.3, 9, 89.5, distance));
            assertThat(Fill.of(slant, KeyLight.of(slant))).isPresent();
            assertThat(Fill.of(upright, KeyLight.of(upright))).isEmpty();
        }
    }

    @Test
    public void straightAboveThereIsNoShadowSide() {
        assertThat(Fill.of(Sets.lit(box(0.6, 0.6, 9, 90, 0.9)), KeyLight.of(Sets.lit(box(0.6, 0.6, 9, 90, 0.9)))))
                .isEmpty();
    }
}
