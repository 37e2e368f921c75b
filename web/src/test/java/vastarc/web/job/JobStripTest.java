package vastarc.web.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.layout.JobTab;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Whoever stands before a place of a job sees which job it is. */
@SpringTest
class JobStripTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @ParameterizedTest
    @EnumSource(JobTab.class)
    void everyPlaceShowsWhatIsWeldedWithHowMuchAndWhetherItIsProven(JobTab step) throws Exception {
        Job job = jobs.create("Ladder <rung> 7", "", Jobs.lapUnderTheTrigger());
        String strip = strip(job, step);

        assertThat(strip)
                .contains("<h1>Ladder &lt;rung&gt; 7</h1>", "carbon steel · 2 mm · lap · 1F", ">1F<", "not proven");
        assertThat(strip).containsPattern("<b>\\d+ A</b>").doesNotContain("by pedal");
        jobs.delete(job.id());
    }

    @Test
    void underThePedalItSaysHowTheTwoCurrentsGoTogether() throws Exception {
        Job job = jobs.create(
                "Bracket",
                "",
                Jobs.typed(
                        Map.of("material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, "3", "control", "PEDAL")));

        assertThat(strip(job, JobTab.PANEL)).containsPattern("<b>\\d+ A</b>\\s*<span>by pedal, panel at \\d+ A</span>");
        jobs.delete(job.id());
    }

    @Test
    void aJointWithoutASheetHasAStripAllTheSame() throws Exception {
        Job job = jobs.create("Too thick", "", Jobs.typed(Map.of("joint", "EDGE", Jobs.BASE, "thick")));

        assertThat(strip(job, JobTab.RUN)).contains("Too thick", "not proven").doesNotContain(" A</b>");
        jobs.delete(job.id());
    }

    private String strip(Job job, JobTab step) throws Exception {
        String page = http.perform(get("/jobs/" + job.id() + "/" + step.path()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        int from = page.indexOf("id=\"job-strip\"");
        assertThat(from).isPositive();
        return page.substring(from, page.indexOf("</div>", from));
    }
}
