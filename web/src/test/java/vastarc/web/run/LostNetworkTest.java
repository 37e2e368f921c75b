package vastarc.web.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.WeldRunService;

/** What a booth sends late, and more than once, is kept once and at its own time. */
@SpringTest
class LostNetworkTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    private final JsonMapper json = JsonMapper.builder().build();
    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Far booth", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        jobs.delete(job.id());
    }

    private MockHttpServletResponse event(String kind, UUID key, String ago) throws Exception {
        MockHttpServletRequestBuilder request = post("/jobs/" + job.id() + "/run/event")
                .param("kind", kind)
                .param("key", key.toString())
                .param("ago", ago);
        return http.perform(request.with(csrf())).andReturn().getResponse();
    }

    private List<RunEvent> kept() {
        return runs.openRun(job.id()).orElseThrow().events();
    }

    @Test
    void anEventThatIsSentAgainIsKeptOnce() throws Exception {
        UUID strike = UUID.randomUUID();
        UUID dipped = UUID.randomUUID();
        event("ARC_ON", strike, "8");
        event("ARC_ON", strike, "9");
        event("DIPPED", dipped, "5");
        assertThat(event("DIPPED", dipped, "6").getStatus()).isEqualTo(200);
        event("DIPPED", UUID.randomUUID(), "4");

        assertThat(kept())
                .extracting(RunEvent::kind)
                .containsExactly(EventKind.ARC_ON, EventKind.DIPPED, EventKind.DIPPED);
    }

    @Test
    void lateEventsStandAtTheirOwnTimesInTheRunTheyBegin() throws Exception {
        event("ARC_ON", UUID.randomUUID(), "90");
        event("ARC_OFF", UUID.randomUUID(), "30.5");
        JsonNode state = json.readTree(event("ARC_ON", UUID.randomUUID(), "0.2").getContentAsByteArray());

        assertThat(kept().get(0).atS()).isZero();
        assertThat(kept().get(1).atS()).isCloseTo(59.5, within(0.5));
        assertThat(kept().get(2).atS()).isCloseTo(89.8, within(0.5));
        assertThat(state.get("arcs").intValue()).isEqualTo(2);
    }

    @Test
    void anEventOfARunThatIsClosedBeginsNoOther() throws Exception {
        UUID out = UUID.randomUUID();
        event("ARC_ON", UUID.randomUUID(), "3");
        event("ARC_OFF", out, "1");
        UUID run = runs.openRun(job.id()).orElseThrow().run().id();
        http.perform(
                post("/jobs/" + job.id() + "/run/close").param("hand", "Isk").with(csrf()));
        event("ARC_OFF", out, "2");

        assertThat(runs.openRun(job.id())).isEmpty();
        assertThat(runs.events(run)).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-5", "NaN", "1e99", "soon"})
    void aTimeThatCannotBeIsNoFault(String ago) throws Exception {
        assertThat(event("ARC_ON", UUID.randomUUID(), ago).getStatus()).isIn(200, 400);
    }

    @Test
    void whatTheBoothHasToKnowIsToldBeforeTheArc() throws Exception {
        JsonNode plan = json.readTree(http.perform(get("/jobs/" + job.id() + "/run/plan"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray());

        assertThat(plan.get("cues")).isNotEmpty();
        assertThat(plan.get("kinds").size()).isGreaterThanOrEqualTo(18);
        assertThat(plan.at("/says/POST_FLOW").asString()).isEqualTo("hold still");
        assertThat(plan.at("/after/postFlowS").doubleValue()).isPositive();
        assertThat(plan.at("/touches/during").asString()).isNotBlank();
        assertThat(plan.get("strikeS").doubleValue())
                .isLessThan(plan.get("outS").doubleValue());
    }
}
