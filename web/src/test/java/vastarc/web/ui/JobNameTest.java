package vastarc.web.ui;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Whoever stands before a place of a job sees which job it is. */
@SpringTest
class JobNameTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @ParameterizedTest
    @EnumSource(JobTab.class)
    void everyPlaceShowsTheNameOfItsJob(JobTab step) throws Exception {
        Job job = jobs.create("Ladder <rung> 7", "", Jobs.lapUnderTheTrigger());
        String page = http.perform(get("/jobs/" + job.id() + "/" + step.path()))
                .andReturn()
                .getResponse()
                .getContentAsString();

        String shown = page.replaceAll("(?s)<head>.*?</head>|<[^>]+class=\"quiet\"[^>]*>[^<]*<", "");
        assertThat(shown)
                .containsPattern("(class=\"job-title\".*|id=\"booth-job\"[^>]*|value=\"Ladder &lt;rung&gt; 7\"[^>]*)");
        assertThat(shown).contains("Ladder &lt;rung&gt; 7");
        jobs.delete(job.id());
    }
}
