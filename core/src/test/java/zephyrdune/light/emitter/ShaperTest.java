package zephyrdune.light.emitter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.light.emitter.ChainTest.SECOND;
import static zephyrdune.light.emitter.ChainTest.STROBE;
import static zephyrdune.light.emitter.ChainTest.roomy;
import static zephyrdune.light.emitter.ChainTest.softbox;
import static zephyrdune.light.emitter.ChainTest.with;
import static zephyrdune.light.emitter.ChainTest.zoomed;
import static zephyrdune.set.Sets.box;
import static zephyrdune.set.Sets.chowder;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import zephyrdune.answers.readings.ReadingKind;
import zephyrdune.answers.readings.Readings;
import zephyrdune.light.chain.Chain;
import zephyrdune.light.chain.Link;
import zephyrdune.render.picture.Mix;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.distribution.Tube;
import zephyrdune.set.light.Bare;
import zephyrdune.set.light.Beam;
import zephyrdune.set.light.Capped;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.EvenlyLit;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Honeycomb;
import zephyrdune.set.light.InBox;
import zephyrdune.set.light.Light;
import zephyrdune.set.light.NoInner;
import zephyrdune.set.light.OffRoom;
import zephyrdune.set.light.Origin;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.light.Snooted;
import zephyrdune.set.light.Spread;
import zephyrdune.set.power.DialStep;
import zephyrdune.set.power.Fractions;
import zephyrdune.set.room.Backdrop;
import zephyrdune.set.room.RoomSide;
import zephyrdune.set.source.MainsFlash;
import zephyrdune.set.source.Source;
import zephyrdune.set.source.WattSeconds;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.colour.WhiteBalance;

/** Shapers against closed forms and what the trade gives for them. */
public class ShaperTest {

    /** With a lining that sends nothing back, what the front gets is the source's own light through the configuration factor. */
    @Test
    public void aBlackBoxPassesWhatTheFrontCatches() {
        for (double depth : new double[] {0.2, 0.5}) {
            Source lambertian = new MainsFlash(
                    new WattSeconds(400, 40), Math.toRadians(120), 5500, new Fractions(5, DialStep.TENTH));
            Light light = box(0.6, 0.6, 12, 60, 0.9)
                    .withFace(new Disc(0.6))
                    .withSource(lambertian)
                    .withFilling(new InBox(depth, 0.02, new NoInner(), 0.1, Origin.ENTERED));
            SoftboxLight box = SoftboxLight.of(light, (InBox) light.filling(), Outline.DISC);
            // a coaxial disc catches R2 / (R2 + d2) of a small Lambertian source (J. R. Howell, B-12, from memory)
            double caught = 0.09 / (0.09 + depth * depth);
            // a thin cloth passes 0.933 and sends 0.054 back, some of which comes again
            double passed = Math.pow(2, -0.1) * caught;
            assertThat(box.out()).isBetween(passed, 1.06 * passed);
            assertThat(box.out() + box.outer() + box.lining()).isCloseTo(1, within(1e-9));
        }
    }

    /** Common practice, no published source: every baffle makes a flash's box more even and dimmer; silver is brighter than white. */
    @Test
    public void bafflesEvenOutAndDim() {
        for (double zoom : new double[] {0.024, 0.035, 0.07}) {
            TableSet one = with(softbox(new NoInner()), zoomed(zoom), new Rectangle(0.6, 0.6));
            TableSet two = with(softbox(SECOND), zoomed(zoom), new Rectangle(0.6, 0.6));
            assertThat(EmittingFace.of(two).usedShare())
                    .isGreaterThan(EmittingFace.of(one).usedShare());
            assertThat(EmittingFace.of(two).flux())
                    .isLessThan(EmittingFace.of(one).flux());
            TableSet white =
                    with(new InBox(0.3, 0.7, new NoInner(), 1, Origin.DEFAULT), zoomed(zoom), new Rectangle(0.6, 0.6));
            assertThat(EmittingFace.of(white).flux())
                    .isLessThan(EmittingFace.of(one).flux());
        }
    }

    /** The frame of 24 x 36 mm seen by a lens of 35 mm is 54.4 degrees wide (geometry of the frame; lens tables give the same). */
    @Test
    public void zoomHeadCoversWhatItsLensSees() {
        double[][] published = {{0.024, 73.7}, {0.035, 54.4}, {0.05, 39.6}, {0.105, 19.5}};
        for (double[] row : published) {
            Link source = Chain.of(with(new EvenlyLit(), zoomed(row[0]), new Disc(0.05)))
                    .get(0);
            assertThat(Math.toDegrees(source.spread())).isCloseTo(row[1], within(0.06));
        }
    }

    private static EmittingFace shaped(Source source, Face face, Spread spread, double loss) {
        Light light = box(0.6, 0.6, 12, 60, 0.9)
                .withFace(face)
                .withSource(source)
                .withLosses(Sets.lost(loss))
                .withSpread(spread);
        return EmittingFace.of(light);
    }

    private static double stops(EmittingFace face, EmittingFace against) {
        return Math.log(face.axialIntensity() / against.axialIntensity()) / Math.log(2);
    }

    /** Common practice, no published source, for the ready-made numbers of such shapers. */
    @Test
    public void tradeLossesOnTheAxis() {
        EmittingFace deep = shaped(STROBE, new Disc(0.27), new Beam(9), 0.3);
        EmittingFace dish = shaped(STROBE, new Disc(0.54), new Beam(1.6), 0.9);
        assertThat(stops(dish, deep))
                .as("white dish against a deep reflector of half its width")
                .isCloseTo(-2.5, within(0.1));
        EmittingFace comb = shaped(STROBE, new Disc(0.27), new Honeycomb(9, Math.toRadians(60), 1 / 3.0), 0.3);
        assertThat(stops(comb, deep)).as("grid").isCloseTo(-1 / 3.0, within(1e-9));
        EmittingFace snoot = shaped(STROBE, new Disc(0.27), new Snooted(9, 0.07, 0.2, 1), 0.3);
        assertThat(stops(snoot, deep)).as("snoot").isCloseTo(-1, within(1e-9));
        EmittingFace bare = shaped(zoomed(0.035), new Disc(0.06), new Bare(), 0);
        EmittingFace cap = shaped(zoomed(0.035), new Disc(0.06), new Capped(0.38), 0.15);
        assertThat(stops(cap, bare)).as("small cap").isCloseTo(-4 / 3.0, within(0.05));
    }

    /** Two circles of one diameter, their middles half of it apart, share 0.391 of each (area of a circular lens). */
    @Test
    public void tubesAreOverlapsOfTheirEnds() {
        Tube tube = new Tube(1, 0.5);
        double theta = Math.atan(0.25);
        assertThat(tube.relativeIntensity(Math.sin(theta), 0, Math.cos(theta)))
                .isCloseTo(0.3910 * Math.cos(theta), within(1e-4));
        assertThat(tube.relativeIntensity(Math.sin(0.4637), 0, Math.cos(0.4637)))
                .isZero();
        int rings = 20_000;
        double sum = 0;
        for (int i = 0; i < rings; i++) {
            double angle = Math.PI / 2 * (i + 0.5) / rings;
            sum += Math.sin(angle) * tube.relativeIntensity(0, Math.sin(angle), Math.cos(angle));
        }
        assertThat(tube.flux()).isCloseTo(sum * Math.PI * Math.PI / rings, within(1e-4));
        EmittingFace cap = shaped(zoomed(0.035), new Disc(0.06), new Capped(0), 0);
        assertThat(cap.flux()).isCloseTo(zoomed(0.035).flux(), within(1e-6));
        assertThat(cap.intensity(cap.front())).isCloseTo(cap.flux() / (2 * Math.PI), within(1e-6));
    }

    private static double read(TableSet set, ReadingKind kind) {
        return Readings.of(set, kind).value().orElseThrow();
    }

    /** Common practice, no published source: a cap is no softer in the open, and the walls of a white room fill its shadows. */
    @Test
    public void aCapSoftensThroughTheRoomAlone() {
        Light bare = box(0.6, 0.6, 10, 40, 0.9)
                .withFace(new Disc(0.06))
                .withLosses(List.of())
                .withSpread(new Bare());
        Light capped = bare.withSpread(new Capped(0.38));
        assertThat(read(Sets.lit(capped), ReadingKind.TIP_EDGE_SEEN))
                .isCloseTo(read(Sets.lit(bare), ReadingKind.TIP_EDGE_SEEN), within(0.0005));
        TableSet dark = chowder().withAmbient(Sets.AMBIENT.withIlluminance(0));
        TableSet white = Sets.inRoom(dark, 1.3, 1.7, Surface.WHITE_PAPER);
        TableSet black = Sets.inRoom(dark, 1.3, 1.7, Surface.BLACK_PAPER);
        double hard = read(white.withLight(bare), ReadingKind.SHADOW_DEPTH);
        assertThat(read(white.withLight(capped), ReadingKind.SHADOW_DEPTH)).isBetween(hard - 2, hard - 1);
        assertThat(read(black.withLight(capped), ReadingKind.SHADOW_DEPTH))
                .as("black as ever")
                .isGreaterThan(hard + 2);
    }

    /** A coloured wall colours what comes off it: cream wood warmer, white nearly not; a picture's weights follow. */
    @Test
    public void wallsTintWhatComesOffThem() {
        Light light = box(0.6, 0.6, 10, 40, 0.9).withLosses(List.of());
        TableSet white = roomy(light.withFilling(new OffRoom(RoomSide.CEILING, 0, 0)));
        TableSet wood = Sets.inRoom(
                        chowder().withBackdrop(new Backdrop(3, 2, 1.5, Surface.GREY_PAPER)), 3, 1.8, Surface.PALE_WOOD)
                .withLight(white.light());
        double straight = KeyColour.of(Sets.lit(light)).mired().orElseThrow();
        assertThat(KeyColour.of(white).mired().orElseThrow() - straight).isBetween(-2.0, 6.0);
        assertThat(KeyColour.of(wood).mired().orElseThrow() - straight).isGreaterThan(60);
        assertThat(read(wood, ReadingKind.LIGHT_TINT))
                .isCloseTo(KeyColour.of(wood).mired().orElseThrow() - 1e6 / 5500, within(1e-6));
        Mix mix = Mix.of(wood, Set.of());
        double[] balanced = new WhiteBalance(5500).srgb(5500);
        assertThat(mix.weight(0, 0) / mix.weight(0, 2))
                .isCloseTo(
                        Surface.PALE_WOOD.colour().red()
                                / Surface.PALE_WOOD.colour().blue()
                                * balanced[0]
                                / balanced[2],
                        within(0.02));
    }
}
