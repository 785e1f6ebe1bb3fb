package zephyrdune.units.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

public class LengthsTest {

    @Test
    public void sentencesForThoseWhoChoseNoUnitSayCentimetres() {
        assertThat(Lengths.plain("Move it out by " + Lengths.words(0.1234))).isEqualTo("Move it out by 12 cm");
        assertThat(Lengths.plain(Lengths.least(0.1201) + " or more")).isEqualTo("13 cm or more");
        assertThat(Lengths.plain(Lengths.most(0.1299) + " or less")).isEqualTo("12 cm or less");
        assertThat(Lengths.plain(Lengths.least(0.13))).isEqualTo("13 cm");
        assertThat(Lengths.plain("no {length} here")).isEqualTo("no {length} here");
    }

    @Test
    public void lengthsTravelInMetres() {
        assertThat(Lengths.words(0.25)).isEqualTo("{0.25000 m}");
        assertThat(Lengths.least(1)).isEqualTo("{1.00000 m least}");
        assertThat(Lengths.most(-0.5)).isEqualTo("{-0.50000 m most}");
    }
}
