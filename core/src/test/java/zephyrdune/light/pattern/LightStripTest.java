package zephyrdune.light.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.testng.annotations.Test;

/** Strips of known shape, read back: trapezoids, by their own corners. */
public class LightStripTest {

    private static final double FINE = 1.1e-5;

    /** From nothing at a to all at b, till c, to nothing at d. */
    private static DoubleUnaryOperator trapezoid(double most, double a, double b, double c, double d) {
        return x -> most * Math.max(0, Math.min(1, Math.min((x - a) / (b - a), (d - x) / (d - c))));
    }

    @Test
    public void aTrapezoid() {
        LightStrip strip = LightStrip.of(trapezoid(1, -0.3, -0.2, 0.1, 0.15));
        assertThat(strip.most()).isEqualTo(1);
        assertThat(strip.full().orElseThrow().from()).isCloseTo(-0.201, within(FINE));
        assertThat(strip.full().orElseThrow().to()).isCloseTo(0.1005, within(FINE));
        assertThat(strip.full().orElseThrow().width()).isCloseTo(0.3015, within(2 * FINE));
        assertThat(strip.half().from()).isCloseTo(-0.25, within(FINE));
        assertThat(strip.half().to()).isCloseTo(0.125, within(FINE));
        assertThat(strip.half().width()).isCloseTo(0.375, within(2 * FINE));
        assertThat(strip.edge()).isCloseTo((0.08 + 0.04) / 2, within(4 * FINE));
    }

    /** Of a strip that has less than all, edges count from its own largest share; no place has it full. */
    @Test
    public void aDimStrip() {
        LightStrip strip = LightStrip.of(trapezoid(0.6, -0.1, 0, 0, 0.1));
        assertThat(strip.most()).isEqualTo(0.6);
        assertThat(strip.full()).isEmpty();
        assertThat(strip.half().from()).isCloseTo(-0.05, within(FINE));
        assertThat(strip.half().to()).isCloseTo(0.05, within(FINE));
        assertThat(strip.edge()).isCloseTo(0.08, within(4 * FINE));
    }

    /** 99 % is full. */
    @Test
    public void fullIsNinetyNinePercent() {
        assertThat(LightStrip.of(trapezoid(0.99, -0.2, -0.1, 0.1, 0.2))
                        .full()
                        .orElseThrow()
                        .width())
                .isCloseTo(0.2, within(2 * FINE));
        assertThat(LightStrip.of(trapezoid(0.989, -0.2, -0.1, 0.1, 0.2)).full()).isEmpty();
    }

    /** Full out to where full light ends on the nearer side, and not a hair farther; nowhere where the middle lacks any. */
    @Test
    public void fullOnBothSides() {
        DoubleUnaryOperator share = trapezoid(1, -0.3, -0.2, 0.1, 0.15);
        assertThat(LightStrip.isFull(share, 0.1005 - FINE)).isTrue();
        assertThat(LightStrip.isFull(share, 0.1005 + FINE)).isFalse();
        assertThat(LightStrip.isFull(x -> share.applyAsDouble(-x), 0.1005 - FINE))
                .isTrue();
        assertThat(LightStrip.isFull(x -> share.applyAsDouble(-x), 0.1005 + FINE))
                .isFalse();
        // a shadow between is not overlooked
        assertThat(LightStrip.isFull(x -> Math.abs(x - 0.04) < 0.006 ? 0 : 1, 0.1))
                .isFalse();
    }

    /** Just 99 % is full still: at the hero's middle no brighter place is looked for, and it is full as far as that goes. */
    @Test
    public void justFull() {
        LightStrip strip = LightStrip.of(x -> Math.abs(x) < 0.05 ? 0.99 : Math.abs(x - 0.2) < 0.02 ? 1 : 0);
        assertThat(strip.most()).isEqualTo(0.99);
        assertThat(strip.full().orElseThrow().to()).isCloseTo(0.05, within(FINE));
        assertThat(LightStrip.isFull(x -> x >= 0 ? 0.99 : 1, 0.1)).isTrue();
        assertThat(LightStrip.isFull(x -> x <= 0 ? 0.99 : 1, 0.1)).isTrue();
    }

    /** Of two dim strips alike the one about the hero is told. */
    @Test
    public void ofDimStripsAlikeTheNearest() {
        LightStrip strip = LightStrip.of(x -> Math.abs(x) < 0.02 || Math.abs(x - 0.1) < 0.03 ? 0.4 : 0);
        assertThat(strip.half().from()).isCloseTo(-0.02, within(FINE));
        assertThat(strip.half().to()).isCloseTo(0.02, within(FINE));
    }

    /** A strip beside the hero: its brightest place is found, on either side, the nearest of those that are full. */
    @Test
    public void aStripBesideTheHero() {
        for (int side : new int[] {1, -1}) {
            DoubleUnaryOperator right = trapezoid(1, 0.3, 0.4, 0.5, 0.6);
            LightStrip strip = LightStrip.of(x -> right.applyAsDouble(side * x));
            assertThat(strip.most()).as("side " + side).isCloseTo(1, within(1e-9));
            assertThat(Math.min(
                            Math.abs(strip.half().from()), Math.abs(strip.half().to())))
                    .isCloseTo(0.35, within(FINE));
            assertThat(Math.max(
                            Math.abs(strip.half().from()), Math.abs(strip.half().to())))
                    .isCloseTo(0.55, within(FINE));
            DoubleUnaryOperator dim = trapezoid(0.5, 0.3, 0.4, 0.4, 0.6);
            assertThat(LightStrip.of(x -> dim.applyAsDouble(side * x)).most()).isCloseTo(0.5, within(1e-9));
        }
        DoubleUnaryOperator two = x -> Math.max(
                trapezoid(1, 0.3, 0.35, 0.4, 0.45).applyAsDouble(x),
                trapezoid(1, -0.25, -0.2, -0.15, -0.1).applyAsDouble(x));
        assertThat(LightStrip.of(two).half().to()).isCloseTo(-0.125, within(FINE));
    }

    /** At 80 cm from the hero a strip is still found, beyond not. */
    @Test
    public void howFarAStripIsLookedFor() {
        DoubleUnaryOperator inReach = trapezoid(0.5, 0.72, 0.79, 0.79, 1);
        assertThat(LightStrip.of(inReach).most()).isCloseTo(0.5, within(1e-9));
        DoubleUnaryOperator beyond = trapezoid(0.5, 0.82, 0.9, 0.9, 1);
        assertThat(LightStrip.of(beyond).most()).isZero();
    }

    /** A flag cuts on one side: there the edge, on the other the light goes on. */
    @Test
    public void oneEdge() {
        LightStrip strip = LightStrip.of(x -> Math.max(0, Math.min(1, (0.3 - x) / 0.1)));
        assertThat(strip.half().from()).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(strip.full().orElseThrow().from()).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(strip.half().to()).isCloseTo(0.25, within(FINE));
        assertThat(strip.full().orElseThrow().width()).isEqualTo(Double.POSITIVE_INFINITY);
        assertThat(strip.edge()).isCloseTo(0.08, within(4 * FINE));
        assertThat(LightStrip.of(x -> 1).edge()).isEqualTo(Double.POSITIVE_INFINITY);
        assertThat(LightStrip.of(x -> 1).half().to()).isEqualTo(Double.POSITIVE_INFINITY);
    }

    /** An edge 1.5 m out still ends the strip, one at 1.7 m is as good as none. */
    @Test
    public void howFarAnEdgeIsLookedFor() {
        assertThat(LightStrip.of(trapezoid(1, -1.55, -1.45, 1.45, 1.55)).half().width())
                .isCloseTo(3, within(2 * FINE));
        assertThat(LightStrip.of(trapezoid(1, -1.75, -1.65, 1.65, 1.75)).half().width())
                .isEqualTo(Double.POSITIVE_INFINITY);
    }

    /** Close beside the brightest place lies an edge: it ends its own side alone. */
    @Test
    public void anEdgeRightBesideThePeak() {
        LightStrip strip = LightStrip.of(x -> x >= -0.004 && x <= 0.3 ? 1 : 0);
        assertThat(strip.half().from()).isCloseTo(-0.004, within(FINE));
        assertThat(strip.half().to()).isCloseTo(0.3, within(FINE));
        LightStrip other = LightStrip.of(x -> x <= 0.004 && x >= -0.3 ? 1 : 0);
        assertThat(other.half().from()).isCloseTo(-0.3, within(FINE));
        assertThat(other.half().to()).isCloseTo(0.004, within(FINE));
    }

    /** Edges are looked for from the brightest place, not from the hero. */
    @Test
    public void edgesCountFromTheBrightestPlace() {
        assertThat(LightStrip.of(x -> x >= 0.5 && x <= 1.9 ? 1 : 0).half().to()).isCloseTo(1.9, within(FINE));
        assertThat(LightStrip.of(x -> x <= -0.5 && x >= -1.9 ? 1 : 0).half().from())
                .isCloseTo(-1.9, within(FINE));
    }

    /** Where the largest share is read is where its ends count from: a dip between two strips ends the one. */
    @Test
    public void aDipEndsTheStrip() {
        LightStrip strip = LightStrip.of(x -> Math.abs(x - 0.2) < 0.05 ? 0.2 : 1);
        assertThat(strip.half().to()).isCloseTo(0.15, within(FINE));
        assertThat(strip.half().from()).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(strip.edge()).isEqualTo(Double.POSITIVE_INFINITY);
    }
}
