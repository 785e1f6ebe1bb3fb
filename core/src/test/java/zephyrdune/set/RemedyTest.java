package zephyrdune.set;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.function.DoubleFunction;
import java.util.function.Supplier;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;

/** What is refused with a remedy stands with it, or is refused for another reason; and the remedy is the least to a centimetre or a degree. */
public class RemedyTest {

    private static TableSet chowder() {
        return Sets.chowder();
    }

    private static Backdrop at(double distance) {
        return new Backdrop(distance, 2, 1.5, Surface.GREY_PAPER);
    }

    private static WalledRoom walls(double left, double above) {
        return new WalledRoom(
                left, 3, 3, 3, above, 0.75, Surface.WHITE_PAPER, Surface.WHITE_PAPER, Surface.WHITE_PAPER);
    }

    private static TableSet inRoom(double left, double above) {
        return chowder()
                .withTableTop(new TableTop(Surface.PALE_WOOD, 0.8, 0.8, 0.8, 0.8))
                .withRoom(walls(left, above));
    }

    private static TableSet withCard(double distance) {
        return chowder().withCards(List.of(new Card(Surface.WHITE_PAPER, 0.2, 0.2, 2, distance, 0, 0, 0)));
    }

    private static TableSet withProp(double y) {
        return chowder().withProps(List.of(new Prop(new Block(0.1, 0.1, 0.1, Surface.CREAM), 0, y, 0, 0)));
    }

    /** A field, a value that is refused, the set by its value, a step. */
    @DataProvider
    Object[][] refused() {
        return new Object[][] {
            {
                "backdrop.distance",
                0.15,
                (DoubleFunction<TableSet>) by -> chowder()
                        .withLight(box(0.3, 0.3, 7, 60, 1))
                        .withDish(new Block(0.5, 0.5, 0.05, Surface.CREAM))
                        .withBackdrop(at(by)),
                0.01
            },
            {
                "backdrop.distance",
                0.3,
                (DoubleFunction<TableSet>)
                        by -> chowder().withLight(box(0.6, 0.6, 12, 20, 0.9)).withBackdrop(at(by)),
                0.01
            },
            {
                "light.heightAngle",
                Math.toRadians(2),
                (DoubleFunction<TableSet>)
                        by -> chowder().withLight(chowder().light().withHeightAngle(by)),
                Math.toRadians(1)
            },
            {"light.distance", 0.05, (DoubleFunction<TableSet>) by -> Sets.lit(box(0.1, 0.1, 10, 80, by)), 0.01},
            {"cards[0].distance", 0.05, (DoubleFunction<TableSet>) RemedyTest::withCard, 0.01},
            {"props[0].y", 1.2, (DoubleFunction<TableSet>) RemedyTest::withProp, -0.01},
            {"room.left", 0.5, (DoubleFunction<TableSet>) by -> inRoom(by, 3), 0.01},
            {"room.above", 0.5, (DoubleFunction<TableSet>) by -> inRoom(2, by), 0.01}
        };
    }

    private static Refused refusal(Supplier<TableSet> set) {
        return catchThrowableOfType(Refused.class, set::get);
    }

    @Test(dataProvider = "refused")
    public void theRemedyIsEnoughAndTheLeast(String field, double value, DoubleFunction<TableSet> set, double step) {
        Refused refused = refusal(() -> set.apply(value));
        assertThat(refused.field()).isEqualTo(field);
        double remedy = refused.remedy().orElseThrow();
        assertThat(refusal(() -> set.apply(remedy))).as("with %s", remedy).isNull();
        assertThat(refusal(() -> set.apply(remedy - 1.01 * step)))
                .as("a step less")
                .isNotNull();
    }

    @Test
    public void whatNoSingleChangeMendsHasNone() {
        Refused two = new Refused("base.distance", "The base light goes through the light; move one of them");
        assertThat(two.remedy()).isEmpty();
    }
}
