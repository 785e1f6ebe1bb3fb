package zephyrdune.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.Cookie;
import org.springframework.http.ResponseCookie;
import org.springframework.mock.web.MockHttpServletRequest;
import org.testng.annotations.Test;

/** The key opens a session that only its cookie carries. */
public class KeysTest {

    private static final int PORT = 8480;

    private static MockHttpServletRequest with(String name, String value) {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setLocalPort(PORT);
        request.setCookies(new Cookie(name, value));
        return request;
    }

    @Test
    public void onlyTheKeyOpens() {
        Keys keys = new Keys(new AccessSettings(-1, "open sesame"));
        assertThat(keys.opens("open sesame")).isTrue();
        assertThat(keys.opens("open")).isFalse();
        assertThat(keys.opens("")).isFalse();
        assertThat(keys.opens(null)).isFalse();
        assertThat(new Keys(new AccessSettings(-1, "")).opens("")).isFalse();
    }

    @Test
    public void theSessionIsInAStrictCookieOfThePort() {
        Keys keys = new Keys(new AccessSettings(-1, "open sesame"));
        ResponseCookie cookie = keys.open(PORT);
        assertThat(cookie.isHttpOnly()).isTrue();
        assertThat(cookie.getSameSite()).isEqualTo("Strict");
        assertThat(keys.open(with(cookie.getName(), cookie.getValue()))).isTrue();
        assertThat(keys.open(with(cookie.getName(), cookie.getValue() + "x"))).isFalse();
        assertThat(keys.open(with("zephyrdune-8481", cookie.getValue()))).isFalse();
        assertThat(new Keys(new AccessSettings(-1, "open sesame")).open(with(cookie.getName(), cookie.getValue())))
                .as("after the server started anew")
                .isFalse();
    }
}
