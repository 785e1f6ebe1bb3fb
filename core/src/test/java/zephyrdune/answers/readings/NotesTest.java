package zephyrdune.answers.readings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.GuideNumber;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Lengths;

/** What is said beside the numbers: notes, rules of thumb, doubts. */
public class NotesTest {

    private static Exposure camera(double aperture, double shutter, double speed) {
        return new Exposure(aperture, shutter, speed, 1 / 200.0, 0, 5500);
    }

    /** A set, a reading of it, and words of its note. */
    @DataProvider
    Object[][] notes() {
        TableSet set = chowder();
        return new Object[][] {
            {set.withExposure(camera(22, 1 / 125.0, 50)), ReadingKind.POWER, "stops short: come closer"},
            {
                set.withExposure(camera(1.4, 1 / 125.0, 6400)).withAmbient(new Ambient(0, 5500, 5)),
                ReadingKind.POWER,
                "stops too bright: move away"
            },
            {set.withExposure(camera(1.4, 1 / 125.0, 6400)), ReadingKind.POWER, "The room alone gives"},
            {set.withExposure(camera(5.6, 1 / 500.0, 400)), ReadingKind.POWER, "use 1/200 s or slower"},
            {set.withAmbient(new Ambient(1000, 3200, 5)), ReadingKind.AMBIENT_FRAME, "until the room is gone: 1/200 s"},
            {set.withAmbient(new Ambient(100_000, 5500, 10)), ReadingKind.AMBIENT_FRAME, "no camera setting is enough"},
            {set.withAmbient(new Ambient(20, 3200, 5)), ReadingKind.AMBIENT_FRAME, "The room is buried"},
            {set.withAmbient(new Ambient(0, 3200, 5)), ReadingKind.AMBIENT_UNDER_KEY, "no light in the room"},
            {set.withAmbient(new Ambient(0, 3200, 5)), ReadingKind.SHADOW_TINT, "no light in the room"},
            {set.withLight(box(0.3, 0.3, 12, 90, 0.9)), ReadingKind.TIP_EDGE_SEEN, "straight above"},
            {
                set.withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.48)),
                ReadingKind.BACKDROP_LEVEL,
                "out of the frame"
            },
            {set, ReadingKind.POINT_RULE_ERROR, "1.4 times its size away"}
        };
    }

    @Test(dataProvider = "notes")
    public void notesSayWhatToKnow(TableSet set, ReadingKind kind, String words) {
        assertThat(Readings.of(set, kind).note()).contains(words);
    }

    @Test
    public void ordinarySetsHaveNothingToSayOfPower() {
        Reading power = Readings.of(chowder(), ReadingKind.POWER);
        assertThat(power.note()).isEmpty();
        assertThat(power.text()).startsWith("1/");
        assertThat(power.rule()).isPresent();
    }

    @Test
    public void whatIsLeftOverIsWhatTheMarkMisses() {
        TableSet set = chowder();
        double left = Readings.of(set, ReadingKind.OFF_EXPOSURE).value().orElseThrow();
        assertThat(Math.abs(left)).isLessThanOrEqualTo(1 / 6.0);
    }

    @Test
    public void tints() {
        // 5500 K under a white balance of 5500: none; a room of 3200 K is 131 mired warmer
        assertThat(Readings.of(chowder(), ReadingKind.LIGHT_TINT).value().orElseThrow())
                .isZero();
        assertThat(Readings.of(chowder(), ReadingKind.SHADOW_TINT).value().orElseThrow())
                .isCloseTo(130.7, within(0.05));
    }

    @Test
    public void rulesOfThumbAreNearWhereTheyHold() {
        // a small light far off: every rule of thumb about it holds
        TableSet far = chowder()
                .withDish(Sets.sliver())
                .withBackdrop(new Backdrop(10, 5, 5, Surface.GREY_PAPER))
                .withLight(box(0.1, 0.1, 8, 50, 6));
        for (ReadingKind kind : new ReadingKind[] {
            ReadingKind.TIP_EDGE, ReadingKind.SHADOW_LENGTH, ReadingKind.SOLID_ANGLE, ReadingKind.DEPTH_OF_FIELD
        }) {
            Reading reading = Readings.of(far, kind);
            double value = reading.value().orElseThrow();
            assertThat(reading.rule().orElseThrow().value()).as(kind.name()).isCloseTo(value, within(0.02 * value));
        }
        Reading seen = Readings.of(far, ReadingKind.SIDE_EDGE_SEEN);
        assertThat(seen.rule().orElseThrow().value())
                .isCloseTo(seen.value().orElseThrow(), within(0.2 * seen.value().orElseThrow()));
        Reading fallOff = Readings.of(far, ReadingKind.FALL_OFF_HERO);
        assertThat(fallOff.rule().orElseThrow().value())
                .isCloseTo(fallOff.value().orElseThrow(), within(0.02));
    }

    @Test
    public void nothingIsDoubtedOfAnOrdinarySet() {
        assertThat(Plausibility.about(chowder())).isEmpty();
    }

    @Test
    public void unitsMixedUpAreDoubted() {
        Light light = chowder().light();
        TableSet feet = chowder()
                .withBackdrop(new Backdrop(9, 5, 5, Surface.GREY_PAPER))
                .withLight(light.withFace(new Rectangle(2, 2)).withDistance(4));
        assertThat(Plausibility.about(feet)).extracting(Plausibility::field).containsExactly("light.distance");
        assertThat(Plausibility.about(feet).get(0).words()).contains("2.0 ft are 0.61 m", "4.0 ft are 1.22 m");
        TableSet wide = chowder().withCamera(new Camera(CameraAngle.FORTY_FIVE, 0.05, 0.036, 0.024, 2));
        assertThat(Plausibility.about(wide)).extracting(Plausibility::field).containsExactly("camera.framedWidth");
        TableSet sunny = chowder().withAmbient(new Ambient(80_000, 5500, 5));
        assertThat(Plausibility.about(sunny)).extracting(Plausibility::field).containsExactly("ambient.illuminance");
        TableSet strong = chowder()
                .withLight(new Light(
                        new BatteryFlash(new GuideNumber(118, 0.035), 0.035, 5500, new Fractions(7, DialStep.THIRD)),
                        Gel.NONE,
                        light.losses(),
                        light.face(),
                        light.filling(),
                        light.spread(),
                        light.powerChoice(),
                        0,
                        light.clock(),
                        light.heightAngle(),
                        light.distance(),
                        light.aim(),
                        new NoDoors()));
        assertThat(Plausibility.about(strong))
                .extracting(Plausibility::field)
                .containsExactly("light.source.output.guideNumber");
        assertThat(Plausibility.about(strong).get(0).words()).contains("Then it is 36 m");
    }

    @Test
    public void aHeroOutsideTheFrameIsDoubted() {
        Camera camera = chowder().camera();
        for (double shift : new double[] {-0.9, 0.9}) {
            TableSet aside = chowder()
                    .withCamera(new Camera(camera.elevation(), 0.085, 0.036, 0.024, 0.4, shift, 0, camera.textSpace()));
            assertThat(Plausibility.about(aside))
                    .extracting(Plausibility::field)
                    .containsExactly("camera.shiftRight");
            TableSet above = chowder()
                    .withCamera(
                            new Camera(camera.elevation(), 0.085, 0.036, 0.024, 0.4, 0, shift / 2, camera.textSpace()));
            assertThat(Plausibility.about(above))
                    .extracting(Plausibility::field)
                    .containsExactly("camera.shiftUp");
        }
    }

    @Test
    public void aRoomBrighterThanTheKeyIsDoubted() {
        TableSet bright = chowder().withAmbient(new Ambient(18_000, 5500, 5));
        assertThat(Plausibility.about(bright)).extracting(Plausibility::field).containsExactly("ambient.illuminance");
        assertThat(Plausibility.about(bright).get(0).words()).contains("brighter than the key");
    }

    @Test
    public void aControlBeyondItsEndIsDoubted() {
        TableSet beyond = chowder().withLight(chowder().light().withPower(PowerChoice.FIXED, 11));
        assertThat(Plausibility.about(beyond)).extracting(Plausibility::field).contains("light.power");
        assertThat(Plausibility.about(beyond).get(0).words()).contains("1/128");
    }

    /** The zoom head at 35 mm is as wide as 1.03 of its distance and as high as 0.69 of it. */
    @Test
    public void aPanelLitInPartOrMissedIsDoubted() {
        Light light = chowder().light();
        TableSet roomy = chowder().withBackdrop(new Backdrop(9, 5, 5, Surface.GREY_PAPER));
        TableSet patch = roomy.withLight(light.withFilling(new FromBehind(0.2)));
        assertThat(Plausibility.about(patch)).extracting(Plausibility::field).containsExactly("light.filling.gap");
        Matcher gap = Pattern.compile("back to (\\d+) cm")
                .matcher(Lengths.plain(Plausibility.about(patch).get(0).words()));
        assertThat(gap.find()).isTrue();
        TableSet back = roomy.withLight(light.withFilling(new FromBehind(Integer.parseInt(gap.group(1)) / 100.0)));
        assertThat(Readings.of(back, ReadingKind.FACE_IN_USE).value().orElseThrow())
                .isCloseTo(0.8, within(0.02));
        assertThat(Plausibility.about(back)).isEmpty();
        TableSet missed = roomy.withLight(light.withFilling(new FromBehind(2)));
        assertThat(Plausibility.about(missed).get(0).words()).contains("past the panel's edge");
        // 0.36 m2 / (2 m)2, less 3 % for the slant, of the pyramid's 0.594 sr
        assertThat(Plausibility.about(missed).get(0).words()).startsWith("2.8 stops");
    }
}
