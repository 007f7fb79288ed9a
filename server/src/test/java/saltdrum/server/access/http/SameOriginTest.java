package saltdrum.server.access.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;

class SameOriginTest {
    private static boolean asks(String scheme, String origin, String workshop) {
        MockHttpServletRequest request = new MockHttpServletRequest("POST", "/api/clips");
        request.setScheme(scheme);
        request.addHeader("Host", "captions.example");
        request.addHeader("Origin", origin);
        return SameOrigin.asks(request, workshop);
    }

    /** RFC 6454, section 4: an origin is scheme, host and port. */
    @Test
    void theSchemeBelongsToTheOrigin() {
        assertThat(asks("https", "https://captions.example", "")).isTrue();
        assertThat(asks("http", "http://captions.example", "")).isTrue();
        assertThat(asks("https", "http://captions.example", "")).isFalse();
        assertThat(asks("https", "http://captions.example", "https://captions.example"))
                .isFalse();
        assertThat(asks("http", "https://captions.example", "https://captions.example"))
                .as("a server in front took HTTPS off")
                .isTrue();
        assertThat(asks("http", "https://other.example", "https://captions.example"))
                .isFalse();
        assertThat(asks("http", "null", "https://captions.example")).isFalse();
    }
}
