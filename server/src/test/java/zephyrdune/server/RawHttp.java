package zephyrdune.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** A request written by hand, for headers that a client library keeps to itself. */
final class RawHttp {

    private RawHttp() {}

    static String statusLine(URI uri, String host) throws IOException {
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            socket.getOutputStream()
                    .write(("GET " + uri.getPath() + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
        }
    }
}
