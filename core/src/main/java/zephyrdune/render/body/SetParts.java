package zephyrdune.render.body;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.render.material.Material;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Panel;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Surface;

/** What stands on a set, part by part in triangles; the walls of the room are left out. */
public final class SetParts {

    private SetParts() {}

    /**
     * A thing on the set.
     *
     * @param name in words
     * @param shines whether it is the lit side of a light
     */
    public record SetPart(String name, boolean shines, List<Facets> facets) {}

    public static List<SetPart> of(TableSet set) {
        List<SetPart> parts = new ArrayList<>();
        TableTop table = set.tableTop();
        Material top = Material.of(table.surface());
        parts.add(dark(
                "Table top",
                List.of(Facets.level(-table.left(), table.right(), -table.before(), table.behind(), top))));
        Backdrop drop = set.backdrop();
        double half = drop.width() / 2;
        parts.add(dark(
                "Backdrop",
                List.of(Facets.upright(-half, half, drop.distance(), drop.height(), Material.of(drop.surface())))));
        parts.add(dark("Hero", facets(Bodies.of(set.dish()))));
        for (int i = 0; i < set.props().size(); i++) {
            parts.add(dark(
                    "Prop %d".formatted(i + 1), facets(Bodies.of(set.props().get(i)))));
        }
        for (int i = 0; i < set.cards().size(); i++) {
            Card card = set.cards().get(i);
            parts.add(dark("Card %d".formatted(i + 1), panels(card.panels(), card.surface())));
        }
        if (!set.doors().isEmpty()) {
            parts.add(dark("Barn doors", panels(set.doors(), Surface.BLACK_PAPER)));
        }
        parts.add(new SetPart("Light", true, List.of(Facets.of(EmittingFace.of(set)))));
        return parts;
    }

    private static SetPart dark(String name, List<Facets> facets) {
        return new SetPart(name, false, facets);
    }

    private static List<Facets> facets(Body body) {
        return Stream.of(body.opaque(), body.clear())
                .filter(solid -> solid != null)
                .flatMap(solid -> solid.facets(1).stream())
                .toList();
    }

    private static List<Facets> panels(List<Panel> panels, Surface surface) {
        return panels.stream()
                .flatMap(panel -> PanelBody.of(panel, surface).facets(1).stream())
                .toList();
    }
}
