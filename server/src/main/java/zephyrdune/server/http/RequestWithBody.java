package zephyrdune.server.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;

/** A request whose body is all there. */
final class RequestWithBody extends HttpServletRequestWrapper {

    private final ServletInputStream in;

    RequestWithBody(HttpServletRequest request, byte[] body) {
        super(request);
        in = new Whole(new ByteArrayInputStream(body));
    }

    @Override
    public ServletInputStream getInputStream() {
        return in;
    }

    @Override
    public BufferedReader getReader() {
        return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
    }

    private static final class Whole extends ServletInputStream {

        private final ByteArrayInputStream bytes;

        Whole(ByteArrayInputStream bytes) {
            this.bytes = bytes;
        }

        @Override
        public int read() {
            return bytes.read();
        }

        @Override
        public int read(byte[] into, int from, int count) {
            return bytes.read(into, from, count);
        }

        @Override
        public int available() {
            return bytes.available();
        }

        @Override
        public boolean isFinished() {
            return bytes.available() == 0;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("the body is all there");
        }
    }
}
