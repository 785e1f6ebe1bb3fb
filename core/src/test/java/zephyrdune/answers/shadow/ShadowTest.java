package zephyrdune.answers.shadow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.Test;
import zephyrdune.answers.finding.Finding;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Cloth;
import zephyrdune.set.dish.Condensation;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.light.PowerChoice;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** Shadows and what throws them. */
public class ShadowTest {

    private static final double HARD = 0.02;

    /** A black set in a hard light: in the shadow there is the room's light alone, and beside it the key's as well. */
    @Test
    public void inABlackSetOnlyTheRoomIsLeft() {
        TableSet set = Sets.chowder()
                .withTableTop(Sets.endless(Surface.BLACK_PAPER))
                .withBackdrop(new Backdrop(5, 0.1, 0.1, Surface.BLACK_PAPER))
                .withDish(new Block(0.1, 0.02, 0.3, Surface.BLACK_PAPER))
                .withLight(box(HARD, HARD, 12, 45, 2).withPower(PowerChoice.FIXED, 2));
        for (double room : new double[] {50, 400}) {
            TableSet lit = set.withAmbient(new Ambient(room, 5500, 5));
            KeyLight key = KeyLight.of(lit);
            ShadowDepth found = ShadowDepth.of(lit, key).orElseThrow();
            double byKey = key.at(found.place(), Vector3D.Unit.PLUS_Z) / 4;
            double byRoom = room * lit.exposure().exactShutter();
            double exact = Math.log(1 + byKey / byRoom) / Math.log(2);
            // the thin upright block hides a little of the sky as well
            assertThat(found.stops()).as("%.0f lx", room).isBetween(exact - 0.05, exact + 0.25);
        }
    }

    @Test
    public void aWhiteCardLiftsTheShadow() {
        TableSet set = Sets.chowder().withLight(box(0.6, 0.6, 9, 40, 0.9));
        Card card = new Card(Surface.WHITE_PAPER, 0.4, 0.4, Math.PI / 2, 0.25, 0, 0, 0);
        double without = ShadowDepth.of(set, KeyLight.of(set)).orElseThrow().stops();
        double with = ShadowDepth.of(set.withCards(List.of(card)), KeyLight.of(set.withCards(List.of(card))))
                .orElseThrow()
                .stops();
        assertThat(without - with).isGreaterThan(0.4);
        assertThat(ShadowDepth.of(set, KeyLight.of(set)).orElseThrow().stops()).isEqualTo(without);
    }

    /** A cloth under the shadow is what the shadow falls on; paler than the wood, it sends about half a stop more back into it. */
    @Test
    public void theShadowFallsOnWhatLiesThere() {
        TableSet set = Sets.chowder().withLight(box(0.6, 0.6, 9, 40, 0.9));
        Prop cloth = new Prop(new Cloth(0.3, 0.3, Surface.LINEN), 0.25, 0, 0, 0);
        ShadowDepth bare = ShadowDepth.of(set, KeyLight.of(set)).orElseThrow();
        ShadowDepth covered = ShadowDepth.of(set.withProps(List.of(cloth)), KeyLight.of(set.withProps(List.of(cloth))))
                .orElseThrow();
        assertThat(covered.place().getZ()).isCloseTo(Cloth.THICKNESS, within(1e-9));
        double paler = Stops.between(Surface.LINEN.luminous(), Surface.PALE_WOOD.luminous());
        assertThat(bare.stops() - covered.stops()).isBetween(0.7 * paler, 1.6 * paler);
    }

    @Test
    public void aBottleInTheLightIsNamed() {
        Bottle bottle = new Bottle(
                0.09, 0.3, Medium.GREEN_GLASS, 0.6, Medium.BERRY_DRINK, 0.4, Surface.LABEL_PAPER, Condensation.NONE);
        TableSet set = Sets.chowder().withLight(box(0.2, 0.2, 9, 20, 0.9));
        TableSet inTheWay =
                set.withProps(List.of(new Prop(bottle, 0.2, -0.2, 0, 0), new Prop(bottle, -0.17, 0, 0, -Math.PI / 2)));
        assertThat(Finding.of(inTheWay)).anySatisfy(finding -> {
            assertThat(finding.field()).isEqualTo("props[1].x");
            assertThat(finding.words()).contains("Prop 2", "% of the key");
        });
        TableSet beside = set.withProps(List.of(new Prop(bottle, 0.2, -0.2, 0, 0)));
        assertThat(HeroShade.worst(beside)).isEmpty();
        assertThat(Finding.of(beside)).extracting(Finding::kind).doesNotContain(Finding.Kind.PROP_SHADES_HERO);
    }
}
