package zephyrdune.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** Other programs that read what is written here. */
final class Programs {

    private static final int PATIENCE_SECONDS = 60;

    private Programs() {}

    /** What a program says that ends well. */
    static String said(String... command) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).as(said).isZero();
        return said;
    }

    /** Nothing is wrong with a PDF file, as qpdf finds: it ends otherwise where there is so much as a warning. */
    static void wellFormed(Path file) throws IOException, InterruptedException {
        said("qpdf", "--check", file.toString());
    }
}
