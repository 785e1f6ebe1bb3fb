package zephyrdune.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.table.Sets.box;

import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.emitter.EmittingFace;
import zephyrdune.emitter.Faces;
import zephyrdune.illuminance.Illuminance;
import zephyrdune.illuminance.KeyLight;
import zephyrdune.table.Ambient;
import zephyrdune.table.Backdrop;
import zephyrdune.table.Block;
import zephyrdune.table.Camera;
import zephyrdune.table.CameraAngle;
import zephyrdune.table.Exposure;
import zephyrdune.table.Light;
import zephyrdune.table.Sets;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

/** The picture against the exact model, where that knows the answer. */
public class RendererTest {

    /** Lines of sight averaged over the height of a pixel. */
    private static final int LINES = 16;

    private static final Vector3D UP = Vector3D.Unit.PLUS_Z;

    /** Light straight from the face alone. */
    private static Quality direct(int width, int looks, int shadowRays) {
        return new Quality(width, looks, shadowRays, 0);
    }

    private static Picture render(TableSet set, Quality quality) {
        return Renderer.render(set, quality, () -> false).orElseThrow();
    }

    @Test
    public void openTableIsTheExactIlluminance() {
        TableSet set = Sets.chowder();
        KeyLight key = KeyLight.of(set);
        View view = View.of(set);
        Picture picture = render(set, direct(60, 1, 4));
        int compared = 0;
        for (int row = 0; row < picture.height(); row++) {
            for (int column : new int[] {1, 5, 54, 58}) {
                double least = Double.POSITIVE_INFINITY;
                double most = 0;
                for (int corner = 0; corner < 4; corner++) {
                    Vector3D ray =
                            view.ray((column + corner % 2) / 60.0, (row + corner / 2) / (double) picture.height());
                    Vector3D onTable = view.eye().add(ray.multiply(-view.eye().getZ() / ray.getZ()));
                    double relative = key.at(onTable, UP) / key.heroIlluminance();
                    least = Math.min(least, relative);
                    most = Math.max(most, relative);
                }
                boolean shaded = column > 30 && row > 10;
                if (!shaded) {
                    assertThat(picture.at(column, row, 1))
                            .isBetween(
                                    Surface.PALE_WOOD.green() * least * (1 - 1e-6),
                                    Surface.PALE_WOOD.green() * most * (1 + 1e-6));
                    compared++;
                }
            }
        }
        assertThat(compared).isGreaterThan(80);
    }

    @Test
    public void litTopHasItsReflectanceAsPixelValue() {
        // by the incident exposure (ISO 2720:1974), whatever the light: the middle of a level top, direct light alone
        for (double bias : new double[] {0, 1.5}) {
            TableSet set = new TableSet(
                    "t",
                    new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.3),
                    new Block(0.1, 0.1, 0.1, Surface.GREY_PAPER),
                    box(0.6, 0.6, 10, 50, 0.8),
                    Sets.chowder().tableTop(),
                    Sets.chowder().backdrop(),
                    new Exposure(8, 1 / 125.0, 400, 1 / 200.0, bias, 5500),
                    new Ambient(0, 5500, 5));
            Picture picture = render(set, direct(121, 1, 4));
            assertThat(picture.at(60, 40, 0)).isCloseTo(0.18 * Math.pow(2, bias), within(0.001 * Math.pow(2, bias)));
        }
    }

    /**
     * The soft edge of a straight board: at each point of the table the part of the face above the board is itself a
     * rectangle, whose light the contour formula knows.
     */
    @Test
    public void penumbraOfAStraightEdge() {
        double high = 0.1;
        double front = -0.01;
        Light light = box(0.2, 0.5, 12, 45, 0.9);
        TableSet set = Sets.chowder()
                .withBackdrop(new Backdrop(3, 2, 1.5, Surface.BLACK_PAPER))
                .withDish(new Block(0.6, 0.02, high, Surface.GREY_PAPER))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.3, 0.036, 0.024, 0.75))
                .withLight(light);
        Picture picture = render(set, direct(151, 16, 16));
        View view = View.of(set);
        double perLux = Surface.PALE_WOOD.green() / KeyLight.of(set).heroIlluminance();
        int inPenumbra = 0;
        for (int row = 0; row < picture.height(); row++) {
            double passed = 0;
            double open = 0;
            double farthest = 0;
            for (int line = 0; line < LINES; line++) {
                Vector3D ray = view.ray(0.5, (row + (line + 0.5) / LINES) / picture.height());
                Vector3D place = view.eye().add(ray.multiply(-view.eye().getZ() / ray.getZ()));
                passed += above(light, place, front, high) / LINES;
                open += Illuminance.uniform(EmittingFace.of(light)).at(place, UP) / LINES;
                farthest = place.getY();
            }
            if (farthest < -0.03) {
                double mean = 0;
                for (int column = 70; column <= 80; column++) {
                    mean += picture.at(column, row, 1) / 11;
                }
                assertThat(mean).isCloseTo(perLux * passed, within(0.005 * perLux * open));
                inPenumbra += passed > 0.02 * open && passed < 0.98 * open ? 1 : 0;
            }
        }
        assertThat(inPenumbra).isGreaterThan(10);
    }

    /** Light of the part of the face that a point sees over an edge along x at (y, z). */
    private static double above(Light light, Vector3D point, double y, double z) {
        EmittingFace face = EmittingFace.of(light);
        // where the plane through the point and the edge cuts the face, as a share from -1 to 1 of its height
        Vector3D planeNormal = Vector3D.of(0, -z, y - point.getY());
        double middle = face.centre().subtract(point).dot(planeNormal);
        double perHalf = face.upHalf().dot(planeNormal);
        double cut = Math.max(-1, Math.min(1, -middle / perHalf));
        if (cut == 1) {
            return 0;
        }
        EmittingFace part = Faces.rectangle(
                        face.at(0, (1 + cut) / 2),
                        face.acrossHalf(),
                        face.upHalf().multiply((1 - cut) / 2))
                .withLuminance(face.luminance());
        return Illuminance.uniform(part).at(point, UP);
    }

    @Test
    public void evenRoomLightAddsWhatItSays() {
        // a room as bright as the key, on an open table with a small backdrop far off: the table gets its light once
        // more
        TableSet set = Sets.chowder()
                .withDish(Sets.sliver())
                .withBackdrop(new Backdrop(10, 0.1, 0.1, Surface.BLACK_PAPER))
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.085, 0.036, 0.024, 0.3))
                .withLight(box(0.3, 0.3, 9, 60, 3));
        Quality quality = new Quality(30, 4, 4, 32);
        double asKey = set.exposure().wanted() / set.exposure().exactShutter();
        Picture dark = render(set.withAmbient(new Ambient(0, 5500, 5)), quality);
        Picture bright = render(set.withAmbient(new Ambient(asKey, 5500, 5)), quality);
        double added = 0;
        for (int column = 2; column < 10; column++) {
            added += (bright.at(column, 3, 0) - dark.at(column, 3, 0)) / 8;
        }
        assertThat(added / Surface.PALE_WOOD.red()).isCloseTo(1, within(0.03));
    }

    @Test
    public void sameBitsOnOneThreadAsOnMany() throws Exception {
        TableSet set = Sets.chowder();
        Quality quality = new Quality(48, 2, 4, 2);
        ForkJoinPool one = new ForkJoinPool(1);
        ForkJoinPool many = new ForkJoinPool(7);
        try {
            Picture alone = one.submit(() -> render(set, quality)).get();
            Picture together = many.submit(() -> render(set, quality)).get();
            assertThat(together.linear()).isEqualTo(alone.linear());
        } finally {
            one.shutdown();
            many.shutdown();
        }
    }

    @Test
    public void staleWorkIsDropped() {
        AtomicInteger asked = new AtomicInteger();
        assertThat(Renderer.render(Sets.chowder(), new Quality(300, 1, 1, 1), () -> asked.incrementAndGet() > 3))
                .isEmpty();
        assertThat(asked.get()).isLessThan(205);
    }

    @Test
    public void lightInTheFrameIsSeen() {
        // straight on, with the box low behind the dish: its face is clipped white
        TableSet set = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48))
                .withLight(box(0.2, 0.2, 12, 10, 0.7));
        Picture picture = render(set, direct(60, 1, 4));
        boolean white = false;
        for (int row = 0; row < 20; row++) {
            white |= picture.at(30, row, 2) > 1;
        }
        assertThat(white).isTrue();
    }

    @Test
    public void lightInTheFrameIsCounted() {
        TableSet behind = Sets.chowder()
                .withCamera(new Camera(CameraAngle.STRAIGHT_ON, 0.085, 0.036, 0.024, 0.48))
                .withLight(box(0.2, 0.2, 12, 10, 0.7));
        assertThat(LightInFrame.of(behind).face()).isBetween(0.02, 0.5);
        assertThat(LightInFrame.of(behind).back()).isZero();
        // from 6 o'clock, between lens and dish: its back covers the middle of the frame
        TableSet before = Sets.lit(box(0.6, 0.6, 6, 45, 0.9));
        assertThat(LightInFrame.of(before).back()).isGreaterThan(0.9);
        assertThat(LightInFrame.of(Sets.chowder())).isEqualTo(new LightInFrame(0, 0));
    }

    @Test
    public void everyPixelIsAFiniteNumber() {
        for (float value : render(Sets.chowder(), Quality.DRAFT).linear()) {
            assertThat(Float.isFinite(value) && value >= 0).isTrue();
        }
    }
}
