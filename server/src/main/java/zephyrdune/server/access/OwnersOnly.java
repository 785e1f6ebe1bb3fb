package zephyrdune.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import zephyrdune.server.problems.ProblemWriter;
import zephyrdune.server.work.Asker;

/**
 * Lets in the user who started the application, as the kernel knows whose connection it is, and whoever came by the key once. Nobody has to
 * log in, and no other user of the machine sees or changes anything.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class OwnersOnly extends OncePerRequestFilter {

    private static final String KEY = "key";
    private static final int MOST_REMEMBERED = 4096;

    private static final String WHAT_TO_DO =
            "This Zephyrdune was started by another user of this machine. Ask them to start it with --key and to give you the address that "
                    + "it prints, or start your own: ./zephyrdune start --port 8481";

    private final LoopbackConnections connections;
    private final Keys keys;
    private final int owner;

    /** Whether connections are the owner's, by the server's own name for each. */
    private final Map<String, Boolean> owned = new LinkedHashMap<>(16, 0.75F, true) {

        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Boolean> eldest) {
            return size() > MOST_REMEMBERED;
        }
    };

    OwnersOnly(LoopbackConnections connections, Keys keys, AccessSettings settings) throws IOException {
        this.connections = connections;
        this.keys = keys;
        owner = settings.owner() >= 0
                ? settings.owner()
                : (Integer) Files.getAttribute(Path.of("/proc/self"), "unix:uid");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        LoopbackConnections.Ends ends = new LoopbackConnections.Ends(
                request.getRemoteAddr(), request.getRemotePort(), request.getLocalAddr(), request.getLocalPort());
        if (request.getMethod().equals("GET") && request.getRequestURI().equals("/") && keys.opens(key(request))) {
            response.setHeader(
                    HttpHeaders.SET_COOKIE, keys.open(request.getLocalPort()).toString());
            response.setHeader(HttpHeaders.LOCATION, "/");
            response.setStatus(HttpStatus.SEE_OTHER.value());
        } else if (keys.open(request) || owners(request, ends)) {
            long now = System.nanoTime();
            Asker asker = () -> connections.closed(ends, now);
            request.setAttribute(Asker.ATTRIBUTE, asker);
            chain.doFilter(request, response);
        } else {
            ProblemWriter.write(
                    request, response, HttpStatus.UNAUTHORIZED, "another-user", "Another user's", WHAT_TO_DO);
        }
    }

    private static String key(HttpServletRequest request) {
        String query = request.getQueryString();
        return query != null && query.startsWith(KEY + "=") ? query.substring(KEY.length() + 1) : null;
    }

    private boolean owners(HttpServletRequest request, LoopbackConnections.Ends ends) {
        String connection = request.getServletConnection().getConnectionId();
        synchronized (owned) {
            Boolean known = owned.get(connection);
            if (known != null) {
                return known;
            }
        }
        boolean found = connections.userOf(ends).filter(user -> user == owner).isPresent();
        synchronized (owned) {
            owned.put(connection, found);
        }
        return found;
    }
}
