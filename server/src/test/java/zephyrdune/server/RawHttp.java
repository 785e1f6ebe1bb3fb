package zephyrdune.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;

/** A request written by hand, for headers that a client library keeps to itself. */
final class RawHttp {

    private RawHttp() {}

    static String statusLine(URI uri, String host) throws IOException {
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            write(socket, "GET " + uri.getPath() + " HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n\r\n");
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))
                    .readLine();
        }
    }

    /** All that is answered to a request line, at the place of an address. */
    static String answer(URI uri, String requestLine) {
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            write(socket, requestLine + "\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static void write(Socket socket, String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
    }
}
