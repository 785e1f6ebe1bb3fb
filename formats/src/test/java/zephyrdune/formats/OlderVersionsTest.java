package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;
import static zephyrdune.formats.SetFormatTest.read;

import org.testng.annotations.Test;
import zephyrdune.formats.BadFile.Problem;
import zephyrdune.light.illuminance.KeyLight;
import zephyrdune.render.metering.MeteredExposure;
import zephyrdune.set.TableSet;
import zephyrdune.set.card.Cut;
import zephyrdune.set.card.RoundHoles;
import zephyrdune.set.dish.Bottle;
import zephyrdune.set.dish.Condensation;
import zephyrdune.set.light.Gel;
import zephyrdune.set.light.HotSpot;
import zephyrdune.set.room.TableTop;
import zephyrdune.set.surface.Medium;
import zephyrdune.set.surface.Surface;
import zephyrdune.units.measure.Stops;

/** Files of older versions are read as the table that they meant. */
public class OlderVersionsTest {

    /** Bottles are dry, on the table and beside it; what another kind has is its own. */
    @Test
    public void eleventhVersionReadsAsTheSameTable() throws BadFile {
        assertThat(read(SetFiles.ELEVENTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        String bottle = """
                { "kind": "bottle", "diameterMetres": 0.08, "bottleHeightMetres": 0.3, "glass": "clear-glass", "fill": 0.5,
                "contents": "water", "labelHeight": 0, "label": "label-paper" }\
                """;
        String two = SetFiles.ELEVENTH_VERSION
                .replaceFirst("(?s)\"dish\": \\{.*?\\}", "\"dish\": " + bottle)
                .replace("\"props\": []", """
                        "props": [{ "body": %s, "xMetres": 0.2, "yMetres": 0.1, "liftMetres": 0, "turnDegrees": 0 }]\
                        """.formatted(bottle));
        TableSet set = read(two);
        Bottle dry =
                new Bottle(0.08, 0.3, Medium.CLEAR_GLASS, 0.5, Medium.WATER, 0, Surface.LABEL_PAPER, Condensation.NONE);
        assertThat(set.dish()).isEqualTo(dry);
        assertThat(set.props().get(0).body()).isEqualTo(dry);
    }

    @Test
    public void eighthAndNinthVersionReadAsTheSameTable() throws BadFile {
        assertThat(SetFiles.TENTH_VERSION).doesNotContain("look");
        assertThat(read(SetFiles.TENTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        assertThat(read(SetFiles.NINTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        assertThat(read(SetFiles.EIGHTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
    }

    @Test
    public void seventhVersionReadsAsTheSameTable() throws BadFile {
        assertThat(SetFiles.SEVENTH_VERSION).contains("\"gelMired\": 0,").doesNotContain("\"gel\"");
        assertThat(read(SetFiles.SEVENTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        TableSet warm = read(SetFiles.SEVENTH_VERSION.replace("\"gelMired\": 0", "\"gelMired\": 81"));
        assertThat(warm.light().gel()).isEqualTo(Gel.correcting(81));
    }

    @Test
    public void sixthVersionReadsAsTheSameTable() throws BadFile {
        assertThat(SetFiles.SIXTH_VERSION).doesNotContain("metering");
        assertThat(read(SetFiles.SIXTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
    }

    @Test
    public void fifthVersionReadsAsTheSameTable() throws BadFile {
        assertThat(read(SetFiles.FIFTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        TableSet holed = read(SetFiles.FIFTH_VERSION.replace("\"cards\": []", """
                "cards": [{ "surface": "black-paper", "widthMetres": 0.5, "heightMetres": 0.25, "clockHours": 0,
                "distanceMetres": 0.5, "liftMetres": 0, "turnDegrees": 0, "leanDegrees": 0,
                "holes": { "kind": "round-holes", "diameterMetres": 0.03, "spacingMetres": 0.05 } }]\
                """));
        assertThat(holed.cards().get(0).bend()).isZero();
        assertThat(holed.cards().get(0).cut()).isEqualTo(Cut.of(new RoundHoles(0.03, 0.05)));
    }

    @Test
    public void fourthVersionReadsAsTheSameTable() throws BadFile {
        assertThat(read(SetFiles.FOURTH_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        TableSet none = read(SetFiles.FOURTH_VERSION.replace("\"lossStops\": 2", "\"lossStops\": 0"));
        assertThat(none.light().losses()).isEmpty();
        TableSet walled = read(SetFiles.FOURTH_VERSION.replace("\"kind\": \"open-room\"", """
                "kind": "walled-room", "leftMetres": 2, "rightMetres": 1.8, "behindMetres": 2.5, "beforeMetres": 2,
                "aboveMetres": 1.9, "walls": "white-paper",
                "ceiling": "white-paper"\
                """));
        // the table reaches from wall to wall, as it seemed to before
        assertThat(walled.tableTop()).isEqualTo(new TableTop(Surface.PALE_WOOD, 2, 1.8, 2.5, 2));
        BadFile bad = catchThrowableOfType(
                BadFile.class, () -> read(SetFiles.FOURTH_VERSION.replace("\"lossStops\": 2", "\"lossStops\": 9")));
        assertThat(bad.problems()).extracting(Problem::field).containsExactly("light.losses[0].amountStops");
    }

    @Test
    public void thirdVersionReadsAsTheSameTable() throws BadFile {
        assertThat(read(SetFiles.THIRD_VERSION)).isEqualTo(read(SetFiles.PLAIN));
        TableSet hot = read(SetFiles.THIRD_VERSION.replace("\"hotSpotStops\": 0", "\"hotSpotStops\": 1.5"));
        assertThat(hot.light().filling()).isEqualTo(new HotSpot(1.5));
        BadFile bad = catchThrowableOfType(
                BadFile.class,
                () -> read(SetFiles.THIRD_VERSION.replace("\"hotSpotStops\": 0", "\"hotSpotStops\": 7")));
        assertThat(bad.problems()).extracting(Problem::field).containsExactly("light.filling.sideStops");
    }

    @Test
    public void firstVersionReadsAsTheSameTable() throws BadFile {
        TableSet old = read(SetFiles.FIRST_VERSION);
        TableSet now = read(SetFiles.PLAIN);
        assertThat(old.camera()).isEqualTo(now.camera());
        assertThat(old.light().face()).isEqualTo(now.light().face());
        assertThat(old.light().source()).isEqualTo(now.light().source());
        assertThat(old.light().centre()).isEqualTo(now.light().centre());
        // the room was 4 stops under the key, and is
        MeteredExposure hero = MeteredExposure.of(old, KeyLight.of(old));
        assertThat(Stops.between(hero.wanted(), hero.measured())).isCloseTo(4, within(1e-9));
        // as a meter on the hero has it: what hides the room from there counts, and the dial's nearest mark
        assertThat(hero.ambientUnderKey()).isCloseTo(4, within(0.3));
        assertThat(SetFormat.read(SetFormat.write(old))).isEqualTo(old);
    }

    @Test
    public void firstVersionsMistakesAreNamedToo() {
        BadFile bad = catchThrowableOfType(
                BadFile.class,
                () -> read(SetFiles.FIRST_VERSION
                        .replace("\"widthMetres\": 0.6", "\"widthMetres\": 60")
                        .replace("\"ambientUnderKeyStops\": 4", "\"ambientUnderKeyStops\": \"x\"")));
        assertThat(bad.problems()).extracting(Problem::field).contains("light.face.widthMetres", "ambient");
    }
}
