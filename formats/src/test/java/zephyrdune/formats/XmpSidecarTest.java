package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.set.TableSet;

/** Lighting notes as exiftool reads them. */
public class XmpSidecarTest {

    private static String read(byte[] file, String... tags) throws IOException, InterruptedException {
        Path sidecar = Path.of("target", "notes.xmp");
        Files.write(sidecar, file);
        List<String> command = new java.util.ArrayList<>(List.of("exiftool", "-s3", "-charset", "utf8"));
        command.addAll(List.of(tags));
        command.add(sidecar.toString());
        return Programs.said(command.toArray(String[]::new)).strip();
    }

    @Test
    public void exiftoolReadsWhatWasWritten() throws Exception {
        TableSet set = SetFormatTest.read(SetFiles.PLAIN).withTitle("Suppe & <Brot> 鯨");
        byte[] file =
                XmpSidecar.write(set, List.of("back left", "soft edge"), "as last season", 4, SheetLengths.CENTIMETRES);
        assertThat(read(file, "-XMP-dc:Title")).isEqualTo("Suppe & <Brot> 鯨");
        assertThat(read(file, "-XMP-dc:Subject")).isEqualTo("back left, soft edge");
        assertThat(read(file, "-XMP-xmp:Rating")).isEqualTo("4");
        assertThat(read(file, "-XMP-dc:Description"))
                .startsWith("as last season")
                .contains("Light: On the clock, camera at six")
                .contains("Straight from the dish");
        assertThat(read(file, "-validate", "-warning", "-error", "-a")).doesNotContain("Error");
    }

    @Test
    public void noRatingIsNone() throws Exception {
        TableSet set = SetFormatTest.read(SetFiles.PLAIN);
        byte[] file = XmpSidecar.write(set, List.of(), "", 0, SheetLengths.INCHES);
        assertThat(read(file, "-XMP-xmp:Rating")).isEmpty();
        assertThat(read(file, "-XMP-dc:Description")).startsWith("Camera:").contains(" in");
    }
}
