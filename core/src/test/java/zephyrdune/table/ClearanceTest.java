package zephyrdune.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static zephyrdune.table.Sets.box;
import static zephyrdune.table.Sets.chowder;

import java.util.function.DoubleFunction;
import org.testng.annotations.Test;
import zephyrdune.measure.Refused;

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
            String[] words =
                    refused.getMessage().replace(unit, " " + unit + " ").split("\\s+");
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
        assertThat(chowder().withTitle("x".repeat(80)).title()).hasSize(80);
    }
}
