package zephyrdune.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;
import zephyrdune.server.access.LoopbackConnections.Ends;

/** What the kernel's tables say, by lines as proc(5) describes them and by real connections. */
public class LoopbackConnectionsTest {

    private static final String HEAD =
            "  sl  local_address rem_address   st tx_queue rx_queue tr tm->when retrnsmt   uid  timeout inode\n";

    /** From port 40000 to port 8480: held by user 1000; 40001: closed by user 1000, which the kernel then calls 0. */
    private static final String IPV4 = HEAD
            + "   1: 0100007F:9C40 0100007F:2120 01 00000000:00000000 00:00000000 00000000  1000        0 4711 1 0 20 4 30 10 -1\n"
            + "   2: 0100007F:9C41 0100007F:2120 05 00000000:00000000 00:00000000 00000000     0        0 0 1 0 20 4 30 10 -1\n"
            + "   3: 0100007F:2120 0100007F:9C40 01 00000000:00000000 00:00000000 00000000     0        0 4712 1 0 20 4 30 10 -1\n"
            + "   4: 0100007F:2120 0100007F:9C41 08 00000000:00000000 00:00000000 00000000     0        0 4713 1 0 20 4 30 10 -1\n";

    /** From port 40002, by a socket that speaks both kinds of addresses. */
    private static final String IPV6 = HEAD
            + "   1: 0000000000000000FFFF00000100007F:9C42 0000000000000000FFFF00000100007F:2120 01 00000000:00000000"
            + " 00:00000000 00000000  1001        0 4714 1 0 20 4 30 10 -1\n";

    private static Ends from(int port) {
        return new Ends("127.0.0.1", port, "127.0.0.1", 8480);
    }

    private static LoopbackConnections written() throws IOException {
        Path four = Files.createTempFile("tcp", "");
        Path six = Files.createTempFile("tcp6", "");
        Files.writeString(four, IPV4);
        Files.writeString(six, IPV6);
        return new LoopbackConnections(List.of(four, six, Path.of("/nowhere/tcp7")));
    }

    @Test
    public void aConnectionIsTheUsersWhoHoldsIt() throws IOException {
        LoopbackConnections connections = written();
        assertThat(connections.userOf(from(40000))).hasValue(1000);
        assertThat(connections.userOf(from(40002))).hasValue(1001);
        assertThat(connections.userOf(from(40003))).isEmpty();
    }

    /** Else whoever sends a request and closes at once would be taken for root. */
    @Test
    public void whatNobodyHoldsIsNobodys() throws IOException {
        assertThat(written().userOf(from(40001))).isEmpty();
    }

    @Test
    public void closedIsWhatTheOtherSideHasClosed() throws IOException {
        LoopbackConnections connections = written();
        long now = System.nanoTime();
        assertThat(connections.closed(from(40000), now)).isFalse();
        assertThat(connections.closed(from(40001), now)).isTrue();
        assertThat(connections.closed(from(40009), now)).isTrue();
    }

    @Test
    public void aRealConnection() throws Exception {
        LoopbackConnections connections = new LoopbackConnections();
        int me = (Integer) Files.getAttribute(Path.of("/proc/self"), "unix:uid");
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            Socket client = new Socket("127.0.0.1", server.getLocalPort());
            try (Socket accepted = server.accept()) {
                Ends ends = new Ends("127.0.0.1", client.getLocalPort(), "127.0.0.1", server.getLocalPort());
                long seen = System.nanoTime();
                assertThat(connections.userOf(ends)).hasValue(me);
                assertThat(connections.closed(ends, seen)).isFalse();
                client.close();
                Thread.sleep(200);
                assertThat(connections.userOf(ends)).isEmpty();
                assertThat(connections.closed(ends, seen)).isTrue();
                assertThat(accepted.isClosed()).isFalse();
            }
        }
    }
}
