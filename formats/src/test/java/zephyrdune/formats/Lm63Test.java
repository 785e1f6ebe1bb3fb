package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.apache.commons.geometry.euclidean.threed.Vector3D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.light.emitter.EmittingFace;
import zephyrdune.set.TableSet;
import zephyrdune.set.distribution.PhotometricType;
import zephyrdune.set.light.Disc;
import zephyrdune.set.light.Face;
import zephyrdune.set.light.Octagon;
import zephyrdune.set.light.Rectangle;
import zephyrdune.set.power.Dimming;
import zephyrdune.set.power.Percent;
import zephyrdune.set.source.LedPanel;
import zephyrdune.set.source.LuxAtOneMetre;
import zephyrdune.set.source.MeasuredLamp;

/** Photometric files written out by hand from the grammar of ANSI/IES LM-63 (from memory); the numbers are invented. */
public class Lm63Test {

    /** The form of 2002, type C, round about its axis, sizes in feet, a multiplier of 2 and a ballast factor of 0.5. */
    private static final String FIRST = """
            IESNA:LM-63-2002
            [TEST] 0001
            [TESTLAB] Invented laboratory
            [ISSUEDATE] 01-JAN-2026
            [MANUFAC] Nobody
            [LUMINAIRE] Invented lamp
            [MORE] and one line more
            [_SHELF] three
            TILT=NONE
            1 -1 2 4 1 1 1 1.0 2.0 0
            0.5 1 60
            0 30 60
            90
            0
            1000, 800
            300 0
            """;

    /** The form of 2019, type B, with a table that is not alike on any side, in metres. */
    private static final String NEWER = """
            IES:LM-63-2019
            [TEST] 0002
            [TESTLAB] Invented laboratory
            [ISSUEDATE] 01-JAN-2026
            [MANUFAC] Nobody
            [FILEGENINFO] by hand
            TILT=INCLUDE
            1
            2
            0 90
            1 0.9
            1 1200 1 3 3 2 2 -0.1 -0.1 0
            1 1.10000 40
            -90 0 90
            -90 0 90
            0 0 0
            100 500 300
            0 0 0
            """;

    private static Lm63Reader.Lamp read(String text) throws BadFile {
        return Lm63Reader.read(text.getBytes(StandardCharsets.US_ASCII));
    }

    private static MeasuredLamp measured(Lm63Reader.Lamp lamp) {
        return (MeasuredLamp) lamp.source();
    }

    @Test
    public void formOf2002() throws BadFile {
        Lm63Reader.Lamp lamp = read(FIRST);
        assertThat(measured(lamp).name()).isEqualTo("Invented lamp");
        assertThat(measured(lamp).axes()).isEqualTo(PhotometricType.C);
        assertThat(measured(lamp).intensity()).containsExactly(1000.0, 800.0, 300.0, 0.0);
        assertThat(lamp.source().axialIntensity()).isEqualTo(1000);
        assertThat(lamp.face()).isEqualTo(new Rectangle(0.3048, 0.6096));
        double angle = Math.toRadians(45);
        assertThat(lamp.source().distribution().relativeIntensity(Math.sin(angle), 0, Math.cos(angle)))
                .isCloseTo(0.55, within(1e-12));
    }

    @Test
    public void formOf2019WithTilt() throws BadFile {
        Lm63Reader.Lamp lamp = read(NEWER);
        assertThat(measured(lamp).axes()).isEqualTo(PhotometricType.B);
        assertThat(lamp.source().axialIntensity()).isEqualTo(500);
        assertThat(lamp.face()).isEqualTo(new Disc(0.1));
        double angle = Math.toRadians(45);
        // up: vertical angle 45 at horizontal 0; between 500 and 300
        assertThat(lamp.source().distribution().relativeIntensity(0, Math.sin(angle), Math.cos(angle)))
                .isCloseTo(0.8, within(1e-12));
        assertThat(lamp.source().distribution().relativeIntensity(0, -Math.sin(angle), Math.cos(angle)))
                .isCloseTo(0.6, within(1e-12));
    }

    @Test
    public void typeAAndSizesLeftOut() throws BadFile {
        Lm63Reader.Lamp lamp = read(NEWER.replace("1 1200 1 3 3 2 2 -0.1 -0.1 0", "1 1200 1 3 3 3 2 0 0 0"));
        assertThat(measured(lamp).axes()).isEqualTo(PhotometricType.A);
        assertThat(lamp.face()).isEqualTo(new Disc(0.05));
        assertThat(measured(lamp).name()).isEqualTo("Measured lamp");
    }

    /** What is put in place of what, and the words of the refusal. */
    @DataProvider
    Object[][] mistakes() {
        return new Object[][] {
            {"IESNA:LM-63-2002", "IESNA:LM-63-1986", "first line"},
            {"[TESTLAB]", "[TESTLAP]", "[TESTLAP] is not a keyword"},
            {"[TESTLAB] Inv", "TESTLAB Inv", "keyword in brackets"},
            {"TILT=NONE", "TILT=lamp.tlt", "NONE or INCLUDE"},
            {"TILT=NONE", "[OTHER] x", "keyword in brackets"},
            {"1 -1 2 4 1 1", "1 -1 2 5 1 1", "must go up"},
            {"1 -1 2 4 1 1", "1 -1 2 3 1 1", "file ends|more than|must go up|horizontal angles go"},
            {"1 -1 2 4 1 1", "1 -1 2 4.5 1 1", "whole number"},
            {"1 -1 2 4 1 1", "1 -1 2 4 0 1", "between 1"},
            {"1 -1 2 4 1 1", "1 -1 2 361 361 1", "thin the table out"},
            {"1 -1 2 4 1 1", "1 -1 2 4 1 4", "photometric type"},
            {"1 -1 2 4 1 1 1 1.0", "1 -1 2 4 1 1 3 1.0", "units type"},
            {"1 -1 2 4 1 1 1 1.0", "1 -1 2 4 1 1 1 NaN", "luminous width"},
            {"1 -1 2 4 1 1 1 1.0", "1 -1 2 4 1 1 1 99", "no face"},
            {"1 -1 2 4", "1 -1 -2 4", "candela multiplier"},
            {"0.5 1 60", "0 1 60", "ballast factor"},
            {"0.5 1 60", "0.5 0 60", "above 0"},
            {"0 30 60", "10 30 60", "from 0, its axis"},
            {"0 30 60", "0 60 30", "must go up"},
            {"90\n0\n", "90\n45\n", "type C needs"},
            {"1000, 800", "1000, x", "no number"},
            {"1000, 800", "1000, -800", "intensity"},
            {"1000, 800", "0, 800", "along its axis"},
            {"300 0", "300 0 7", "1 numbers more"},
            {"300 0", "300", "file ends"},
        };
    }

    @Test(dataProvider = "mistakes")
    public void mistakesAreNamed(String from, String to, String words) {
        assertThat(FIRST).contains(from);
        BadFile bad = catchThrowableOfType(BadFile.class, () -> read(FIRST.replace(from, to)));
        assertThat(bad).as("was refused").isNotNull();
        assertThat(bad.getMessage())
                .containsPattern("(" + words.replace("[", "\\[").replace("]", "\\]") + ")");
    }

    @Test(timeOut = 20_000)
    public void junkIsRefused() {
        Random random = new Random(63);
        byte[] noise = new byte[300_000];
        random.nextBytes(noise);
        byte[] huge = new byte[10_000_000];
        Arrays.fill(huge, (byte) '1');
        for (byte[] junk :
                new byte[][] {{}, noise, huge, (FIRST + "1 ".repeat(200_000)).getBytes(StandardCharsets.US_ASCII)}) {
            assertThat(catchThrowableOfType(BadFile.class, () -> Lm63Reader.read(junk)))
                    .isNotNull();
        }
        int refused = 0;
        for (int i = 0; i < 3000; i++) {
            byte[] spoiled = FIRST.getBytes(StandardCharsets.US_ASCII);
            for (int k = 0; k < 3; k++) {
                spoiled[random.nextInt(spoiled.length)] = (byte) (32 + random.nextInt(95));
            }
            try {
                Lm63Reader.read(Arrays.copyOf(
                        spoiled, random.nextInt(4) == 0 ? random.nextInt(spoiled.length) : spoiled.length));
            } catch (BadFile bad) {
                assertThat(bad.getMessage()).isNotBlank().hasSizeLessThan(400);
                refused++;
            }
        }
        assertThat(refused).isGreaterThan(1000);
    }

    /** What gives its light for as long as it is on comes back so. */
    @Test
    public void anLedReadsBackAsOne() throws BadFile {
        TableSet plain = SetFormat.read(SetFiles.PLAIN.getBytes(StandardCharsets.UTF_8));
        LedPanel panel =
                new LedPanel(new LuxAtOneMetre(2000), Math.toRadians(90), 3200, new Percent(0.1, 0.01, Dimming.LINEAR));
        byte[] file = Lm63Writer.write(plain.withLight(plain.light().withSource(panel)));
        assertThat(new String(file, StandardCharsets.US_ASCII)).doesNotContain("candela seconds");
        Lm63Reader.Lamp lamp = Lm63Reader.read(file);
        assertThat(lamp.source().flash()).isFalse();
        assertThat(lamp.source().colourTemperature()).isCloseTo(3200, within(1.0));
    }

    @Test
    public void aColourThatIsNoNumberIsNamed() {
        String file = FIRST.replaceFirst("(?m)^TILT", "[_COLOURTEMPERATURE] warm\r\nTILT");
        assertThatThrownBy(() -> Lm63Reader.read(file.getBytes(StandardCharsets.US_ASCII)))
                .hasMessageContaining("needs a number of kelvin");
    }

    /** Every light writes a file that reads back as the same light from afar. */
    @DataProvider
    Object[][] faces() {
        return new Object[][] {
            {new Rectangle(0.6, 0.9), "diffuse"}, {new Disc(0.5), "gridded"}, {new Octagon(0.9), "diffuse"}
        };
    }

    @Test(dataProvider = "faces")
    public void whatIsWrittenReadsBack(Face face, String spread) throws BadFile {
        String set = SetFiles.PLAIN.replace("Plain", "Crème brûlée");
        if (spread.equals("gridded")) {
            set = set.replace(
                    "\"kind\": \"diffuse\"",
                    "\"kind\": \"gridded\", \"cellWidthMetres\": 0.05, \"cellDepthMetres\": 0.05, \"axialLossStops\": 0.3");
        }
        TableSet plain = SetFormat.read(set.getBytes(StandardCharsets.UTF_8));
        TableSet lit = plain.withLight(plain.light().withFace(face));
        byte[] file = Lm63Writer.write(lit);
        assertThat(new String(file, StandardCharsets.US_ASCII))
                .startsWith("IES:LM-63-2019\r\n")
                .contains("Light of: Creme brulee", "candela seconds");
        assertThat(new String(file, StandardCharsets.US_ASCII)
                        .lines()
                        .mapToInt(String::length)
                        .max()
                        .orElseThrow())
                .isLessThan(257);
        Lm63Reader.Lamp lamp = Lm63Reader.read(file);
        EmittingFace before = EmittingFace.of(lit.light());
        assertThat(lamp.source().flux()).isCloseTo(before.flux(), within(before.flux() * 5e-3));
        for (double turn = 0.05; turn < 6; turn += 0.7) {
            for (double angle : new double[] {0, 0.3, 0.6}) {
                double x = Math.sin(angle) * Math.sin(turn);
                double y = Math.sin(angle) * Math.cos(turn);
                Vector3D direction = before.front()
                        .multiply(Math.cos(angle))
                        .add(before.acrossHalf().normalize().multiply(x))
                        .add(before.upHalf().normalize().multiply(y));
                assertThat(lamp.source().axialIntensity()
                                * lamp.source().distribution().relativeIntensity(x, y, Math.cos(angle)))
                        .isCloseTo(before.intensity(direction), within(0.02 * before.axialIntensity()));
            }
        }
        // a flash is a flash again, of the same colour
        assertThat(lamp.source().flash()).isTrue();
        assertThat(lamp.source().colourTemperature())
                .isCloseTo(lit.light().source().colourTemperature(), within(1.0));
        assertThat(lamp.face().across()).isCloseTo(face.across(), within(1e-6));
        assertThat(lamp.face() instanceof Disc).isEqualTo(face instanceof Disc);
    }
}
