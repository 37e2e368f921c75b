package vastarc.web.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.CALLS_REAL_METHODS;
import static org.mockito.Mockito.mockStatic;
import static org.mockito.Mockito.times;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.score.ScorePlanner;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;

/** Counts how often a request plans. */
@SpringTest
class PlansOnceTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Planned once", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void putAway() {
        jobs.delete(job.id());
    }

    /** Sheets and scores made while a request is answered. */
    private void plans(MockHttpServletRequestBuilder request, int sheets, int scores) throws Exception {
        try (MockedStatic<SheetPlanner> sheet = mockStatic(SheetPlanner.class, CALLS_REAL_METHODS);
                MockedStatic<ScorePlanner> score = mockStatic(ScorePlanner.class, CALLS_REAL_METHODS)) {
            assertThat(http.perform(request.with(csrf()))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isEqualTo(200);
            sheet.verify(
                    () -> SheetPlanner.plan(any(), any(), any(ShopWays.class), any(OwnValues.class)), times(sheets));
            score.verify(() -> ScorePlanner.plan(any(), any()), times(scores));
        }
    }

    private String panel() {
        return "/jobs/" + job.id() + "/panel";
    }

    private String version() {
        return String.valueOf(jobs.find(job.id()).orElseThrow().version());
    }

    @Test
    void everyRequestOfThePanelPlansOnce() throws Exception {
        plans(get(panel()), 1, 1);
        plans(post(panel()).param("version", version()), 1, 1);
        plans(post(panel() + "/done"), 1, 1);
        plans(post(panel() + "/check").param("item", "power").param("answer", "right"), 1, 1);
        plans(post(panel() + "/slot").param("slot", "1"), 1, 1);
        plans(post(panel() + "/undo"), 1, 1);
    }

    @Test
    void theSheetPlansOneSheetAndNoScoreTheScoreOneOfEach() throws Exception {
        plans(get("/jobs/" + job.id() + "/sheet"), 1, 0);
        plans(get("/jobs/" + job.id() + "/score"), 1, 1);
        plans(get("/jobs/" + job.id() + "/score?compare=TRIGGER_2T_PLAIN"), 2, 2);
    }
}
