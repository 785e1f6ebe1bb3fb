package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;
import zephyrdune.shoot.brief.Shoot;
import zephyrdune.shoot.change.PackingList;
import zephyrdune.shoot.change.StepMinutes;
import zephyrdune.shoot.runsheet.RunSheet;
import zephyrdune.shoot.runsheet.RunSheetRow;
import zephyrdune.shoot.runsheet.RunState;

/** The run sheet on paper, as poppler reads it. */
public class RunSheetPdfTest {

    private static Shoot shoot() throws BadFile, IOException {
        Path demo = Path.of("..", "server", "src", "main", "resources", "demo-shoot.json");
        return ShootFormat.read(Files.readAllBytes(demo));
    }

    private static Path written(Shoot shoot) throws IOException {
        return written(shoot, SheetLengths.CENTIMETRES);
    }

    private static Path written(Shoot shoot, SheetLengths lengths) throws IOException {
        RunSheet sheet = sheet(shoot);
        Path file = Path.of("target", "run-sheet.pdf");
        Files.write(file, RunSheetPdf.write(shoot, sheet, ShootClock.of(shoot), kit(), lengths));
        return file;
    }

    private static PackingList kit() {
        return new PackingList(List.of(
                new PackingList.PackedPiece("white paper card", 0.3, 0.4, 2),
                new PackingList.PackedPiece("battery flash", 0, 0, 1)));
    }

    private static RunSheet sheet(Shoot shoot) {
        return RunSheet.of(shoot, Map.of(), StepMinutes.USUAL, RunState.before(shoot.starts() * 60), Optional.empty());
    }

    @Test
    public void everyDishIsOnItWithItsTimes() throws Exception {
        Shoot shoot = shoot();
        String text = Programs.said(
                "pdftotext", "-enc", "UTF-8", "-layout", written(shoot).toString(), "-");
        for (RunSheetRow row : sheet(shoot).rows()) {
            assertThat(text).contains(row.name().split(" ")[0]);
        }
        assertThat(text)
                .contains("Client looks at the frames")
                .contains("14:15")
                .contains("two-hour rule");
        assertThat(text.replaceAll(" +", "")).contains("Topack").contains("2×whitepapercard30.0cm×40.0cm");
        assertThat(text.indexOf("Lantern Wharf Canteen")).isPositive();
    }

    /** A4 (ISO 216), fonts in it, tagged. */
    @Test
    public void isAnA4PageWithItsFont() throws Exception {
        Path file = written(shoot());
        Programs.wellFormed(file);
        String info = Programs.said("pdfinfo", file.toString());
        assertThat(info).contains("(A4)").containsPattern("Tagged: +yes");
        assertThat(Programs.said("pdffonts", file.toString())).containsPattern("Liberation\\S* +.* yes yes yes");
    }

    @Test
    public void isALetterPageInInches() throws Exception {
        Path file = written(shoot(), SheetLengths.INCHES);
        assertThat(Programs.said("pdfinfo", file.toString())).contains("612 x 792 pts (letter)");
        assertThat(Programs.said("pdftotext", "-enc", "UTF-8", "-layout", file.toString(), "-"))
                .contains("11.8 in");
    }

    /** Signs of mark-up in names stay signs, and nothing is fetched that a name asks for. */
    @Test
    public void namesAreNames() throws Exception {
        Shoot shoot = shoot();
        Shoot odd = shoot.withDishes(
                List.of(shoot.dishes().get(0).withName("<b>Soup & \"bread\"</b> <img src='file:///etc/passwd'/>")));
        String text = Programs.said(
                "pdftotext", "-enc", "UTF-8", "-layout", written(odd).toString(), "-");
        assertThat(text.replaceAll("\\s+", " ")).contains("<b>Soup & \"bread\"</b>");
    }

    @Test
    public void manyDishesGoOnOverPages() throws Exception {
        Shoot shoot = shoot();
        List<zephyrdune.shoot.brief.ShootDish> many = java.util.stream.IntStream.range(0, 40)
                .mapToObj(at -> shoot.dishes().get(1).withKey("k" + at).withName("Dish number " + at))
                .toList();
        Path file = written(shoot.withDishes(many).withEnds(30));
        assertThat(Programs.said("pdfinfo", file.toString())).containsPattern("Pages: +[2-9]");
        assertThat(Programs.said("pdftotext", "-enc", "UTF-8", "-layout", file.toString(), "-"))
                .contains("number 39")
                .contains("1 of ");
    }
}
