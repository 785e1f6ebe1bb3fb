package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import org.testng.annotations.Test;
import zephyrdune.render.trace.FirstHit;

public class WaveletFilterTest {

    private static final int SIDE = 8;
    private static final int PIXELS = SIDE * SIDE;
    private static final float NOISY = 1.5f;

    private final FirstHits guides = new FirstHits(SIDE, SIDE);

    /** One surface whose colour differs from sample to sample. */
    private void show(double... greens) {
        FirstHit hit = new FirstHit();
        hit.nz = 1;
        hit.distance = 1;
        for (int sample = 0; sample < greens.length; sample++) {
            Arrays.fill(hit.colour, greens[sample]);
            for (int pixel = 0; pixel < PIXELS; pixel++) {
                guides.note(pixel, hit, sample);
            }
        }
    }

    /** Light of so much, even and without noise, in the surface's colour as both samples saw it. */
    private WaveletFilter even(float light, double earlier, double later) {
        float[] found = new float[3 * PIXELS];
        float[] half = new float[PIXELS];
        Arrays.fill(found, (float) (light * (earlier + later) / 2));
        Arrays.fill(half, (float) (light * (earlier - later) / 2));
        WaveletFilter.Settings settings =
                new WaveletFilter.Settings(new int[] {1, 2}, 2, Likeness.Facing.ALIKE, NOISY, true, false);
        WaveletFilter filter = new WaveletFilter(settings, guides, new Neighbourhood(SIDE, SIDE), found, half);
        filter.even(new Likeness(guides, SIDE, SIDE), 2);
        return filter;
    }

    /** The same sample of a surface's colour colours all of its light: what that is off by adds up, and is not laid together as by chance. */
    @Test
    public void whatAColourIsOffByIsTheSameForAllItsLight() {
        show(0.6, 0.4);
        float[] linear = new float[3 * PIXELS];
        float[] squares = new float[PIXELS];
        float[] tones = new float[PIXELS];
        even(3, 0.6, 0.4).addTo(linear, squares, tones, 1);
        even(1, 0.6, 0.4).addTo(linear, squares, tones, 1);
        for (int pixel = 0; pixel < PIXELS; pixel++) {
            assertThat(linear[3 * pixel + 1]).isCloseTo(4 * 0.5f, within(1e-5f));
            assertThat(Math.abs(tones[pixel])).isCloseTo(4 * 0.1f, within(1e-5f));
            assertThat(squares[pixel]).isCloseTo(0, within(1e-9f));
        }
    }
}
