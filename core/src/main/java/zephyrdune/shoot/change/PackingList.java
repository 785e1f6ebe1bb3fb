package zephyrdune.shoot.change;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.light.BarnDoors;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.BroadBase;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;

/** What has to be brought to build up several sets one after the other: each piece as often as one set needs it at once. */
public record PackingList(List<PackedPiece> pieces) {

    /**
     * Pieces of one kind.
     *
     * @param words what they are
     * @param width metres; 0 for what has no size worth saying
     * @param height likewise
     */
    public record PackedPiece(String words, double width, double height, int count) {}

    /** A piece without its number. */
    private record Piece(String words, double width, double height) {}

    public PackingList {
        pieces = List.copyOf(pieces);
    }

    public static PackingList of(Collection<TableSet> sets) {
        Map<Piece, Integer> needed = new LinkedHashMap<>();
        for (TableSet set : sets) {
            pieces(set).stream()
                    .collect(Collectors.groupingBy(
                            Function.identity(), LinkedHashMap::new, Collectors.summingInt(one -> 1)))
                    .forEach((piece, count) -> needed.merge(piece, count, Math::max));
        }
        return new PackingList(needed.entrySet().stream()
                .map(one -> new PackedPiece(
                        one.getKey().words(), one.getKey().width(), one.getKey().height(), one.getValue()))
                .toList());
    }

    private static List<Piece> pieces(TableSet set) {
        List<Piece> pieces = new ArrayList<>();
        Light light = set.light();
        pieces.add(new Piece(source(light.source()), 0, 0));
        if (!(light.filling() instanceof OffRoom)) {
            pieces.add(
                    new Piece(shaper(light), light.face().across(), light.face().along()));
        }
        if (light.gel().loss() > 0) {
            pieces.add(new Piece("gel", 0, 0));
        }
        if (light.doors() instanceof BarnDoors) {
            pieces.add(new Piece("barn doors", 0, 0));
        }
        if (set.base() instanceof BroadBase base) {
            pieces.add(new Piece("base light", base.width(), base.height()));
        }
        set.cards().forEach(card -> pieces.add(new Piece(card(card), card.width(), card.height())));
        pieces.add(new Piece("table top, " + set.tableTop().surface().words(), 0, 0));
        pieces.add(new Piece(
                "background, " + set.backdrop().surface().words(),
                set.backdrop().width(),
                set.backdrop().height()));
        pieces.add(new Piece("lens, %.0f mm".formatted(set.camera().focalLength() * 1000), 0, 0));
        return pieces;
    }

    private static String source(Source source) {
        if (source instanceof BatteryFlash) {
            return "battery flash";
        }
        return source instanceof MainsFlash ? "mains flash" : source.flash() ? "flash" : "continuous light";
    }

    private static String shaper(Light light) {
        String face = light.filling() instanceof FromBehind
                ? "diffuser panel"
                : light.filling() instanceof OffBoard
                        ? "board to bounce off"
                        : light.filling() instanceof BookLight ? "board and cloth (book light)" : "shaper";
        if (light.spread() instanceof Gridded || light.spread() instanceof Honeycomb) {
            return face + " with grid";
        }
        return light.spread() instanceof Snooted ? face + " with snoot" : face;
    }

    private static String card(Card card) {
        return card.cut().any()
                ? card.surface().words() + ", cut"
                : card.surface().words() + " card";
    }
}
