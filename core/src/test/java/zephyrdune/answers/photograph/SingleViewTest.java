package zephyrdune.answers.photograph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.RealMatrix;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.TextSpace;
import zephyrdune.units.measure.Refused;

/** Marks made by a set's own perspective are read back. */
public class SingleViewTest {

    private static final double EXACT = 1e-6;
    private static final double HEIGHT = 2 / 3.0;
    private static final double DEGREE = Math.PI / 180;

    private static final KnownLens LENS = new KnownLens(0.085, 0.085);

    private static TableSet from(double elevationDegrees) {
        return Sets.chowder()
                .withCamera(new Camera(elevationDegrees * DEGREE, 0.085, 0.036, 0.024, 0.7, 0, 0, TextSpace.NONE));
    }

    static Mark mark(TableSet set, Vector3D point) {
        Vector3D seen = Perspective.of(set).project(point);
        return new Mark(seen.getX(), seen.getY());
    }

    static List<Mark> circle(TableSet set, double x, double y, double height, double diameter, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> 2 * Math.PI * (i + 0.3) / count)
                .map(turn -> mark(
                        set, Vector3D.of(x + diameter / 2 * Math.cos(turn), y + diameter / 2 * Math.sin(turn), height)))
                .toList();
    }

    /** The very camera of a set. */
    static Pinhole pinhole(TableSet set) {
        return new Pinhole(set.camera().subjectDistance() / set.camera().framedWidth(), HEIGHT);
    }

    private static FlatRectangle rectangle(TableSet set) {
        double turn = 0.35;
        List<Mark> corners = new ArrayList<>();
        for (double[] corner : new double[][] {{-0.15, -0.1}, {0.15, -0.1}, {0.15, 0.1}, {-0.15, 0.1}}) {
            corners.add(mark(
                    set,
                    Vector3D.of(
                            corner[0] * Math.cos(turn) - corner[1] * Math.sin(turn),
                            corner[0] * Math.sin(turn) + corner[1] * Math.cos(turn),
                            0)));
        }
        return new FlatRectangle(corners, 0.3, 0.2);
    }

    private static PhotographMarks marks(TablePlane plane, TakingLens lens, StandingThing... things) {
        return new PhotographMarks(plane, lens, List.of(things), List.of(), List.of());
    }

    static StandingThing stick(TableSet set, Vector3D foot, double height, Vector3D light) {
        Vector3D top = foot.add(Vector3D.of(0, 0, height));
        Vector3D way = light.subtract(top);
        return new StandingThing(
                mark(set, foot), mark(set, top), mark(set, top.subtract(way.multiply(height / way.getZ()))), List.of());
    }

    @DataProvider
    public Object[][] planes() {
        List<Object[]> all = new ArrayList<>();
        for (double elevation : new double[] {12, 30, 45, 60, 75, 88}) {
            TableSet set = from(elevation);
            all.add(new Object[] {set, "rim of five", TableView.of(rim(set, 5, 0.03), pinhole(set))});
            all.add(new Object[] {set, "rim of twelve", TableView.of(rim(set, 12, 0), pinhole(set))});
            all.add(new Object[] {set, "rectangle", TableView.of(rectangle(set), pinhole(set))});
            if (elevation > 20 && elevation < 80) {
                TableView view = TableView.of(marks(rectangle(set), new UnknownLens()), HEIGHT);
                all.add(new Object[] {set, "rectangle without lens", view});
            }
        }
        return all.toArray(Object[][]::new);
    }

    private static RoundRim rim(TableSet set, int count, double height) {
        return new RoundRim(circle(set, 0, 0, height, 0.26, count), 0.26, height);
    }

    @Test(dataProvider = "planes")
    public void placesOnTheTableAreReadBack(TableSet set, String by, TableView view) {
        for (Vector3D place :
                List.of(Vector3D.of(0.1, 0.05, 0), Vector3D.of(-0.12, -0.08, 0), Vector3D.of(0, 0.12, 0))) {
            Vector3D found = view.ground(mark(set, place), "");
            assertThat(found.distance(place)).as(by).isLessThan(EXACT);
            Vector3D above = place.add(Vector3D.of(0, 0, 0.04));
            if (view.elevation() < 80 * DEGREE) {
                assertThat(view.height(found, mark(set, above))).as(by).isCloseTo(0.04, within(EXACT));
            }
            assertThat(view.project(above)[0]).isCloseTo(mark(set, above).across(), within(EXACT));
            assertThat(view.project(above)[1]).isCloseTo(mark(set, above).down(), within(EXACT));
        }
    }

    @Test
    public void aCameraHeldAtAKnownAngle() {
        TableSet set = from(40);
        // its frame is as wide as stated in the middle, which lies half of the dish above the table
        double middle = set.dish().height() / 2;
        double wide = 0.7 * (1 + middle / Math.sin(40 * DEGREE) / set.camera().subjectDistance());
        TableView view = TableView.of(new KnownTilt(40 * DEGREE, wide), pinhole(set));
        Vector3D origin = Vector3D.of(0, middle / Math.tan(40 * DEGREE), 0);
        Vector3D place = Vector3D.of(0.2, -0.1, 0);
        assertThat(view.ground(mark(set, place.add(origin)), "").distance(place))
                .isLessThan(EXACT);
    }

    @Test(dataProvider = "planes")
    public void theWayOfTheLightIsReadBack(TableSet set, String by, TableView view) {
        if (view.elevation() > 80 * DEGREE) {
            return;
        }
        Vector3D light = Vector3D.of(-0.6, 0.4, 0.9);
        Vector3D foot = Vector3D.of(0.05, -0.02, 0);
        ShadowRay ray = ShadowRay.of(view, HEIGHT, stick(set, foot, 0.05, light), "thing");
        Vector3D way = light.subtract(Vector3D.of(0.05, -0.02, 0.05)).normalize();
        assertThat(ray.way().distance(way)).as(by).isLessThan(EXACT);
    }

    @Test
    public void aLightAtTheUsualDistanceIsFoundExactly() {
        TableSet set = from(45);
        Vector3D light = Vector3D.of(0.3, 0.5, 0.6).normalize().multiply(0.9);
        TableView view = TableView.of(rim(set, 8, 0.02), pinhole(set));
        LightPlace found = LightPlace.of(
                List.of(ShadowRay.of(view, HEIGHT, stick(set, Vector3D.of(0.1, 0, 0), 0.08, light), "thing")));
        assertThat(found.centre().distance(light)).isLessThan(EXACT);
        assertThat(found.distance()).isEmpty();
    }

    @Test
    public void shadowsFarApartTellTheDistance() {
        TableSet set = from(45);
        Vector3D light = Vector3D.of(-0.3, 0.25, 0.35);
        TableView view = TableView.of(rim(set, 8, 0), pinhole(set));
        List<ShadowRay> rays = new ArrayList<>();
        for (double x : new double[] {-0.15, 0, 0.12}) {
            rays.add(ShadowRay.of(view, HEIGHT, stick(set, Vector3D.of(x, -0.05, 0), 0.06, light), "thing"));
        }
        Estimate distance = LightPlace.of(rays).distance().orElseThrow();
        assertThat(distance.value()).isCloseTo(light.norm(), within(distance.spread()));
        assertThat(distance.spread()).isLessThan(0.25 * light.norm());
    }

    /**
     * Apollonius of Perga, Conics I.5: an oblique circular cone is cut in circles by two families of planes, subcontrary to each other. Here a
     * cone over a circle in the plane z = 1 beside its axis; one family is z = const, the other leans by the mirrored angle.
     */
    @Test
    public void anObliqueConeIsCutInCirclesBySubcontraryPlanes() {
        double off = 0.7;
        double radius = 0.4;
        RealMatrix cone =
                new Array2DRowRealMatrix(new double[][] {{1, 0, 0}, {0, 1, -off}, {0, -off, off * off - radius * radius}
                });
        // seen from below, the plane of the circle itself leans up the more; seen from above, the other one
        Vector3D one = RimPose.normal(cone, Vector3D.of(0, off, 1));
        Vector3D other = RimPose.normal(cone, Vector3D.of(0, -off, -1));
        double bothOutermostRays = Math.atan(off - radius) + Math.atan(off + radius);
        assertThat(one.distance(Vector3D.of(0, 0, -1))).isLessThan(1e-9);
        assertThat(Math.atan2(other.getY(), other.getZ())).isCloseTo(bothOutermostRays, within(1e-9));
    }

    /** Focused near, the lens is drawn out: {@code 1 / f = 1 / near + 1 / drawn out}. */
    @Test
    public void aLensThatIsFocusedNearSeesLess() {
        TableSet set = from(45);
        TableView view = TableView.of(marks(rim(set, 8, set.dish().height() / 2), LENS), HEIGHT);
        double away = Perspective.of(set).eye().norm();
        assertThat(view.eyeDistance(Vector3D.ZERO)).isCloseTo(away, within(0.003 * away));
        TableView farFocused = TableView.of(rim(set, 8, 0.04), new Pinhole(0.085 / 0.036, HEIGHT));
        assertThat(farFocused.eyeDistance(Vector3D.ZERO)).isLessThan(0.96 * away);
    }

    @Test
    public void marksThatCannotBeAreNamed() {
        TableSet set = from(45);
        List<Mark> line = IntStream.range(0, 6)
                .mapToObj(i -> new Mark(0.1 + 0.1 * i, 0.3 + 0.05 * i))
                .toList();
        assertRefused("plane.rim", marks(new RoundRim(line, 0.2, 0), LENS));
        List<Mark> zigzag = IntStream.range(0, 8)
                .mapToObj(i -> new Mark(0.1 + 0.1 * i, i % 2 == 0 ? 0.3 : 0.7))
                .toList();
        assertRefused("plane.rim", marks(new RoundRim(zigzag, 0.2, 0), LENS));
        List<Mark> askew = IntStream.range(0, 8)
                .mapToObj(i -> Math.PI / 4 * i)
                .map(turn -> new Mark(0.5 + 0.08 * Math.cos(turn), 0.5 + 0.4 * Math.sin(turn)))
                .toList();
        assertRefused("plane.rim", marks(new RoundRim(askew, 0.2, 0), LENS));
        assertRefused("lens", marks(rim(set, 6, 0), new UnknownLens()));
        List<Mark> corners = new ArrayList<>(rectangle(set).corners());
        Collections.swap(corners, 1, 2);
        assertRefused("plane.corners", marks(new FlatRectangle(corners, 0.3, 0.2), LENS));
    }

    private static void assertRefused(String field, PhotographMarks marks) {
        assertThatThrownBy(() -> TableView.of(marks, HEIGHT))
                .isInstanceOfSatisfying(
                        Refused.class, refused -> assertThat(refused.field()).isEqualTo(field));
    }
}
