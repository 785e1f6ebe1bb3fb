package zephyrdune.light.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleUnaryOperator;
import org.testng.annotations.Test;

/** Profiles of known shape, read back. */
public class ProfileTest {

    /** A hat of height 1 about a place, 10 % wide at its foot to each side. */
    private static double hat(double x, double middle, double half) {
        return Math.max(0, 1 - Math.abs(x - middle) / half);
    }

    /** The tips lie between samples, and are found to a twentieth of a step: of 0.025 here, on slopes of 10 and 5 to the metre. */
    @Test
    public void theBrightestAndTheDarkestLieBetweenSamples() {
        Profile profile = new Profile(x -> 3 + hat(x, 0.113, 0.1) - hat(x, -0.512, 0.2), 1, 40);
        assertThat(profile.peak()).isCloseTo(0.113, within(0.00125));
        assertThat(profile.most()).isBetween(4 - 0.0125, 4.0);
        assertThat(profile.least()).isBetween(2.0, 2 + 0.00625);
    }

    /** They are looked for next to the best sample alone, and what is found is never worse than that. */
    @Test
    public void aSampleThatIsBestItselfIsKept() {
        Profile spiked = new Profile(x -> Math.abs(x - 0.25) < 1e-9 ? 5 : Math.abs(x + 0.5) < 1e-9 ? -5 : 0, 1, 8);
        assertThat(spiked.most()).isEqualTo(5);
        assertThat(spiked.least()).isEqualTo(-5);
        assertThat(spiked.peak()).isEqualTo(0.25);
    }

    /** Evenly spaced from end to end, ends and middle among them; what is looked for close by comes after. */
    @Test
    public void samplesReachFromEndToEnd() {
        List<Double> places = new ArrayList<>();
        new Profile(
                x -> {
                    places.add(x);
                    return 1;
                },
                0.6,
                3);
        assertThat(places.subList(0, 7).stream()
                        .mapToDouble(Double::doubleValue)
                        .toArray())
                .containsExactly(new double[] {-0.6, -0.4, -0.2, 0, 0.2, 0.4, 0.6}, within(1e-12));
    }

    /** Of two patches alike within 2 % the nearer to the middle is told, on whichever side it lies; otherwise the brighter. */
    @Test
    public void ofPatchesAlikeTheNearestIsTold() {
        DoubleUnaryOperator left = x -> Math.max(0.99 * hat(x, -0.3, 0.1), hat(x, 0.5, 0.1));
        DoubleUnaryOperator right = x -> Math.max(0.99 * hat(x, 0.3, 0.1), hat(x, -0.5, 0.1));
        assertThat(new Profile(x -> 50 + 3 * left.applyAsDouble(x), 1, 100).peak())
                .isCloseTo(-0.3, within(1e-3));
        DoubleUnaryOperator dimmer = x -> Math.max(0.96 * hat(x, -0.3, 0.1), hat(x, 0.5, 0.1));
        assertThat(new Profile(left, 1, 100).peak()).isCloseTo(-0.3, within(1e-3));
        assertThat(new Profile(right, 1, 100).peak()).isCloseTo(0.3, within(1e-3));
        assertThat(new Profile(dimmer, 1, 100).peak()).isCloseTo(0.5, within(1e-3));
        assertThat(new Profile(x -> 50 + 3 * dimmer.applyAsDouble(x), 1, 100).peak())
                .isCloseTo(0.5, within(1e-3));
        assertThat(new Profile(x -> 1 + Math.cos(2 * Math.PI * x / 0.4), 1, 100).peak())
                .isCloseTo(0, within(1e-3));
    }

    /** Of two alike and as far, the one on the plus side: always the same. */
    @Test
    public void ofPatchesAlikeAndAsFarTheOneAhead() {
        assertThat(new Profile(x -> Math.max(hat(x, -0.3, 0.1), hat(x, 0.3, 0.1)), 1, 100).peak())
                .isCloseTo(0.3, within(1e-3));
    }

    /** A hat falls to a share of its height at that share of its half width: on both sides, to a thousandth of a step. */
    @Test
    public void crossingsOfAHat() {
        Profile profile = new Profile(x -> 2 + 4 * hat(x, 0.1, 0.35), 1, 100);
        for (double share : new double[] {0.1, 0.5, 0.9}) {
            double out = 0.35 * (1 - share);
            assertThat(profile.crossing(1, share)).as("right " + share).isCloseTo(0.1 + out, within(2e-5));
            assertThat(profile.crossing(-1, share)).as("left " + share).isCloseTo(0.1 - out, within(2e-5));
        }
    }

    /** Light that only grows to one side crosses nothing there: the end of the line is told. */
    @Test
    public void withNoCrossingTheEndIsTold() {
        Profile rising = new Profile(x -> x, 1, 10);
        assertThat(rising.crossing(1, 0.5)).isEqualTo(1);
        // from -1 - 0.1 to 1 + 0.1 it is looked: half way is the middle
        assertThat(rising.crossing(-1, 0.5)).isCloseTo(0, within(1e-3));
        Profile falling = new Profile(x -> -x, 1, 10);
        assertThat(falling.crossing(-1, 0.5)).isEqualTo(-1);
        assertThat(falling.crossing(1, 0.5)).isCloseTo(0, within(1e-3));
    }

    @Test
    public void canBeEnded() {
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> new Profile(x -> 1, 1, 10)).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
    }
}
