package zephyrdune.answers.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.frame.FrameRegistration.PointPair;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.Picture;
import zephyrdune.render.picture.SmallPicture;
import zephyrdune.render.picture.Switched;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.units.measure.Refused;

/** A frame that does not lie as the picture does is brought onto it by four points. */
public class FrameRegistrationTest {

    private static final int WIDTH = 480;
    private static final int PASSES = 24;
    private static final double RATIO = 1.5;

    private TableSet set;
    private List<FramePatch> patches;

    @BeforeClass
    public void propose() {
        set = Sets.chowder();
        patches = ProposedPatches.of(set);
    }

    private static FrameRegistration of(double... pairs) {
        return new FrameRegistration(
                RATIO,
                IntStream.range(0, pairs.length / 4)
                        .mapToObj(
                                i -> new PointPair(pairs[4 * i], pairs[4 * i + 1], pairs[4 * i + 2], pairs[4 * i + 3]))
                        .toList());
    }

    /** Every value a plane of its place: by the middle of a pixel it tells where it was read. */
    private static Picture ramp(int width, int height) {
        float[] linear = new float[3 * width * height];
        for (int row = 0; row < height; row++) {
            for (int column = 0; column < width; column++) {
                linear[3 * (row * width + column)] = (column + 0.5f) / width;
                linear[3 * (row * width + column) + 1] = (row + 0.5f) / height;
            }
        }
        return new Picture(width, height, linear);
    }

    @Test
    public void fourPointsInPlaceChangeNothing() {
        Picture ramp = ramp(60, 40);
        Picture laid = of(0.1, 0.1, 0.1, 0.1, 0.9, 0.1, 0.9, 0.1, 0.9, 0.9, 0.9, 0.9, 0.1, 0.9, 0.1, 0.9)
                .laid(ramp);
        assertThat(laid.height()).isEqualTo(40);
        for (int i = 0; i < ramp.linear().length; i++) {
            assertThat(laid.linear()[i]).isCloseTo(ramp.linear()[i], within(1e-5f));
        }
    }

    /** A file of other proportions that shows the picture's middle four fifths: what is beyond it is no number. */
    @Test
    public void aCroppedFrameIsRead() {
        Picture laid = of(0, 0, 0.1, 0.1, 1, 0, 0.9, 0.1, 1, 1, 0.9, 0.9, 0, 1, 0.1, 0.9)
                .laid(ramp(60, 60));
        assertThat(laid.width()).isEqualTo(60);
        assertThat(laid.height()).isEqualTo(40);
        assertThat(laid.at(30, 20, 0)).isCloseTo((30.5 / 60 - 0.1) / 0.8, within(1e-5));
        assertThat(laid.at(30, 20, 1)).isCloseTo((20.5 / 40 - 0.1) / 0.8, within(1e-5));
        assertThat(laid.at(1, 20, 0)).isNaN();
    }

    @Test
    public void aFrameOfOnePixelIsRead() {
        Picture laid = of(0, 0, 0, 0, 1, 0, 1, 0, 1, 1, 1, 1, 0, 1, 0, 1).laid(ramp(1, 1));
        assertThat(laid.at(0, 0, 0)).isEqualTo(0.5);
    }

    @Test
    public void pointsThatCrossAreRefused() {
        assertThatThrownBy(() -> of(0.1, 0.1, 0.1, 0.1, 0.9, 0.1, 0.9, 0.9, 0.9, 0.9, 0.9, 0.1, 0.1, 0.9, 0.1, 0.9))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("The four points cross");
        assertThatThrownBy(() -> of(0.1, 0.1, 0.1, 0.1, 0.9, 0.1, 0.9, 0.1, 0.9, 0.9, 0.9, 0.9))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("points");
    }

    /**
     * A camera that stood two degrees higher and two centimetres aside, with a wider frame: told by four points at the height of the rim, as somebody would
     * mark them, each patch says what it would have said: 2.0 stops off in the shadow before, .03 after.
     */
    @Test
    public void aCameraThatStoodAsideIsMadeUpFor() {
        Camera told = set.camera();
        TableSet aside = set.withCamera(told.withElevation(told.elevation() + Math.toRadians(2))
                .withFramedWidth(1.15 * told.framedWidth())
                .withShiftRight(0.02));
        Picture frame = SmallPicture.of(new Switched(aside, Set.of()), WIDTH, PASSES);
        Picture laid = rim(aside).laid(frame);
        assertThat(strayed(frame)).contains(FramePatch.Part.SHADOW, FramePatch.Part.LIT_SIDE);
        assertThat(strayed(laid)).isEmpty();
    }

    /** Four points round the dish at the height of its top, in the frame of another camera and in the picture. */
    private FrameRegistration rim(TableSet aside) {
        Perspective frame = Perspective.of(aside);
        Perspective picture = Perspective.of(set);
        double[][] round = {{-0.09, -0.06}, {0.09, -0.06}, {0.09, 0.06}, {-0.09, 0.06}};
        double top = KeyLight.of(set).hero().getZ();
        return new FrameRegistration(
                RATIO,
                Arrays.stream(round)
                        .map(at -> Vector3D.of(at[0], at[1], top))
                        .map(point -> {
                            Vector3D there = frame.project(point);
                            Vector3D here = picture.project(point);
                            return new PointPair(there.getX(), there.getY(), here.getX(), here.getY());
                        })
                        .toList());
    }

    /** Patches that are off by more than .05 stop and a fifth of how uneven they are, which is what a little beside changes. */
    private List<FramePatch.Part> strayed(Picture frame) {
        return FrameReading.of(set, set, new FrameFile(frame, CameraSettings.UNTOLD), patches).patches().stream()
                .filter(patch -> Math.abs(patch.off().orElseThrow()) > 0.05 + patch.uneven() / 5)
                .map(patch -> patch.patch().part())
                .toList();
    }
}
