package zephyrdune.set;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import java.util.function.DoubleFunction;
import org.testng.annotations.Test;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.Plate;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.dish.ServingBoard;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Lengths;
import zephyrdune.units.measure.Refused;

/** What cannot stand is refused by the name of a field, and what the message says would do, does. */
public class ClearanceTest {

    @Test
    public void theBoardBehindTheClothNeedsRoomToo() {
        BookLight book = new BookLight(Surface.WHITE_PAPER, 0.4, 0.7, 1, 0.7, 1);
        TableSet open = Sets.chowder()
                .withBackdrop(new Backdrop(3, 1, 1, Surface.GREY_PAPER))
                .withLight(Sets.box(0.6, 0.9, 10, 40, 0.9).withFilling(book));
        assertThatThrownBy(() -> open.withBackdrop(new Backdrop(0.9, 1, 1, Surface.GREY_PAPER)))
                .hasMessageContaining("The board behind the cloth reaches behind the backdrop");
        assertThatThrownBy(() -> Sets.inRoom(
                        open.withBackdrop(new Backdrop(1.2, 1, 1, Surface.GREY_PAPER)), 1.25, 2, Surface.WHITE_PAPER))
                .hasMessageContaining("The board behind the cloth reaches")
                .hasMessageContaining("through the wall");
        assertThatThrownBy(() -> open.withLight(
                        open.light().withFilling(new BookLight(Surface.WHITE_PAPER, 0.4, 0.7, 3, 0.7, 1))))
                .hasMessageContaining("below the table top");
    }

    private static void refuses(String field, Runnable making) {
        assertThatThrownBy(making::run)
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
    }

    /** The number before a unit in the message of the refusal. */
    private static double advised(Runnable making, String unit) {
        try {
            making.run();
        } catch (Refused refused) {
            String[] words = Lengths.plain(refused.getMessage())
                    .replace(unit, " " + unit + " ")
                    .split("\\s+");
            double last = Double.NaN;
            for (int i = 1; i < words.length; i++) {
                if (words[i].equals(unit)) {
                    last = Double.parseDouble(words[i - 1]);
                }
            }
            return last;
        }
        throw new AssertionError("was not refused");
    }

    @Test
    public void lightBelowTheTable() {
        DoubleFunction<TableSet> raised = angle -> Sets.lit(box(0.6, 0.6, 10, angle, 0.9));
        refuses("light.heightAngle", () -> raised.apply(5));
        double advised = advised(() -> raised.apply(5), "°");
        // the lower edge touches the table where tan(angle) = (h/2) / D
        assertThat(advised).isEqualTo(Math.ceil(Math.toDegrees(Math.atan(0.3 / 0.9))));
        assertThatCode(() -> raised.apply(advised)).doesNotThrowAnyException();
    }

    @Test
    public void lightInsideTheDish() {
        TableSet high = chowder().withDish(new Drum(0.3, 0.3, 0.4, Surface.CREAM, Surface.CREAM));
        DoubleFunction<TableSet> away = distance -> high.withLight(box(0.1, 0.1, 10, 60, distance));
        refuses("light.distance", () -> away.apply(0.3));
        double advised = advised(() -> away.apply(0.3), "cm") / 100;
        assertThatCode(() -> away.apply(advised)).doesNotThrowAnyException();
        refuses("light.distance", () -> away.apply(advised - 0.011));
    }

    @Test
    public void faceThatReachesIntoTheDishOnlyWithAnEdge() {
        TableSet wide = chowder().withDish(new Drum(0.6, 0.6, 0.6, Surface.CREAM, Surface.CREAM));
        refuses("light.distance", () -> wide.withLight(box(1.2, 0.3, 9, 30, 0.42)));
    }

    @Test
    public void lightStraightAboveClearsTheDishByItsHeight() {
        assertThatCode(() -> Sets.lit(box(0.6, 0.6, 12, 90, 0.08))).doesNotThrowAnyException();
        refuses("light.distance", () -> Sets.lit(box(0.6, 0.6, 12, 90, 0.07)));
    }

    @Test
    public void lightBehindTheBackdrop() {
        refuses("backdrop.distance", () -> Sets.lit(box(0.6, 0.6, 12, 30, 1.3)));
        double advised = advised(() -> Sets.lit(box(0.6, 0.6, 12, 30, 1.3)), "cm") / 100;
        assertThatCode(() -> chowder()
                        .withBackdrop(new Backdrop(advised, 2, 1.5, Surface.GREY_PAPER))
                        .withLight(box(0.6, 0.6, 12, 30, 1.3)))
                .doesNotThrowAnyException();
    }

    @Test
    public void backdropInTheDish() {
        TableSet front = Sets.lit(box(0.2, 0.2, 6, 60, 0.9));
        TableSet wide = front.withDish(new Drum(0.5, 0.5, 0.1, Surface.CREAM, Surface.CREAM));
        refuses("backdrop.distance", () -> wide.withBackdrop(new Backdrop(0.2, 2, 1.5, Surface.GREY_PAPER)));
    }

    @Test
    public void lensInTheDish() {
        refuses(
                "camera.focalLength",
                () -> chowder().withCamera(new Camera(CameraAngle.FORTY_FIVE, 0.012, 0.036, 0.024, 0.1)));
    }

    @Test
    public void foodWiderThanThePlate() {
        refuses("foodDiameter", () -> new Plate(0.2, 0.02, Surface.CLAY, 0.15, 0.03, Surface.CREAM));
        assertThatCode(() -> new Plate(0.2, 0.02, Surface.CLAY, 0.14, 0.03, Surface.CREAM))
                .doesNotThrowAnyException();
    }

    @Test
    public void titles() {
        refuses("title", () -> chowder().withTitle(" "));
        refuses("title", () -> chowder().withTitle("x".repeat(81)));
        refuses("title", () -> chowder().withTitle("two\nlines"));
        refuses("title", () -> chowder().withTitle("nul\0"));
        refuses("title", () -> chowder().withTitle("half \ud83e"));
        refuses("title", () -> chowder().withTitle("set aside \uffff"));
        refuses("title", () -> chowder().withTitle("two\u2028lines"));
        assertThat(chowder().withTitle("x".repeat(80)).title()).hasSize(80);
        // as Unicode counts them, not in halves of pairs
        assertThatCode(() -> chowder().withTitle("\ud83e\udd58".repeat(80))).doesNotThrowAnyException();
        refuses("title", () -> chowder().withTitle("\ud83e\udd58".repeat(81)));
    }

    private static final double HOUR = Math.PI / 6;

    private static BroadBase base(double clock, double heightAngle, double distance) {
        return new BroadBase(1, 1.2, 1.2, clock * HOUR, Math.toRadians(heightAngle), distance);
    }

    private static Card card(double clock, double distance, double lift) {
        return new Card(Surface.WHITE_PAPER, 0.3, 0.4, clock * HOUR, distance, lift, 0, 0);
    }

    @Test
    public void theBaseLightNeedsRoomLikeTheKey() {
        TableSet small = Sets.inRoom(Sets.lit(box(0.4, 0.4, 9, 40, 0.9)), 1.4, 2.4, Surface.WHITE_PAPER);
        refuses("room.left", () -> small.withBase(base(9, 30, 1.6)));
        refuses("room.above", () -> small.withBase(base(12, 90, 2.5)));
        assertThatCode(() -> small.withBase(base(9, 45, 1))).doesNotThrowAnyException();
        TableSet open = Sets.lit(box(0.4, 0.4, 9, 40, 0.9));
        refuses("base.heightAngle", () -> open.withBase(base(3, 5, 1)));
        refuses("backdrop.distance", () -> open.withBase(base(12, 40, 1.6)));
        refuses("base.distance", () -> open.withBase(base(9, 90, 0.05)));
        // both face the hero from the same side, the base straight through the key
        refuses("base.distance", () -> Sets.lit(box(1.2, 1.2, 9, 75, 1)).withBase(base(9, 45, 1.1)));
    }

    @Test
    public void nothingStandsInAFaceOfLight() {
        Prop bottle = new Prop(new Drum(0.1, 0.1, 0.6, Surface.CREAM, Surface.CREAM), -0.78, 0, 0, 0);
        refuses("props[0].x", () -> Sets.lit(box(0.6, 0.6, 9, 25, 0.9)).withProps(List.of(bottle)));
        TableSet based = Sets.lit(box(0.2, 0.2, 3, 60, 0.9)).withBase(base(9, 42, 0.9));
        refuses("props[0].x", () -> based.withProps(List.of(bottle)));
        refuses(
                "cards[0].distance",
                () -> Sets.lit(box(0.6, 0.6, 9, 40, 0.9))
                        .withCards(List.of(card(9, 0.7, 0.3).facing(Math.PI / 2, 0))));
        refuses(
                "cards[0].distance",
                () -> based.withCards(List.of(card(9, 0.6, 0.5).facing(Math.PI / 2, 0))));
    }

    @Test
    public void cardsKeepClearOfEverything() {
        refuses(
                "cards[0].distance",
                () -> chowder().withCards(List.of(card(12, 1.1, 0).facing(0, -1))));
        refuses("cards[0].distance", () -> chowder().withCards(List.of(card(3, 0.02, 0))));
        Prop loaf = new Prop(new Block(0.3, 0.1, 0.12, Surface.CREAM), 0.5, 0, 0, 0);
        TableSet beside = chowder().withProps(List.of(loaf));
        refuses("cards[0].distance", () -> beside.withCards(List.of(card(3, 0.5, 0))));
        double aside = Math.atan2(0.5, -0.07);
        // by its true outline: before the long side of the loaf, within the circle round it
        assertThatCode(() -> beside.withCards(
                        List.of(card(aside * 6 / Math.PI, 0.505, 0).facing(aside - Math.PI, 0))))
                .doesNotThrowAnyException();
        assertThatCode(() -> beside.withCards(List.of(card(3, 0.5, 0.13)))).doesNotThrowAnyException();
        TableSet walled = Sets.inRoom(Sets.lit(box(0.4, 0.4, 9, 40, 0.9)), 1.4, 2.4, Surface.WHITE_PAPER);
        refuses("cards[0].distance", () -> walled.withCards(List.of(card(3, 1.45, 0))));
        assertThatCode(() -> walled.withCards(List.of(card(3, 1.35, 0)))).doesNotThrowAnyException();
    }

    @Test
    public void aCardMayStandOnWhatLiesFlat() {
        Prop board = new Prop(new ServingBoard(0.5, 0.3, 0.02, Surface.PALE_WOOD), 0.4, 0, 0, 0);
        assertThatCode(() -> chowder().withProps(List.of(board)).withCards(List.of(card(3, 0.4, 0))))
                .doesNotThrowAnyException();
    }
}
