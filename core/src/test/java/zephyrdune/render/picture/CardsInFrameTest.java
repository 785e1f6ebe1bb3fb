package zephyrdune.render.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.surface.Surface;

public class CardsInFrameTest {

    /** Cards all round, from beside the dish to behind the lens: the few rays that may meet one say what all of them say. */
    @Test
    public void aCardIsShownWhereItTakesUpSomeOfTheFrame() {
        int shown = 0;
        for (int hour = 0; hour < 12; hour++) {
            for (double distance = 0.25; distance < 1.15; distance += 0.1) {
                Card card = new Card(Surface.WHITE_PAPER, 0.2, 0.15, hour * Math.PI / 6, distance, 0, 0.3, 0.2);
                TableSet set = Sets.chowder()
                        .withLight(Sets.chowder().light().withHeightAngle(1.5).withDistance(1.5))
                        .withCards(List.of(card));
                boolean some = CardsInFrame.of(set).share(0) > 0;
                assertThat(CardsInFrame.shows(set, 0))
                        .as("%d o'clock, %.2f m", hour, distance)
                        .isEqualTo(some);
                shown += some ? 1 : 0;
            }
        }
        assertThat(shown).isBetween(10, 98);
    }
}
