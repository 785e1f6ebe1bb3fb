package zephyrdune.answers.move;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.render.picture.CardsInFrame;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.surface.Surface;

public class CardPlaceTest {

    private static TableSet white(double distance) {
        return chowder().withCards(List.of(new Card(Surface.WHITE_PAPER, 0.3, 0.3, 0, distance, 0, 0, 0)));
    }

    private static double inFrame(TableSet set) {
        return CardsInFrame.of(set).share(0);
    }

    @Test
    public void opposedToTheLightJustOutOfTheFrame() {
        TableSet placed = CardPlace.OUT_OF_FRAME.put(white(0.2), 0);
        Card card = placed.card(0);
        assertThat(card.clock()).isCloseTo(placed.light().clock() - Math.PI, within(1e-9));
        assertThat(inFrame(placed)).isZero();
        double nearer = card.distance() - 0.02;
        assertThat(inFrame(placed.withCards(List.of(card.withDistance(nearer)))))
                .isPositive();
    }

    @Test
    public void oneThatIsNotSeenAnywayStaysAsFar() {
        assertThat(CardPlace.OUT_OF_FRAME.put(white(1.1), 0).card(0).distance()).isEqualTo(1.1);
    }
}
