package zephyrdune.server.access;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
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

    private final List<Path> tables;
    private Map<String, End> snapshot = Map.of();
    private long taken;

    LoopbackConnections() {
        this(TABLES);
    }

    LoopbackConnections(List<Path> tables) {
        this.tables = tables;
    }

    /**
     * One end of a connection.
     *
     * @param established whether both sides may still send
     * @param user who opened it
     * @param held whether a process holds it; of what nobody holds the kernel no longer knows the user
     */
    private record End(boolean established, int user, boolean held) {}

    /** A connection: the address and port it comes from, and those it goes to. */
    record Ends(String fromAddress, int fromPort, String toAddress, int toPort) {

        private String key() {
            return hex(fromAddress, fromPort) + " " + hex(toAddress, toPort);
        }

        Ends seenFromOtherSide() {
            return new Ends(toAddress, toPort, fromAddress, fromPort);
        }

        /** As the tables have it: the address of IPv4 in the machine's byte order, the port, in hexadecimal digits. */
        private static String hex(String address, int port) {
            String[] parts = address.split("\\.");
            StringBuilder text = new StringBuilder();
            for (int i = parts.length - 1; i >= 0; i--) {
                text.append("%02X".formatted(Integer.parseInt(parts[i])));
            }
            return text + ":" + "%04X".formatted(port);
        }
    }

    /** The user whose process holds the end that a connection comes from; nothing when the kernel does not know one. */
    Optional<Integer> userOf(Ends connection) {
        return Optional.ofNullable(read().get(connection.key()))
                .filter(End::held)
                .map(End::user);
    }

    /**
     * Whether the side that a connection comes from has closed it; known some twentieth of a second late.
     *
     * @param seen when it was seen to stand, by {@link System#nanoTime()}
     */
    boolean closed(Ends connection, long seen) {
        End ours = since(seen).get(connection.seenFromOtherSide().key());
        return ours == null || !ours.established;
    }

    /** A look at the tables after a moment, and not long ago. */
    private synchronized Map<String, End> since(long moment) {
        long now = System.nanoTime();
        if (snapshot.isEmpty() || taken - moment <= 0 || now - taken > FRESH_NANOS) {
            snapshot = read();
            taken = now;
        }
        return snapshot;
    }

    private Map<String, End> read() {
        Map<String, End> ends = new HashMap<>();
        for (Path table : tables) {
            try {
                Files.readString(table, StandardCharsets.US_ASCII)
                        .lines()
                        .skip(1)
                        .forEach(line -> note(line, ends));
            } catch (IOException e) {
                // without IPv6 there is no such table
            }
        }
        return ends;
    }

    private static void note(String line, Map<String, End> ends) {
        String[] words = line.strip().split("\\s+");
        if (words.length > 9) {
            ends.put(
                    unmapped(words[1]) + " " + unmapped(words[2]),
                    new End(words[3].equals(ESTABLISHED), Integer.parseInt(words[7]), !words[9].equals("0")));
        }
    }

    /** An address of IPv4 as a socket of IPv6 has it. */
    private static String unmapped(String address) {
        return address.startsWith(MAPPED) ? address.substring(MAPPED.length()) : address;
    }
}
