package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.metering.MeterSight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.AnyPlace;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.camera.HeroFront;
import zephyrdune.set.camera.HeroTop;
import zephyrdune.set.camera.Metering;
import zephyrdune.set.camera.MeteringPoint;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.DrinkGlass;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** The picture's value where the meter is, against what was aimed at: all light counts, whatever its way, at the dial's mark. */
public class MeteringTest {

    private static TableSet plain() {
        return Sets.chowder()
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.3))
                .withDish(new Block(0.1, 0.1, 0.06, Surface.GREY_PAPER))
                .withLight(box(0.6, 0.6, 10, 50, 0.8))
                .withAmbient(new Ambient(0, 5500, 5));
    }

    @DataProvider
    Object[][] sets() {
        TableSet set = plain();
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, 4 * Math.PI / 6, 0.2, 0, 0, 0);
        Card holes = new Card(Surface.BLACK_PAPER, 0.5, 0.5, 10 * Math.PI / 6, 0.35, 0.2, 0, -Math.PI / 6)
                .withCut(Cut.of(new RoundHoles(0.05, 0.1)));
        return new Object[][] {
            {"open", set},
            {"white table", set.withTableTop(Sets.endless(Surface.WHITE_PAPER))},
            {"white card", set.withCards(List.of(white))},
            {"gold card", set.withCards(List.of(new Card(Surface.GOLD_CARD, 0.3, 0.3, 4 * Math.PI / 6, 0.2, 0, 0, 0)))},
            {"white room", Sets.inRoom(set, 1.5, 1.5, Surface.WHITE_PAPER)},
            {"white ceiling near", Sets.inRoom(set, 2, 1.1, Surface.WHITE_PAPER)},
            {"red room", Sets.inRoom(set, 1.5, 1.5, Surface.CLAY)},
            {"room light", set.withAmbient(new Ambient(1500, 5500, 5))},
            {"pattern", set.withLight(box(0.15, 0.15, 10, 50, 0.9)).withCards(List.of(holes))},
            {"fixed power", set.withLight(set.light().withPower(PowerChoice.FIXED, 2))},
            {"low and small", set.withLight(box(0.1, 0.1, 8, 25, 1.1))}
        };
    }

    @Test(dataProvider = "sets")
    public void thePictureComesOutAtItsAim(String name, TableSet set) {
        MeteredExposure metered = MeteredExposure.of(set, KeyLight.of(set));
        double aim = set.exposure().bias() + metered.off();
        // the top is grey paper of 18 %
        assertThat(tone(set, metered.light().place(), 0.003)).as(name).isCloseTo(aim, within(0.05));
        if (set.light().powerChoice() == PowerChoice.FOLLOWS) {
            // the dial's third stops leave no more over
            assertThat(Math.abs(metered.off())).as(name).isLessThan(1.0 / 6 + 1e-9);
        }
    }

    private static TableSet metering(TableSet set, Metering.Mode mode, MeteringPoint point) {
        return set.withExposure(set.exposure().withMetering(new Metering(mode, point)));
    }

    private static TableSet fromAngle(TableSet set, CameraAngle angle) {
        return set.withCamera(new Camera(angle, 0.1, 0.036, 0.024, 0.3));
    }

    /** What is seen of its own points, and by how many stops the surface there is brighter than 18 %. */
    @DataProvider
    Object[][] points() {
        TableSet grey = plain().withTableTop(Sets.endless(Surface.GREY_PAPER));
        TableSet level = fromAngle(grey, CameraAngle.STRAIGHT_ON).withLight(box(0.6, 0.6, 7, 30, 0.8));
        TableSet shade = Sets.inRoom(level.withLight(box(0.3, 0.3, 11, 40, 0.8)), 1.5, 1.5, Surface.WHITE_PAPER);
        TableSet room = Sets.inRoom(grey.withLight(box(0.3, 0.3, 10, 30, 0.8)), 1.5, 1.5, Surface.WHITE_PAPER);
        return new Object[][] {
            {"front", level, new HeroFront()},
            {"front in shade", shade, new HeroFront()},
            {"off the middle of the top", grey, new AnyPlace(0.03, -0.02)},
            {"on the table", grey, new AnyPlace(0.11, -0.05)},
            {"in the shadow on the table", room, new AnyPlace(0.08, -0.045)}
        };
    }

    @Test(dataProvider = "points")
    public void anIncidentMeterReadsWhereItIs(String name, TableSet plain, MeteringPoint point) {
        TableSet set = metering(plain, Metering.Mode.INCIDENT, point);
        MeteredExposure metered = MeteredExposure.of(set, KeyLight.of(set));
        assertThat(tone(set, metered.light().place(), 0.003))
                .as(name)
                .isCloseTo(set.exposure().bias() + metered.off(), within(sure(metered)));
    }

    /** What a spot meter reads comes out at pi K / C of a correct exposure, whatever the surface (ISO 2720:1974). */
    @Test(dataProvider = "points")
    public void whatASpotMeterReadsComesOutMidGrey(String name, TableSet plain, MeteringPoint point) {
        for (Surface surface : List.of(Surface.GREY_PAPER, Surface.BLACK_PAPER)) {
            TableSet set = metering(all(plain, surface), Metering.Mode.SPOT, point);
            MeteredExposure metered = MeteredExposure.of(set, KeyLight.of(set));
            double mid = Stops.between(Math.PI * 12.5 / 250, 0.18);
            assertThat(metered.light().sight()).isEqualTo(MeterSight.SURFACE);
            assertThat(tone(set, metered.light().place(), degree(set)))
                    .as(name + " of " + surface)
                    .isCloseTo(set.exposure().bias() + metered.off() + mid, within(sure(metered)));
        }
    }

    private static TableSet all(TableSet set, Surface surface) {
        TableTop top = set.tableTop();
        return set.withDish(new Block(0.1, 0.1, 0.06, surface))
                .withTableTop(new TableTop(surface, top.left(), top.right(), top.behind(), top.before()));
    }

    /** A spot meter on grey paper of 18 % asks for log2(0.18 C / pi K) less than an incident meter on it. */
    @Test
    public void spotAndIncidentDifferByTheSurface() {
        TableSet set = fromAngle(plain(), CameraAngle.OVERHEAD);
        TableSet spot = metering(set, Metering.Mode.SPOT, new HeroTop());
        double incident = MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
        double surface = MeteredExposure.of(spot, KeyLight.of(spot)).wantedBelow();
        assertThat(surface - incident).isCloseTo(Stops.between(0.18 * 250 / (Math.PI * 12.5), 1), within(0.03));
    }

    @Test
    public void tellsWhatIsOddAboutThePoint() {
        TableSet set = fromAngle(plain(), CameraAngle.FORTY_FIVE);
        assertThat(powerNote(set)).doesNotContain("meter");
        assertThat(powerNote(metering(set, Metering.Mode.SPOT, new AnyPlace(0, 0.07))))
                .as("behind the hero")
                .contains("read in its place");
        assertThat(powerNote(metering(set, Metering.Mode.SPOT, new AnyPlace(1.5, 0))))
                .contains("out of the frame");
        assertThat(powerNote(metering(set, Metering.Mode.INCIDENT, new AnyPlace(0.052, -0.01))))
                .as("beside the hero, away from the light")
                .contains("in a shadow");
        TableSet glass = set.withDish(new DrinkGlass(0.07, 0.1, Medium.CLEAR_GLASS, 0.5, Medium.WATER, 0));
        assertThat(powerNote(metering(glass, Metering.Mode.SPOT, new HeroFront())))
                .contains("reads glass");
        TableSet bare = set.withTableTop(new TableTop(Surface.PALE_WOOD, 0.3, 0.3, 0.3, 0.3));
        assertThat(powerNote(metering(bare, Metering.Mode.SPOT, new AnyPlace(0.8, 0))))
                .contains("nothing to be read");
    }

    /** A flag that lies on the table covers the meter: it then says so, and the other readings stand. */
    @Test
    public void aCoveredMeterIsToldOf() {
        Card lid = new Card(Surface.BLACK_PAPER, 0.3, 0.3, Math.PI / 2, 0.3, 0.01, 0, Math.PI / 2);
        TableSet set = metering(
                plain().withAmbient(new Ambient(0, 5500, 5)).withCards(List.of(lid)),
                Metering.Mode.INCIDENT,
                new AnyPlace(0.3, 0));
        List<Reading> all = Readings.of(set);
        Reading power = all.stream()
                .filter(one -> one.kind() == ReadingKind.POWER)
                .findAny()
                .orElseThrow();
        assertThat(power.note()).containsAnyOf("No light reaches the meter", "in a shadow");
        assertThat(all.stream()
                        .filter(one -> one.kind() == ReadingKind.TIP_EDGE)
                        .findAny()
                        .orElseThrow()
                        .value())
                .isPresent();
    }

    private static String powerNote(TableSet set) {
        return Readings.of(set, ReadingKind.POWER).note();
    }

    /** Where somebody points in the picture is where the meter reads then. */
    @Test
    public void thePointIsTakenUpInTheFrame() {
        TableSet set = fromAngle(plain(), CameraAngle.FORTY_FIVE);
        for (double[] at : new double[][] {{0.9, 0.8}, {0.5, 0.42}, {0.1, 0.5}, {0, 1}, {1, 0.9}}) {
            MeteringPoint point = MeterInFrame.pointAt(set, at[0], at[1]);
            MeterInFrame seen = MeterInFrame.of(metering(set, Metering.Mode.INCIDENT, point));
            // to the millimetre that is kept
            assertThat(seen.across()).isCloseTo(at[0], within(0.004));
            assertThat(seen.down()).isCloseTo(at[1], within(0.004));
        }
        TableSet level = fromAngle(plain(), CameraAngle.STRAIGHT_ON);
        assertThat(MeterInFrame.pointAt(level, 0.52, 0.5)).isEqualTo(new HeroFront());
        assertThatThrownBy(() -> MeterInFrame.pointAt(level, 0.1, 0.05))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("table");
        for (double[] outside : new double[][] {{1.001, 0.5}, {-0.001, 0.5}, {0.5, 1.001}, {0.5, -0.001}}) {
            assertThatThrownBy(() -> MeterInFrame.pointAt(level, outside[0], outside[1]))
                    .isInstanceOf(Refused.class)
                    .hasMessageContaining("in the frame");
        }
    }

    /** A twentieth of a stop; where the light is known less well, twice the standard error that is told. */
    private static double sure(MeteredExposure metered) {
        return Math.max(0.05, 2 * metered.light().error());
    }

    /** Half a degree at the hero, metres. */
    private static double degree(TableSet set) {
        return set.camera().subjectDistance() * Math.tan(Math.toRadians(0.5));
    }

    /** How much brighter than 18 % the picture is within so many metres of a place, stops. */
    private static double tone(TableSet set, Vector3D place, double radius) {
        // the same camera with a small part of its sensor, moved to the place
        Camera camera = set.camera();
        double part = 0.125;
        Vector3D before = Perspective.of(set).project(place);
        TableSet near = MeteredExposure.fixed(set)
                .withCamera(new Camera(
                        camera.elevation(),
                        camera.focalLength(),
                        part * camera.sensorWidth(),
                        part * camera.sensorHeight(),
                        part * camera.framedWidth(),
                        (before.getX() - 0.5) * camera.framedWidth(),
                        (0.5 - before.getY()) * camera.framedHeight(),
                        camera.textSpace()));
        int width = 24;
        int height = 16;
        Film film = new Film(near, width, height, false);
        Mix mix = Mix.of(near, Set.of());
        for (int pass = 0; pass < 32; pass++) {
            film.wholePass(new SampleBudget(16, 16, 24));
        }
        Picture picture = film.picture(mix);
        Vector3D at = Perspective.of(near).project(place);
        double perPixel = part * camera.framedWidth() / width;
        double sum = 0;
        int pixels = 0;
        for (int i = 0; i < width * height; i++) {
            double x = i % width + 0.5 - at.getX() * width;
            double y = i / width + 0.5 - at.getY() * height;
            if (Math.hypot(x, y) * perPixel <= radius) {
                sum += picture.luminance(i);
                pixels++;
            }
        }
        return Stops.between(sum / pixels, 0.18);
    }

    /** Half of the aim by the room, half by the flash: the mark is a stop lower than without the room. */
    @Test
    public void theMarkAllowsForTheRoom() {
        // with nothing that hides the room from the meter
        TableSet set = plain().withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(5, 0.1, 0.1, Surface.BLACK_PAPER))
                .withLight(box(0.1, 0.1, 10, 50, 1.5));
        double half = set.exposure().wanted() / set.exposure().exactShutter() / 2;
        TableSet lit = set.withAmbient(new Ambient(half, 5500, 5));
        double without = MeteredExposure.of(set, KeyLight.of(set)).wantedBelow();
        double with = MeteredExposure.of(lit, KeyLight.of(lit)).wantedBelow();
        assertThat(with - without).isCloseTo(1, within(0.05));
    }
}
