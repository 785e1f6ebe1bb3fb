package zephyrdune.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets in only requests made to this machine by its own name, and sends every answer with headers that keep a page to
 * what was shipped with it.
 *
 * <p>The server listens on loopback alone; the check of the name keeps a page from elsewhere, opened in the same
 * browser, from reaching it under a name of its own.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGate extends OncePerRequestFilter {

    private static final Set<String> OWN_NAMES = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' blob: data:; connect-src 'self' ws://localhost:* ws://127.0.0.1:*; "
                    + "style-src 'self' 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!OWN_NAMES.contains(request.getServerName())) {
            response.setStatus(HttpServletResponse.SC_MISDIRECTED_REQUEST);
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getWriter()
                    .write("{\"type\":\"urn:zephyrdune:problem:other-name\",\"title\":\"Unknown host name\","
                            + "\"status\":421,\"detail\":\"Use the address that the start command printed\"}");
            return;
        }
        response.setHeader("Content-Security-Policy", CONTENT_POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (request.getRequestURI().startsWith("/api/")) {
            response.setHeader("Cache-Control", "no-store");
        } else if (request.getRequestURI().startsWith("/assets/")) {
            // the names of these files change with their contents
            response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
        } else {
            response.setHeader("Cache-Control", "no-cache");
        }
        chain.doFilter(request, response);
    }
}
