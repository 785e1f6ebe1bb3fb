package zephyrdune.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Copies in a folder, named by when they were made; the oldest give way. */
record Copies(Path folder, int most, Clock clock) {

    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("'zephyrdune-'yyyyMMdd-HHmmss-SSS'.zip'");
    private static final Pattern NAMED = Pattern.compile("zephyrdune-\\d{8}-\\d{6}-\\d{3}\\.zip");

    /** Writes a copy unless the newest one holds the same; gives the file that holds it. */
    Path keep(Kept kept) throws IOException {
        Files.createDirectories(folder);
        Optional<Path> newest = all().stream().reduce((older, newer) -> newer);
        String digest = BackupFile.digest(kept);
        if (newest.flatMap(BackupFile::statedDigest).filter(digest::equals).isPresent()) {
            return newest.get();
        }
        Path file = folder.resolve(NAME.format(clock.instant().atZone(ZoneId.systemDefault())));
        BackupFile.write(file, kept, clock.instant());
        List<Path> all = all();
        for (Path old : all.subList(0, Math.max(0, all.size() - Math.max(1, most)))) {
            Files.deleteIfExists(old);
        }
        return file;
    }

    /** All copies, the oldest first. */
    List<Path> all() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(
                            file -> NAMED.matcher(file.getFileName().toString()).matches())
                    .sorted(Comparator.comparing(Path::getFileName))
                    .toList();
        }
    }
}
