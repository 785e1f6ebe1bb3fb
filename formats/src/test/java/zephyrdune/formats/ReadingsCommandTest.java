package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zephyrdune.answers.readings.ReadingKind;

public class ReadingsCommandTest {

    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String input, String... arguments) {
        out.reset();
        err.reset();
        return ReadingsCommand.run(
                arguments,
                new ByteArrayInputStream(input.getBytes(StandardCharsets.UTF_8)),
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    public void everyReadingWithItsUnit() {
        assertThat(run(SetFiles.PLAIN, "-")).isZero();
        JsonNode file = JsonMapper.shared().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(file.get("format").asString()).isEqualTo("zephyrdune-readings");
        assertThat(file.get("readings").size()).isEqualTo(ReadingKind.values().length);
        for (JsonNode reading : file.get("readings")) {
            assertThat(reading.get("unit").asString()).isNotBlank();
            assertThat(reading.has("value")).isTrue();
        }
        JsonNode power = file.get("readings")
                .valueStream()
                .filter(reading -> reading.get("reading").asString().equals("power"))
                .findFirst()
                .orElseThrow();
        assertThat(power.get("text").asString()).startsWith("1/");
        assertThat(power.get("unit").asString()).isEqualTo("stops");
        assertThat(power.get("ruleOfThumb").get("words").asString()).contains("Guide number");
    }

    @Test
    public void fromAFile() throws IOException {
        Path file = Files.createTempFile("set", ".json");
        Files.writeString(file, SetFiles.PLAIN);
        assertThat(run("", file.toString())).isZero();
        Files.delete(file);
        assertThat(run("", file.toString())).isEqualTo(ReadingsCommand.NO_FILE);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("no such file");
        assertThat(run("", "/")).isEqualTo(ReadingsCommand.NO_FILE);
    }

    @Test
    public void withoutOneFileItSaysHow() {
        assertThat(run("")).isEqualTo(ReadingsCommand.NO_FILE);
        assertThat(run("", "a", "b")).isEqualTo(ReadingsCommand.NO_FILE);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains("usage:");
    }

    /** Spoiled sets, and words of what is said of each. */
    @DataProvider
    Object[][] spoiled() {
        return new Object[][] {
            {"", "JSON object"},
            {"[]", "JSON object"},
            {SetFiles.PLAIN.substring(0, 400), "not readable as JSON (line"},
            {SetFiles.PLAIN.replace("zephyrdune-set", "other"), "not a set file"},
            {SetFiles.PLAIN.replace("\"distanceMetres\": 0.9", "\"distanceMetres\": 90"), "light.distanceMetres"},
            {
                SetFiles.PLAIN.replace("\"heightAngleDegrees\": 40", "\"heightAngleDegrees\": -5"),
                "light.heightAngleDegrees"
            },
            {SetFiles.PLAIN.replace("\"widthMetres\": 0.6", "\"widthMetres\": 0"), "light.face.widthMetres"},
            {SetFiles.PLAIN.replace("\"widthMetres\": 0.6", "\"widthFeet\": 2"), "light.face.widthFeet"},
            {
                SetFiles.PLAIN
                        .replace("\"heightAngleDegrees\": 40", "\"heightAngleDegrees\": 90")
                        .replace("\"distanceMetres\": 0.9", "\"distanceMetres\": 0.05"),
                "inside the dish"
            },
            {SetFiles.PLAIN.replace("\"heightAngleDegrees\": 40", "\"heightAngleDegrees\": 3"), "below the table top"},
        };
    }

    @Test(dataProvider = "spoiled")
    public void spoiledSetsAreNamedAndNothingIsPrinted(String set, String words) {
        assertThat(run(set, "-")).isEqualTo(ReadingsCommand.BAD_SET);
        assertThat(err.toString(StandardCharsets.UTF_8)).startsWith("-: ").contains(words);
        assertThat(out.size()).isZero();
    }

    @Test
    public void implausibleSetsAreDoubtedNotRefused() {
        // 8 ft away and 6.5 ft across, typed as metres
        String feet = SetFiles.PLAIN
                .replace("\"distanceMetres\": 0.9", "\"distanceMetres\": 8")
                .replace("\"widthMetres\": 0.6", "\"widthMetres\": 2.9")
                .replace("\"heightMetres\": 0.6", "\"heightMetres\": 2.9")
                .replace("\"distanceMetres\": 1.2", "\"distanceMetres\": 9");
        assertThat(run(feet, "-")).as(err.toString(StandardCharsets.UTF_8)).isZero();
        JsonNode doubts = JsonMapper.shared()
                .readTree(out.toString(StandardCharsets.UTF_8))
                .get("doubts");
        assertThat(doubts.size()).isEqualTo(1);
        assertThat(doubts.get(0).get("field").asString()).isEqualTo("light.distanceMetres");
        assertThat(doubts.get(0).get("words").asString()).contains("were feet meant?", "8.0 ft are 2.44 m");
    }
}
