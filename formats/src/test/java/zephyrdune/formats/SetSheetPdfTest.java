package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import zephyrdune.answers.plan.Plan;
import zephyrdune.answers.setsheet.Measure;
import zephyrdune.answers.setsheet.SheetPart.SheetLine;
import zephyrdune.render.picture.Picture;
import zephyrdune.set.TableSet;

/** A set sheet as it comes out of another program: poppler's pdftotext, pdffonts and pdftoppm. */
public class SetSheetPdfTest {

    /** Pixels of a millimetre at 254 to the inch. */
    private static final int PER_MILLIMETRE = 10;

    private static final String ADDRESS = "http://192.168.178.20:8481/#/stand/3e5f7a9c-1b2d-4e6f-8a0b-5c7d9e1f2a3b";

    private TableSet set;
    private Path folder;
    private Path file;

    @BeforeClass
    public void write() throws Exception {
        set = SetFormat.read(Files.readAllBytes(Path.of("../server/src/main/resources/demo/1-chowder.json")));
        folder = Files.createTempDirectory("set-sheet");
        file = folder.resolve("sheet.pdf");
        Files.write(
                file,
                SetSheetPdf.write(set, new Picture(90, 60, new float[3 * 90 * 60]), SheetLengths.CENTIMETRES, ADDRESS));
    }

    @AfterClass(alwaysRun = true)
    public void delete() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path one : files.toList()) {
                Files.delete(one);
            }
        }
        Files.delete(folder);
    }

    @Test
    public void itsWordsAreRead() throws Exception {
        String words = Programs.said("pdftotext", "-layout", file.toString(), "-");
        assertThat(words)
                .contains(set.title(), "From above, 1 : ", "From the side, 1 : ", "Camera", "Light", "Shadow edge")
                .contains("10 cm when printed at its own size")
                .contains(Measure.LOWER_EDGE_UP.title())
                .containsPattern("Aperture\\s+f/\\d")
                .containsPattern("ISO\\s+\\d+");
    }

    @Test
    public void itIsOnePageWithItsLettersInIt() throws Exception {
        assertThat(Programs.said("pdfinfo", file.toString()))
                .containsPattern("Pages:\\s+1\\b")
                .contains("595.276 x 841.89");
        assertThat(Programs.said("pdffonts", file.toString()).lines().skip(2))
                .allMatch(line -> line.contains(" yes yes "));
        Programs.wellFormed(file);
    }

    /** Letter is 17.6 mm shorter: all of every demo set is on it still, between its edges and above the rule. */
    @Test
    public void inInchesItIsOneLetterPageWithAllOnIt() throws Exception {
        try (var demos = Files.list(Path.of("../server/src/main/resources/demo"))) {
            for (Path demo : demos.toList()) {
                Path letter = folder.resolve("letter.pdf");
                Picture grey = new Picture(90, 60, new float[3 * 90 * 60]);
                Files.write(
                        letter,
                        SetSheetPdf.write(SetFormat.read(Files.readAllBytes(demo)), grey, SheetLengths.INCHES, ""));
                assertThat(Programs.said("pdfinfo", letter.toString()))
                        .containsPattern("Pages:\\s+1\\b")
                        .contains("612 x 792 pts (letter)");
                String boxes = Programs.said("pdftotext", "-bbox", letter.toString(), "-");
                Matcher word = Pattern.compile(
                                "xMin=\"([\\d.]+)\" yMin=\"([\\d.]+)\" xMax=\"([\\d.]+)\" yMax=\"([\\d.]+)\">(.*?)<")
                        .matcher(boxes);
                while (word.find()) {
                    assertThat(Double.parseDouble(word.group(1)))
                            .as(word.group(5))
                            .isPositive();
                    assertThat(Double.parseDouble(word.group(3)))
                            .as(word.group(5))
                            .isLessThan(612);
                    if (Double.parseDouble(word.group(4)) > 750) {
                        assertThat("10 cm when printed at its own size".split(" "))
                                .as("beside the rule, of " + demo)
                                .contains(word.group(5));
                    }
                }
            }
        }
    }

    /** The rule at the foot is 10 cm long on paper, within .4 mm, and the frames of the drawings are as wide as they are said to be. */
    @Test
    public void itIsToScale() throws Exception {
        String png = folder.resolve("page").toString();
        Programs.said("pdftoppm", "-r", "254", "-gray", "-singlefile", "-png", file.toString(), png);
        BufferedImage page = ImageIO.read(Path.of(png + ".png").toFile());
        int longest = 0;
        for (int y = page.getHeight() - 12 * PER_MILLIMETRE; y < page.getHeight() - 4 * PER_MILLIMETRE; y++) {
            int run = 0;
            for (int x = 0; x < page.getWidth(); x++) {
                run = (page.getRGB(x, y) & 255) < 160 ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        assertThat(longest / (double) PER_MILLIMETRE).isCloseTo(100, within(0.4));
    }

    /** Off the page as it is printed, a reader finds the address in it. */
    @Test
    public void aPhoneReadsTheAddress() throws Exception {
        String png = folder.resolve("code").toString();
        Programs.said("pdftoppm", "-r", "200", "-gray", "-singlefile", "-png", file.toString(), png);
        BufferedImage page = ImageIO.read(Path.of(png + ".png").toFile());
        int[] pixels = page.getRGB(0, 0, page.getWidth(), page.getHeight(), null, 0, page.getWidth());
        RGBLuminanceSource seen = new RGBLuminanceSource(page.getWidth(), page.getHeight(), pixels);
        assertThat(new QRCodeReader()
                        .decode(new BinaryBitmap(new HybridBinarizer(seen)))
                        .getText())
                .isEqualTo(ADDRESS);
    }

    /** From above right is right and back is up; from the side the camera is on the left. */
    @Test
    public void bothViewsAreOfTheSetItself() {
        Plan plan = Plan.of(set, 0.5, 2);
        SetOutlines outlines = SetOutlines.of(set, plan);
        assertThat(label(outlines.above(), "Light"))
                .containsExactly(plan.faceCentre().getX(), plan.faceCentre().getY());
        assertThat(label(outlines.side(), "Camera"))
                .containsExactly(plan.lens().getY(), plan.lens().getZ());
        assertThat(plan.lens().getY()).isNegative();
        assertThat(outlines.fits(200, 85, 68)).isTrue();
        assertThat(outlines.fits(1, 85, 68)).isFalse();
    }

    private static List<Double> label(SetOutlines.View view, String words) {
        List<Double> at = new ArrayList<>();
        view.labels().stream().filter(label -> label.words().equals(words)).forEach(label -> {
            at.add(label.across());
            at.add(label.up());
        });
        return at;
    }

    @Test
    public void lengthsAreInTheChosenUnit() {
        SheetLine foot = new SheetLine(Measure.ALONG, 12 * 0.0254);
        assertThat(SheetLengths.INCHES.shown(foot, "")).isEqualTo("12.0 in");
        assertThat(SheetLengths.CENTIMETRES.shown(foot, "")).isEqualTo("30.5 cm");
        assertThat(SheetLengths.CENTIMETRES.shown(new SheetLine(Measure.SHUTTER, 1 / 125.0), ""))
                .isEqualTo("1/125 s");
        assertThat(SheetLengths.CENTIMETRES.shown(new SheetLine(Measure.FOCAL_LENGTH, 0.085), ""))
                .isEqualTo("85 mm");
        assertThat(SheetLengths.CENTIMETRES.shown(new SheetLine(Measure.CLOCK, Math.PI), ""))
                .isEqualTo("6:00");
        assertThat(SheetLengths.CENTIMETRES.shown(new SheetLine(Measure.POWER, 3), "1/8"))
                .isEqualTo("1/8");
        assertThat(SheetLengths.CENTIMETRES.bar(0.3).words()).isEqualTo("20 cm");
        assertThat(SheetLengths.INCHES.bar(0.01).words()).isEqualTo("6 in");
    }
}
