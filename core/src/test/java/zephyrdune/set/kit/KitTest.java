package zephyrdune.set.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;
import zephyrdune.light.chain.Chain;
import zephyrdune.light.chain.Link;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Origin;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Refused;
import zephyrdune.units.measure.Stops;

/** Owned pieces: names, and that everything ready-made fits, balances and loses what trade says it does. */
public class KitTest {

    private static final Kit READY = ReadyMade.kit();

    private static Optional<Light> on(OwnedSource source, Shaper shaper) {
        Light light = Sets.box(0.6, 0.6, 10, 40, 1.4);
        try {
            return Optional.of(shaper.on(
                    light.withFilling(new EvenlyLit()).withSpread(new Diffuse()).withSource(source.source())));
        } catch (Refused unfit) {
            assertThat(source.source()).isInstanceOf(LedPanel.class);
            return Optional.empty();
        }
    }

    private static TableSet room(Light light) {
        return Sets.inRoom(
                        Sets.chowder().withBackdrop(new Backdrop(4, 3, 2, Surface.GREY_PAPER)),
                        4,
                        2.6,
                        Surface.WHITE_PAPER)
                .withLight(light);
    }

    /** Every ready-made shaper on every ready-made source: no more light comes out than goes in, and the links account for it. */
    @Test
    public void everythingReadyMadeCanBeBuilt() {
        int built = 0;
        for (OwnedSource source : READY.sources()) {
            for (Shaper shaper : READY.shapers()) {
                Optional<Light> light = on(source, shaper);
                if (light.isEmpty()) {
                    continue;
                }
                TableSet set = room(light.get());
                double lost =
                        Stops.between(source.source().flux(), KeyLight.of(set).flux());
                assertThat(lost).as(source.name() + ", " + shaper.name()).isBetween(-1e-9, 9.0);
                assertThat(Chain.of(set).stream().mapToDouble(Link::loss).sum())
                        .as(shaper.name())
                        .isCloseTo(lost, within(0.02));
                assertThat(Chain.of(set))
                        .allSatisfy(link -> assertThat(link.loss()).isGreaterThan(-0.02));
                built++;
            }
        }
        assertThat(built).isGreaterThan(4 * READY.shapers().size());
    }

    private static double axial(String shaper) {
        Shaper found = READY.shapers().stream()
                .filter(one -> one.name().equals(shaper))
                .findFirst()
                .orElseThrow();
        return EmittingFace.of(room(on(READY.sources().get(2), found).orElseThrow()))
                .axialIntensity();
    }

    /** Common practice, no published source; the model's own figures are in the documents. */
    @Test
    public void readyMadeLossesAreThoseOfTheTrade() {
        assertThat(Stops.between(axial("White beauty dish"), axial("Deep reflector")))
                .as("white dish against deep reflector")
                .isCloseTo(-2.5, within(0.1));
        assertThat(Stops.between(axial("White beauty dish with sock"), axial("White beauty dish")))
                .as("sock")
                .isBetween(-2.5, -2.0);
        assertThat(Stops.between(axial("Reflector with 30° grid"), axial("Standard reflector")))
                .as("grid")
                .isCloseTo(-1 / 3.0, within(0.01));
        assertThat(Stops.between(axial("Snoot"), axial("Standard reflector")))
                .as("snoot")
                .isCloseTo(-1, within(0.01));
        assertThat(Stops.between(axial("Softbox 60 × 60, two baffles"), axial("Standard reflector")))
                .as("a softbox against a reflector: two to three stops on the axis")
                .isBetween(-3.0, -1.5);
    }

    @Test
    public void namesAreThereAndDiffer() {
        Board card = new Board("White card", Surface.WHITE_PAPER, 0.3, 0.4);
        assertThatThrownBy(() -> new Board(" ", Surface.WHITE_PAPER, 0.3, 0.4)).hasMessageContaining("1 to 60");
        assertThatThrownBy(() -> new Board("x".repeat(61), Surface.WHITE_PAPER, 0.3, 0.4))
                .hasMessageContaining("1 to 60");
        assertThatThrownBy(() -> new Kit(
                        List.of(),
                        List.of(),
                        List.of(),
                        List.of(card, new Board("white CARD ", Surface.GREY_PAPER, 1, 1)),
                        List.of()))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("white CARD")
                .extracting(refused -> ((Refused) refused).field())
                .isEqualTo("boards[1].name");
        assertThat(Kit.EMPTY.sources()).isEmpty();
        assertThat(READY.shapers())
                .allSatisfy(shaper -> assertThat(shaper.origin()).isEqualTo(Origin.DEFAULT));
    }
}
