package zephyrdune.answers.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.Set;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.lens.Perspective;
import zephyrdune.render.picture.Mix;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.render.trace.Scene;
import zephyrdune.render.trace.Tracer;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Camera;
import zephyrdune.set.camera.CameraAngle;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.dish.Block;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

public class CardFillTest {

    private static final double OPPOSITE = 4 * Math.PI / 6;

    private static TableSet with(Card... cards) {
        return Sets.chowder()
                .withProps(List.of())
                .withCamera(new Camera(CameraAngle.OVERHEAD, 0.1, 0.036, 0.024, 0.4))
                .withDish(new Block(0.1, 0.1, 0.08, Surface.GREY_PAPER))
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withLight(box(0.4, 0.4, 10, 35, 0.8))
                .withAmbient(new Ambient(0, 5500, 5))
                .withCards(List.of(cards));
    }

    /** What the card adds, against sums over many paths that know nothing of readings. */
    @Test
    public void aWhiteCardOpensTheShadowSide() {
        Card white = new Card(Surface.WHITE_PAPER, 0.3, 0.3, OPPOSITE, 0.2, 0, 0, 0);
        TableSet set = with(white);
        CardFill effect = CardFill.of(set, 0);
        Fill fill = Fill.of(set, KeyLight.of(set)).orElseThrow();
        Mix mix = Mix.of(set, Set.of());
        double shadow = Stops.between(
                light(set, mix, fill.shadow().place(), fill.shadow().facing()),
                light(
                        set.withCards(List.of()),
                        mix,
                        fill.shadow().place(),
                        fill.shadow().facing()));
        assertThat(shadow).isGreaterThan(2);
        assertThat(effect.shadowSide().orElseThrow()).isCloseTo(shadow, within(0.1));
        assertThat(effect.litSide().orElseThrow()).isCloseTo(0, within(0.05));
        Vector3D top = Vector3D.of(0, 0, 0.08);
        double up = Stops.between(
                light(set, mix, top, Vector3D.Unit.PLUS_Z),
                light(set.withCards(List.of()), mix, top, Vector3D.Unit.PLUS_Z));
        assertThat(effect.top().orElseThrow()).isCloseTo(up, within(0.03)).isBetween(0.02, 0.4);
        assertThat(effect.secondLight()).as("paper is no mirror").isEmpty();
    }

    private static double light(TableSet set, Mix mix, Vector3D place, Vector3D normal) {
        Tracer tracer = new Tracer(Scene.of(set), new SampleBudget(4, 1, 24));
        int samples = 20_000;
        double sum = 0;
        for (int i = 0; i < samples; i++) {
            tracer.incident(
                    place.getX(), place.getY(), place.getZ(), normal.getX(), normal.getY(), normal.getZ(), 5, i);
            sum += mix.light(tracer.out) / samples;
        }
        return sum;
    }

    /** A black card takes what the table would send. */
    @Test
    public void aBlackCardTakesLight() {
        Card black = new Card(Surface.BLACK_PAPER, 0.3, 0.3, OPPOSITE, 0.15, 0, 0, 0);
        TableSet set = with(black).withTableTop(Sets.endless(Surface.WHITE_PAPER));
        assertThat(CardFill.of(set, 0).shadowSide().orElseThrow()).isNegative();
    }

    /** From there on none of its corners is in the frame; a centimetre nearer one is; the frame is looked over in a raster of some millimetres. */
    @Test
    public void whereTheFrameSeesItNoMore() {
        Card low = new Card(Surface.WHITE_PAPER, 0.2, 0.1, Math.PI / 2, 0.15, 0, 0, 0);
        double unseen = CardFill.of(with(low), 0).unseenFrom().orElseThrow();
        assertThat(inFrame(low.withDistance(unseen + 0.006))).isFalse();
        assertThat(inFrame(low.withDistance(unseen - 0.01))).isTrue();
    }

    private static boolean inFrame(Card card) {
        TableSet set = with(card);
        Perspective view = Perspective.of(set);
        return card.panels().stream().map(Panel::corners).flatMap(List::stream).anyMatch(view::shows);
    }

    /** Angle in is angle out: the patch on the table lies where the key's mirror image shines past the mirror's edges. */
    @Test
    public void aMirrorIsASecondLight() {
        Card mirror = new Card(Surface.MIRROR, 0.2, 0.1, OPPOSITE, 0.3, 0.05, 0, 0);
        TableSet set = with(mirror);
        SecondLight second = CardFill.of(set, 0).secondLight().orElseThrow();
        Vector3D key = set.pose().centre();
        Vector3D toMirror = Vector3D.of(Math.sin(OPPOSITE), Math.cos(OPPOSITE), 0);
        // straight behind an upright mirror, as far as the key is before it
        double before = 0.3 - key.dot(toMirror);
        assertThat(second.light().distance(key.add(toMirror.multiply(2 * before))))
                .isCloseTo(0, within(1e-9));
        for (Vector3D corner : second.patch()) {
            assertThat(corner.getZ()).isCloseTo(0, within(1e-12));
        }
        // similar triangles: the upper edge at 15 cm throws its image this far in front of the mirror
        double image = second.light().getZ();
        double far = before * 0.15 / (image - 0.15);
        double farthest = second.patch().stream()
                .mapToDouble(corner -> 0.3 - corner.dot(toMirror))
                .max()
                .orElseThrow();
        assertThat(farthest).isCloseTo(far, within(1e-9));
        assertThat(second.middle().dot(Vector3D.of(-toMirror.getY(), toMirror.getX(), 0)))
                .as("in the middle, as the key stands straight before it")
                .isCloseTo(0, within(1e-9));
    }

    @Test
    public void aCardThatIsNotThereIsSaid() {
        assertThatThrownBy(() -> CardFill.of(with(), 0))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("card 1");
    }
}
