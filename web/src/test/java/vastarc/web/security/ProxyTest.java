package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.ActiveProfiles;

/** Behind a reverse proxy everything comes from this machine's own address: only what the proxy says makes a caller, and only it is believed. */
@Tag("program")
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {"vastarc.proxy=weld.test", "spring.datasource.url=jdbc:h2:mem:proxy;DB_CLOSE_DELAY=-1"})
@ActiveProfiles("test")
class ProxyTest {

    private static final String FAR = "203.0.113.9";

    @LocalServerPort
    private int port;

    /** The first line of the answer, as sent: no client of ours would send such headers. */
    private String status(String host, String... headers) throws IOException {
        try (Socket line = new Socket(InetAddress.getLoopbackAddress(), port)) {
            String request = "GET /shop/devices HTTP/1.1\r\nHost: " + host + "\r\nConnection: close\r\n"
                    + String.join(
                            "",
                            List.of(headers).stream()
                                    .map(header -> header + "\r\n")
                                    .toList()) + "\r\n";
            line.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
            String answer = new String(line.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            return answer.substring(9, 12);
        }
    }

    @Test
    void whoSitsAtThisMachineStillNeedsNoPairing() throws IOException {
        assertThat(status("localhost:" + port)).isEqualTo("200");
    }

    @Test
    void whoComesThroughTheProxyIsWhomTheProxyNames() throws IOException {
        assertThat(status("weld.test", "X-Forwarded-For: " + FAR, "X-Forwarded-Proto: https"))
                .isEqualTo("401");
        assertThat(status("weld.test", "X-Forwarded-For: 127.0.0.1, " + FAR)).isEqualTo("401");
        assertThat(status("weld.test", "X-Forwarded-For: " + FAR, "X-Forwarded-For: 127.0.0.1, " + FAR))
                .isEqualTo("401");
        assertThat(status("weld.test", "Forwarded: for=127.0.0.1")).isEqualTo("401");
    }

    @Test
    void noOtherNameIsAnswered() throws IOException {
        assertThat(status("elsewhere.test")).isEqualTo("400");
    }
}
