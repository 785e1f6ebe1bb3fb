package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.render.trace.LightComponent;
import zephyrdune.render.trace.SampleBudget;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;

/** A light's image in a coat is found by rays to the light and along the mirrored direction; how many there are of the one must not matter. */
public class LightImagesTest {

    private static final int WIDTH = 24;
    private static final int HEIGHT = 16;
    private static final int PASSES = 512;

    /** Of soup, which light also gets into: the coat is looked at apart from what lies under it. */
    @Test
    public void anyNumberOfRaysFindsTheSameImage() {
        double few = image(1);
        assertThat(few).isPositive();
        assertThat(image(8)).isCloseTo(few, within(0.003 * few));
    }

    private static double image(int shadowRays) {
        TableSet set = Sets.chowder();
        Film film = new Film(set, WIDTH, HEIGHT, false);
        for (int pass = 0; pass < PASSES; pass++) {
            film.wholePass(new SampleBudget(shadowRays, 0, 1));
        }
        double sum = 0;
        for (float value : film.linear(Mix.of(set, Set.of()), EnumSet.of(LightComponent.HIGHLIGHT))) {
            sum += value;
        }
        return sum;
    }
}
