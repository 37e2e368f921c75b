package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.SpringTest;

/** What every answer says to the browser around it, and in which language. */
@SpringTest
class SafetyTest {

    @Autowired
    private MockMvc http;

    @Test
    void everyAnswerKeepsOtherPagesOut() throws Exception {
        MockHttpServletResponse page = http.perform(get("/")).andReturn().getResponse();

        assertThat(page.getHeader("Content-Security-Policy")).contains("default-src 'self'", "frame-ancestors 'none'");
        assertThat(page.getHeader("Cross-Origin-Opener-Policy")).isEqualTo("same-origin");
        assertThat(page.getHeader("Cross-Origin-Resource-Policy")).isEqualTo("same-origin");
        assertThat(page.getHeader("Permissions-Policy")).contains("camera=()", "screen-wake-lock=(self)");
    }

    @ParameterizedTest
    @ValueSource(strings = {"ar-EG-u-nu-arab", "th-TH-u-nu-thai", "de-DE", "hi-IN-u-nu-deva"})
    void figuresAreLatinWhateverTheBrowserSpeaks(String language) throws Exception {
        for (String address : new String[] {"/machines", "/shop", "/reference", "/chart"}) {
            String page = http.perform(get(address).locale(Locale.forLanguageTag(language)))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            String plain = http.perform(get(address)).andReturn().getResponse().getContentAsString();
            assertThat(withoutToken(page)).as(address).isEqualTo(withoutToken(plain));
        }
    }

    private static String withoutToken(String page) {
        return page.replaceAll("content=\"[^\"]*\"|name=\"_csrf\" value=\"[^\"]*\"", "");
    }
}
