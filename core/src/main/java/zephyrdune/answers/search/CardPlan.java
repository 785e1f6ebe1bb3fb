package zephyrdune.answers.search;

import java.util.List;
import zephyrdune.answers.move.CardPlace;
import zephyrdune.answers.move.SlitPlacing;
import zephyrdune.answers.move.SoftSun;
import zephyrdune.answers.move.UsualCards;
import zephyrdune.set.TableSet;
import zephyrdune.set.kit.Board;
import zephyrdune.units.measure.Refused;

/** What becomes of cards, each put where it usually goes, or a broad base in their place. */
sealed interface CardPlan {

    /** @throws Refused where they could not stand */
    TableSet on(TableSet set);

    /** What is carried in; empty where nothing is. */
    String words();

    /** Whether those that stand there go. */
    default boolean clears() {
        return true;
    }

    /** Those that stand there stay. */
    record AsTheyAre() implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return set;
        }

        @Override
        public String words() {
            return "";
        }

        @Override
        public boolean clears() {
            return false;
        }
    }

    /** None. */
    record Bare() implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return set.withCards(List.of());
        }

        @Override
        public String words() {
            return "";
        }
    }

    /** One opposite the light, out of the frame. */
    record Opposite(Board board) implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return UsualCards.added(set, UsualCards.of(board), CardPlace.OUT_OF_FRAME);
        }

        @Override
        public String words() {
            return board.name() + " in, opposite the light";
        }
    }

    /** None, and a broad base about a stop under the key. */
    record Based() implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return SoftSun.on(set);
        }

        @Override
        public String words() {
            return "broad base in, a stop under the key";
        }
    }

    /** One with holes, half way to the light. */
    record Holed() implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return UsualCards.added(set, UsualCards.holed(), CardPlace.IN_THE_WAY);
        }

        @Override
        public String words() {
            return "hole card in, half way to the light";
        }
    }

    /** Two boards with a slit between them that covers the dish. */
    record TwoBoards() implements CardPlan {
        @Override
        public TableSet on(TableSet set) {
            return SlitPlacing.of(set, SlitPlacing.DARK)
                    .map(SlitPlacing::set)
                    .orElseThrow(() -> new Refused("cards", "No slit covers the dish and keeps the background dark"));
        }

        @Override
        public String words() {
            return "two boards in, with a slit for the dish";
        }
    }
}
