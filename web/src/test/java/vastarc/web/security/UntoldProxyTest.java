package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.security.Requests.HERE;
import static vastarc.web.security.Requests.ask;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.SpringTest;

/** A program that is open to nobody else has no page for pairing: a browser sent to it would go round in a circle. */
@SpringTest
class UntoldProxyTest {

    @Autowired
    private MockMvc http;

    @Test
    void whatAProxySentOnIsToldHowToBeLetIn() throws Exception {
        for (String accept : List.of("text/html", "application/json")) {
            MockHttpServletResponse answer =
                    Requests.send(http, ask("GET", "/").accept(accept).header("X-Forwarded-For", "203.0.113.9"), HERE);
            assertThat(answer.getStatus()).as(accept).isEqualTo(401);
            assertThat(answer.getContentAsString()).contains("./run --proxy");
        }
    }
}
