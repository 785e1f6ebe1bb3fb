package zephyrdune.shoot.change;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import zephyrdune.set.card.Card;

/**
 * Which cards of one set serve in the next, which are put up and which taken away. A card serves that is of the same stuff and size, the nearest
 * first.
 *
 * @param moves one for each card of the next set
 */
record CardMoves(List<Move> moves, List<Card> away) {

    /**
     * @param from which card of the set before it is, counted from 0; empty for one that is put up
     * @param to which card of the next set
     */
    record Move(OptionalInt from, int to) {}

    private record Pair(int from, int to, double apart) {}

    static CardMoves between(List<Card> before, List<Card> after) {
        List<Pair> pairs = new ArrayList<>();
        for (int from = 0; from < before.size(); from++) {
            for (int to = 0; to < after.size(); to++) {
                if (same(before.get(from), after.get(to))) {
                    double apart =
                            before.get(from).centre().distance(after.get(to).centre());
                    pairs.add(new Pair(from, to, apart));
                }
            }
        }
        pairs.sort((one, other) -> Double.compare(one.apart, other.apart));
        int[] served = IntStream.generate(() -> -1).limit(after.size()).toArray();
        Set<Integer> used = new HashSet<>();
        for (Pair pair : pairs) {
            if (served[pair.to] < 0 && used.add(pair.from)) {
                served[pair.to] = pair.from;
            }
        }
        List<Move> moves = IntStream.range(0, after.size())
                .mapToObj(to -> new Move(served[to] < 0 ? OptionalInt.empty() : OptionalInt.of(served[to]), to))
                .toList();
        List<Card> away = IntStream.range(0, before.size())
                .filter(from -> !used.contains(from))
                .mapToObj(before::get)
                .toList();
        return new CardMoves(moves, away);
    }

    private static boolean same(Card one, Card other) {
        return one.surface().equals(other.surface())
                && one.width() == other.width()
                && one.height() == other.height()
                && one.cut().equals(other.cut());
    }
}
