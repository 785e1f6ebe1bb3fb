package zephyrdune.set.kit;

import java.util.List;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Diffuse;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Gridded;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Inner;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.Loss.Where;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.light.Spread;
import zephyrdune.set.light.Strip;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.power.Percent;
import zephyrdune.set.power.StopScale;
import zephyrdune.set.room.Ambient;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.source.BatteryFlash;
import zephyrdune.set.source.GuideNumber;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LedPoint;
import zephyrdune.set.source.Lumens;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;
import zephyrdune.set.source.WattSeconds;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/**
 * Generic pieces to start from. Their losses and spreads are common practice, no published source, from memory; whoever knows better
 * types it in.
 */
public final class ReadyMade {

    private static final double SILVER = 0.8;
    private static final double WHITE = 0.7;
    private static final double THIRD = 1 / 3.0;
    private static final double STANDARD = 4;
    private static final double DEEP = 9;
    private static final Inner SECOND = new InnerBaffle(0.7, 0.65);

    private ReadyMade() {}

    public static Kit kit() {
        return new Kit(sources(), shapers(), gels(), boards(), places());
    }

    private static List<OwnedSource> sources() {
        return List.of(
                source(
                        "Small battery flash",
                        new BatteryFlash(
                                new GuideNumber(36, 0.035), 0.035, 5500, new Fractions(7, DialStep.THIRD), 2.6, 30)),
                source(
                        "Battery head, 200 W s",
                        new MainsFlash(new WattSeconds(200, 40), rad(120), 5600, new StopScale(10, 8, DialStep.TENTH))),
                source(
                        "Mains head, 400 W s",
                        new MainsFlash(new WattSeconds(400, 40), rad(120), 5500, new StopScale(10, 6, DialStep.TENTH))),
                source(
                        "LED spot",
                        new LedPoint(new LuxAtOneMetre(8000), rad(55), 5600, new Percent(0.1, 0.01, Dimming.LINEAR))),
                source(
                        "Flat LED panel",
                        new LedPanel(new Lumens(4000), rad(115), 5600, new Percent(0.01, 0.01, Dimming.LINEAR))),
                source("Bi-colour LED panel, at 3200 K", led(3000, 3200)),
                source("Bi-colour LED panel, at 5600 K", led(3000, 5600)),
                source("LED light stick, 50 cm", led(1500, 5600)),
                source("LED tube, 120 cm", led(3000, 5600)));
    }

    private static List<Shaper> shapers() {
        return List.of(
                shaper("Bare head", new Disc(0.06), new EvenlyLit(), new Bare()),
                shaper("Standard reflector", new Disc(0.18), new EvenlyLit(), new Beam(STANDARD), lining(0.4)),
                shaper("Deep reflector", new Disc(0.27), new EvenlyLit(), new Beam(DEEP), lining(0.3)),
                shaper(
                        "White beauty dish",
                        new Disc(0.54),
                        new EvenlyLit(),
                        new Beam(1.6),
                        loss(Where.DEFLECTOR, 0.5),
                        lining(0.4)),
                shaper(
                        "Silver beauty dish",
                        new Disc(0.54),
                        new EvenlyLit(),
                        new Beam(3),
                        loss(Where.DEFLECTOR, 0.5),
                        lining(0.2)),
                shaper(
                        "White beauty dish with sock",
                        new Disc(0.54),
                        new EvenlyLit(),
                        new Diffuse(),
                        loss(Where.DEFLECTOR, 0.5),
                        lining(0.4),
                        loss(Where.SOCK, 1.8)),
                box("Softbox 60 × 60, one baffle", new Rectangle(0.6, 0.6), 0.3, SILVER, new NoInner()),
                box("Softbox 60 × 60, two baffles", new Rectangle(0.6, 0.6), 0.3, SILVER, SECOND),
                box("Softbox 60 × 60, white lining", new Rectangle(0.6, 0.6), 0.3, WHITE, SECOND),
                shaper(
                        "Softbox 60 × 60 with fabric grid",
                        new Rectangle(0.6, 0.6),
                        new InBox(0.3, SILVER, SECOND, 1, Origin.DEFAULT),
                        new Gridded(0.05, 0.05, THIRD)),
                box("Softbox 90 × 120, two baffles", new Rectangle(0.9, 1.2), 0.45, SILVER, SECOND),
                box("Strip 30 × 120, two baffles", new Strip(1.2, 0.3, Strip.Stance.UPRIGHT), 0.35, SILVER, SECOND),
                box("Octagon 90, two baffles", new Octagon(0.9), 0.4, SILVER, SECOND),
                shaper(
                        "Umbrella 90, shoot-through",
                        new Octagon(0.85),
                        new FromBehind(0.5),
                        new Diffuse(),
                        loss(Where.CLOTH, 1.2)),
                shaper(
                        "Umbrella 90, white, reflected",
                        new Octagon(0.85),
                        new OffBoard(Surface.WHITE_PAPER, 0.5, 0, 0),
                        new Diffuse()),
                shaper("Umbrella 90, silver, reflected", new Octagon(0.85), new HotSpot(0.8), new Beam(3), lining(0.4)),
                shaper("Small cap", new Disc(0.06), new EvenlyLit(), new Capped(0.38), loss(Where.CAP, 0.15)),
                shaper(
                        "Small bounce card on the flash",
                        new Rectangle(0.1, 0.12),
                        new OffBoard(Surface.WHITE_PAPER, 0.07, 0, rad(-45)),
                        new Diffuse()),
                comb(20),
                comb(30),
                comb(40),
                shaper("Snoot", new Disc(0.07), new EvenlyLit(), new Snooted(STANDARD, 0.07, 0.2, 1), lining(0.4)),
                shaper(
                        "Diffuser panel 100 × 100",
                        new Rectangle(1, 1),
                        new FromBehind(0.9),
                        new Diffuse(),
                        loss(Where.CLOTH, 1)),
                shaper(
                        "Bed sheet 140 × 200",
                        new Rectangle(1.4, 2),
                        new FromBehind(1.2),
                        new Diffuse(),
                        loss(Where.CLOTH, 1.3)),
                cloth("Shopping bag, white plastic", 0.3, 0.35, 0.15, 0.8),
                cloth("T-shirt, white", 0.45, 0.5, 0.35, 1.6),
                cloth("Pillowcase, white", 0.5, 0.7, 0.5, 1.5),
                cloth("Baking paper", 0.38, 0.5, 0.4, 1),
                cloth("Tracing paper", 0.6, 0.8, 0.5, 0.9),
                shaper("Light stick, bare", new Strip(0.5, 0.04, Strip.Stance.LEVEL), new EvenlyLit(), new Bare()),
                shaper("Tube, bare", new Strip(1.2, 0.04, Strip.Stance.UPRIGHT), new EvenlyLit(), new Bare()),
                shaper(
                        "Off a white board 70 × 100",
                        new Rectangle(0.7, 1),
                        new OffBoard(Surface.WHITE_PAPER, 0.8, rad(35), 0),
                        new Diffuse()),
                shaper(
                        "Off a curtain",
                        new Rectangle(1.4, 1.6),
                        new OffBoard(Surface.LINEN, 1, rad(35), 0),
                        new Diffuse()),
                shaper("Off the ceiling", new Disc(0.06), new OffRoom(RoomSide.CEILING, 0, 0), new Diffuse()),
                shaper(
                        "Off the corner of left wall and ceiling",
                        new Disc(0.06),
                        new OffRoom(RoomSide.LEFT, 0, rad(42)),
                        new Diffuse()),
                shaper("Off the left wall", new Disc(0.06), new OffRoom(RoomSide.LEFT, 0, 0), new Diffuse()),
                shaper(
                        "Book light: board, then cloth",
                        new Rectangle(0.6, 0.9),
                        new BookLight(Surface.WHITE_PAPER, 0.4, 0.7, 1, 0.7, rad(60)),
                        new Diffuse(),
                        loss(Where.CLOTH, 1)));
    }

    private static List<OwnedGel> gels() {
        return List.of(
                correcting("Full warming (daylight to tungsten)", 131, 0.7),
                correcting("Half warming", 81, 0.4),
                correcting("Quarter warming", 42, 0.2),
                correcting("Full cooling (tungsten to daylight)", -131, 1.5),
                correcting("Half cooling", -68, 0.9),
                coloured("Straw", 0.95, 0.80, 0.42),
                coloured("Amber", 0.92, 0.48, 0.07),
                coloured("Deep red", 0.62, 0.03, 0.02),
                coloured("Rose", 0.92, 0.42, 0.55),
                coloured("Leaf green", 0.20, 0.62, 0.14),
                coloured("Sea green", 0.10, 0.55, 0.48),
                coloured("Pale blue", 0.55, 0.76, 0.92),
                coloured("Deep blue", 0.04, 0.12, 0.55),
                coloured("Violet", 0.34, 0.11, 0.60));
    }

    private static List<Board> boards() {
        return List.of(
                new Board("White card", Surface.WHITE_PAPER, 0.3, 0.42),
                new Board("White board", Surface.WHITE_PAPER, 0.5, 0.7),
                new Board("Grey card", Surface.GREY_PAPER, 0.2, 0.25),
                new Board("Black card", Surface.BLACK_PAPER, 0.3, 0.42),
                new Board("Black board", Surface.BLACK_PAPER, 0.5, 0.7),
                new Board("Silver card", Surface.SILVER_CARD, 0.3, 0.42),
                new Board("Gold card", Surface.GOLD_CARD, 0.3, 0.42),
                new Board("Mirror", Surface.MIRROR, 0.2, 0.3),
                new Board("Barn door leaf", Surface.BLACK_PAPER, 0.18, 0.12),
                new Board("Curtain", Surface.LINEN, 1.4, 2),
                new Board("Foam board", Surface.WHITE_PAPER, 0.5, 0.7),
                new Board("Tin foil on card", Surface.MATTE_TIN, 0.3, 0.42),
                new Board("Hand mirror", Surface.MIRROR, 0.1, 0.14),
                new Board("Folding reflector, white", Surface.WHITE_PAPER, 0.5, 0.5),
                new Board("Folding reflector, silver", Surface.SILVER_CARD, 0.5, 0.5),
                new Board("Folding reflector, gold", Surface.GOLD_CARD, 0.5, 0.5));
    }

    private static List<WorkPlace> places() {
        return List.of(
                new WorkPlace(
                        "Small white kitchen",
                        new WalledRoom(
                                1.4,
                                1.5,
                                1.5,
                                1.6,
                                1.6,
                                0.9,
                                Surface.WHITE_PAPER,
                                Surface.WHITE_PAPER,
                                Surface.GREY_PAPER),
                        new Ambient(300, 3500, 5)),
                new WorkPlace(
                        "Dark dining room",
                        new WalledRoom(
                                2.2, 2.6, 2.4, 2.8, 2.1, 0.75, Surface.SLATE, Surface.GREY_PAPER, Surface.DARK_WOOD),
                        new Ambient(60, 2700, 5)));
    }

    private static OwnedSource source(String name, Source source) {
        return new OwnedSource(name, source, Origin.DEFAULT);
    }

    private static OwnedGel correcting(String name, double shift, double stops) {
        double passed = Stops.ratio(-stops);
        return new OwnedGel(name, new Gel(shift, passed, passed, passed), Origin.DEFAULT);
    }

    private static OwnedGel coloured(String name, double red, double green, double blue) {
        return new OwnedGel(name, Gel.passing(red, green, blue), Origin.DEFAULT);
    }

    private static Shaper shaper(String name, Face face, Filling filling, Spread spread, Loss... losses) {
        return new Shaper(name, face, filling, spread, List.of(losses), Origin.DEFAULT);
    }

    private static LedPanel led(double lumens, double kelvin) {
        return new LedPanel(new Lumens(lumens), rad(120), kelvin, new Percent(0.01, 0.01, Dimming.LINEAR));
    }

    /** What is at hand, hung before a flash. */
    private static Shaper cloth(String name, double width, double height, double gap, double stops) {
        return shaper(name, new Rectangle(width, height), new FromBehind(gap), new Diffuse(), loss(Where.CLOTH, stops));
    }

    private static Shaper box(String name, Face face, double depth, double lining, Inner inner) {
        return shaper(name, face, new InBox(depth, lining, inner, 1, Origin.DEFAULT), new Diffuse());
    }

    private static Shaper comb(int degrees) {
        return shaper(
                "Reflector with %d° grid".formatted(degrees),
                new Disc(0.18),
                new EvenlyLit(),
                new Honeycomb(STANDARD, rad(degrees), THIRD),
                lining(0.4));
    }

    private static Loss lining(double stops) {
        return loss(Where.LINING, stops);
    }

    private static Loss loss(Where where, double stops) {
        return new Loss(where, stops, Origin.DEFAULT);
    }

    private static double rad(double degrees) {
        return Math.toRadians(degrees);
    }
}
