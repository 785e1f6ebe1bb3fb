package zephyrdune.server.frames;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A file as it lies in a folder at one moment.
 *
 * @param size bytes
 * @param changed milliseconds since 1970
 */
record FolderFile(Path path, long size, long changed) {

    /** Files that may be frames; links are not followed, wherever they lead. */
    static List<FolderFile> in(Path folder) throws IOException {
        List<FolderFile> found = new ArrayList<>();
        try (Stream<Path> all = Files.list(folder)) {
            all.filter(path -> !path.getFileName().toString().startsWith("."))
                    .sorted()
                    .forEach(path -> of(path).ifPresent(found::add));
        }
        return found;
    }

    private static Optional<FolderFile> of(Path path) {
        try {
            BasicFileAttributes is = Files.readAttributes(path, BasicFileAttributes.class, LinkOption.NOFOLLOW_LINKS);
            return is.isRegularFile()
                    ? Optional.of(new FolderFile(
                            path, is.size(), is.lastModifiedTime().toMillis()))
                    : Optional.empty();
        } catch (IOException goneSince) {
            return Optional.empty();
        }
    }

    String name() {
        return path.getFileName().toString();
    }

    /** One line that tells it from every other, and from itself when it was written on. */
    String mark() {
        return size + " " + changed + " " + name().replaceAll("\\R", "_");
    }
}
