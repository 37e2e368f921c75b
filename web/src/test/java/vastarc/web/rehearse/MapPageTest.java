package vastarc.web.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

@SpringTest
class MapPageTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Mapped lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        jobs.delete(job.id());
    }

    private MockHttpServletResponse page(String id, String more) throws Exception {
        return http.perform(get("/jobs/" + id + "/map" + more)).andReturn().getResponse();
    }

    private Document document(String more) throws Exception {
        return Jsoup.parse(page(job.id().toString(), more).getContentAsString());
    }

    @Test
    void theMapShowsItsZonesThePointAndWhatMaySlip() throws Exception {
        Document page = document("");

        assertThat(page.select("#tolerance").text()).startsWith("Right with ").contains("less to", "slower to");
        assertThat(page.select(".map-chart path.zone-GOOD")).hasSize(1);
        assertThat(page.select(".map-chart path.map-point")).hasSize(1);
        assertThat(page.select("#map-zones li"))
                .hasSizeGreaterThan(3)
                .allSatisfy(line -> assertThat(line.select("a").attr("href")).isEqualTo("/reference/model/map"));
        assertThat(page.select("#map-axis option").eachAttr("value")).containsExactly("TRAVEL", "GAP", "THICKNESS");
    }

    @ParameterizedTest
    @CsvSource({"?y=GAP,200", "?y=THICKNESS,200", "?y=CURRENT,200", "?y=PULSE_ON_TIME,200", "?y=NONSENSE,400"})
    void anyAxisIsDrawnOrRefusedInWords(String more, int status) throws Exception {
        assertThat(page(job.id().toString(), more).getStatus()).isEqualTo(status);
    }

    @Test
    void aPulseThatThereIsNotIsSaid() throws Exception {
        Document page = document("?y=PULSE_ON_TIME");

        assertThat(page.select(".notice").text()).contains("not pulsed");
        assertThat(page.select(".map-chart")).isEmpty();
    }

    @Test
    void aJobWithoutASheetHasNoMap() throws Exception {
        Job none = jobs.create("Unfit", "", Jobs.typed(Map.of("material", "STAINLESS_304L", Jobs.BASE, "900")));
        Document page = Jsoup.parse(page(none.id().toString(), "").getContentAsString());

        assertThat(page.select(".notice")).isNotEmpty();
        jobs.delete(none.id());
        assertThat(page(none.id().toString(), "").getStatus()).isEqualTo(404);
    }
}
