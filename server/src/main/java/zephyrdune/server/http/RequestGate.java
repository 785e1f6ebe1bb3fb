package zephyrdune.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import zephyrdune.server.problems.ProblemWriter;

/**
 * Lets in only requests made to this machine by its own name, and to its API only those that no page from elsewhere has made; sends every
 * answer with headers that keep a page to what was shipped with it.
 *
 * <p>The server listens on loopback alone; the check of the name keeps a page from elsewhere, opened in the same
 * browser, from reaching it under a name of its own, and that of the origin (Fetch Metadata, RFC 6454) from making it work.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGate extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");
    private static final Set<String> OWN_SITES = Set.of("same-origin", "none");

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' blob: data:; connect-src 'self' ws://localhost:* ws://127.0.0.1:*; "
                    + "style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", CONTENT_POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (!OWN_NAMES.contains(request.getServerName())) {
            ProblemWriter.write(
                    request,
                    response,
                    HttpStatus.MISDIRECTED_REQUEST,
                    "other-name",
                    "Unknown host name",
                    "Use the address that the start command printed");
            return;
        }
        boolean api = request.getRequestURI().startsWith("/api/");
        if (api && fromElsewhere(request)) {
            ProblemWriter.write(
                    request,
                    response,
                    HttpStatus.FORBIDDEN,
                    "other-page",
                    "Another page's request",
                    "Only pages of this application may ask it for anything");
            return;
        }
        response.setHeader(HttpHeaders.CACHE_CONTROL, api ? "no-store" : "no-cache");
        chain.doFilter(request, response);
    }

    /** Whether a browser says that a page from elsewhere made the request. */
    private static boolean fromElsewhere(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        return site != null && !OWN_SITES.contains(site)
                || origin != null && !origin.equals("http://" + request.getHeader(HttpHeaders.HOST));
    }
}
