package zephyrdune.answers.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import java.util.Optional;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.Reading;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.render.picture.BackdropTone;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slit;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Strip;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Surface;

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
        TableSet set = with(ROOMY, kind);
        Move move = Move.find(set, kind, wanted, lever).orElseThrow();
        double got = Readings.of(move.set(), kind).value().orElseThrow();
        if (kind == ReadingKind.POWER) {
            assertThat(got).isCloseTo(wanted, within(0.34));
        } else {
            assertThat(got).isCloseTo(wanted, within(kind == ReadingKind.BACKDROP_TONE ? Reading.SURE : 0.002));
        }
        assertThat(move.reached()).isEqualTo(got);
        assertThat(lever.now(move.set()).orElseThrow()).isCloseTo(move.to(), within(1e-12));
        assertThat(move.makeUp()).isCloseTo(MeteredExposure.toMakeUp(set, move.set()), within(1e-12));
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
        assertThat(MeteredExposure.toMakeUp(ROOMY, far)).isBetween(1.6, 2.0);
        assertThat(MeteredExposure.toMakeUp(far, ROOMY))
                .isCloseTo(-MeteredExposure.toMakeUp(ROOMY, far), within(1e-12));
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
        for (var face : new zephyrdune.set.light.Face[] {
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
            TableSet set = with(open, kind);
            for (Lever lever : Lever.of(kind)) {
                double now = Readings.of(set, kind).value().orElseThrow();
                TableSet moved = lever.set(set, lever.now(set).orElseThrow() * 0.8);
                assertThat(Readings.of(moved, kind).value().orElseThrow())
                        .as("%s by %s", kind, lever)
                        .isNotCloseTo(now, within(1e-3));
            }
            for (Target target : Target.of(kind)) {
                assertThat(Lever.of(kind)).as("a lever for %s", kind).isNotEmpty();
                assertThat(Lever.of(kind))
                        .as("%s %s", kind, target.words())
                        .anyMatch(lever ->
                                Move.find(set, kind, target.value(), lever).isPresent());
            }
        }
    }

    private static final Card WHITE = new Card(Surface.WHITE_PAPER, 0.3, 0.3, Math.PI / 3, 0.35, 0, 0, 0);
    private static final Card BOARDS =
            new Card(Surface.BLACK_PAPER, 1.4, 0.7, 4 * Math.PI / 3, 0.35, 0, 0, 0).withCut(Cut.of(new Slit(0.25)));
    private static final Card HOLED = CardPlace.IN_THE_WAY
            .put(
                    ROOMY.withLight(box(0.2, 0.2, 8, 40, 0.9))
                            .withCards(List.of(new Card(Surface.BLACK_PAPER, 0.6, 0.6, 0, 0.5, 0, 0, 0)
                                    .withCut(Cut.of(new RoundHoles(0.06, 0.12))))),
                    0)
            .cards()
            .get(0);

    /** With what a reading is about on the table. */
    private static TableSet with(TableSet set, ReadingKind kind) {
        return switch (kind) {
            // a room's light would keep it from going dark
            case BACKDROP_TONE -> set.withAmbient(new Ambient(0, 5500, 5));
            case LIT_TO_SHADOW, CARD_LIFT -> set.withCards(List.of(WHITE));
            case STRIP_FULL, STRIP_HALF, STRIP_EDGE ->
                set.withLight(box(0.2, 0.2, 8, 40, 0.9)).withCards(List.of(BOARDS));
            case PATTERN_CONTRAST, PATCH_SIZE, PATCH_BLUR ->
                set.withLight(box(0.2, 0.2, 8, 40, 0.9)).withCards(List.of(HOLED));
            default -> set;
        };
    }

    /** Asked backwards and read forwards: within 2 %. */
    @Test
    public void whatIsWantedOfCardsAndSlitsIsReached() {
        TableSet open = ROOMY.withLight(box(0.6, 0.6, 8, 40, 0.9));
        Object[][] wanted = {
            {ReadingKind.LIT_TO_SHADOW, 2.0, Lever.CARD_DISTANCE},
            {ReadingKind.LIT_TO_SHADOW, 2.0, Lever.CARD_SIZE},
            {ReadingKind.STRIP_FULL, 0.2, Lever.SLIT_GAP},
            {ReadingKind.STRIP_HALF, 0.3, Lever.SLIT_GAP},
            {ReadingKind.PATCH_BLUR, 0.04, Lever.FACE_SIZE},
            {ReadingKind.PATTERN_CONTRAST, 0.7, Lever.CUT_DISTANCE},
            {ReadingKind.PATTERN_CONTRAST, 0.6, Lever.FACE_SIZE}
        };
        for (Object[] one : wanted) {
            ReadingKind kind = (ReadingKind) one[0];
            double value = (Double) one[1];
            Move move = Move.find(with(open, kind), kind, value, (Lever) one[2]).orElseThrow();
            double read = Readings.of(move.set(), kind).value().orElseThrow();
            assertThat(read).as("%s by %s", kind, one[2]).isCloseTo(value, within(0.02 * value));
        }
        assertThat(Move.find(open, ReadingKind.LIT_TO_SHADOW, 2, Lever.CARD_DISTANCE))
                .isEmpty();
    }

    @Test
    public void slitCoversTheHeroAndTheBackdropIsDark() {
        TableSet set = ROOMY.withLight(box(0.3, 0.3, 9, 35, 1.2));
        SlitPlacing placed = SlitPlacing.of(set, 3).orElseThrow();
        assertThat(placed.strip())
                .isBetween(2 * set.dish().radius(), 2.02 * set.dish().radius());
        assertThat(Readings.of(placed.set(), ReadingKind.STRIP_FULL).value().orElseThrow())
                .isGreaterThanOrEqualTo(placed.strip() - 1e-4);
        assertThat(Readings.of(placed.set(), ReadingKind.BACKDROP_LEVEL).value().orElseThrow())
                .isLessThanOrEqualTo(-3)
                .isCloseTo(placed.backdrop(), within(1e-9));
        // a second question takes the same boards
        assertThat(SlitPlacing.of(placed.set(), 3).orElseThrow().set().cards()).hasSize(1);
    }

    @Test
    public void bouncingCardWouldMirrorTheLightOntoTheHero() {
        TableSet set = ROOMY.withLight(box(0.6, 0.6, 8, 40, 0.9)).withCards(List.of(WHITE));
        Card opposite = CardPlace.OPPOSITE.put(set, 0).cards().get(0);
        assertThat(Math.cos(opposite.clock() - set.light().clock())).isCloseTo(-1, within(1e-9));
        for (Card card : List.of(opposite, CardPlace.BOUNCE.put(set, 0).cards().get(0))) {
            Vector3D normal = card.panels().get(0).normal();
            Vector3D in = card.centre().subtract(set.pose().centre()).normalize();
            Vector3D mirrored = in.subtract(normal.multiply(2 * in.dot(normal)));
            Vector3D toHero =
                    Vector3D.of(0, 0, set.dish().top()).subtract(card.centre()).normalize();
            // turning lowers or lifts the middle of a card that stands on the table a little
            assertThat(mirrored.dot(toHero)).isGreaterThan(0.99);
        }
    }

    @Test
    public void twoMovesSharpenAPattern() {
        TableSet set = with(ROOMY.withLight(box(0.6, 0.6, 8, 40, 0.9)), ReadingKind.PATCH_BLUR);
        List<Sharper> moves = Sharper.of(set);
        assertThat(moves).extracting(Sharper::lever).containsExactly(Lever.CUT_DISTANCE, Lever.FACE_SIZE);
        for (Sharper move : moves) {
            Change blur = move.changes().get(0);
            assertThat(blur.after().orElseThrow()).isLessThan(blur.before().orElseThrow());
        }
        assertThat(Sharper.of(ROOMY)).isEmpty();
    }
}
