package zephyrdune.server.frames;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/** @param folder that the practice camera writes its frames into */
@ConfigurationProperties("zephyrdune.practice")
record PracticeSettings(String folder) {

    Path path() {
        return Path.of(folder).toAbsolutePath().normalize();
    }
}
