package zephyrdune.units.exposure;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;

/** As cameras write their settings (common practice, no published source). */
public class SettingWordsTest {

    @Test
    public void asCamerasWriteThem() {
        assertThat(SettingWords.shutter(1 / 200.0)).isEqualTo("1/200 s");
        assertThat(SettingWords.shutter(1 / 4.0)).isEqualTo("1/4 s");
        assertThat(SettingWords.shutter(0.5)).isEqualTo("0.5 s");
        assertThat(SettingWords.shutter(2)).isEqualTo("2 s");
        assertThat(SettingWords.mark(5.6)).isEqualTo("5.6");
        assertThat(SettingWords.mark(8)).isEqualTo("8");
    }
}
