package zephyrdune.answers.shadow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.concurrent.CancellationException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Slit;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.surface.Surface;

/** Shade on a flat top of 20 by 10 cm seen from straight above, lit by a small light far away at 9 o'clock: a board shades as much as it is deep. */
public class SeenShadeTest {

    private static TableSet set() {
        return Sets.lit(box(0.02, 0.02, 9, 30, 3))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.3))
                .withDish(new Block(0.2, 0.1, 0.02, Surface.GREY_PAPER));
    }

    private static Prop board(double depth, double y) {
        return new Prop(new Block(0.02, depth, 0.4, Surface.GREY_PAPER), -0.14, y, 0, 0);
    }

    private static SeenShade worst(Prop... props) {
        return SeenShade.ofProps(set().withProps(List.of(props))).orElseThrow();
    }

    @DataProvider
    Object[][] boards() {
        return new Object[][] {{0.02, 0.0}, {0.03, 0.02}, {0.05, -0.02}, {0.08, 0.0}, {0.2, 0.0}};
    }

    /** To three places of thirty-two. */
    @Test(dataProvider = "boards")
    public void asMuchAsTheBoardIsDeep(double depth, double y) {
        double shaded = Math.min(0.05, y + depth / 2) - Math.max(-0.05, y - depth / 2);
        assertThat(worst(board(depth, y)).part()).isCloseTo(shaded / 0.1, within(3.0 / 32 + 1e-9));
    }

    @Test
    public void theWorstOfSeveralIsTold() {
        Prop away = new Prop(new Block(0.02, 0.02, 0.3, Surface.GREY_PAPER), 0.3, 0.3, 0, 0);
        assertThat(worst(away, board(0.02, 0.03), board(0.04, -0.02)).number()).isEqualTo(2);
        assertThat(worst(board(0.04, -0.02), board(0.02, 0.03)).number()).isZero();
    }

    @Test
    public void nothingWhereNothingShades() {
        assertThat(SeenShade.ofProps(set())).isEmpty();
        assertThat(SeenShade.ofCards(set())).isEmpty();
        Prop away = new Prop(new Block(0.02, 0.02, 0.3, Surface.GREY_PAPER), 0.3, 0.3, 0, 0);
        assertThat(SeenShade.ofProps(set().withProps(List.of(away)))).isEmpty();
        // two in a row that each keep off what the other does
        Prop behind = new Prop(new Block(0.02, 0.2, 0.5, Surface.GREY_PAPER), -0.2, 0, 0, 0);
        assertThat(SeenShade.ofProps(set().withProps(List.of(board(0.2, 0), behind))))
                .isEmpty();
    }

    /** A white card counts; a flag, and one with a slit, are there to shade. */
    @Test
    public void cardsThatFillAlone() {
        Card card = new Card(Surface.WHITE_PAPER, 0.05, 0.4, 9 * Math.PI / 6, 0.14, 0, 0, 0);
        Card away = new Card(Surface.WHITE_PAPER, 0.1, 0.1, 3 * Math.PI / 6, 0.4, 0, 0, 0);
        SeenShade found =
                SeenShade.ofCards(set().withCards(List.of(away, card))).orElseThrow();
        assertThat(found.number()).isEqualTo(1);
        assertThat(found.part()).isCloseTo(0.5, within(3.0 / 32 + 1e-9));
        Card flag = new Card(Surface.BLACK_PAPER, 0.05, 0.4, 9 * Math.PI / 6, 0.14, 0, 0, 0);
        assertThat(SeenShade.ofCards(set().withCards(List.of(flag)))).isEmpty();
        assertThat(SeenShade.ofCards(set().withCards(List.of(card.withCut(Cut.of(new Slit(0.02)))))))
                .isEmpty();
    }

    @Test
    public void canBeEnded() {
        TableSet set = set().withProps(List.of(board(0.05, 0)));
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> SeenShade.ofProps(set)).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
    }
}
