package zephyrdune.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.LinkedHashSet;
import java.util.Set;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;

/** The key of the start command, and the sessions that it has opened; they end with the server. */
@Component
class Keys {

    private static final int SESSION_BYTES = 32;
    private static final int MOST_SESSIONS = 100;

    private final SecureRandom random = new SecureRandom();
    private final byte[] key;
    private final Set<String> sessions = new LinkedHashSet<>();

    Keys(AccessSettings settings) {
        key = settings.key().getBytes(StandardCharsets.UTF_8);
    }

    boolean opens(String presented) {
        return key.length > 0
                && presented != null
                && MessageDigest.isEqual(key, presented.getBytes(StandardCharsets.UTF_8));
    }

    /** A new session, as the cookie that carries it. */
    ResponseCookie open(int port) {
        byte[] token = new byte[SESSION_BYTES];
        random.nextBytes(token);
        String session = Base64.getUrlEncoder().withoutPadding().encodeToString(token);
        synchronized (sessions) {
            if (sessions.size() >= MOST_SESSIONS) {
                sessions.remove(sessions.iterator().next());
            }
            sessions.add(session);
        }
        return ResponseCookie.from(cookieName(port), session)
                .path("/")
                .httpOnly(true)
                .sameSite("Strict")
                .build();
    }

    boolean open(HttpServletRequest request) {
        if (key.length == 0 || request.getCookies() == null) {
            return false;
        }
        for (Cookie cookie : request.getCookies()) {
            if (cookie.getName().equals(cookieName(request.getLocalPort()))) {
                synchronized (sessions) {
                    return sessions.contains(cookie.getValue());
                }
            }
        }
        return false;
    }

    /** Cookies know no ports. */
    private static String cookieName(int port) {
        return "zephyrdune-" + port;
    }
}
