package zephyrdune.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.table.Sets.box;
import static zephyrdune.table.Sets.chowder;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.falloff.BackdropTone;
import zephyrdune.falloff.FallOff;
import zephyrdune.readings.ReadingKind;
import zephyrdune.readings.Readings;
import zephyrdune.table.Backdrop;
import zephyrdune.table.Disc;
import zephyrdune.table.Octagon;
import zephyrdune.table.Rectangle;
import zephyrdune.table.Sets;
import zephyrdune.table.Strip;
import zephyrdune.table.Surface;
import zephyrdune.table.TableSet;

/** Each answer is put back into the forward model, and compared with what can be worked out by hand. */
public class MoveTest {

    private static final TableSet ROOMY = chowder().withBackdrop(new Backdrop(4, 4, 3, Surface.WHITE_CERAMIC));

    /** Reading, wanted value, lever. */
    @DataProvider
    Object[][] questions() {
        return new Object[][] {
            {ReadingKind.FALL_OFF_FRAME, -0.4, Lever.LIGHT_DISTANCE},
            {ReadingKind.FALL_OFF_HERO, -0.25, Lever.LIGHT_DISTANCE},
            {ReadingKind.TIP_EDGE, 0.02, Lever.LIGHT_DISTANCE},
            {ReadingKind.TIP_EDGE, 0.02, Lever.FACE_SIZE},
            {ReadingKind.SIDE_EDGE_SEEN, 0.015, Lever.LIGHT_DISTANCE},
            {ReadingKind.SIZE_ACROSS, 1.0, Lever.LIGHT_DISTANCE},
            {ReadingKind.SIZE_ALONG, 1.0, Lever.FACE_SIZE},
            {ReadingKind.BACKDROP_LEVEL, -3.0, Lever.BACKDROP_DISTANCE},
            {ReadingKind.BACKDROP_TONE, BackdropTone.Name.MID_GREY.stops(), Lever.BACKDROP_DISTANCE},
            {ReadingKind.BACKDROP_TONE, BackdropTone.Name.DARK_GREY.stops(), Lever.BACKDROP_DISTANCE},
            {ReadingKind.BACKDROP_TONE, BackdropTone.Name.BLACK.stops(), Lever.BACKDROP_DISTANCE},
            {ReadingKind.POWER, -2.0, Lever.LIGHT_DISTANCE}
        };
    }

    @Test(dataProvider = "questions")
    public void theAnswerReadsAsWanted(ReadingKind kind, double wanted, Lever lever) {
        Move move = Move.find(ROOMY, kind, wanted, lever).orElseThrow();
        double got = Readings.of(move.set(), kind).value().orElseThrow();
        if (kind == ReadingKind.POWER) {
            assertThat(got).isCloseTo(wanted, within(0.34));
        } else {
            assertThat(got).isCloseTo(wanted, within(0.002));
        }
        assertThat(move.reached()).isEqualTo(got);
        assertThat(lever.now(move.set())).isCloseTo(move.to(), within(1e-12));
        assertThat(move.makeUp()).isCloseTo(FallOff.toMakeUp(ROOMY, move.set()), within(1e-12));
    }

    @Test
    public void asWideAsFar() {
        // straight above, 0.6 m wide: size to distance 1 from 0.6 m over the hero's top (0.0585 m)
        TableSet above = ROOMY.withLight(box(0.6, 0.6, 12, 90, 1.5));
        Move move = Move.find(above, ReadingKind.SIZE_ACROSS, 1, Lever.LIGHT_DISTANCE)
                .orElseThrow();
        assertThat(move.to()).isCloseTo(0.6 + 0.78 * 0.075, within(1e-4));
    }

    @Test
    public void whatCannotBeReachedIsSaid() {
        assertThat(Move.find(ROOMY, ReadingKind.FALL_OFF_FRAME, 3, Lever.LIGHT_DISTANCE))
                .isEmpty();
        assertThat(Move.find(ROOMY, ReadingKind.TIP_EDGE, 0.02, Lever.BACKDROP_DISTANCE))
                .isEmpty();
    }

    @Test
    public void theNearestAnswerIsGiven() {
        double now = Readings.of(ROOMY, ReadingKind.TIP_EDGE).value().orElseThrow();
        Move stay = Move.find(ROOMY, ReadingKind.TIP_EDGE, now, Lever.LIGHT_DISTANCE)
                .orElseThrow();
        assertThat(stay.to()).isEqualTo(0.9);
        Move closer = Move.find(ROOMY, ReadingKind.TIP_EDGE, now * 1.1, Lever.LIGHT_DISTANCE)
                .orElseThrow();
        assertThat(closer.to()).isBetween(0.7, 0.9);
    }

    @Test
    public void exposureToMakeUpAfterAMove() {
        // twice the distance of a small light is two stops (common practice), of this one less
        TableSet far = ROOMY.withLight(ROOMY.light().withDistance(1.8));
        assertThat(FallOff.toMakeUp(ROOMY, far)).isBetween(1.6, 2.0);
        assertThat(FallOff.toMakeUp(far, ROOMY)).isCloseTo(-FallOff.toMakeUp(ROOMY, far), within(1e-12));
    }

    @Test
    public void aFaceOfAnotherSizeIsAsSoftAtTheSameSizeToDistance() {
        // over a low edge equal size to distance is equal edge (common practice); the rim's height asks for a little
        // more
        TableSet low = ROOMY.withDish(Sets.sliver()).withLight(box(0.6, 0.6, 9, 60, 0.9));
        SameSoftness half = SameSoftness.of(low, low.light().withFace(new Rectangle(0.3, 0.3)));
        assertThat(half.atSide().orElseThrow()).isCloseTo(0.45, within(0.01));
        assertThat(half.atTip().orElseThrow()).isCloseTo(0.45, within(0.01));
        // a 90 x 22.5 cm strip on end is as soft at the tip far off and as soft at the side close by
        SameSoftness strip = SameSoftness.of(low, low.light().withFace(new Strip(0.9, 0.225, Strip.Stance.UPRIGHT)));
        assertThat(strip.atTip().orElseThrow()).isCloseTo(1.35, within(0.03));
        double side = strip.atSide().orElseThrow();
        assertThat(side).isLessThan(0.6);
        TableSet swapped = low.withLight(low.light()
                .withFace(new Strip(0.9, 0.225, Strip.Stance.UPRIGHT))
                .withDistance(side));
        assertThat(Readings.of(swapped, ReadingKind.SIDE_EDGE_SEEN).value().orElseThrow())
                .isCloseTo(Readings.of(low, ReadingKind.SIDE_EDGE_SEEN).value().orElseThrow(), within(1e-6));
    }

    @Test
    public void sizesOfEveryFaceScale() {
        for (var face : new zephyrdune.table.Face[] {
            new Rectangle(0.6, 0.9), new Strip(1.2, 0.3, Strip.Stance.LEVEL), new Disc(0.7), new Octagon(0.9)
        }) {
            TableSet set = ROOMY.withLight(ROOMY.light().withFace(face));
            TableSet half = Lever.FACE_SIZE.set(set, face.across() / 2);
            assertThat(half.light().face().along()).isCloseTo(face.along() / 2, within(1e-12));
            assertThat(half.light().face()).hasSameClassAs(face);
        }
    }

    @Test
    public void noReadingNoAnswer() {
        TableSet above = ROOMY.withLight(box(0.3, 0.3, 12, 90, 0.9));
        Optional<Move> none = Move.find(above, ReadingKind.TIP_EDGE, 0.02, Lever.LIGHT_DISTANCE);
        assertThat(none).isEmpty();
        assertThat(SameSoftness.of(above, above.light().withFace(new Disc(0.4))).atTip())
                .isEmpty();
    }

    @Test
    public void leversAreThoseThatMoveTheReading() {
        // from the camera's side the light can go as far as it will
        TableSet open = ROOMY.withLight(box(0.6, 0.6, 8, 40, 0.9));
        for (ReadingKind kind : ReadingKind.values()) {
            for (Lever lever : Lever.of(kind)) {
                double now = Readings.of(open, kind).value().orElseThrow();
                TableSet moved = lever.set(open, lever.now(open) * 0.8);
                assertThat(Readings.of(moved, kind).value().orElseThrow())
                        .as("%s by %s", kind, lever)
                        .isNotCloseTo(now, within(1e-3));
            }
            for (Target target : Target.of(kind)) {
                assertThat(Lever.of(kind)).as("a lever for %s", kind).isNotEmpty();
                assertThat(Lever.of(kind))
                        .as("%s %s", kind, target.words())
                        .anyMatch(lever ->
                                Move.find(open, kind, target.value(), lever).isPresent());
            }
        }
    }
}
