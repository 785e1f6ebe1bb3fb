package zephyrdune.answers.readings;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.set.Sets;
import zephyrdune.set.TableSet;
import zephyrdune.set.camera.Exposure;
import zephyrdune.set.light.Light;

/** The words for figures; their limits are common practice, no published source. */
public class WordingTest {

    @DataProvider
    Object[][] words() {
        return new Object[][] {
            {Wording.EDGE, 0.0, "razor sharp"},
            {Wording.EDGE, 0.049, "razor sharp"},
            {Wording.EDGE, 0.05, "hard"},
            {Wording.EDGE, 0.5, "crisp"},
            {Wording.EDGE, 1.0, "soft"},
            {Wording.EDGE, 2.0, "very soft"},
            {Wording.EDGE, 7.0, "shadowless"},
            {Wording.CONTRAST, -0.2, "flat"},
            {Wording.CONTRAST, 0.9, "gentle"},
            {Wording.CONTRAST, 1.8, "full"},
            {Wording.CONTRAST, 4.0, "dramatic"},
            {Wording.CONTRAST, Double.POSITIVE_INFINITY, "black"},
            {Wording.FALL_OFF, 0.2, "even"},
            {Wording.FALL_OFF, 1.2, "steep"},
            {Wording.BACKDROP, -7.0, "black"},
            {Wording.BACKDROP, -2.9, "dark grey"},
            {Wording.BACKDROP, 0.2, "mid grey"},
            {Wording.BACKDROP, 1.0, "light grey"},
            {Wording.BACKDROP, 2.4, "white"},
            // a pixel value of 1 is 2.47 stops over 18 %
            {Wording.BACKDROP, 2.48, "blown out"},
            {Wording.PATTERN, 0.01, "gone"},
            {Wording.PATTERN, 0.9, "sharp"}
        };
    }

    @Test(dataProvider = "words")
    public void figuresHaveTheirWords(Wording wording, double value, String word) {
        assertThat(wording.of(value)).isEqualTo(word);
    }

    @Test
    public void bandsGoUp() {
        for (Wording wording : Wording.values()) {
            assertThat(wording.bands().stream().map(Wording.Band::from))
                    .isSorted()
                    .doesNotHaveDuplicates();
            assertThat(wording.bands().stream().map(Wording.Band::word)).doesNotHaveDuplicates();
        }
    }

    /** The same light nearer and larger gives softer words; a bare flash a hard one. */
    @Test
    public void softerLightIsCalledSofter() {
        assertThat(word(Sets.box(0.05, 0.05, 10, 40, 0.9), ReadingKind.TIP_EDGE_SEEN))
                .isEqualTo("hard");
        assertThat(word(Sets.box(0.2, 0.2, 10, 40, 0.9), ReadingKind.TIP_EDGE_SEEN))
                .isEqualTo("soft");
        assertThat(word(Sets.box(0.6, 0.6, 10, 40, 0.9), ReadingKind.TIP_EDGE_SEEN))
                .isEqualTo("very soft");
    }

    private static String word(Light light, ReadingKind kind) {
        return Readings.of(Sets.lit(light), kind).word();
    }

    @Test
    public void powerSaysWhatIsLeft() {
        TableSet set = Sets.chowder();
        assertThat(Readings.of(set, ReadingKind.POWER).word()).matches("\\d\\.\\d stops left");
        TableSet far = set.withExposure(new Exposure(22, 1 / 125.0, 50, 1 / 200.0, 0, 5500));
        assertThat(Readings.of(far, ReadingKind.POWER).word()).endsWith("stops short");
        TableSet open = set.withExposure(new Exposure(1.4, 1 / 125.0, 6400, 1 / 200.0, 0, 5500));
        assertThat(Readings.of(open, ReadingKind.POWER).word()).endsWith("stops too bright");
    }

    /** The room brings the exposure nearer to what is wanted than the power is: both speak of the power. */
    @Test
    public void whatIsShortIsThePower() {
        TableSet set = Sets.chowder();
        TableSet bright = set.withExposure(new Exposure(22, 1 / 30.0, 50, 1 / 30.0, 0, 5500))
                .withAmbient(set.ambient().withIlluminance(15_000));
        Reading power = Readings.of(bright, ReadingKind.POWER);
        assertThat(power.word()).endsWith("stops short");
        assertThat(power.note()).contains("Full power is " + power.word());
        double off = Readings.of(bright, ReadingKind.OFF_EXPOSURE).value().orElseThrow();
        assertThat(off).isGreaterThan(0.05 - stops(power.word()));
    }

    private static double stops(String word) {
        return Double.parseDouble(word.substring(0, word.indexOf(' ')));
    }

    @Test
    public void everyReadingIsInAGroup() {
        for (ReadingKind kind : ReadingKind.values()) {
            assertThat(ReadingGroup.of(kind).words()).isNotBlank();
        }
    }
}
