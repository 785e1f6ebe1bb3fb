package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import zephyrdune.formats.BadSet.Problem;
import zephyrdune.table.Aim;
import zephyrdune.table.Softbox;
import zephyrdune.table.TableSet;

public class SetFormatTest {

    private static TableSet read(String text) throws BadSet {
        return SetFormat.read(text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    public void writesWhatItReads() throws BadSet {
        TableSet set = read(SetFiles.PLAIN);
        assertThat(SetFormat.read(SetFormat.write(set))).isEqualTo(set);
        assertThat(new String(SetFormat.write(set), StandardCharsets.UTF_8))
                .contains("\"clockHours\" : 10.5", "\"heightAngleDegrees\" : 40", "\"distanceMetres\" : 0.9");
    }

    @Test
    public void whatWasReadStaysAsItIs() throws BadSet {
        Random random = new Random(4);
        TableSet plain = read(SetFiles.PLAIN);
        for (int i = 0; i < 2000; i++) {
            TableSet set = plain.withLight(new Softbox(
                    0.02 + random.nextDouble() / 4,
                    0.02 + random.nextDouble() / 4,
                    random.nextDouble() * 2 * Math.PI,
                    0.3 + random.nextDouble(),
                    0.6 + random.nextDouble() / 8,
                    new Aim(random.nextDouble() / 10, random.nextDouble() / 10, random.nextDouble() / 10)));
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
            {"\"surface\": \"pale-wood\"", "\"surface\": \"lava\"", "tableTop.surface", "must be one of"},
            {"\"title\": \"Plain\"", "\"title\": \"\"", "title", "1 to 80"},
            {"\"title\": \"Plain\"", "\"title\": 7", "title", "must be text"},
            {"\"version\": 1", "\"version\": 99", "version", "not known"},
            {"\"version\": 1", "\"version\": \"1\"", "version", "not known"},
            {"zephyrdune-set", "other-set", "format", "zephyrdune-set"},
            {"\"aim\": {", "\"aim\": 3, \"was\": {", "light.aim", "must be an object"},
        };
    }

    @Test(dataProvider = "mistakes")
    public void namesTheFieldAndTheLimit(String from, String to, String field, String words) {
        assertThat(SetFiles.PLAIN).contains(from);
        BadSet bad = catchThrowableOfType(BadSet.class, () -> read(SetFiles.PLAIN.replace(from, to)));
        assertThat(bad).as("was refused").isNotNull();
        assertThat(bad.problems()).anySatisfy(problem -> {
            assertThat(problem.field()).isEqualTo(field);
            assertThat(problem.detail()).contains(words);
        });
    }

    @Test
    public void findsEveryMistakeAtOnce() {
        String twice = SetFiles.PLAIN.replace("0.9", "90").replace("\"fill\": 0.7", "\"fill\": 7");
        BadSet bad = catchThrowableOfType(BadSet.class, () -> read(twice));
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
            {
                SetFiles.PLAIN
                        .replace("\"version\": 1", "\"version\": 1, \"version\": 1")
                        .getBytes(StandardCharsets.UTF_8)
            },
            {Arrays.copyOf(huge, 100_000)},
            {noise},
            {huge}
        };
    }

    @Test(dataProvider = "junk", timeOut = 10_000)
    public void junkIsRefusedWithAReason(byte[] junk) {
        assertThatThrownBy(() -> SetFormat.read(junk))
                .isInstanceOf(BadSet.class)
                .satisfies(e -> assertThat(e.getMessage()).isNotBlank().hasSizeLessThan(400));
    }

    @Test
    public void longJunkInAFieldIsShortened() {
        BadSet bad =
                catchThrowableOfType(BadSet.class, () -> read(SetFiles.PLAIN.replace("pale-wood", "w".repeat(3000))));
        assertThat(bad.problems().get(0).value()).hasSizeLessThan(70);
    }
}
