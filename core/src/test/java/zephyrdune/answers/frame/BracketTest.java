package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.testng.annotations.Test;
import zephyrdune.answers.tone.BracketFrame;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.units.measure.Refused;

public class BracketTest {

    private static final Picture ANY = new Picture(1, 1, new float[3]);

    private static final LedPoint LED =
            new LedPoint(new LuxAtOneMetre(10_000), Math.toRadians(60), 5600, new Percent(0.1, 0.01, Dimming.LINEAR));

    private final TableSet flash = Sets.chowder();

    /** Marks stand for whole thirds of a stop: f/5.6 to f/8 is one stop, ISO 100 to 400 two. */
    @Test
    public void aperturesAndSpeedsAreKnownStops() {
        List<BracketFrame> frames = Bracket.of(
                flash, List.of(taken(5.6, 1 / 125.0, 100), taken(8, 1 / 125.0, 100), taken(5.6, 1 / 125.0, 400)));
        double first = frames.get(0).stops();
        assertThat(frames.get(1).stops() - first).isCloseTo(-1, within(1e-9));
        assertThat(frames.get(2).stops() - first).isCloseTo(2, within(1e-9));
    }

    @Test
    public void shutterTimesAreStopsOfWhatShinesAllTheTime() {
        TableSet led = flash.withLight(flash.light().withSource(LED));
        List<BracketFrame> frames = Bracket.of(led, List.of(taken(5.6, 1 / 125.0, 100), taken(5.6, 1 / 30.0, 100)));
        assertThat(frames.get(1).stops() - frames.get(0).stops()).isCloseTo(2, within(1e-9));
        assertThatThrownBy(() -> Bracket.of(flash, List.of(taken(5.6, 1 / 125.0, 100), taken(5.6, 1 / 30.0, 100))))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("change aperture or ISO");
    }

    @Test
    public void filesThatDoNotTellAreNoBracket() {
        FrameFile untold = new FrameFile(ANY, CameraSettings.UNTOLD);
        assertThatThrownBy(() -> Bracket.of(flash, List.of(untold, untold)))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("does not say");
    }

    private static FrameFile taken(double aperture, double shutter, double speed) {
        return new FrameFile(
                ANY,
                new CameraSettings(OptionalDouble.of(aperture), OptionalDouble.of(shutter), OptionalDouble.of(speed)));
    }
}
