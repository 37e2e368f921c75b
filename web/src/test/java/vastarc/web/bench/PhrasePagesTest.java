package vastarc.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.input.WeldFields;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A joint said in one line on the bench. */
@SpringTest
class PhrasePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private String look(String line) throws Exception {
        return http.perform(get("/look").param("text", line))
                .andReturn()
                .getResponse()
                .getContentAsString()
                .replaceAll("<[^>]*>", " ")
                .replaceAll("\\s+", " ");
    }

    private MockHttpServletResponse make(String line) throws Exception {
        return http.perform(post("/jobs/text").with(csrf()).param("text", line))
                .andReturn()
                .getResponse();
    }

    @Test
    void whatIsTypedIsShownWithTheSheetsMainFigures() throws Exception {
        long before = jobs.newest(1000).size();

        assertThat(look("1/8 304 lap 4T pulse"))
                .contains(
                        "stainless 304L",
                        "lap",
                        "3.18 mm",
                        "torch switch 4T",
                        "Working current",
                        "“pulse” is read as ripple. What do you mean?",
                        "heat");
        assertThat(jobs.newest(1000).size()).isEqualTo(before);
    }

    @Test
    void whatIsMissingAndWhatMeansNothingIsNamed() throws Exception {
        assertThat(look("aluminium 3 mm"))
                .contains("Not understood: aluminium", "names no metal", "names no joint", "mild steel, 4130")
                .doesNotContain("Working current");
    }

    @Test
    void theLineMakesAJobNamedByItsJoint() throws Exception {
        String to = make("3 mm mild steel tee 2F pedal").getRedirectedUrl();
        Job job = jobs.find(UUID.fromString(to.replaceAll("/jobs/|/sheet", ""))).orElseThrow();

        assertThat(job.name()).isEqualTo("Carbon steel T fillet 3 mm");
        assertThat(job.content().joint().text(WeldFields.POSITION)).contains("PB");
        assertThat(job.content().joint().text(WeldFields.BASE)).contains("3 mm");
        jobs.delete(job.id());
    }

    @Test
    void whatWasDoubtfulOrNotUnderstoodIsInTheJobsNotes() throws Exception {
        String to = make("2 mm stainless lap orbital").getRedirectedUrl();
        Job job = jobs.find(UUID.fromString(to.replaceAll("/jobs/|/sheet", ""))).orElseThrow();

        assertThat(job.notes())
                .isEqualTo("“stainless” is read as 304L; it may also be 316L. Not understood, and left out: orbital.");
        jobs.delete(job.id());
    }

    @Test
    void aFractionOfAnInchIsKeptToTheLastDigit() throws Exception {
        String to = make("1/8 to 3/16 304 lap").getRedirectedUrl();
        Job job = jobs.find(UUID.fromString(to.replaceAll("/jobs/|/sheet", ""))).orElseThrow();

        assertThat(job.content().joint().text(WeldFields.BASE)).contains("3.175 mm");
        assertThat(job.content().joint().text(WeldFields.ABUTTING)).contains("4.7625 mm");
        jobs.delete(job.id());
    }

    @Test
    void aLineThatLacksSomethingComesBackAsTyped() throws Exception {
        MockHttpServletResponse answer = make("3 mm <b>tee</b>");

        assertThat(answer.getStatus()).isEqualTo(200);
        assertThat(answer.getContentAsString())
                .contains("value=\"3 mm &lt;b&gt;tee&lt;/b&gt;\"", "names no metal")
                .doesNotContain("<b>tee</b>");
        assertThat(make("").getStatus()).isEqualTo(200);
        assertThat(make("x".repeat(5000)).getStatus()).isEqualTo(200);
    }
}
