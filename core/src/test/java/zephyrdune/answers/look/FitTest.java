package zephyrdune.answers.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.look.Aspect;
import zephyrdune.set.look.BackdropBand;
import zephyrdune.set.look.Band;
import zephyrdune.set.look.BiasBand;
import zephyrdune.set.look.ContrastBand;
import zephyrdune.set.look.DirectionBand;
import zephyrdune.set.look.EdgeBand;
import zephyrdune.set.look.FallOffBand;
import zephyrdune.set.look.HeightBand;
import zephyrdune.set.look.NamedLook;
import zephyrdune.set.look.PatternBand;
import zephyrdune.set.look.ReadyLooks;
import zephyrdune.set.look.ShadeTintBand;
import zephyrdune.set.look.ShadowDepthBand;
import zephyrdune.set.look.SizeBand;
import zephyrdune.units.sampling.Sureness;

public class FitTest {

    private static final TableSet CHOWDER = Sets.chowder();

    private static Verdict verdict(TableSet set, Band band) {
        NamedLook look = new NamedLook("Ours", "why", "use", List.of(band));
        return Fit.of(set, look, Sureness.AT_REST).verdicts().get(0);
    }

    private static double value(TableSet set, Band band) {
        return verdict(set, band).value().orElseThrow();
    }

    private static double reading(TableSet set, ReadingKind kind) {
        return Readings.of(set, kind).value().orElseThrow();
    }

    /** Ten and two o'clock are two hours off twelve, each to its side. */
    @Test
    public void directionIsToEitherSide() {
        DirectionBand band = new DirectionBand(0, Math.PI / 3);
        for (double hours : new double[] {10, 2}) {
            TableSet set = CHOWDER.withLight(CHOWDER.light().withClock(hours * Math.PI / 6));
            assertThat(value(set, band)).isCloseTo(Math.PI / 3, within(1e-9));
            assertThat(verdict(set, band).met()).isTrue();
        }
    }

    @Test
    public void lightStraightAboveComesFromNoSide() {
        TableSet set = CHOWDER.withLight(CHOWDER.light().withHeightAngle(Math.PI / 2));
        assertThat(verdict(set, new DirectionBand(0, 1)).value()).isEmpty();
        assertThat(verdict(set, new DirectionBand(0, 1)).why()).contains("straight above");
        assertThat(value(set, new HeightBand(0, 2 * Math.PI / 4))).isCloseTo(Math.PI / 2, within(1e-9));
    }

    /** Each band is judged by the very reading that the tile shows. */
    @Test
    public void bandsAreJudgedByTheReadings() {
        assertThat(value(CHOWDER, new HeightBand(0, 1)))
                .isCloseTo(CHOWDER.light().heightAngle(), within(1e-9));
        assertThat(value(CHOWDER, new SizeBand(0, 1)))
                .isCloseTo(
                        Math.sqrt(reading(CHOWDER, ReadingKind.SIZE_ACROSS) * reading(CHOWDER, ReadingKind.SIZE_ALONG)),
                        within(1e-12));
        assertThat(value(CHOWDER, new FallOffBand(0, 1))).isEqualTo(-reading(CHOWDER, ReadingKind.FALL_OFF_HERO));
        assertThat(value(CHOWDER, new ShadowDepthBand(0, 1))).isEqualTo(reading(CHOWDER, ReadingKind.SHADOW_DEPTH));
        assertThat(value(CHOWDER, new ContrastBand(0, 1))).isEqualTo(reading(CHOWDER, ReadingKind.LIT_TO_SHADOW));
        assertThat(value(CHOWDER, new ShadeTintBand(0, 1))).isEqualTo(reading(CHOWDER, ReadingKind.SHADOW_TINT));
        assertThat(value(CHOWDER, new PatternBand(0, 1)))
                .as("no card with a pattern")
                .isZero();
        TableSet bright = CHOWDER.withExposure(CHOWDER.exposure().withBias(0.5));
        assertThat(value(bright, new BiasBand(0, 1))).isEqualTo(0.5);
    }

    /** The chowder's tip lies in the frame; half as wide a frame shows neither tip nor side, and the edge is not told. */
    @Test
    public void edgeIsToldForWhatThePictureShows() {
        assertThat(value(CHOWDER, new EdgeBand(0, 1))).isEqualTo(reading(CHOWDER, ReadingKind.EDGE_TO_RIM));
        TableSet close = CHOWDER.withCamera(CHOWDER.camera().withFramedWidth(0.1));
        Reading edge = Readings.of(close, ReadingKind.EDGE_SHOWN);
        assertThat(edge.value()).isEmpty();
        assertThat(edge.note()).isEqualTo("The tip is out of the frame");
        assertThat(verdict(close, new EdgeBand(0, 1)).value()).isEmpty();
        assertThat(verdict(close, new EdgeBand(0, 1)).off()).isZero();
        NamedLook look = new NamedLook("Ours", "why", "use", List.of(new EdgeBand(0, 1)));
        assertThat(Fit.of(close, look, Sureness.AT_REST).missed()).isEqualTo(0.3);
    }

    /** A low light throws the tip out of the frame and leaves the side in it. */
    @Test
    public void edgeAtTheSideWhereTheTipIsOut() {
        TableSet low = CHOWDER.withLight(CHOWDER.light()
                .with(light ->
                        light.clock(Math.PI / 2).heightAngle(Math.toRadians(22)).distance(1.6)));
        Reading shown = Readings.of(low, ReadingKind.EDGE_SHOWN);
        assertThat(shown.note()).startsWith("At the side of the shadow");
        assertThat(shown.value())
                .isEqualTo(Readings.of(low, ReadingKind.SIDE_EDGE_SEEN).value());
        assertThat(value(low, new EdgeBand(0, 1))).isCloseTo(reading(low, ReadingKind.SIDE_EDGE) / 0.075, within(1e-9));
    }

    @Test
    public void backdropOutOfTheFrameIsNotJudged() {
        assertThat(verdict(CHOWDER, new BackdropBand(0, 1)).why()).isEqualTo("The frame does not show it");
    }

    @Test
    public void whatMissesIsSaidWithItsWay() {
        Verdict low = verdict(CHOWDER, new HeightBand(1, 1.2));
        assertThat(low.words()).isEqualTo("too low");
        assertThat(low.off()).isCloseTo(-(1 - CHOWDER.light().heightAngle()) / Math.toRadians(10), within(1e-9));
        assertThat(verdict(CHOWDER, new EdgeBand(0, 0.1)).words()).isEqualTo("too soft");
        assertThat(verdict(CHOWDER, new HeightBand(0, 1.2)).words()).isEmpty();
    }

    /** Half wrong at two steps, hardly at a tenth, nearly quite at ten: by hand, 4/8, 0.01/4.01, 100/104. */
    @Test
    public void whatIsMissedCountsByBands() {
        for (double[] steps : new double[][] {{2, 0.5}, {0.1, 0.01 / 4.01}, {10, 100 / 104.0}}) {
            NamedLook look = new NamedLook("Ours", "why", "use", List.of(new BiasBand(steps[0] / 3, 6)));
            assertThat(Fit.of(CHOWDER, look, Sureness.AT_REST).missed()).isCloseTo(steps[1], within(1e-12));
        }
    }

    @Test
    public void everyReadyLookIsJudgedInEveryBand() {
        for (NamedLook look : ReadyLooks.all()) {
            Fit fit = Fit.of(CHOWDER, look, Sureness.AT_ONCE);
            assertThat(fit.verdicts()).hasSameSizeAs(look.bands());
            assertThat(fit.missed()).as(look.title()).isBetween(0.0, (double)
                    look.bands().size());
        }
        assertThat(Fit.of(CHOWDER, Readings.of(CHOWDER))).as("no look").isEmpty();
        assertThat(Aspect.values()).hasSize(12);
    }
}
