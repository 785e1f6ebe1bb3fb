package zephyrdune.light.emitter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.chain.Chain;
import zephyrdune.light.chain.Link;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.light.Gel;
import zephyrdune.units.colour.Luminance;
import zephyrdune.units.colour.WhiteBalance;
import zephyrdune.units.measure.OutOfLimits;
import zephyrdune.units.measure.Stops;

/** What gels do to the key: colour and light lost. */
public class GelTest {

    private static final Gel BLUE = Gel.passing(0.04, 0.12, 0.55);

    private static TableSet with(Gel gel) {
        TableSet set = Sets.chowder();
        return set.withLight(set.light().with(light -> light.gel(gel)));
    }

    /** Weights of red, green and blue: 0.2126, 0.7152, 0.0722 (IEC 61966-2-1). */
    @Test
    public void aColouredGelTakesWhatTheEyeMisses() {
        double through = 0.2126 * 0.04 + 0.7152 * 0.12 + 0.0722 * 0.55;
        assertThat(BLUE.loss()).isCloseTo(-Math.log(through) / Math.log(2), within(1e-12));
        double open = KeyLight.of(with(Gel.NONE)).heroIlluminance();
        assertThat(Stops.between(KeyLight.of(with(BLUE)).heroIlluminance(), open))
                .isCloseTo(-BLUE.loss(), within(1e-9));
    }

    /** Two sheets one behind the other pass the product: two of a half each a quarter, as neutral density adds (common practice). */
    @Test
    public void sheetsAddAsDensitiesDo() {
        double half = Stops.ratio(-1);
        Gel one = new Gel(0, half, half, half);
        Gel two = new Gel(0, half * half, half * half, half * half);
        assertThat(one.loss()).isCloseTo(1, within(1e-12));
        assertThat(two.loss()).isCloseTo(2 * one.loss(), within(1e-12));
        assertThat(one.coloured()).isFalse();
    }

    @Test
    public void theKeyTakesItsColour() {
        double kelvin = Sets.chowder().light().source().colourTemperature();
        double[] srgb = KeyColour.of(with(BLUE)).srgb(new WhiteBalance(kelvin));
        assertThat(Luminance.of(srgb[0], srgb[1], srgb[2])).isCloseTo(1, within(1e-9));
        assertThat(srgb[2] / srgb[1]).isCloseTo(0.55 / 0.12, within(1e-6));
        assertThat(srgb[0] / srgb[1]).isCloseTo(0.04 / 0.12, within(1e-6));
        double[] tungsten = KeyColour.of(with(BLUE)).srgb(new WhiteBalance(3200));
        assertThat(Luminance.of(tungsten[0], tungsten[1], tungsten[2])).isCloseTo(1, within(1e-9));
    }

    /** CIE 15 gives no correlated colour temperature to what lies farther than 0.05 from every black body in the 1960 diagram. */
    @Test
    public void aDeepColourIsNoTemperature() {
        assertThat(KeyColour.of(with(BLUE)).mired()).isEmpty();
        assertThat(KeyColour.of(with(Gel.passing(0.2, 0.62, 0.14))).mired()).isEmpty();
        assertThat(KeyColour.of(with(Gel.passing(0.95, 0.8, 0.6))).mired()).isPresent();
        assertThat(Readings.of(with(BLUE)).stream()
                        .filter(reading -> reading.kind() == ReadingKind.LIGHT_TINT)
                        .findFirst()
                        .orElseThrow()
                        .note())
                .contains("no colour temperature");
    }

    /** A warming gel is warmer whether stated by its mireds or by what it passes. */
    @Test
    public void strawIsWarm() {
        double plain = KeyColour.of(with(Gel.NONE)).mired().orElseThrow();
        assertThat(KeyColour.of(with(Gel.correcting(81))).mired().orElseThrow() - plain)
                .isCloseTo(81, within(1e-6));
        assertThat(KeyColour.of(with(Gel.passing(0.95, 0.8, 0.6))).mired().orElseThrow() - plain)
                .isBetween(20.0, 120.0);
    }

    @Test
    public void theChainShowsTheGelAndAddsUp() {
        for (Gel gel : List.of(BLUE, Gel.correcting(131))) {
            TableSet set = with(gel);
            List<Link> links = Chain.of(set);
            assertThat(links.get(1).kind()).isEqualTo(Link.Kind.GEL);
            assertThat(links.get(1).loss()).isCloseTo(gel.loss(), within(1e-9));
            double all = links.stream().mapToDouble(Link::loss).sum();
            assertThat(all)
                    .isCloseTo(
                            Stops.between(
                                    set.light().source().flux(),
                                    EmittingFace.of(set).flux()),
                            within(1e-6));
        }
    }

    /** A full warming gel takes two thirds of a stop, a full cooling one a stop and a half (common practice, no published source). */
    @Test
    public void readyMadeGels() {
        assertThat(ReadyMade.kit().gels()).hasSizeGreaterThan(10);
        assertThat(loss("Full warming (daylight to tungsten)")).isCloseTo(2 / 3.0, within(0.1));
        assertThat(loss("Full cooling (tungsten to daylight)")).isCloseTo(1.5, within(0.1));
        assertThatThrownBy(() -> Gel.passing(1.2, 1, 1)).isInstanceOf(OutOfLimits.class);
    }

    private static double loss(String name) {
        return ReadyMade.kit().gels().stream()
                .filter(gel -> gel.name().equals(name))
                .findFirst()
                .orElseThrow()
                .gel()
                .loss();
    }
}
