package zephyrdune.shoot.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.surface.Surface;
import zephyrdune.shoot.change.PackingList.PackedPiece;

/** What is brought serves all sets, and is brought no oftener than one set needs it. */
public class PackingListTest {

    private static final TableSet CHOWDER = Sets.chowder().withCards(List.of());
    private static final Card WHITE = new Card(Surface.WHITE_PAPER, 0.3, 0.4, 2, 0.35, 0, 0, 0);

    private static int count(PackingList list, String words) {
        return list.pieces().stream()
                .filter(piece -> piece.words().equals(words))
                .mapToInt(PackedPiece::count)
                .sum();
    }

    @Test
    public void asOftenAsOneSetNeedsIt() {
        TableSet two = CHOWDER.withCards(List.of(WHITE, WHITE.withPlace(5, 0.6, 0)));
        TableSet one = CHOWDER.withCards(List.of(WHITE)).withBase(BroadBase.softSun(CHOWDER.light()));
        PackingList list = PackingList.of(List.of(two, one, CHOWDER));
        assertThat(count(list, "white paper card")).isEqualTo(2);
        assertThat(count(list, "base light")).isEqualTo(1);
        assertThat(list.pieces()).extracting(PackedPiece::words).doesNotHaveDuplicates();
        assertThat(list.pieces().get(1).width())
                .isEqualTo(CHOWDER.light().face().across());
    }

    @Test
    public void sizesAreKeptApartAndNothingNeedsNothing() {
        TableSet small = CHOWDER.withCards(List.of(WHITE, WHITE.withSize(0.1, 0.1)));
        assertThat(PackingList.of(List.of(small)).pieces())
                .filteredOn(piece -> piece.words().equals("white paper card"))
                .hasSize(2);
        assertThat(PackingList.of(List.of()).pieces()).isEmpty();
    }
}
