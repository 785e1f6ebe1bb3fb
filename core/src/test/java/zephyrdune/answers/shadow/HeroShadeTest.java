package zephyrdune.answers.shadow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.box;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.dish.Block;
import zephyrdune.set.dish.Dish;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.surface.Surface;

/**
 * What a prop keeps off the hero, by counting: of five places on its top, the middle and 60 % of the way out to each side, all lit alike by a
 * small light far away.
 */
public class HeroShadeTest {

    private static final Dish HERO = new Block(0.2, 0.1, 0.02, Surface.GREY_PAPER);

    /** A light at 9 o'clock, so low that a prop of 30 cm shades all behind it. */
    private static TableSet set(Prop... props) {
        return Sets.lit(box(0.02, 0.02, 9, 30, 3)).withDish(HERO).withProps(List.of(props));
    }

    private static Prop board(double depth, double y) {
        return new Prop(new Block(0.02, depth, 0.3, Surface.GREY_PAPER), -0.14, y, 0, 0);
    }

    private static HeroShade worst(Prop... props) {
        return HeroShade.worst(set(props)).orElseThrow();
    }

    @Test
    public void placesBehindTheProp() {
        // middle, left and right lie on the axis; the others 3 cm before and behind it
        assertThat(worst(board(0.02, 0)).share()).isCloseTo(0.6, within(0.03));
        assertThat(worst(board(0.02, 0.03)).share()).isCloseTo(0.2, within(0.01));
        assertThat(worst(board(0.02, -0.03)).share()).isCloseTo(0.2, within(0.01));
        assertThat(worst(board(0.055, 0.0175)).share()).isCloseTo(0.8, within(0.04));
        assertThat(worst(board(0.12, 0)).share()).isCloseTo(1, within(1e-6));
        // low enough that only the place next to it, 8 cm away, is shaded
        Prop low = new Prop(new Block(0.02, 0.02, 0.1, Surface.GREY_PAPER), -0.14, 0, 0, 0);
        assertThat(worst(low).share()).isCloseTo(0.4, within(0.03));
    }

    @Test
    public void theWorstOfSeveralIsTold() {
        Prop beside = new Prop(new Block(0.02, 0.02, 0.3, Surface.GREY_PAPER), 0.3, 0.3, 0, 0);
        assertThat(worst(board(0.02, 0.03), beside, board(0.02, 0)).prop()).isEqualTo(2);
        assertThat(worst(board(0.02, 0), board(0.02, 0.03)).prop()).isZero();
        assertThat(worst(beside, board(0.02, 0.03)).share()).isCloseTo(0.2, within(0.01));
    }

    @Test
    public void noneWhereNoneStandsInTheLight() {
        assertThat(HeroShade.worst(set())).isEmpty();
        assertThat(HeroShade.worst(set(new Prop(new Block(0.02, 0.02, 0.3, Surface.GREY_PAPER), 0.3, 0.3, 0, 0))))
                .isEmpty();
        // two that each keep off what the other does: neither alone is to blame
        Prop[] row = Stream.of(-0.14, -0.2)
                .map(x -> new Prop(new Block(0.02, 0.2, 0.5, Surface.GREY_PAPER), x, 0, 0, 0))
                .toArray(Prop[]::new);
        assertThat(HeroShade.worst(set(row))).isEmpty();
    }

    @Test
    public void canBeEnded() {
        TableSet set = set(board(0.02, 0));
        Thread.currentThread().interrupt();
        try {
            assertThatThrownBy(() -> HeroShade.worst(set)).isInstanceOf(CancellationException.class);
        } finally {
            Thread.interrupted();
        }
    }
}
