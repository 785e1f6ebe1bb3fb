package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.formats.BadFile.Problem;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.AnyPlace;
import zephyrdune.set.camera.HeroFront;
import zephyrdune.set.camera.HeroTop;
import zephyrdune.set.camera.Metering;
import zephyrdune.set.camera.MeteringPoint;
import zephyrdune.set.card.Branch;
import zephyrdune.set.card.Card;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.Holes;
import zephyrdune.set.card.LeafHoles;
import zephyrdune.set.card.OwnHoles;
import zephyrdune.set.card.OwnOutline;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.card.Slats;
import zephyrdune.set.card.Slit;
import zephyrdune.set.card.WindowBars;
import zephyrdune.set.light.Aim;
import zephyrdune.set.light.BarnDoors;
import zephyrdune.set.light.BookLight;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Filling;
import zephyrdune.set.light.FromBehind;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.InnerBaffle;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.Loss;
import zephyrdune.set.light.NoDoors;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.OffBoard;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.light.Spread;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.room.SideWindow;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.room.WalledRoom;
import zephyrdune.set.surface.Surface;

public class SetFormatTest {

    private static final String VERSION = "\"version\": " + SetFormat.VERSION;

    static TableSet read(String text) throws BadFile {
        return SetFormat.read(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void writesWhatItReads() throws BadFile {
        TableSet set = read(SetFiles.PLAIN);
        assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
        assertThat(new String(SetFormat.write(set), StandardCharsets.UTF_8))
                .contains("\"clockHours\" : 10.5", "\"heightAngleDegrees\" : 40", "\"distanceMetres\" : 0.9");
    }

    @Test
    public void whatWasReadStaysAsItIs() throws BadFile {
        Random random = new Random(4);
        TableSet plain = read(SetFiles.PLAIN);
        for (int i = 0; i < 2000; i++) {
            Light light = plain.light();
            TableSet set = plain.withLight(new Light(
                    light.source(),
                    new Gel(random.nextDouble() * 100, 1 - random.nextDouble() / 2, 0.5, random.nextDouble() / 2 + 0.1),
                    List.of(new Loss(Loss.Where.CLOTH, random.nextDouble(), Origin.CALIBRATED)),
                    new Rectangle(0.02 + random.nextDouble() / 4, 0.02 + random.nextDouble() / 4),
                    new HotSpot(random.nextDouble()),
                    light.spread(),
                    light.powerChoice(),
                    0,
                    random.nextDouble() * 2 * Math.PI,
                    0.3 + random.nextDouble(),
                    0.6 + random.nextDouble() / 8,
                    new Aim(random.nextDouble() / 10, random.nextDouble() / 10, random.nextDouble() / 10),
                    new NoDoors()));
            TableSet back = SetFormat.read(SetFormat.write(set));
            assertThat(back.light().aim()).isEqualTo(set.light().aim());
            assertThat(back.light().clock()).isCloseTo(set.light().clock(), within(1e-10));
            assertThat(back.light().heightAngle()).isCloseTo(set.light().heightAngle(), within(1e-10));
            assertThat(SetFormat.read(SetFormat.write(back))).isEqualTo(back);
        }
    }

    /** What is put in place of what, the field that is named, and words of the detail. */
    @DataProvider
    Object[][] mistakes() {
        return new Object[][] {
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": 25", "light.distanceMetres", "0.05 and 10 metres"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": 0", "light.distanceMetres", "0.05 and 10 metres"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": -1", "light.distanceMetres", "is -1"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": NaN", "light.distanceMetres", "NaN"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": Infinity", "light.distanceMetres", "Infinity"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": 1e999", "light.distanceMetres", "between"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": \"0.9\"", "light.distanceMetres", "must be a number"},
            {"\"distanceMetres\": 0.9", "\"distanceMetres\": null", "light.distanceMetres", "is missing"},
            {"\"distanceMetres\": 0.9", "\"distanceFeet\": 3", "light.distanceFeet", "is not a field"},
            {"\"heightAngleDegrees\": 40", "\"heightAngleDegrees\": 91", "light.heightAngleDegrees", "0 and 90"},
            {"\"heightAngleDegrees\": 40", "\"heightAngleDegrees\": 5", "light.heightAngleDegrees", "at least 19°"},
            {"\"clockHours\": 10.5", "\"clockHours\": 12.01", "light.clockHours", "0 and 12"},
            {"\"kind\": \"bowl\"", "\"kind\": \"trough\"", "dish.kind", "plate, bowl, block, drum"},
            {"\"kind\": \"bowl\"", "\"kind\": \"plate\"", "dish.foodDiameterMetres", "is missing"},
            {VERSION, "\"version\": 0", "version", "not known"},
            {"\"kind\": \"battery-flash\"", "\"kind\": \"candle\"", "light.source.kind", "led-panel"},
            {
                "\"kind\": \"guide-number\"",
                "\"kind\": \"watt-seconds\"",
                "light.source.output.energyWattSeconds",
                "missing"
            },
            {
                "\"guideNumberMetres\": 36",
                "\"guideNumberMetres\": 0",
                "light.source.output.guideNumberMetres",
                "1 and 200"
            },
            {"\"step\": \"third\"", "\"step\": \"fifth\"", "light.source.dial.step", "whole, half, third, tenth"},
            {"\"kind\": \"rectangle\"", "\"kind\": \"star\"", "light.face.kind", "rectangle, strip, disc, octagon"},
            {"\"apertureFNumber\": 5.6", "\"apertureFNumber\": 0", "exposure.apertureFNumber", "0.7 and 64"},
            {"\"shutterSeconds\": 0.008", "\"shutterSeconds\": -1", "exposure.shutterSeconds", "30 seconds"},
            {"\"illuminanceLux\": 150", "\"illuminanceLux\": 1e9", "ambient.illuminanceLux", "100000 lux"},
            {"\"surface\": \"pale-wood\"", "\"surface\": \"lava\"", "tableTop.surface", "must be one of"},
            {"\"title\": \"Plain\"", "\"title\": \"\"", "title", "1 to 80"},
            {"\"title\": \"Plain\"", "\"title\": 7", "title", "must be text"},
            {VERSION, "\"version\": 99", "version", "not known"},
            {VERSION, "\"version\": \"2\"", "version", "not known"},
            {"zephyrdune-set", "other-set", "format", "zephyrdune-set"},
            {"\"aim\": {", "\"aim\": 3, \"was\": {", "light.aim", "must be an object"},
        };
    }

    @Test(dataProvider = "mistakes")
    public void namesTheFieldAndTheLimit(String from, String to, String field, String words) {
        assertThat(SetFiles.PLAIN).contains(from);
        BadFile bad = catchThrowableOfType(BadFile.class, () -> read(SetFiles.PLAIN.replace(from, to)));
        assertThat(bad).as("was refused").isNotNull();
        assertThat(bad.problems()).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.detail()).contains(words);
        });
    }

    @Test
    public void findsEveryMistakeAtOnce() {
        String twice = SetFiles.PLAIN.replace("0.9", "90").replace("\"fill\": 0.7", "\"fill\": 7");
        BadFile bad = catchThrowableOfType(BadFile.class, () -> read(twice));
        assertThat(bad.problems()).extracting(Problem::field).contains("light.distanceMetres", "dish.fill");
    }

    @DataProvider
    Object[][] junk() {
        byte[] noise = new byte[200_000];
        new Random(1).nextBytes(noise);
        byte[] huge = new byte[10_000_000];
        Arrays.fill(huge, (byte) '[');
        return new Object[][] {
            {new byte[0]},
            {"null".getBytes(StandardCharsets.UTF_8)},
            {"[]".getBytes(StandardCharsets.UTF_8)},
            {"{}".getBytes(StandardCharsets.UTF_8)},
            {"{\"format\":".getBytes(StandardCharsets.UTF_8)},
            {(SetFiles.PLAIN + "x").getBytes(StandardCharsets.UTF_8)},
            {SetFiles.PLAIN.replace(VERSION, VERSION + ", " + VERSION).getBytes(StandardCharsets.UTF_8)},
            {Arrays.copyOf(huge, 100_000)},
            {noise},
            {huge}
        };
    }

    @Test(dataProvider = "junk", timeOut = 10_000)
    public void junkIsRefusedWithAReason(byte[] junk) {
        assertThatThrownBy(() -> SetFormat.read(junk))
                .isInstanceOf(BadFile.class)
                .satisfies(e -> assertThat(e.getMessage()).isNotBlank().hasSizeLessThan(400));
    }

    @Test
    public void longJunkInAFieldIsShortened() {
        BadFile bad =
                catchThrowableOfType(BadFile.class, () -> read(SetFiles.PLAIN.replace("pale-wood", "w".repeat(3000))));
        assertThat(bad.problems().get(0).value()).hasSizeLessThan(70);
    }

    /** Every kind of filling, spread and window goes to a file and back. */
    @Test
    public void chainsAreKept() throws BadFile {
        TableSet plain = read(SetFiles.PLAIN).withTableTop(new TableTop(Surface.SLATE, 1, 1, 1.2, 1));
        TableSet room = plain.withRoom(
                new WalledRoom(2, 2, 2, 2, 2, 0.75, Surface.WHITE_PAPER, Surface.LINEN, Surface.DARK_WOOD));
        Filling[] fillings = {
            new InBox(0.3, 0.8, new NoInner(), 1, Origin.DEFAULT),
            new InBox(0.3, 0.8, new InnerBaffle(0.7, 0.6), 1, Origin.ENTERED),
            new FromBehind(0.4, 0.25, -0.125),
            new OffBoard(Surface.LINEN, 0.5, 0.5, 0.25),
            new OffRoom(RoomSide.CEILING, 0.25, -0.5),
            new BookLight(Surface.WHITE_PAPER, 0.25, 0.5, 0.5, 0.75, 0.5)
        };
        for (Filling filling : fillings) {
            TableSet set = room.withLight(room.light().withFilling(filling));
            TableSet kept = SetFormat.read(SetFormat.write(set));
            assertThat(kept.light().filling()).hasSameClassAs(filling);
            assertThat(SetFormat.read(SetFormat.write(kept))).isEqualTo(kept);
        }
        Spread[] spreads = {new Capped(0.375), new Honeycomb(9, 0.5, 0.25), new Snooted(8, 0.0625, 0.25, 1)};
        for (Spread spread : spreads) {
            TableSet set = room.withLight(room.light().withSpread(spread));
            assertThat(SetFormat.read(SetFormat.write(set)).light().face())
                    .isEqualTo(set.light().face());
        }
        TableSet window = room.withAmbient(room.ambient().withWindow(new SideWindow(0, 1.5, 0.25, 1, 1.25, 0.5)));
        assertThat(SetFormat.read(SetFormat.write(window))).isEqualTo(window);
    }

    @Test
    public void everyPatternAndDoorWritesBack() throws BadFile {
        OwnHoles own =
                new OwnHoles("triangle", 0.25, List.of(new OwnOutline(List.of(0.0, 0.0, 0.125, 0.0, 0.0, 0.125))));
        Holes[] kinds = {
            new RoundHoles(0.03125, 0.015625, 0.0625, 0.5),
            new Slats(0.03125, 0.015625),
            new WindowBars(0.125, 0.0625, 0.015625),
            new LeafHoles(0.0625, 0.03125, 0.09375, 1),
            new Branch(0.0625, 0.03125, 0.015625),
            new Slit(0),
            own
        };
        for (Holes holes : kinds) {
            Card card = new Card(Surface.BLACK_PAPER, 0.5, 0.25, 0, 0.5, 0.25, 0, 0)
                    .withCut(new Cut(holes, 0, 0.125, -0.25));
            TableSet set = read(SetFiles.PLAIN).withCards(List.of(card));
            assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
        }
        Card bent = new Card(Surface.GOLD_CARD, 0.5, 0.25, 0, 0.5, 0.25, 0, 0, Math.PI / 2, Cut.NONE);
        TableSet plain = read(SetFiles.PLAIN);
        TableSet doors = plain.withCards(List.of(bent))
                .withLight(
                        plain.light().withDoors(new BarnDoors(0.25, Math.PI / 2, Math.PI, Math.PI / 2, Math.PI / 2)));
        assertThat(SetFormat.read(SetFormat.write(doors))).isEqualTo(doors);
    }

    @Test
    public void everyMeteringReadsBack() throws BadFile {
        TableSet plain = read(SetFiles.PLAIN);
        for (MeteringPoint point : new MeteringPoint[] {new HeroTop(), new HeroFront(), new AnyPlace(0.125, -0.25)}) {
            for (Metering.Mode mode : Metering.Mode.values()) {
                TableSet set = plain.withExposure(plain.exposure().withMetering(new Metering(mode, point)));
                assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
            }
        }
    }

    @Test
    public void aMeteringPointFarOffIsRefusedByItsField() {
        BadFile bad = catchThrowableOfType(
                BadFile.class,
                () -> read(SetFiles.PLAIN.replace(
                        "\"kind\": \"hero-top\"", "\"kind\": \"any-place\", \"xMetres\": 5, \"yMetres\": 0")));
        assertThat(bad.problems()).extracting(Problem::field).containsExactly("exposure.metering.point.xMetres");
        assertThat(bad.problems().get(0).detail()).contains("3");
    }

    @Test
    public void aPanelLitFromBehindIsKeptAndCannotBeBare() throws BadFile {
        String panel = SetFiles.PLAIN.replace(
                "\"evenly-lit\"", "\"from-behind\", \"gapMetres\": 0.5, \"asideDegrees\": 0, \"aboveDegrees\": 0");
        TableSet set = read(panel);
        assertThat(set.light().filling()).isEqualTo(new FromBehind(0.5));
        assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
        BadFile bare = catchThrowableOfType(BadFile.class, () -> read(panel.replace("\"diffuse\"", "\"bare\"")));
        assertThat(bare.problems()).extracting(Problem::field).containsExactly("light.spread");
        BadFile far = catchThrowableOfType(
                BadFile.class,
                () -> read(panel.replace("\"gapMetres\": 0.5", "\"gapMetres\": 4.5")
                        .replaceFirst("\"clockHours\": [0-9.]+", "\"clockHours\": 12")));
        assertThat(far.problems().get(0).detail()).contains("The source behind the panel stands behind the backdrop");
    }

    @Test
    public void measuredLampsKeepTheirTables() throws BadFile {
        String lamp = """
                "kind": "measured-lamp", "name": "Invented", "axes": "c", "verticalDegrees": [0, 45, 90],
                "horizontalDegrees": [0], "intensityCandela": [500, 300, 0], "colourTemperatureKelvin": 5600,
                "dial": { "kind": "percent", "lowest": 0.1, "step": 0.01, "dimming": "linear" } },
                """;
        String with = SetFiles.PLAIN.replaceFirst("(?s)\"kind\": \"battery-flash\".*?(?=\"gel\")", lamp);
        TableSet set = read(with);
        assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
        for (String[] wrong : new String[][] {
            {"[0, 45, 90]", "[0, 45, \"x\"]", "light.source.verticalDegrees[2]"},
            {"[0, 45, 90]", "[0, 45, 900]", "light.source.verticalDegrees[2]"},
            {"[0, 45, 90]", "[0]", "light.source.verticalDegrees"},
            {"[0, 45, 90]", "7", "light.source.verticalDegrees"},
            {"[0, 45, 90]", "[0, 90, 45]", "light.source.verticalDegrees"},
            {"[500, 300, 0]", "[500, 300]", "light.source.intensityCandela"},
            {"\"Invented\"", "\" \"", "light.source.name"},
        }) {
            BadFile bad = catchThrowableOfType(BadFile.class, () -> read(with.replace(wrong[0], wrong[1])));
            assertThat(bad).as(wrong[1]).isNotNull();
            assertThat(bad.problems()).extracting(Problem::field).contains(wrong[2]);
        }
    }
}
