package vastarc.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import jakarta.servlet.http.Cookie;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.base.text.Phrasebook;
import vastarc.web.layout.JobTab;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.WeldRunQueries;

/** A shop that nobody has used yet: every place says what it is for, and the demo shop comes once. */
@Tag("program")
@SpringBootTest(properties = {"vastarc.demo=false", "spring.datasource.url=jdbc:h2:mem:first;DB_CLOSE_DELAY=-1"})
@AutoConfigureMockMvc
@ActiveProfiles("test")
class FirstQuarterHourTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    @Autowired
    private WeldRunQueries runs;

    @Test
    void anEmptyBenchShowsTheWaysInAndTheDemoShopComesOnce() throws Exception {
        assertThat(send(http, get("/")).getContentAsString())
                .contains(
                        "1 Say a joint",
                        "2 Add your machine",
                        "3 Set it and strike",
                        "Leave the guide",
                        "Load the demo shop",
                        "Import a list of joints");
        for (String place : new String[] {
            "/machines",
            "/logbook",
            "/drill",
            "/drill/set?seed=1",
            "/drill/steady",
            "/drill/dry",
            "/shop",
            "/day",
            "/joints",
            "/shop/devices"
        }) {
            MockHttpServletResponse page = send(http, get(place));
            assertThat(page.getStatus()).as(place).isEqualTo(200);
            assertThat(page.getContentAsString()).as(place).contains("id=\"about\"");
        }
        assertThat(send(http, get("/drill/set?seed=1")).getContentAsString()).contains("There is nothing to set yet");
        assertThat(send(http, get("/drill/ask?topic=PANEL_CHECK&seed=3")).getStatus())
                .isEqualTo(200);
        assertThat(send(http, get("/drill/exam.pdf?n=6")).getStatus()).isEqualTo(200);

        assertThat(send(http, post("/demo")).getRedirectedUrl()).isEqualTo("/");
        assertThat(jobs.countOnBench()).isEqualTo(5);
        assertThat(machines.machines()).hasSize(3);
        assertThat(runs.count()).isGreaterThan(25);
        send(http, post("/demo"));
        assertThat(jobs.countOnBench()).isEqualTo(5);
        assertThat(send(http, get("/")).getContentAsString()).doesNotContain("Load the demo shop", "Leave the guide");
    }

    @Test
    void theGuideIsLeftWithOneTap() throws Exception {
        assertThat(send(http, post("/guide")).getHeader("Set-Cookie")).contains("guide=left", "HttpOnly");
        assertThat(send(http, get("/").cookie(new Cookie("guide", "left"))).getContentAsString())
                .doesNotContain("Leave the guide");
    }

    @ParameterizedTest
    @EnumSource(JobTab.class)
    void everyRoomOfAJobSaysWhatItIsFor(JobTab step) {
        assertThat(Phrasebook.find("about." + step.path())).as(step.path()).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "bench",
                "joints",
                "card",
                "day",
                "machines",
                "logbook",
                "drill",
                "shop",
                "reference",
                "chart",
                "cope",
                "away",
                "mend"
            })
    void everyPlaceOfTheShopSaysWhatItIsFor(String place) {
        assertThat(Phrasebook.find("about." + place).orElse("").split(" ").length)
                .as(place)
                .isGreaterThan(5);
    }
}
