package zephyrdune.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.testng.annotations.Test;

public class SuiteTest {

    @Test
    public void everyClassIsInTheSuite() throws IOException {
        String suite = Files.readString(Path.of("src/test/resources/testng.xml"));
        try (Stream<Path> files = Files.list(Path.of("src/test/java/zephyrdune/e2e"))) {
            assertThat(files.map(file -> file.getFileName().toString())
                            .filter(name -> name.endsWith("Test.java"))
                            .map(name -> "zephyrdune.e2e." + name.replace(".java", "")))
                    .isNotEmpty()
                    .allSatisfy(name -> assertThat(suite).contains("\"" + name + "\""));
        }
    }
}
