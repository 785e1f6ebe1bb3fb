package zephyrdune.answers.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.move.SoftSun;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Lengths;

/** The figures in what is found, against what geometry gives for small lights. */
public class FiguresTest {

    private static final double HOUR = Math.PI / 6;
    private static final double SMALL = 0.02;

    private static TableSet from(CameraAngle angle, TableSet set) {
        return set.withCamera(new Camera(angle, 0.085, 0.036, 0.024, 0.6));
    }

    private static double figure(Finding.Kind kind, TableSet set, int which) {
        String words = Finding.of(set, kind).orElseThrow().words();
        Matcher number = Pattern.compile("[0-9]+(\\.[0-9]+)?(?= ?(%|stops|°))").matcher(words);
        for (int i = 0; i <= which; i++) {
            assertThat(number.find()).as(words).isTrue();
        }
        return Double.parseDouble(number.group().toLowerCase(Locale.ROOT));
    }

    /** Share of the frame that a flat outline takes up, wholly in it: the area of its image. */
    private static double share(TableSet set, List<Vector3D> corners) {
        Perspective view = Perspective.of(set);
        double twice = 0;
        Vector3D before = view.project(corners.get(corners.size() - 1));
        for (Vector3D corner : corners) {
            Vector3D at = view.project(corner);
            twice += before.getX() * at.getY() - at.getX() * before.getY();
            before = at;
        }
        return Math.abs(twice) / 2;
    }

    @Test
    public void theLightsShareOfTheFrame() {
        TableSet set = from(CameraAngle.STRAIGHT_ON, Sets.chowder()).withLight(box(0.1, 0.06, 12, 12, 0.8));
        double share = share(set, set.pose().outline(set.light()));
        assertThat(share).isGreaterThan(0.005);
        assertThat(figure(Finding.Kind.LIGHT_IN_FRAME, set, 0)).isCloseTo(100 * share, within(0.3));
    }

    @Test
    public void aCardsShareOfTheFrame() {
        Card card = new Card(Surface.WHITE_PAPER, 0.06, 0.05, 10 * HOUR, 0.24, 0, 0, 0);
        TableSet set = from(CameraAngle.STRAIGHT_ON, Sets.lit(box(0.3, 0.3, 3, 50, 1.2)))
                .withCards(List.of(card));
        double share = share(set, card.panels().get(0).corners());
        assertThat(share).isGreaterThan(0.005);
        assertThat(figure(Finding.Kind.CARD_IN_FRAME, set, 0)).isCloseTo(100 * share, within(0.3));
    }

    /** A small light straight behind the camera is kept off wholly. */
    @Test
    public void aLightBehindTheCameraIsKeptOff() {
        TableSet set = from(CameraAngle.FORTY_FIVE, Sets.chowder());
        Vector3D eye = Perspective.of(set).eye();
        Vector3D top = Vector3D.of(0, 0, set.dish().top());
        double angle = Math.toDegrees(Math.asin((eye.getZ() - top.getZ()) / eye.distance(top)));
        TableSet behind = set.withLight(box(SMALL, SMALL, 6, angle, 3));
        assertThat(figure(Finding.Kind.CAMERA_IN_THE_WAY, behind, 0)).isEqualTo(100);
        assertThat(Finding.of(set.withLight(box(SMALL, SMALL, 8, angle, 3)), Finding.Kind.CAMERA_IN_THE_WAY))
                .isEmpty();
    }

    /** A small light seen past the edge of the base: all of it, none, and half where the edge lies on the middle of the way. */
    @Test
    public void theBaseKeepsOffWhatLiesBehindIt() {
        TableSet set = Sets.lit(box(0.1, 0.1, 9, 45, 2));
        BroadBase whole = new BroadBase(1, 1.2, 1.2, 9 * HOUR, Math.PI / 4, 1);
        assertThat(figure(Finding.Kind.BASE_IN_THE_WAY, set.withBase(whole), 0)).isEqualTo(100);
        BroadBase aside = new BroadBase(1, 0.2, 0.2, 7 * HOUR, Math.PI / 4, 1);
        assertThat(Finding.of(set.withBase(aside), Finding.Kind.BASE_IN_THE_WAY))
                .isEmpty();
    }

    /** Of a base that covers a part of the way: what it is said to keep off is what the light lacks behind it. */
    @Test
    public void theBaseKeepsOffAPart() {
        TableSet set = Sets.lit(box(0.3, 0.3, 9, 45, 2));
        BroadBase base = new BroadBase(1, 0.25, 0.25, 9.2 * HOUR, Math.PI / 4, 1);
        double kept = SoftSun.kept(set.withBase(base), base);
        assertThat(kept).isBetween(0.15, 0.9);
        assertThat(figure(Finding.Kind.BASE_IN_THE_WAY, set.withBase(base), 0)).isCloseTo(100 * kept, within(0.5001));
    }

    /** Of a light larger than who stands before it a part is kept off. */
    @Test
    public void theCameraKeepsOffAPart() {
        TableSet set = Sets.lit(box(1.5, 1.5, 6, 45, 2.2));
        assertThat(figure(Finding.Kind.CAMERA_IN_THE_WAY, set, 0)).isBetween(10.0, 80.0);
    }

    @Test
    public void sharesOfTheFrameByTheirTones() {
        TableSet plain = Sets.lit(box(0.5, 0.5, 9, 45, 1.2));
        TableSet bright = plain.withExposure(plain.exposure().withBias(2));
        double clipped = new Inspection(bright).coarse().tones(bright).clipped();
        assertThat(figure(Finding.Kind.BLOWN_OUT, bright, 0)).isCloseTo(100 * clipped, within(0.5001));
        Finding blown = Finding.of(bright, Finding.Kind.BLOWN_OUT).orElseThrow();
        double bias = blown.tried().orElseThrow().exposure().bias();
        assertThat(bias).isLessThan(2);
        assertThat(blown.action())
                .isEqualTo("Set the bias to %+.1f stops".formatted(bias).replace('-', '\u2212'));
        TableSet dark = plain.withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withAmbient(new Ambient(0, 3200, 5))
                .withLight(plain.light().withPower(PowerChoice.FIXED, 7))
                .withExposure(plain.exposure().withAperture(32).withSpeed(50));
        double blocked = new Inspection(dark).coarse().tones(dark).blocked();
        assertThat(figure(Finding.Kind.BLOCKED, dark, 0)).isCloseTo(100 * blocked, within(0.5001));
    }

    /** What is lit of a panel, side to side and bottom to top. */
    @Test
    public void howMuchOfAPanelIsLit() {
        TableSet set = Sets.lit(box(0.8, 0.6, 9, 45, 1.2).withFilling(new FromBehind(0.15)));
        EmittingFace acting = new Inspection(set).key.face().acting();
        assertThat(Finding.of(set, Finding.Kind.PANEL_PARTLY_LIT).orElseThrow().words())
                .contains(Lengths.words(2 * acting.acrossHalf().norm()) + " by "
                        + Lengths.words(2 * acting.upHalf().norm()));
    }

    @DataProvider
    Object[][] angles() {
        return new Object[][] {{CameraAngle.OVERHEAD}, {CameraAngle.FORTY_FIVE}};
    }

    /** By the inverse square and the cosines of a small light, over the places of the table that the frame shows. */
    @Test(dataProvider = "angles")
    public void stopsOfTheHottestPlace(CameraAngle angle) {
        TableSet set = from(angle, Sets.lit(box(SMALL, SMALL, 9, 20, 0.4)).withDish(Sets.sliver()));
        Vector3D light = set.pose().centre();
        Perspective view = Perspective.of(set);
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < 13 * 9; i++) {
            Vector3D ray = view.ray(i % 13 / 12.0, i / 13 / 8.0);
            Vector3D place = view.eye().add(ray.multiply(-view.eye().getZ() / ray.getZ()));
            most = Math.max(most, level(light, place));
        }
        double hero = level(light, Vector3D.of(0, 0, set.dish().top()));
        assertThat(figure(Finding.Kind.HOT_SPOT, set, 0)).isCloseTo(Math.log(most / hero) / Math.log(2), within(0.08));
    }

    /** Of a small matte face aimed at the hero point, up to a factor: both cosines over the distance squared. */
    private static double level(Vector3D light, Vector3D place) {
        double distance = light.distance(place);
        double atFace = light.normalize().dot(light.subtract(place)) / distance;
        return Math.max(0, atFace) * (light.getZ() - place.getZ()) / Math.pow(distance, 3);
    }

    /** Into the lens: the angle off its axis, and the light on it over the hero's, for a small light. */
    @Test
    public void whatShinesIntoTheLens() {
        TableSet set = from(CameraAngle.FORTY_FIVE, Sets.chowder()).withLight(box(SMALL, SMALL, 12, 26, 1.1));
        Perspective view = Perspective.of(set);
        Vector3D light = set.pose().centre();
        Vector3D towards = light.subtract(view.eye());
        double off = Math.toDegrees(towards.angle(view.forward()));
        assertThat(figure(Finding.Kind.FLARE, set, 0)).isCloseTo(off, within(0.5001));
        Vector3D hero = Vector3D.of(0, 0, set.dish().top());
        double onHero = level(light, hero);
        double onLens = towards.normalize().dot(view.forward())
                / towards.normSq()
                * Math.max(0, towards.normalize().dot(light.normalize()));
        assertThat(figure(Finding.Kind.FLARE, set, 1)).isCloseTo(100 * onLens / onHero, within(1.0));
    }
}
