package zephyrdune.shoot.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SetSheet;
import zephyrdune.answers.setsheet.SheetPart;
import zephyrdune.answers.setsheet.SheetPart.SheetLine;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;
import zephyrdune.shoot.change.ChangeStep.ChangedLine;

/** What is moved, put up and taken away, and that whoever does it ends at the other set. */
public class SetChangeTest {

    private static final TableSet CHOWDER = Sets.chowder().withCards(List.of());
    private static final Card WHITE = new Card(Surface.WHITE_PAPER, 0.3, 0.4, 2, 0.35, 0, 0, 0);
    private static final Card BLACK = new Card(Surface.BLACK_PAPER, 0.5, 0.5, 4, 0.5, 0, 0, 0);

    private static SetChange between(TableSet from, TableSet to) {
        return SetChange.between(MeasuredSet.of(from), MeasuredSet.of(to));
    }

    private static List<ChangeKind> kinds(TableSet from, TableSet to) {
        return between(from, to).steps().stream().map(ChangeStep::kind).toList();
    }

    @Test
    public void nothingChangesBetweenASetAndItself() {
        assertThat(between(CHOWDER, CHOWDER).steps()).isEmpty();
        TableSet nearly =
                CHOWDER.withLight(CHOWDER.light().withDistance(CHOWDER.light().distance() + 0.002));
        assertThat(kinds(CHOWDER, nearly)).doesNotContain(ChangeKind.LIGHT_PLACE);
    }

    @Test
    public void aTurnToOverheadIsAnotherAngle() {
        TableSet overhead = CHOWDER.withCamera(CHOWDER.camera().withElevation(Math.toRadians(90)));
        assertThat(kinds(CHOWDER, overhead)).contains(ChangeKind.CAMERA_ANGLE).doesNotContain(ChangeKind.CAMERA_PLACE);
        TableSet nearer = CHOWDER.withCamera(
                CHOWDER.camera().withFramedWidth(CHOWDER.camera().framedWidth() * 0.9));
        assertThat(kinds(CHOWDER, nearer)).contains(ChangeKind.CAMERA_PLACE).doesNotContain(ChangeKind.CAMERA_ANGLE);
    }

    @Test
    public void cardsOfOneKindServeAgainTheNearestFirst() {
        Card far = WHITE.withPlace(5, 0.6, 0);
        TableSet from = CHOWDER.withCards(List.of(WHITE, BLACK, far));
        TableSet to = CHOWDER.withCards(List.of(far.withPlace(5, 0.7, 0), WHITE));
        SetChange change = between(from, to);
        assertThat(change.steps().stream().filter(step -> step.kind() != ChangeKind.POWER))
                .extracting(ChangeStep::kind)
                .containsExactly(ChangeKind.CARD_AWAY, ChangeKind.CARD_PLACE);
        ChangeStep moved = change.steps().stream()
                .filter(step -> step.kind() == ChangeKind.CARD_PLACE)
                .findFirst()
                .orElseThrow();
        assertThat(moved.moved()).isCloseTo(0.1, within(1e-9));
        assertThat(moved.what()).isEqualTo("white paper");
    }

    @Test
    public void whatIsPutUpHasAllItsMeasures() {
        ChangeStep up = between(CHOWDER, CHOWDER.withCards(List.of(WHITE))).steps().stream()
                .filter(step -> step.kind() == ChangeKind.CARD_UP)
                .findFirst()
                .orElseThrow();
        assertThat(up.lines()).allSatisfy(line -> assertThat(line.from()).isEmpty());
        assertThat(up.lines()).extracting(ChangedLine::measure).contains(Measure.CLOCK, Measure.ALONG, Measure.LEAN);
    }

    @Test
    public void roomBaseAndShaperAreSteps() {
        TableTop top = CHOWDER.tableTop();
        TableSet to = CHOWDER.withTableTop(
                        new TableTop(Surface.LINEN, top.left(), top.right(), top.behind(), top.before()))
                .withBase(BroadBase.softSun(CHOWDER.light()))
                .withLight(CHOWDER.light().withFace(new zephyrdune.set.light.Rectangle(0.9, 1.2)));
        assertThat(kinds(CHOWDER, to)).contains(ChangeKind.TABLE_TOP, ChangeKind.BASE, ChangeKind.SHAPER);
    }

    /** Measures that are not among the changed ones are right already: old ones and changed ones together are the sheet of the other set. */
    @Test
    public void whoDoesItEndsAtTheOtherSet() {
        TableSet to = CHOWDER.withLight(
                        CHOWDER.light().withClock(2).withHeightAngle(1).withDistance(0.9))
                .withCamera(CHOWDER.camera().withElevation(1.2));
        SetChange change = between(CHOWDER, to);
        SetSheet before = SetSheet.of(CHOWDER);
        SetSheet after = SetSheet.of(to);
        List<ChangedLine> changed =
                change.steps().stream().flatMap(step -> step.lines().stream()).toList();
        for (int at = 0; at < after.parts().size(); at++) {
            SheetPart part = after.parts().get(at);
            for (SheetLine line : part.lines()) {
                double stands = before.parts().get(at).lines().stream()
                        .filter(old -> old.measure() == line.measure())
                        .mapToDouble(SheetLine::value)
                        .findFirst()
                        .orElse(Double.NaN);
                boolean told =
                        changed.stream().anyMatch(one -> one.measure() == line.measure() && one.to() == line.value());
                assertThat(told || Math.abs(stands - line.value()) <= 0.01 + 0.005 * Math.abs(line.value()))
                        .as("%s of %s", line.measure(), part.kind())
                        .isTrue();
            }
        }
    }
}
