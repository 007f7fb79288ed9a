package saltdrum.server.access.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import saltdrum.core.SaltDrumException;

class TrustedProxiesTest {
    private static boolean believed(String address, String... named) {
        return address.matches(TrustedProxies.pattern(List.of(named)));
    }

    @Test
    void onlyThoseThatAreNamedAreBelieved() {
        assertThat(believed("127.0.0.1", "127.0.0.1", "::1")).isTrue();
        assertThat(believed("::1", "127.0.0.1", "::1")).isTrue();
        assertThat(believed("10.4.7.9", "10.4.0.0/16")).isTrue();
        assertThat(believed("10.5.7.9", "10.4.0.0/16")).isFalse();
        // The valve's own list has every private address.
        assertThat(believed("192.168.1.4", "127.0.0.1")).isFalse();
        assertThat(believed("127x0.0.1", "127.0.0.1")).isFalse();
        assertThat(believed("127.0.0.1")).as("where none is named").isFalse();
    }

    @Test
    void whatIsNoAddressIsToldAtTheStart() {
        for (String wrong : List.of("gateway", "10.4.0.0/12", ".*", "1.2.3")) {
            assertThatThrownBy(() -> TrustedProxies.pattern(List.of(wrong)))
                    .isInstanceOf(SaltDrumException.class)
                    .hasMessageContaining("SALT_DRUM_PROXIES");
        }
    }
}
