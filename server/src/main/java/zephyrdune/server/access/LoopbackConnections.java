package zephyrdune.server.access;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/**
 * What the kernel says of connections on this machine, from {@code /proc/net/tcp} and {@code tcp6}: whose they are, and whether they still
 * stand. See proc(5).
 */
@Component
class LoopbackConnections {

    private static final List<Path> TABLES = List.of(Path.of("/proc/net/tcp"), Path.of("/proc/net/tcp6"));
    private static final String MAPPED = "0000000000000000FFFF0000";
    private static final String ESTABLISHED = "01";
    private static final long FRESH_NANOS = 50_000_000;

    // words of a line after the two addresses
    private static final int STATE = 0;
    private static final int USER = 4;
    private static final int INODE = 6;

    private final List<Path> tables;
    private List<String> snapshot = List.of();
    private long taken;

    LoopbackConnections() {
        this(TABLES);
    }

    LoopbackConnections(List<Path> tables) {
        this.tables = tables;
    }

    /** A connection of IPv4: the address and port it comes from, and those it goes to. */
    record Ends(String fromAddress, int fromPort, String toAddress, int toPort) {

        private Ends seenFromOtherSide() {
            return new Ends(toAddress, toPort, fromAddress, fromPort);
        }

        /** As a table has it, and as that of IPv6 has it where the socket is one of those. */
        private List<String> written() {
            String from = hex(fromAddress, fromPort);
            String to = hex(toAddress, toPort);
            return List.of(" " + from + " " + to + " ", " " + MAPPED + from + " " + MAPPED + to + " ");
        }

        /** The address in the machine's byte order and the port, in hexadecimal digits. */
        private static String hex(String address, int port) {
            String[] parts = address.split("\\.");
            StringBuilder text = new StringBuilder();
            for (int i = parts.length - 1; i >= 0; i--) {
                text.append("%02X".formatted(Integer.parseInt(parts[i])));
            }
            return text + ":" + "%04X".formatted(port);
        }
    }

    /**
     * The user whose process holds the end that a connection comes from. Nothing when the kernel does not know one: of what no process
     * holds any more it says user 0 whoever it was.
     */
    Optional<Integer> userOf(Ends connection) {
        for (Path table : tables) {
            Optional<String[]> line = line(read(table), connection);
            if (line.isPresent()) {
                return line.filter(words -> !words[INODE].equals("0")).map(words -> Integer.valueOf(words[USER]));
            }
        }
        return Optional.empty();
    }

    /**
     * Whether the side that a connection comes from has closed it; known some twentieth of a second late.
     *
     * @param seen when it was seen to stand, by {@link System#nanoTime()}
     */
    boolean closed(Ends connection, long seen) {
        return since(seen).stream()
                .flatMap(table -> line(table, connection.seenFromOtherSide()).stream())
                .noneMatch(words -> words[STATE].equals(ESTABLISHED));
    }

    /** A look at the tables after a moment, and not long ago. */
    private synchronized List<String> since(long moment) {
        long now = System.nanoTime();
        if (snapshot.isEmpty() || taken - moment <= 0 || now - taken > FRESH_NANOS) {
            snapshot = tables.stream().map(LoopbackConnections::read).toList();
            taken = now;
        }
        return snapshot;
    }

    private static String read(Path table) {
        try {
            return Files.readString(table, StandardCharsets.US_ASCII);
        } catch (IOException e) {
            // without IPv6 there is no such table
            return "";
        }
    }

    /** What a table says of a connection's first end, word by word. */
    private static Optional<String[]> line(String table, Ends ends) {
        for (String written : ends.written()) {
            int at = table.indexOf(written);
            if (at >= 0) {
                int from = at + written.length();
                int to = table.indexOf('\n', from);
                String[] words = table.substring(from, to < 0 ? table.length() : to)
                        .strip()
                        .split("\\s+");
                return words.length > INODE ? Optional.of(words) : Optional.empty();
            }
        }
        return Optional.empty();
    }
}
