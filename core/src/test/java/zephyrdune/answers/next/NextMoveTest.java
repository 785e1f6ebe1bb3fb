package zephyrdune.answers.next;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.answers.look.Fit;
import zephyrdune.answers.next.Means.Pin;
import zephyrdune.answers.next.NextMove.Kind;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Kit;
import zephyrdune.set.look.BiasBand;
import zephyrdune.set.look.ContrastBand;
import zephyrdune.set.look.DirectionBand;
import zephyrdune.set.look.HeightBand;
import zephyrdune.set.look.NamedLook;
import zephyrdune.set.look.ReadyLooks;
import zephyrdune.set.look.ShadowDepthBand;
import zephyrdune.units.sampling.Sureness;

public class NextMoveTest {

    private static final Means ALL = new Means(Kit.EMPTY, Set.of(), Schools.USUAL);

    /** Lit from the camera's side, as a beginner does. */
    private static final TableSet FRONT =
            Sets.chowder().withLight(Sets.chowder().light().withClock(5.5 * Math.PI / 6));

    private static NamedLook look(zephyrdune.set.look.Band... bands) {
        return new NamedLook("Ours", "why", "use", List.of(bands));
    }

    private static List<Kind> kinds(List<NextMove> moves) {
        return moves.stream().map(NextMove::kind).toList();
    }

    /** What is told of a move is what is read after it. */
    @Test
    public void predictionIsWhatIsReadAfterTrying() {
        NamedLook window = ReadyLooks.all().get(0);
        List<NextMove> moves = NextMove.of(FRONT, window, ALL);
        assertThat(moves).isNotEmpty();
        for (NextMove move : moves) {
            assertThat(Fit.of(move.set(), window, Sureness.AT_REST)).isEqualTo(move.after());
            assertThat(move.gain()).isPositive();
        }
    }

    @Test
    public void frontLightIsTurnedToTheSideFirst() {
        List<NextMove> moves = NextMove.of(FRONT, look(new DirectionBand(Math.PI / 3, 2 * Math.PI / 3)), ALL);
        assertThat(moves.get(0).kind()).isEqualTo(Kind.TURN);
        assertThat(moves.get(0).action()).isEqualTo("Light round to 4:00");
        assertThat(moves.get(0).after().missed()).isZero();
    }

    @Test
    public void nothingIsAskedForOfASetThatHasItsLook() {
        assertThat(NextMove.of(FRONT, look(new HeightBand(0.5, 1)), ALL)).isEmpty();
    }

    @Test
    public void whatIsPinnedStays() {
        Means pinned = new Means(Kit.EMPTY, Set.of(Pin.LIGHT_PLACE), Schools.USUAL);
        List<NextMove> moves = NextMove.of(FRONT, ReadyLooks.all().get(0), pinned);
        assertThat(moves)
                .allSatisfy(move -> assertThat(move.set().light().centre())
                        .isEqualTo(FRONT.light().centre()));
    }

    /** Shade that is deeper than wanted is filled with what the kit has; where it is to be deep no white card is offered. */
    @Test
    public void whiteCardOnlyWhereTheShadeIsTooDeep() {
        TableSet side = Sets.chowder();
        NamedLook open = look(new ShadowDepthBand(0, 1), new ContrastBand(0, 0.5));
        assertThat(kinds(NextMove.of(side, open, ALL))).contains(Kind.CARD_IN);
        NamedLook deep = look(new ShadowDepthBand(6, 15), new ContrastBand(4, 15));
        assertThat(NextMove.of(side, deep, ALL)).noneMatch(move -> move.action().contains("White card"));
    }

    @Test
    public void cameraStaysUnlessItMayChange() {
        NamedLook bright = look(new BiasBand(1, 2));
        assertThat(NextMove.of(Sets.chowder(), bright, ALL)).isEmpty();
        Schools changing = new Schools(
                Schools.Fill.WHEN_NEEDED,
                Schools.AfterFirstFrame.CAMERA_CHANGES,
                Schools.RoomLight.BURIED,
                Schools.Lights.ONE,
                Schools.SmallPool.CUT_LARGE);
        List<NextMove> moves = NextMove.of(Sets.chowder(), bright, new Means(Kit.EMPTY, Set.of(), changing));
        assertThat(kinds(moves)).containsExactly(Kind.CAMERA);
        assertThat(moves.get(0).action()).isEqualTo("Expose +1.0 stops");
    }
}
