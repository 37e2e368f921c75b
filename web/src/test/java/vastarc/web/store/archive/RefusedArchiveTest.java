package vastarc.web.store.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.SpringTest;

/** Whatever a browser says it would like best, a refused archive is given why, and is no fault of the program. */
@SpringTest
class RefusedArchiveTest {

    @Autowired
    private MockMvc http;

    @ParameterizedTest
    @ValueSource(strings = {"text/html", "image/png", "text/event-stream", "*/*", "application/json"})
    void itIsToldInJson(String accepted) throws Exception {
        MockHttpServletResponse refused = http.perform(post("/shop/restore")
                        .param("take", "true")
                        .header("Accept", accepted)
                        .content("no archive".getBytes(StandardCharsets.UTF_8))
                        .with(csrf()))
                .andReturn()
                .getResponse();

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentType()).isEqualTo("application/json");
        assertThat(refused.getContentAsString()).contains("cannot be restored", "Nothing was changed");
    }
}
