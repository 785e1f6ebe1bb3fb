package zephyrdune.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/** Pieces of the patterns that were last cut, because every answer about a set asks for the same ones again. */
final class CutPieces {

    private static final int MOST = 48;

    private record Asked(Cut cut, double width, double height) {}

    private static final Map<Asked, List<Piece>> KEPT = new LinkedHashMap<>(2 * MOST, 0.75F, true) {

        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, List<Piece>> eldest) {
            return size() > MOST;
        }
    };

    private CutPieces() {}

    static List<Piece> of(Cut cut, double width, double height, Supplier<List<Piece>> making) {
        Asked asked = new Asked(cut, width, height);
        synchronized (KEPT) {
            List<Piece> kept = KEPT.get(asked);
            if (kept != null) {
                return kept;
            }
        }
        List<Piece> made = List.copyOf(making.get());
        synchronized (KEPT) {
            KEPT.put(asked, made);
        }
        return made;
    }
}
