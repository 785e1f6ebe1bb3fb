package zephyrdune.light.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slats;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.light.BarnDoors;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

/** Where strips and patches are measured: level, square to what cuts, at distances by similar triangles. */
public class CutLineTest {

    private static final double TOP = Sets.sliver().top();
    private static final double RIGHT = Math.PI / 2;

    /** The middle of a light at 3 o'clock, 30 degrees up, 1 m away. */
    private static final Vector3D LIGHT = Vector3D.of(Math.cos(Math.PI / 6), 0, Math.sin(Math.PI / 6));

    private static TableSet bare() {
        return Sets.lit(box(0.1, 0.2, 3, 30, 1))
                .withDish(Sets.sliver())
                .withBackdrop(new Backdrop(4, 2, 1.5, Surface.GREY_PAPER));
    }

    private static TableSet lit(Card... cards) {
        return bare().withCards(List.of(cards));
    }

    private static Optional<CutLine> line(TableSet set) {
        return CutLine.of(set, KeyLight.of(set));
    }

    /** Upright, square to the light's way, half way. */
    private static Card halfWay(Surface surface, double width, double height, double lift) {
        return new Card(surface, width, height, RIGHT, LIGHT.getX() / 2, lift, 0, 0);
    }

    private static Card cut(Holes holes) {
        double height = 0.4;
        return halfWay(Surface.BLACK_PAPER, 0.6, height, (TOP + LIGHT.getZ()) / 2 - height / 2)
                .withCut(Cut.of(holes));
    }

    @DataProvider
    Object[][] openings() {
        return new Object[][] {{new Slit(0.03)}, {new Slats(0.03, 0.03)}, {new RoundHoles(0.03, 0.06)}};
    }

    /** An upright slit across the light's way throws a strip across it: the line lies along y, the light's breadth counts. */
    @Test(dataProvider = "openings")
    public void acrossAnUprightOpening(Holes holes) {
        Card card = cut(holes);
        CutLine line = line(lit(card)).orElseThrow();
        assertThat(line.card()).hasValue(0);
        assertThat(line.from().getZ()).isCloseTo(TOP, within(1e-9));
        assertThat(line.along().getZ()).isCloseTo(0, within(1e-12));
        assertThat(line.along().norm()).isCloseTo(1, within(1e-12));
        Vector3D across = card.cut().across(card);
        boolean level = Math.abs(across.getZ()) < 0.5;
        // along its height a slit's line runs towards the light, along its width across
        assertThat(Math.abs(level ? line.along().getY() : line.along().getX())).isCloseTo(1, within(1e-9));
        double half = LIGHT.distance(Vector3D.of(0, 0, TOP)) / 2;
        assertThat(line.lightToCard()).isCloseTo(half, within(1e-9));
        assertThat(line.cardToHero()).isCloseTo(half, within(1e-9));
        // the face's height leans with the light's way
        assertThat(line.faceSize()).isCloseTo(level ? 0.1 : 0.2 * Math.cos(Math.PI / 6), within(1e-9));
        assertThat(line.at(0.1).subtract(line.from()).dot(line.along())).isCloseTo(0.1, within(1e-12));
    }

    /** A pattern turned by 30 degrees in a card square to level light's way: thrown along by similar triangles through two of its points. */
    @Test
    public void thrownByTheRaysPastTheCard() {
        Card card = cut(new Slit(0.03)).withCut(new Cut(new Slit(0.03), Math.PI / 6, 0, 0));
        CutLine line = line(lit(card)).orElseThrow();
        Vector3D across = card.cut().across(card);
        Vector3D middle = LIGHT.add(Vector3D.of(0, 0, TOP)).multiply(0.5);
        Vector3D one = onTop(middle);
        Vector3D other = onTop(middle.add(across.multiply(1e-3)));
        Vector3D expected = other.subtract(one).normalize();
        assertThat(expected.getX()).isNotCloseTo(0, within(0.1));
        assertThat(expected.getY()).isNotCloseTo(0, within(0.1));
        assertThat(line.along().distance(expected)).isCloseTo(0, within(1e-9));
    }

    private static Vector3D onTop(Vector3D past) {
        return LIGHT.add(past.subtract(LIGHT).multiply((LIGHT.getZ() - TOP) / (LIGHT.getZ() - past.getZ())));
    }

    /** A flag, a card of black: the line of the edge that cuts near the hero; a white one is no flag. */
    @Test
    public void aFlagsEdge() {
        double middle = (TOP + LIGHT.getZ()) / 2;
        CutLine upper =
                line(lit(halfWay(Surface.BLACK_PAPER, 3, 0.2, middle + 0.02))).orElseThrow();
        assertThat(Math.abs(upper.along().getX())).isCloseTo(1, within(1e-9));
        assertThat(line(lit(halfWay(Surface.WHITE_PAPER, 3, 0.2, middle + 0.02))))
                .isEmpty();
        // far over the light's way it cuts nothing within 80 cm of the hero
        assertThat(line(lit(halfWay(Surface.BLACK_PAPER, 0.05, 0.05, 2)))).isEmpty();
        // on the hero's other side likewise
        Card behind = new Card(Surface.BLACK_PAPER, 0.4, 0.4, 3 * RIGHT, 0.3, 0, 0, 0);
        assertThat(line(lit(behind))).isEmpty();
    }

    /** The pattern is told of before a flag that stands before it in the list; the flag's number is its own. */
    @Test
    public void aPatternGoesBeforeAFlag() {
        double middle = (TOP + LIGHT.getZ()) / 2;
        Card flag = halfWay(Surface.BLACK_PAPER, 3, 0.2, middle + 0.02);
        Card beside = new Card(Surface.WHITE_PAPER, 0.1, 0.1, 0, 1, 0, 0, 0);
        Card slit = new Card(Surface.BLACK_PAPER, 3, 2, RIGHT, 0.2, 0, 0, 0).withCut(Cut.of(new Slit(0.1)));
        assertThat(line(lit(flag, slit)).orElseThrow().card()).hasValue(1);
        assertThat(line(lit(beside, flag)).orElseThrow().card()).hasValue(1);
    }

    /** A pattern beside the light's way cuts nothing: the flag that does is told of; a slit is measured wherever it stands. */
    @Test
    public void aPatternThatCutsNothingIsPassedOver() {
        double middle = (TOP + LIGHT.getZ()) / 2;
        Card flag = halfWay(Surface.BLACK_PAPER, 3, 0.2, middle + 0.02);
        Card aside = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 3 * RIGHT, 0.6, 0, 0, 0);
        Card pattern = aside.withCut(Cut.of(new RoundHoles(0.03, 0.06)));
        assertThat(line(lit(pattern, flag)).orElseThrow().card()).hasValue(1);
        assertThat(line(lit(aside.withCut(Cut.of(new Slit(0.03))), flag))
                        .orElseThrow()
                        .card())
                .hasValue(0);
    }

    /** A slit beside the light's way is measured by its own distances; one above the light, level across it. */
    @Test
    public void aSlitBesideTheWay() {
        Card aside = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 3 * RIGHT, 0.6, 0, 0, 0).withCut(Cut.of(new Slit(0.03)));
        CutLine beyond = line(lit(aside)).orElseThrow();
        assertThat(beyond.cardToHero()).isCloseTo(aside.centre().distance(Vector3D.of(0, 0, TOP)), within(1e-9));
        assertThat(beyond.lightToCard()).isCloseTo(aside.centre().distance(LIGHT), within(1e-9));
        // over the light, turned by 30 degrees: no ray from there comes down past it
        Card over = new Card(Surface.BLACK_PAPER, 0.3, 0.3, 3 * RIGHT, 0.6, 1, Math.PI / 6, 0)
                .withCut(Cut.of(new Slit(0.03)));
        CutLine above = line(lit(over)).orElseThrow();
        assertThat(above.along().distance(over.widthAxis())).isCloseTo(0, within(1e-9));
        assertThat(above.cardToHero()).isCloseTo(over.centre().distance(Vector3D.of(0, 0, TOP)), within(1e-9));
    }

    /** Under a pattern the line goes through the brightest patch; under a slit, through the hero's middle. */
    @Test
    public void throughTheBrightestPatch() {
        Card holes = cut(new RoundHoles(0.01, 0.4)).withCut(new Cut(new RoundHoles(0.01, 0.4), 0, 0.002, 0));
        TableSet set = lit(holes).withDish(new Block(0.2, 0.2, TOP, Surface.GREY_PAPER));
        KeyLight key = KeyLight.of(set);
        assertThat(CutLine.of(set, key).orElseThrow().from()).isEqualTo(key.brightest());
        Card slit = cut(new Slit(0.01)).withCut(new Cut(new Slit(0.01), 0, 0.002, 0));
        assertThat(line(lit(slit)).orElseThrow().from().distance(Vector3D.of(0, 0, TOP)))
                .isCloseTo(0, within(1e-12));
    }

    /** A barn door counts as card -1: shut far enough its edge falls on the table about the hero. */
    @Test
    public void aBarnDoorsEdge() {
        TableSet open = bare();
        double away = Math.PI;
        TableSet wide = open.withLight(open.light().withDoors(new BarnDoors(0.1, away, away, away, away)));
        assertThat(line(wide)).isEmpty();
        for (boolean left : new boolean[] {true, false}) {
            TableSet shut = open.withLight(
                    open.light().withDoors(new BarnDoors(0.1, left ? 1.5 : away, left ? away : 1.5, away, away)));
            CutLine line = line(shut).orElseThrow();
            assertThat(line.card()).isEmpty();
            assertThat(Math.abs(line.along().getY())).as("left " + left).isCloseTo(1, within(1e-6));
        }
        TableSet top = open.withLight(open.light().withDoors(new BarnDoors(0.1, away, away, 1.5, away)));
        assertThat(Math.abs(line(top).orElseThrow().along().getX())).isCloseTo(1, within(1e-6));
    }

    /** Shares of the open light: none behind a card that shuts it off, all beside. */
    @Test
    public void sharesOfTheOpenLight() {
        double middle = (TOP + LIGHT.getZ()) / 2;
        TableSet set = lit(halfWay(Surface.BLACK_PAPER, 3, 0.2, middle + 0.02));
        KeyLight key = KeyLight.of(set);
        CutLine line = CutLine.of(set, key).orElseThrow();
        double towards = Math.signum(line.along().getX());
        assertThat(line.share(key, -towards * 0.5)).isCloseTo(0, within(1e-9));
        assertThat(line.share(key, towards * 0.25)).isCloseTo(1, within(1e-9));
        assertThat(line.light(key, towards * 0.25))
                .isCloseTo(key.openAt(line.at(towards * 0.25), Vector3D.Unit.PLUS_Z), within(1e-9));
    }
}
