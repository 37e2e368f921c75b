package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.security.Requests.HERE;
import static vastarc.web.security.Requests.ask;
import static vastarc.web.security.Requests.everyRoute;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import vastarc.web.store.job.JobStore;

/** What a page of another site can make a browser send comes to nothing. */
@LanSpringTest
class ForeignPageTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private RequestMappingHandlerMapping routes;

    @Autowired
    private JobStore jobs;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, String from) throws Exception {
        return Requests.send(http, request, from);
    }

    /** A page of another site makes a browser send what needs no leave of this program; nothing may come of it. */
    @Test
    void aPageOfAnotherSiteWritesNothing() throws Exception {
        String row = "name,metal,thickness,form\nForeign,mild steel,3 mm,tee\n";
        long before = jobs.countOnBench();
        MockHttpServletResponse simple =
                send(ask("POST", "/api/v1/joints").contentType("text/plain").content(row), HERE);
        assertThat(simple.getStatus()).isEqualTo(415);
        assertThat(simple.getContentAsString()).contains("text/csv", "Content-Type");
        for (String[] header : new String[][] {
            {"Origin", "http://other.example"},
            {"Origin", "http://localhost:3000"},
            {"Origin", "null"},
            {"Sec-Fetch-Site", "cross-site"},
            {"Sec-Fetch-Site", "same-site"}
        }) {
            MockHttpServletResponse foreign = send(
                    ask("POST", "/api/v1/joints")
                            .contentType("text/csv")
                            .header("Host", "localhost")
                            .header(header[0], header[1])
                            .content(row),
                    HERE);
            assertThat(foreign.getStatus()).as(header[1]).isEqualTo(403);
            assertThat(foreign.getContentAsString()).contains("another site");
        }
        assertThat(jobs.countOnBench()).isEqualTo(before);
        MockHttpServletResponse own = send(
                ask("POST", "/api/v1/sheet")
                        .contentType("application/json")
                        .header("Host", "localhost")
                        .header("Origin", "http://localhost")
                        .header("Sec-Fetch-Site", "same-origin")
                        .content("{\"material\":\"CARBON_STEEL\",\"joint\":\"LAP\",\"thicknessMm\":[2]}"),
                HERE);
        assertThat(own.getStatus()).isEqualTo(200);
    }

    /** Every call that is sent something says of which type; what a form of any page can send is never one of them. */
    @Test
    void noCallTakesWhatAnyPageCanSend() throws Exception {
        int calls = 0;
        for (String[] route : everyRoute(routes)) {
            if (!route[1].startsWith("/api/") || route[0].equals("GET") || route[0].equals("DELETE")) {
                continue;
            }
            calls++;
            for (String type :
                    List.of("text/plain", "application/x-www-form-urlencoded", "multipart/form-data; boundary=x")) {
                if (route[1].equals("/api/v1/measure") && type.startsWith("multipart")) {
                    // It changes nothing, and is refused by where it comes from.
                    continue;
                }
                assertThat(send(ask(route[0], route[1]).contentType(type).content("{}"), HERE)
                                .getStatus())
                        .as(route[1] + " " + type)
                        .isEqualTo(415);
            }
        }
        assertThat(calls).isGreaterThan(14);
    }
}
