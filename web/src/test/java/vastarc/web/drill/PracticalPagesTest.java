package vastarc.web.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.drill.PracticalStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A practical test: task, levels, what was measured, and what is kept with the learner. */
@SpringTest
class PracticalPagesTest {

    private static final String PUPIL = "Pupil Wren";

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private PracticalStore results;

    private Job job;

    @BeforeEach
    void aLap() {
        job = jobs.create("Held lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        results.forget(PUPIL);
        jobs.delete(job.id());
    }

    private Document page() throws Exception {
        return Jsoup.parse(http.perform(get("/drill/practical")
                        .param("learner", PUPIL)
                        .param("job", job.id().toString()))
                .andReturn()
                .getResponse()
                .getContentAsString());
    }

    private MockHttpServletResponse send(Map<String, String> levels) throws Exception {
        Map<String, String> fields =
                new HashMap<>(Map.of("learner", PUPIL, "job", job.id().toString()));
        fields.putAll(levels);
        MockHttpServletRequestBuilder request = post("/drill/practical").with(csrf());
        fields.forEach(request::param);
        return http.perform(request).andReturn().getResponse();
    }

    @Test
    void aBeadIsScoredAndKeptWithTheLearner() throws Exception {
        assertThat(page().select("#levels tbody tr").first().text()).contains("Width, mm", " mm");
        send(Map.of("WIDTH.low", "5", "WIDTH.high", "7", "WIDTH.measured", "6.25", "PORES.high", "0"));
        send(Map.of(
                "WIDTH.low",
                "5",
                "WIDTH.high",
                "7",
                "WIDTH.measured",
                "7.5",
                "PORES.high",
                "0",
                "PORES.measured",
                "0"));
        send(Map.of("UNDERCUT.high", "0.3", "UNDERCUT.measured", "0.3"));

        assertThat(page().select("#results li").eachText())
                .satisfiesExactly(
                        passed -> assertThat(passed).contains("Held lap", "1 / 1 passed", "0.3 (at most 0.3)"),
                        failed -> assertThat(failed).contains("1 / 2 not passed", "7.5 (5 to 7)"),
                        open -> assertThat(open)
                                .contains("1 / 2 not measured in full", "Pores seen, number: not measured"));
        http.perform(post("/drill/forget").param("learner", PUPIL).with(csrf()));
        assertThat(page().select("#results")).isEmpty();
    }

    @Test
    void whatDoesNotFitIsNamedAndAllTypedStays() throws Exception {
        MockHttpServletResponse refused =
                send(Map.of("WIDTH.low", "7", "WIDTH.high", "5", "LEG.measured", "4", "UNDERCUT.high", "deep"));

        assertThat(refused.getStatus()).isEqualTo(400);
        Document page = Jsoup.parse(refused.getContentAsString());
        assertThat(page.select("#levels .wrong").eachText())
                .hasSize(3)
                .anySatisfy(line -> assertThat(line).startsWith("Its lowest is above its highest."))
                .anySatisfy(line -> assertThat(line).startsWith("It is measured, and no level is set."))
                .anySatisfy(line -> assertThat(line).startsWith("It is no number from 0 to"));
        assertThat(page.select("[id='UNDERCUT.high']").val()).isEqualTo("deep");
        assertThat(send(Map.of()).getStatus()).isEqualTo(400);
        assertThat(send(Map.of("learner", " ", "PORES.high", "0")).getContentAsString())
                .contains("It is not said who did it.");
        assertThat(results.of(PUPIL)).isEmpty();
    }

    @Test
    void anotherJobKeepsWhatIsTyped() throws Exception {
        Document page = Jsoup.parse(http.perform(post("/drill/practical/job")
                        .with(csrf())
                        .param("learner", PUPIL)
                        .param("job", job.id().toString())
                        .param("WIDTH.high", "7"))
                .andReturn()
                .getResponse()
                .getContentAsString());

        assertThat(page.select("[id='WIDTH.high']").val()).isEqualTo("7");
        assertThat(page.select("#learner").val()).isEqualTo(PUPIL);
    }

    @Test
    void theTaskPrintsWithItsLevels() throws Exception {
        byte[] pdf = http.perform(post("/drill/practical.pdf")
                        .with(csrf())
                        .param("learner", PUPIL)
                        .param("job", job.id().toString())
                        .param("WIDTH.low", "5")
                        .param("WIDTH.high", "7"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();

        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Held lap", PUPIL, "Width, mm", "qualifies nobody");
        }
    }
}
