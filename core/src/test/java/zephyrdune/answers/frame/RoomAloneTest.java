package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.tone.ToneCurve;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.render.trace.Layers;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.room.Ambient;
import zephyrdune.units.measure.Stops;

/** Frames with the lights off, rendered from rooms that are brighter than they were measured. */
public class RoomAloneTest {

    /** A thirtieth at f/5.6 and ISO 400: light enough to read. */
    private final TableSet stated =
            Sets.chowder().withAmbient(new Ambient(400, 4000, 5)).withExposure(Sets.EXPOSURE.withShutter(1.0 / 30));

    private FrameReading reading;

    private static TableSet brighter(TableSet set, double stops) {
        return set.withAmbient(set.ambient().withIlluminance(set.ambient().illuminance() * Stops.ratio(stops)));
    }

    private static FrameFile unlit(TableSet set) {
        Set<Integer> lights = IntStream.range(0, Layers.count(set.cards().size()))
                .filter(layer -> layer != Layers.AMBIENT)
                .boxed()
                .collect(Collectors.toSet());
        Picture frame = SmallPicture.of(new Switched(set, lights), 360, 24);
        return new FrameFile(frame, CameraSettings.UNTOLD, ToneCurve.SRGB, false);
    }

    @BeforeClass
    public void take() {
        reading = FrameReading.of(stated, stated, unlit(brighter(stated, 0.7)), ProposedPatches.of(stated));
    }

    @Test
    public void theRoomIsFoundAsBrightAsItIs() {
        RoomAlone room = reading.room().orElseThrow();
        // known to 0.3 stop before, as are the surfaces: what is found lies nearly all of the way
        assertThat(room.more()).isCloseTo(0.7, within(2 * room.spread())).isBetween(0.3, 0.8);
        assertThat(room.spread()).isBetween(0.05, 0.2);
        assertThat(room.set().ambient().illuminance()).isCloseTo(400 * Stops.ratio(room.more()), within(1e-6));
        for (PatchReading patch : reading.patches()) {
            patch.off().ifPresent(off -> assertThat(off).isCloseTo(0.7, within(0.15)));
            assertThat(patch.shares().room()).isCloseTo(1, within(1e-9));
        }
    }

    /** ISO 2720: what a meter of C = 250 calls correct, N squared C over S; the room's exposure is its lux times the time. */
    @Test
    public void howFarItLiesUnderIsByTheMetersEquation() {
        RoomAlone room = reading.room().orElseThrow();
        double correct = Math.pow(2, 5) * 250 / 400;
        double under = Math.log(correct / (room.set().ambient().illuminance() / 32)) / Math.log(2);
        assertThat(room.under()).isCloseTo(under, within(0.01));
        assertThat(room.wanted().orElseThrow()).isEqualTo(5);
    }

    @Test
    public void theSettingsThatAreToldBuryIt() {
        RoomAlone room = reading.room().orElseThrow();
        TableSet dark = room.set().withExposure(room.dark().orElseThrow());
        assertThat(MeteredExposure.of(dark, KeyLight.of(dark)).ambientUnderCorrect())
                .isGreaterThanOrEqualTo(5 - 1e-6);
    }

    @Test
    public void aRoomThatIsToBeKeptIsNotBuried() {
        TableSet kept = stated.withAmbient(stated.ambient().withPurpose(Ambient.Purpose.KEEP));
        RoomAlone room = FrameReading.of(kept, kept, unlit(kept), ProposedPatches.of(kept))
                .room()
                .orElseThrow();
        assertThat(room.wanted()).isEmpty();
        assertThat(room.dark()).isEmpty();
        assertThat(room.more()).isCloseTo(0, within(0.05));
    }

    @Test
    public void itSaysNothingOfTheLights() {
        assertThat(reading.next()).isEmpty();
        assertThat(reading.white()).isEmpty();
    }

    @Test
    public void aRoomWithoutLightTellsNothing() {
        TableSet black = stated.withAmbient(stated.ambient().withIlluminance(0));
        FrameReading none = FrameReading.of(black, black, unlit(stated), ProposedPatches.of(black));
        assertThat(none.room()).isEmpty();
        assertThat(none.patches())
                .allSatisfy(patch -> assertThat(patch.trouble()).isNotEmpty());
        // as it is now, for a frame that was taken before the lamps were switched off
        RoomAlone off = FrameReading.of(stated, black, unlit(stated), ProposedPatches.of(stated))
                .room()
                .orElseThrow();
        assertThat(off.set().ambient().illuminance()).isCloseTo(400, within(20.0));
        assertThat(List.of(off.more())).doesNotContain(Double.POSITIVE_INFINITY);
    }
}
