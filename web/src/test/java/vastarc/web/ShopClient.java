package vastarc.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Asks the program for its pages and sends it forms, each with the token that its own pages hold. */
public final class ShopClient {

    private ShopClient() {}

    /** A page that is there, parsed. */
    public static Document page(MockMvc http, String address, Cookie... cookies) throws Exception {
        MockHttpServletRequestBuilder request = get(address);
        if (cookies.length > 0) {
            request.cookie(cookies);
        }
        MockHttpServletResponse response = http.perform(request).andReturn().getResponse();
        assertThat(response.getStatus()).as(address).isEqualTo(200);
        return Jsoup.parse(response.getContentAsString());
    }

    /** A form of fields and what is in them. */
    public static MockHttpServletResponse send(
            MockMvc http, String address, Map<String, String> fields, Cookie... cookies) throws Exception {
        MockHttpServletRequestBuilder request = post(address);
        if (cookies.length > 0) {
            request.cookie(cookies);
        }
        fields.forEach(request::param);
        return send(http, request);
    }

    /** A request with fields, each followed by what is in it. */
    public static MockHttpServletResponse send(MockMvc http, MockHttpServletRequestBuilder request, String... pairs)
            throws Exception {
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return http.perform(request.with(csrf())).andReturn().getResponse();
    }
}
