package zephyrdune.answers.setsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.setsheet.SheetPart.Kind;
import zephyrdune.render.lens.Perspective;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What a sheet says is enough to build the set up again with a tape, an angle and a clock: by nothing but its lines. */
public class SetSheetTest {

    private static final double MILLIMETRE = 1e-3;

    @DataProvider
    public Object[][] sets() {
        TableSet chowder = Sets.chowder().withTableTop(new TableTop(Surface.PALE_WOOD, 0.5, 0.7, 0.6, 0.4));
        return new Object[][] {
            {"as it is", chowder},
            {"aimed beside the dish", chowder.withLight(chowder.light().withAim(new Aim(0.12, -0.05, 0.04)))},
            {"almost over the dish", chowder.withLight(chowder.light().withHeightAngle(Math.toRadians(89)))},
            {
                "low, from the right",
                chowder.withLight(chowder.light().withClock(1.7).withHeightAngle(0.4))
            },
        };
    }

    private static Map<Measure, Double> lines(TableSet set, Kind kind, int number) {
        SheetPart part = SetSheet.of(set).parts().stream()
                .filter(one -> one.kind() == kind && one.number() == number)
                .findFirst()
                .orElseThrow();
        Map<Measure, Double> lines = new EnumMap<>(Measure.class);
        part.lines().forEach(line -> lines.put(line.measure(), line.value()));
        return lines;
    }

    private static double in(Map<Measure, Double> lines, Measure in, Measure out) {
        return lines.containsKey(in) ? lines.get(in) : -lines.get(out);
    }

    private static Vector3D middle(Map<Measure, Double> lines) {
        double along = lines.get(Measure.ALONG);
        double clock = lines.getOrDefault(Measure.CLOCK, 0.0);
        return Vector3D.of(along * Math.sin(clock), along * Math.cos(clock), lines.get(Measure.MIDDLE_UP));
    }

    private static Vector3D front(Map<Measure, Double> lines) {
        double level = Math.cos(lines.get(Measure.TILT));
        double facing = lines.get(Measure.FACING);
        return Vector3D.of(level * Math.sin(facing), level * Math.cos(facing), -Math.sin(lines.get(Measure.TILT)));
    }

    @Test(dataProvider = "sets")
    public void theLightIsBuiltUpAgain(String name, TableSet set) {
        Map<Measure, Double> lines = lines(set, Kind.LIGHT, 1);
        assertThat(middle(lines).distance(set.pose().centre())).isCloseTo(0, within(MILLIMETRE));
        assertThat(front(lines).angle(set.pose().front())).isCloseTo(0, within(Math.toRadians(0.05)));
        assertThat(lines.get(Measure.STRAIGHT)).isCloseTo(middle(lines).norm(), within(MILLIMETRE));
        assertThat(in(lines, Measure.FROM_LEFT, Measure.OUT_LEFT))
                .isCloseTo(set.tableTop().left() + middle(lines).getX(), within(MILLIMETRE));
        assertThat(in(lines, Measure.FROM_FRONT, Measure.OUT_FRONT))
                .isCloseTo(set.tableTop().before() + middle(lines).getY(), within(MILLIMETRE));
        // a face that is tilted down by t hangs half its height times the cosine of t below its middle
        double half = set.light().face().along() / 2;
        assertThat(lines.get(Measure.LOWER_EDGE_UP))
                .isCloseTo(lines.get(Measure.MIDDLE_UP) - half * Math.cos(lines.get(Measure.TILT)), within(MILLIMETRE));
    }

    @Test(dataProvider = "sets")
    public void theCameraIsPutUpAgain(String name, TableSet set) {
        Map<Measure, Double> lines = lines(set, Kind.CAMERA, 1);
        assertThat(middle(lines).distance(Perspective.of(set).eye())).isCloseTo(0, within(MILLIMETRE));
        assertThat(lines.get(Measure.TILT)).isCloseTo(set.camera().elevation(), within(1e-9));
        assertThat(lines.get(Measure.APERTURE)).isEqualTo(set.exposure().aperture());
    }

    /** Beyond an edge it is told by how much. */
    @Test
    public void whatStandsBesideTheTableIsToldFromItsEdge() {
        TableSet set = Sets.chowder().withTableTop(new TableTop(Surface.PALE_WOOD, 0.5, 0.7, 0.6, 0.4));
        Map<Measure, Double> lines = lines(set, Kind.CAMERA, 1);
        assertThat(lines).doesNotContainKey(Measure.FROM_FRONT);
        assertThat(lines.get(Measure.OUT_FRONT))
                .isCloseTo(-Perspective.of(set).eye().getY() - 0.4, within(1e-9));
        assertThat(lines.get(Measure.FROM_LEFT)).isCloseTo(0.5, within(1e-9));
    }

    /** Nobody measures from the edge of a table that has none in reach. */
    @Test
    public void anEndlessTableHasNoEdges() {
        assertThat(lines(Sets.chowder(), Kind.LIGHT, 1)).doesNotContainKeys(Measure.FROM_LEFT, Measure.FROM_FRONT);
    }

    @Test
    public void overheadNobodyTellsAClock() {
        TableSet over = Sets.chowder().withCamera(Sets.chowder().camera().withElevation(Math.PI / 2));
        assertThat(lines(over, Kind.CAMERA, 1)).doesNotContainKey(Measure.CLOCK).containsKey(Measure.ALONG);
    }

    /** A board at three, turned to look at the dish and leaning back: it faces nine. */
    @Test
    public void cardsAreStoodUpAgain() {
        Card board = new Card(Surface.WHITE_PAPER, 0.4, 0.3, Math.PI / 2, 0.35, 0, 0, Math.toRadians(10));
        TableSet set = Sets.chowder().withCards(List.of(board));
        Map<Measure, Double> lines = lines(set, Kind.CARD, 1);
        assertThat(lines.get(Measure.CLOCK)).isCloseTo(Math.PI / 2, within(1e-9));
        assertThat(lines.get(Measure.FACING)).isCloseTo(1.5 * Math.PI, within(1e-9));
        assertThat(lines.get(Measure.ALONG)).isCloseTo(0.35, within(1e-9));
        assertThat(lines.get(Measure.LEAN)).isCloseTo(Math.toRadians(10), within(1e-9));
        assertThat(lines).containsEntry(Measure.WIDTH, 0.4).containsEntry(Measure.HEIGHT, 0.3);
    }

    @Test
    public void theBaseStandsOnItsOwn() {
        TableSet set = Sets.chowder();
        BroadBase base = BroadBase.softSun(set.light());
        Map<Measure, Double> lines = lines(set.withBase(base), Kind.BASE, 1);
        Vector3D centre = base.as(set.light()).centre();
        assertThat(middle(lines).distance(centre)).isCloseTo(0, within(MILLIMETRE));
        assertThat(front(lines).angle(centre.negate())).isCloseTo(0, within(1e-6));
    }

    @Test
    public void theMarkIsTheOneTheControlHas() {
        TableSet set = Sets.chowder();
        SetSheet sheet = SetSheet.of(set);
        assertThat(set.light().marks()).extracting("text").contains(sheet.mark());
    }
}
