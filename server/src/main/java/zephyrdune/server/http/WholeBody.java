package zephyrdune.server.http;

import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import zephyrdune.formats.KitFormat;
import zephyrdune.formats.PhotographFile;
import zephyrdune.server.problems.ProblemWriter;
import zephyrdune.server.work.ComputeLimiter;

/**
 * Takes in a request's body whole before anything looks at it. However slowly it comes, no thread waits for it; one that is too long, too
 * slow or of another type than the API's two is refused.
 */
class WholeBody implements Filter {

    /** Longest body but for photographs, bytes: any kit, or two sets. */
    static final int LONGEST = KitFormat.LONGEST_FILE;

    /** Where photographs are sent to. */
    private static final Pattern PHOTOGRAPHS = Pattern.compile("/api/photographs|/api/sets/[^/]+/frames");

    /** A body has to be in by then. */
    private static final long SLOWEST_MILLIS = 15_000;

    private static final long SLOWEST_PHOTOGRAPH_MILLIS = 60_000;

    private static final Set<MediaType> TYPES = Set.of(MediaType.APPLICATION_JSON, MediaType.APPLICATION_OCTET_STREAM);

    private static final String BODY = WholeBody.class.getName();

    @Override
    public void doFilter(ServletRequest request, ServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest asked = (HttpServletRequest) request;
        HttpServletResponse answer = (HttpServletResponse) response;
        if (request.getAttribute(BODY) instanceof byte[] body) {
            asked.setAttribute(ComputeLimiter.BEGUN, ComputeLimiter.cpu());
            chain.doFilter(new RequestWithBody(asked, body), response);
        } else if (request.getContentLengthLong() == 0
                || request.getContentLengthLong() < 0 && asked.getHeader(HttpHeaders.TRANSFER_ENCODING) == null) {
            chain.doFilter(request, response);
        } else if (!known(request.getContentType())) {
            closing(answer);
            ProblemWriter.write(
                    asked,
                    answer,
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    "content-type",
                    "Another type of content",
                    "Send application/json, or application/octet-stream where a file is asked for");
        } else if (request.getContentLengthLong() > longest(asked)) {
            tooLong(asked, answer);
        } else {
            take(asked, answer);
        }
    }

    private static boolean photograph(HttpServletRequest request) {
        return PHOTOGRAPHS.matcher(request.getRequestURI()).matches();
    }

    private static int longest(HttpServletRequest request) {
        return photograph(request) ? PhotographFile.LONGEST_FILE : LONGEST;
    }

    private static boolean known(String contentType) {
        try {
            MediaType type = MediaType.parseMediaType(contentType);
            return TYPES.contains(new MediaType(type.getType(), type.getSubtype()));
        } catch (InvalidMediaTypeException e) {
            return false;
        }
    }

    private static void take(HttpServletRequest request, HttpServletResponse response) throws IOException {
        AsyncContext async = request.startAsync(request, response);
        async.setTimeout(photograph(request) ? SLOWEST_PHOTOGRAPH_MILLIS : SLOWEST_MILLIS);
        Taking taking = new Taking(async, request, response);
        async.addListener(taking);
        request.getInputStream().setReadListener(taking);
    }

    private static void tooLong(HttpServletRequest request, HttpServletResponse response) throws IOException {
        closing(response);
        ProblemWriter.write(
                request,
                response,
                HttpStatus.CONTENT_TOO_LARGE,
                "too-long",
                "Too much",
                "The request is longer than anything this application takes: at most %,d bytes"
                        .formatted(longest(request)));
    }

    /** The connection ends with the answer, so that nobody waits for the rest of the body. */
    private static void closing(HttpServletResponse response) {
        response.setHeader(HttpHeaders.CONNECTION, "close");
    }

    private static final class Taking implements ReadListener, AsyncListener {

        private final AsyncContext async;
        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final ByteArrayOutputStream body = new ByteArrayOutputStream();
        private final byte[] piece = new byte[8192];
        private final AtomicBoolean done = new AtomicBoolean();

        Taking(AsyncContext async, HttpServletRequest request, HttpServletResponse response) {
            this.async = async;
            this.request = request;
            this.response = response;
        }

        @Override
        public void onDataAvailable() throws IOException {
            ServletInputStream in = request.getInputStream();
            while (!done.get() && in.isReady() && !in.isFinished()) {
                int count = in.read(piece);
                if (count > 0) {
                    body.write(piece, 0, count);
                }
                if (body.size() > longest(request) && done.compareAndSet(false, true)) {
                    tooLong(request, response);
                    async.complete();
                }
            }
        }

        @Override
        public void onAllDataRead() {
            if (done.compareAndSet(false, true)) {
                request.setAttribute(BODY, body.toByteArray());
                async.dispatch();
            }
        }

        @Override
        public void onError(Throwable broken) {
            if (done.compareAndSet(false, true)) {
                async.complete();
            }
        }

        @Override
        public void onTimeout(AsyncEvent event) throws IOException {
            if (done.compareAndSet(false, true)) {
                closing(response);
                ProblemWriter.write(
                        request,
                        response,
                        HttpStatus.REQUEST_TIMEOUT,
                        "too-slow",
                        "Too slow",
                        "The request did not come whole within %d seconds".formatted(SLOWEST_MILLIS / 1000));
                async.complete();
            }
        }

        @Override
        public void onError(AsyncEvent event) {
            onError(event.getThrowable());
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // the answer is computed aside
        }

        @Override
        public void onComplete(AsyncEvent event) {
            // nothing is kept
        }
    }
}
