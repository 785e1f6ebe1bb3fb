package zephyrdune.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import zephyrdune.formats.BadFile;
import zephyrdune.formats.SetFormat;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Branch;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Drum;
import zephyrdune.set.dish.Prop;
import zephyrdune.set.kit.ReadyMade;
import zephyrdune.set.light.Light;
import zephyrdune.set.surface.Surface;

/** Sets to trace: the demo's, and what is made of them. */
public enum DemoSet {
    CHOWDER("1-chowder"),
    CRISPBREAD("2-crispbread"),
    TART("3-tart"),
    PANNA_COTTA("4-panna-cotta"),
    CORDIAL("5-cordial"),
    SPRATS("6-sprats"),
    /** The chowder alone, under a card with some sixty holes near the light. */
    HOLES("1-chowder"),
    /** The same without the card. */
    OPEN("1-chowder"),
    /** Forty pieces on the table. */
    CROWDED("1-chowder"),
    /** A panel of a metre, lit from behind. */
    PANEL("1-chowder"),
    /** Off the ceiling of the small white kitchen. */
    BOUNCE("1-chowder"),
    /** The evenly lit box in the same kitchen, to compare with. */
    KITCHEN("1-chowder"),
    /** A card with holes in the light's way, a white and a black card round the bowl. */
    SHAPED("1-chowder"),
    /** Ten cards, flags and patterns. */
    TEN_SHAPERS("1-chowder");

    private static final int PIECES = 40;

    private final String file;

    DemoSet(String file) {
        this.file = file;
    }

    TableSet set() {
        TableSet set;
        try {
            set = SetFormat.read(Files.readAllBytes(Path.of("server/src/main/resources/demo/" + file + ".json")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (BadFile e) {
            throw new IllegalStateException(e);
        }
        return switch (this) {
            case OPEN -> set.withProps(List.of());
            case HOLES -> set.withProps(List.of()).withCards(List.of(holed()));
            case CROWDED -> set.withProps(crowd());
            case PANEL -> set.withLight(shaped(set, "Diffuser panel 100 × 100"));
            case BOUNCE -> kitchen(set).withLight(shaped(set, "Off the ceiling"));
            case KITCHEN -> kitchen(set);
            case SHAPED ->
                set.withCards(List.of(holed(), fill(Surface.WHITE_PAPER, 4, 0.3), fill(Surface.BLACK_PAPER, 2, 0.4)));
            case TEN_SHAPERS -> set.withCards(tenShapers());
            default -> set;
        };
    }

    private static TableSet kitchen(TableSet set) {
        return set.withRoom(ReadyMade.kit().places().get(0).room());
    }

    private static Light shaped(TableSet set, String shaper) {
        return ReadyMade.kit().shapers().stream()
                .filter(one -> one.name().equals(shaper))
                .findFirst()
                .orElseThrow()
                .on(set.light());
    }

    private static Card holed() {
        return new Card(Surface.BLACK_PAPER, 0.5, 0.5, 10 * Math.PI / 6, 0.35, 0.2, 0, -Math.PI / 6)
                .withCut(Cut.of(new RoundHoles(0.03, 0.062)));
    }

    private static List<Card> tenShapers() {
        return List.of(
                holed(),
                fill(Surface.WHITE_PAPER, 4, 0.3),
                fill(Surface.SILVER_CARD, 5, 0.35),
                fill(Surface.GOLD_CARD, 3, 0.45),
                fill(Surface.BLACK_PAPER, 2, 0.5),
                fill(Surface.MIRROR, 6, 0.6),
                fill(Surface.GREY_PAPER, 7, 0.6),
                new Card(Surface.BLACK_PAPER, 0.4, 0.6, 9 * Math.PI / 6, 0.5, 0, 0, 0),
                new Card(Surface.BLACK_PAPER, 0.4, 0.6, 11.5 * Math.PI / 6, 0.5, 0, 0, 0),
                new Card(Surface.GREEN_LEAF, 0.5, 0.5, 10 * Math.PI / 6, 0.5, 0.3, 0, -Math.PI / 6)
                        .withCut(Cut.of(new Branch(0.05, 0.02, 0.03))));
    }

    private static Card fill(Surface surface, double hours, double distance) {
        return new Card(surface, 0.3, 0.3, hours * Math.PI / 6, distance, 0, 0, 0);
    }

    private static List<Prop> crowd() {
        List<Prop> crowd = new ArrayList<>();
        for (int i = 0; i < PIECES; i++) {
            crowd.add(new Prop(
                    new Drum(0.03, 0.03, 0.03 + 0.001 * i, Surface.CREAM, Surface.CREAM),
                    -0.42 + 0.12 * (i % 8),
                    0.15 + 0.1 * (i / 8),
                    0,
                    0));
        }
        return crowd;
    }
}
