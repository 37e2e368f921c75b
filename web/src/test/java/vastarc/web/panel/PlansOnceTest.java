package vastarc.web.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.CALLS_REAL_METHODS;
import static org.mockito.Mockito.mockStatic;
import static org.mockito.Mockito.times;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.mockito.MockedStatic;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.parameters.SheetChoices;
import vastarc.core.advice.parameters.ThermalPlan;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Counts how often requests plan: a weld that was planned before is not planned again. */
@SpringTest
class PlansOnceTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    /** A joint that no other test has planned. */
    private void aJob(String mm) {
        Map<String, String> typed =
                Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, mm, "control", "TRIGGER_4T");
        job = jobs.create("Planned once", "", Jobs.typed(typed));
    }

    @AfterEach
    void putAway() {
        jobs.delete(job.id());
    }

    /** Sheets and weld cycles made while a request is answered. */
    private void plans(MockHttpServletRequestBuilder request, int sheets, int scores) throws Exception {
        try (MockedStatic<SheetPlanner> sheet = mockStatic(SheetPlanner.class, CALLS_REAL_METHODS);
                MockedStatic<CyclePlanner> score = mockStatic(CyclePlanner.class, CALLS_REAL_METHODS)) {
            assertThat(http.perform(request.with(csrf()))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isEqualTo(200);
            sheet.verify(() -> SheetPlanner.plan(any(ThermalPlan.class), any(SheetChoices.class)), times(sheets));
            score.verify(() -> CyclePlanner.plan(any(), any()), times(scores));
        }
    }

    private String panel() {
        return "/jobs/" + job.id() + "/panel";
    }

    private String version() {
        return String.valueOf(jobs.find(job.id()).orElseThrow().version());
    }

    @Test
    void thePanelPlansOnce() throws Exception {
        aJob("2.113");
        plans(get(panel()), 1, 1);
        plans(post(panel()).param("version", version()), 0, 0);
        plans(post(panel() + "/done"), 0, 0);
        plans(post(panel() + "/check").param("item", "power").param("answer", "right"), 0, 0);
        plans(post(panel() + "/slot").param("slot", "1"), 0, 0);
        plans(post(panel() + "/undo"), 0, 0);
    }

    @Test
    void theSheetPlansOneSheetAndNoScoreTheScoreGoesOnFromIt() throws Exception {
        aJob("2.127");
        plans(get("/jobs/" + job.id() + "/sheet"), 1, 0);
        plans(get("/jobs/" + job.id() + "/score"), 0, 1);
        plans(get("/jobs/" + job.id() + "/score?compare=TRIGGER_2T_PLAIN"), 1, 1);
    }
}
