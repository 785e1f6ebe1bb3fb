package zephyrdune.set.look;

import java.util.List;

/** Looks to start from. All bands are common practice, no published source. */
public final class ReadyLooks {

    private static final PatternBand PLAIN = new PatternBand(0, 0.05);

    private ReadyLooks() {}

    /** The usual ones, the most asked for first. */
    public static List<NamedLook> all() {
        return ALL;
    }

    private static final List<NamedLook> ALL = List.of(
            new NamedLook(
                    "Open window",
                    "One large light from the side, about as far as it is wide; the shade stays open but is there",
                    "Everyday plates, breads, anything with texture",
                    List.of(
                            hours(2, 4),
                            degrees(20, 50),
                            new SizeBand(0.7, 2.5),
                            new EdgeBand(0.6, 4),
                            new ShadowDepthBand(0.8, 2.6),
                            new ContrastBand(1, 3),
                            new FallOffBand(0.2, 1.5),
                            PLAIN,
                            new BiasBand(0, 0.7))),
            new NamedLook(
                    "Bright and airy",
                    "A large light from behind or aside, filled until the shade is hardly there, before a pale background",
                    "Breakfast, baking, salads, drinks",
                    List.of(
                            hours(0.5, 3.5),
                            degrees(25, 65),
                            new SizeBand(0.7, 5),
                            new EdgeBand(0.6, 20),
                            new ShadowDepthBand(0.1, 1.3),
                            new ContrastBand(0.2, 1.5),
                            new BackdropBand(0.6, 2.4),
                            PLAIN,
                            new BiasBand(0.3, 1))),
            new NamedLook(
                    "Dark and moody",
                    "A slit of low light from behind or aside; black card takes away what the room would fill",
                    "Soups, meat, chocolate, autumn",
                    List.of(
                            hours(0.5, 3.5),
                            degrees(15, 50),
                            new EdgeBand(0.35, 3),
                            new ShadowDepthBand(2.5, 15),
                            new ContrastBand(2.5, 15),
                            new BackdropBand(-10, -1.5),
                            PLAIN,
                            new BiasBand(-1, 0))),
            new NamedLook(
                    "Soft sun",
                    "A small hard key over a broad base about a stop under it, both from one side",
                    "Summer plates, glasses, outdoor tables",
                    List.of(
                            hours(0.5, 3.5),
                            degrees(25, 55),
                            new EdgeBand(0.05, 0.6),
                            new ShadowDepthBand(0.9, 2.3),
                            new ContrastBand(0.8, 2.6),
                            PLAIN,
                            new BiasBand(0, 0.7))),
            new NamedLook(
                    "Dappled shade",
                    "A hard light through leaves or a card of holes, with gaps of light on the hero",
                    "Garden tables, drinks, ice cream",
                    List.of(
                            hours(0.5, 4),
                            degrees(25, 65),
                            new EdgeBand(0, 0.6),
                            new ShadowDepthBand(0.9, 4),
                            new PatternBand(0.25, 1),
                            new BiasBand(0, 0.7))),
            new NamedLook(
                    "Graphic hard sun",
                    "A small bare light far away: short crisp shadows that are shapes themselves",
                    "Products, sweets, colour on colour",
                    List.of(
                            hours(0.5, 4),
                            degrees(25, 65),
                            new SizeBand(0, 0.2),
                            new EdgeBand(0, 0.3),
                            new ShadowDepthBand(2, 15),
                            new FallOffBand(0, 0.5),
                            PLAIN,
                            new BiasBand(-0.3, 0.7))),
            new NamedLook(
                    "Backlit glow",
                    "The light behind the dish, exposed for what faces the camera: steam, oil and liquids shine",
                    "Soups, drinks, leaves, glazed things",
                    List.of(
                            hours(0, 1.3),
                            degrees(15, 50),
                            new EdgeBand(0.35, 6),
                            new ShadowDepthBand(0.8, 3.5),
                            new BackdropBand(0, 8),
                            new HighlightBand(0, Math.PI / 4),
                            PLAIN,
                            new BiasBand(0.7, 2))),
            new NamedLook(
                    "Overhead wash",
                    "Light from the ceiling or a large panel above: even, nearly without shadow",
                    "Flat lays, menus, many plates at once",
                    List.of(
                            degrees(60, 90),
                            new SizeBand(0.8, 10),
                            new EdgeBand(0.6, 20),
                            new ShadowDepthBand(0, 1.5),
                            new FallOffBand(0, 0.5),
                            PLAIN,
                            new BiasBand(0, 0.7))),
            new NamedLook(
                    "Book light",
                    "Light bounced off a board and sent through cloth: as soft as it gets from the side, with form left",
                    "Pale food, glossy products, faces of cakes",
                    List.of(
                            hours(1.5, 4),
                            degrees(20, 60),
                            new SizeBand(0.8, 4),
                            new EdgeBand(0.8, 8),
                            new ShadowDepthBand(0.5, 1.9),
                            new ContrastBand(0.6, 2.4),
                            PLAIN,
                            new BiasBand(0, 0.7))));

    private static DirectionBand hours(double from, double to) {
        return new DirectionBand(from * Math.PI / 6, to * Math.PI / 6);
    }

    private static HeightBand degrees(double from, double to) {
        return new HeightBand(Math.toRadians(from), Math.toRadians(to));
    }
}
