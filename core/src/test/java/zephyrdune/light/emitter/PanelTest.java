package zephyrdune.light.emitter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.illuminance.Illuminance;
import zephyrdune.light.softness.TableShadow;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.distribution.CosinePower;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.Pose;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.room.OpenRoom;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** A panel lit from behind by a bare source, against closed forms and sums made point by point. */
public class PanelTest {

    /** A source of I cos: its light on a plane falls as cos to the fourth, and a coaxial disc catches the sine squared of it. */
    @Test
    public void coaxialDiscByItsClosedForms() {
        for (double gap : new double[] {0.1, 0.3, 0.8}) {
            double radius = 0.4;
            PointLit panel = PointLit.of(
                    CosinePower.LAMBERTIAN,
                    Vector3D.of(0, 0, gap),
                    Vector3D.Unit.MINUS_Z,
                    Vector3D.Unit.PLUS_Y,
                    Vector3D.ZERO,
                    Vector3D.of(radius, 0, 0),
                    Vector3D.of(0, radius, 0),
                    gap);
            double share = gap * gap / (gap * gap + radius * radius);
            // pi I R2 / (R2 + g2) over I / g2 pi R2: the configuration factor of a coaxial disc (J. R. Howell, B-12,
            // from memory)
            assertThat(panel.mean(Outline.DISC, 1)).isCloseTo(share, within(1e-4));
            double meanSquare = gap * gap / (3 * radius * radius) * (1 - share * share * share);
            assertThat(panel.mean(Outline.DISC, 2)).isCloseTo(meanSquare, within(1e-3 * meanSquare));
        }
    }

    /** The flash's zoom of 35 mm lights 31 x 21 cm at 30 cm: a panel of 60 cm catches all of it, and no more comes out. */
    @Test
    public void noPanelGivesMoreThanItGets() {
        Light light = box(0.6, 0.6, 12, 60, 0.9);
        double source = light.source().flux() * Math.pow(2, -light.loss());
        EmittingFace all = EmittingFace.of(light.withFilling(new FromBehind(0.3)));
        assertThat(all.flux()).isCloseTo(source, within(0.005 * source));
        double before = 1.005 * source;
        for (double gap : new double[] {0.3, 0.6, 0.9, 1.5, 3}) {
            double flux =
                    EmittingFace.of(light.withFilling(new FromBehind(gap))).flux();
            assertThat(flux).isBetween(0.0, before);
            before = flux * 1.005;
        }
        double far = EmittingFace.of(light.withFilling(new FromBehind(5))).flux();
        // from so far the panel is lit evenly: I / d2 on all of its area
        double even = light.source().axialIntensity() * Math.pow(2, -light.loss()) / 25 * 0.36;
        assertThat(far).isCloseTo(even, within(0.01 * even));
    }

    /** A bare panel stated by its lux at one metre has them there, by Howell's B-3 for an even one (number from memory). */
    @Test
    public void luxAtOneMetreAreMeasuredThere() {
        LedPanel panel = new LedPanel(
                new LuxAtOneMetre(2000), Math.toRadians(120), 5600, new Percent(0.1, 0.01, Dimming.LINEAR));
        double side = 0.6;
        Light light = new Light(
                panel,
                Gel.NONE,
                Sets.lost(0),
                new Rectangle(side, side),
                new EvenlyLit(),
                new Bare(),
                PowerChoice.FIXED,
                0,
                0,
                Math.PI / 2,
                1.2,
                Aim.HERO,
                new NoDoors());
        EmittingFace face = EmittingFace.of(light);
        Vector3D meter = face.centre().add(face.front());
        assertThat(Illuminance.of(face, Illuminance.FINE).at(meter, face.front().negate()))
                .isCloseTo(2000.0, within(0.5));
        // a beam of 120 degrees is Lambert's: half the axial intensity at 60 degrees
        double x = side / 2;
        double corner = 2 * x / Math.hypot(1, x) * Math.atan(x / Math.hypot(1, x)) / (2 * Math.PI);
        assertThat(face.luminance() * Math.PI * 4 * corner).isCloseTo(2000.0, within(0.2));
        // taken for candela it would be 0.16 stop dimmer from afar: its area against pi times that factor
        double asCandela = Stops.between(side * side, Math.PI * 4 * corner);
        assertThat(Stops.between(face.axialIntensity(), 2000)).isCloseTo(asCandela, within(1e-3));
        assertThat(asCandela).isCloseTo(0.163, within(0.001));
    }

    /** A zoom of 35 mm at 30 cm lights 36 by 24 over 35 of that: it is as big as what is lit, and its edge that of such a face. */
    @Test
    public void onlyWhatIsLitActs() {
        Light light = box(0.6, 0.6, 12, 60, 0.9).withFilling(new FromBehind(0.3));
        EmittingFace acting = EmittingFace.of(light).acting();
        // as finely as it is looked at
        double cell = 0.6 / 128;
        assertThat(2 * acting.acrossHalf().norm()).isCloseTo(0.3 * 36 / 35, within(cell));
        assertThat(2 * acting.upHalf().norm()).isCloseTo(0.3 * 24 / 35, within(cell));
        assertThat(EmittingFace.of(box(0.6, 0.6, 12, 60, 0.9)).acting())
                .isEqualTo(EmittingFace.of(box(0.6, 0.6, 12, 60, 0.9)));
        TableSet post = Sets.lit(light).withDish(new Drum(0.02, 0.02, 0.1, Surface.CREAM, Surface.CREAM));
        TableShadow shadow = TableShadow.of(post).orElseThrow();
        // each corner of what is lit, thrown past the level edge: similar triangles across the shadow
        Vector3D away = shadow.from().normalize();
        Vector3D beside = Vector3D.Unit.PLUS_Z.cross(away);
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (int corner = 0; corner < 4; corner++) {
            Vector3D at = light.centre()
                    .add(light.widthAxis().multiply((corner % 2 - 0.5) * 0.3 * 36 / 35))
                    .add(light.heightAxis().multiply((corner / 2 - 0.5) * 0.3 * 24 / 35));
            double thrown = (0.01 - at.dot(beside)) * 0.1 / (at.getZ() - 0.1);
            least = Math.min(least, thrown);
            most = Math.max(most, thrown);
        }
        assertThat(shadow.atSide().width()).isCloseTo(most - least, within(0.02 * (most - least)));
    }

    /** What the table gets, summed up over the panel: I / d2 of the bare source behind, then L cos cos / d2. */
    @Test
    public void lightOnTheTablePointByPoint() {
        Light light = box(0.5, 0.4, 10, 50, 0.7).withFilling(new FromBehind(0.35));
        EmittingFace face = EmittingFace.of(light);
        Vector3D lamp = Pose.of(light, new OpenRoom()).source();
        Vector3D point = Vector3D.of(0.05, -0.03, 0);
        int side = 600;
        double sum = 0;
        for (int i = 0; i < side * side; i++) {
            Vector3D on = face.at(2 * (i % side + 0.5) / side - 1, 2 * (i / side + 0.5) / side - 1);
            Vector3D from = on.subtract(lamp);
            Vector3D way = from.normalize();
            double lit = light.source().axialIntensity()
                    * light.source()
                            .distribution()
                            .relativeIntensity(
                                    way.dot(face.acrossHalf().normalize()),
                                    way.dot(face.upHalf().normalize()),
                                    way.dot(face.front()))
                    * way.dot(face.front())
                    / from.normSq();
            Vector3D to = point.subtract(on);
            double luminance = lit * Math.pow(2, -light.loss()) / Math.PI;
            sum += luminance * to.dot(face.front()) * -to.getZ() / Math.pow(to.normSq(), 2);
        }
        double expected = sum * face.area() / side / side;
        assertThat(Illuminance.of(face, Illuminance.FINE).at(point, Vector3D.Unit.PLUS_Z))
                .isCloseTo(expected, within(0.003 * expected));
    }

    private static double read(TableSet set, ReadingKind kind) {
        return Readings.of(set, kind).value().orElseThrow();
    }

    /** Common practice, no published source: a flash farther behind the panel is softer and dimmer. */
    @Test
    public void fartherBehindIsSofterAndDimmer() {
        TableSet set = chowder();
        double edge = 0;
        double share = 0;
        double lost = 0;
        for (double gap : new double[] {0.2, 0.4, 0.8, 1.6}) {
            TableSet panel = set.withBackdrop(
                            new zephyrdune.set.room.Backdrop(3, 2, 1.5, zephyrdune.set.surface.Surface.GREY_PAPER))
                    .withLight(set.light().withFilling(new FromBehind(gap)));
            assertThat(read(panel, ReadingKind.TIP_EDGE_SEEN)).as("gap " + gap).isGreaterThan(edge);
            assertThat(read(panel, ReadingKind.FACE_IN_USE))
                    .isGreaterThan(share)
                    .isLessThan(1);
            assertThat(read(panel, ReadingKind.LOST)).isGreaterThan(lost - 0.01);
            edge = read(panel, ReadingKind.TIP_EDGE_SEEN);
            share = read(panel, ReadingKind.FACE_IN_USE);
            lost = read(panel, ReadingKind.LOST);
        }
        TableSet even = set.withLight(set.light().withFilling(new EvenlyLit()));
        assertThat(edge).isCloseTo(read(even, ReadingKind.TIP_EDGE_SEEN), within(0.05 * edge));
        assertThat(read(even, ReadingKind.FACE_IN_USE)).isCloseTo(1, within(1e-12));
        assertThat(read(even, ReadingKind.LOST)).isCloseTo(even.light().loss(), within(1e-9));
    }

    @Test
    public void aPanelIsNotBare() {
        Light light = box(0.6, 0.6, 12, 60, 0.9).withFilling(new FromBehind(0.5));
        assertThatThrownBy(() -> new Light(
                        light.source(),
                        Gel.NONE,
                        light.losses(),
                        new Disc(0.3),
                        light.filling(),
                        new Bare(),
                        light.powerChoice(),
                        0,
                        0,
                        1,
                        1,
                        light.aim(),
                        new NoDoors()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("not bare");
    }
}
