package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import zephyrdune.render.trace.FirstHit;

public class MixedPixelsTest {

    private static final int SIDE = 8;
    private static final int PIXELS = SIDE * SIDE;
    private static final int EDGE = 4;

    /** On the edge, half way down. */
    private static final int MIXED = EDGE * SIDE + EDGE;

    private static final float LIGHT = 0.5f;
    private static final float NOISE = 0.2f;
    private static final float NOISY = 3;

    private FirstHits guides;
    private NoisyLight found;
    private float[] variance;

    /** Two faces square to each other, evenly lit; one pixel on the edge shows one by one sample and one by the other, and has found nothing. */
    @BeforeMethod
    public void edge() {
        guides = new FirstHits(SIDE, SIDE);
        found = NoisyLight.none(PIXELS);
        variance = new float[PIXELS];
        for (int pixel = 0; pixel < PIXELS; pixel++) {
            boolean mixed = pixel == MIXED;
            see(pixel, pixel % SIDE <= EDGE, 7, 0);
            see(pixel, pixel % SIDE <= EDGE && !mixed, 7, 1);
            for (float[] channel : found.channels()) {
                channel[pixel] = mixed ? 0 : LIGHT;
            }
            variance[pixel] = mixed ? 0 : NOISE * NOISE;
        }
    }

    private void see(int pixel, boolean left, int owner, int before) {
        FirstHit hit = new FirstHit();
        hit.owner = owner;
        hit.distance = 1;
        hit.ny = left ? -1 : 0;
        hit.nz = left ? 0 : 1;
        guides.note(pixel, hit, before);
    }

    private NoisyLight evened(boolean halves) {
        NoisyLight light = found.copy();
        new Likeness(guides, SIDE, SIDE).mixed(Likeness.Facing.ALIKE).even(light, found, variance, NOISY, halves);
        return light;
    }

    @Test
    public void aBlackOneTakesFromBothFacesAndNoOtherPixelChanges() {
        NoisyLight light = evened(true);
        for (float[] channel : light.channels()) {
            for (int pixel = 0; pixel < PIXELS; pixel++) {
                if (pixel == MIXED) {
                    assertThat(channel[pixel]).isBetween(LIGHT / 3, LIGHT);
                } else {
                    assertThat(channel[pixel]).isEqualTo(LIGHT);
                }
            }
        }
    }

    @Test
    public void whatHasNoNoiseStays() {
        Arrays.fill(variance, 0);
        assertThat(evened(true).green()[MIXED]).isZero();
    }

    @Test
    public void whatBothHalvesHaveFoundIsHeldAgainstItsOwnNoise() {
        for (float[] channel : found.channels()) {
            channel[MIXED] = LIGHT / 10;
        }
        found.half()[MIXED] = LIGHT / 100;
        variance[MIXED] = LIGHT * LIGHT / 10_000;
        assertThat(evened(true).green()[MIXED]).isCloseTo(LIGHT / 10, within(1e-5f));
    }

    @Test
    public void nothingIsTakenFromOtherBodies() {
        guides.owner()[MIXED] = 8;
        assertThat(evened(true).green()[MIXED]).isZero();
    }

    /** A column that shows a face of its own, as wide as a pixel: alike up and down, so mixed by one sample, but not by two. */
    @Test
    public void byOneSampleLinesAreTakenForMixed() {
        for (int pixel = EDGE; pixel < PIXELS; pixel += SIDE) {
            guides.normal()[3 * pixel] = 1;
            guides.normal()[3 * pixel + 1] = 0;
            guides.normal()[3 * pixel + 2] = 0;
        }
        assertThat(evened(true).green()[MIXED]).isZero();
        assertThat(evened(false).green()[MIXED]).isGreaterThan(LIGHT / 3);
    }
}
