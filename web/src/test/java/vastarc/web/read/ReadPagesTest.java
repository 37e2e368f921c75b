package vastarc.web.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.request.ClosingForm;
import vastarc.web.service.RunClosings;
import vastarc.web.service.RunSetups;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.diagnosis.DiagnosisStore;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialResult;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.WeldRunService.OpenRun;

/** Signs are stored as they are tapped, a change goes onto the sheet, and the result of it teaches the shop. */
@SpringTest
class ReadPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private DiagnosisStore readings;

    @Autowired
    private MachineStore machines;

    @Autowired
    private RunSetups setups;

    @Autowired
    private RunClosings closings;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("=Read job", "", Jobs.lapUnderTheTrigger());
        readings.reset();
    }

    private String send(MockHttpServletRequestBuilder request, String... pairs) throws Exception {
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        MockHttpServletResponse response =
                http.perform(request.with(csrf())).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    private String tap(String what, String... pairs) throws Exception {
        return send(post("/jobs/" + job.id() + "/read/" + what), pairs);
    }

    /** Hands at two tablets over one bead: each its own sign, at the same moments, and none is lost. */
    @Test
    void signsThatSeveralHandsMarkAtOnceAreAllKept() throws Exception {
        List<String> signs = List.of("CRATER", "=a", "=b", "=c");
        ExecutorService threads = Executors.newFixedThreadPool(signs.size());
        for (int round = 0; round < 5; round++) {
            boolean seen = round % 2 == 0;
            threads.invokeAll(signs.stream()
                    .<Callable<BeadObservations>>map(
                            sign -> () -> readings.change(job.id(), marks -> marks.marked(sign, seen)))
                    .toList());
            BeadObservations kept = readings.of(job.id());
            assertThat(seen ? kept.seen() : kept.notSeen()).containsExactlyInAnyOrderElementsOf(signs);
        }
        threads.shutdown();
    }

    @Test
    void aSignGoesRoundAndTheCausesFollow() throws Exception {
        assertThat(send(get("/jobs/" + job.id() + "/read"))).contains("What does the bead look like?");
        assertThat(tap("sign", "sign", "CRATER")).contains("Down-slope too short", "Next question");
        assertThat(readings.of(job.id()).seen()).containsExactly("CRATER");
        tap("sign", "sign", "CRATER");
        assertThat(readings.of(job.id()).notSeen()).containsExactly("CRATER");
        tap("sign", "sign", "CRATER");
        assertThat(readings.of(job.id())).isEqualTo(BeadObservations.none());
        tap("sign", "sign", "GHOST");
        assertThat(readings.of(job.id())).isEqualTo(BeadObservations.none());
        assertThat(tap("told", "question", "polarity", "answer", "POSITIVE")).contains("electrode positive");
        tap("told", "question", "polarity", "answer", "SIDEWAYS");
        assertThat(readings.of(job.id()).told()).containsEntry("polarity", "POSITIVE");
    }

    @Test
    void aChangeGoesOntoTheSheetAndItsOutcomeTeachesTheShop() throws Exception {
        tap("sign", "sign", "BURN_THROUGH");
        String trying = tap("try", "cause", "CURRENT_HIGH");
        assertThat(trying).contains("Trying:", "Better");
        double own = jobs.find(job.id())
                .orElseThrow()
                .content()
                .own()
                .of(CycleKey.WORKING_CURRENT)
                .orElseThrow();
        assertThat(own).isPositive();
        assertThat(tap("outcome", "result", "SAME")).doesNotContain("data-cause=\"CURRENT_HIGH\"");
        tap("again");
        tap("sign", "sign", "BURN_THROUGH");
        tap("try", "cause", "GAP_LARGE");
        assertThat(tap("outcome", "result", "BETTER"))
                .contains("What does the bead look like?", "gap too large: helped 1 of 1 times");
        Set<String> seen = Set.of("BURN_THROUGH", "CRATER");
        assertThat(readings.lean(seen).get("GAP_LARGE")).isGreaterThan(1);
        assertThat(readings.lean(seen).get("CURRENT_HIGH")).isLessThan(1);
        assertThat(readings.lean(Set.of("POROSITY")))
                .as("a bead without that sign learns nothing of it")
                .isEmpty();
        tap("forget");
        assertThat(readings.lean(seen)).isEmpty();
    }

    @Test
    void goodRunsOnItsMachineAreOfferedOnTheSheetAndTaken() throws Exception {
        Machine machine = machines.machines().get(0);
        jobs.edit(job.id(), OptionalLong.empty(), one -> one.content().on(Optional.of(machine.id()), Optional.empty()));
        RunSetups.Setup setup = setups.of(now(), OptionalInt.empty()).value().orElseThrow();
        String before = send(get("/jobs/" + job.id() + "/sheet"));
        for (int i = 0; i < 5; i++) {
            OpenRun under = setups.begin(now(), setup, "Teacher", "");
            closings.close(
                    under.run().id(),
                    new ClosingForm(
                            "Teacher",
                            OptionalDouble.empty(),
                            OptionalDouble.of(1.15 * setup.plan().working().value()),
                            RunVerdict.GOOD,
                            ""));
        }
        assertThat(before).doesNotContain("5 good runs like it");
        String page = send(get("/jobs/" + job.id() + "/sheet"));
        assertThat(page).contains("from our own welds", "5 good runs like it on this machine", machine.name());
        Matcher offered = Pattern.compile("data-learned=\"workingCurrent\"\\s+data-value=\"([0-9.]+)\"")
                .matcher(page);
        assertThat(offered.find()).isTrue();
        double value = Double.parseDouble(offered.group(1));
        assertThat(value / setup.plan().working().value()).isBetween(1.08, 1.16);
        send(post("/jobs/" + job.id() + "/sheet/learned"), "setting", "workingCurrent", "value", offered.group(1));
        assertThat(now().content().own().of(CycleKey.WORKING_CURRENT)).hasValue(value);
    }

    private Job now() {
        return jobs.find(job.id()).orElseThrow();
    }

    @Test
    void whatTryingTeachesIsBounded() {
        for (int i = 0; i < 60; i++) {
            readings.recordTrial(UUID.randomUUID(), "DRAUGHT", TrialResult.BETTER, BeadObservations.none());
            readings.recordTrial(UUID.randomUUID(), "GAS_LEAK", TrialResult.WORSE, BeadObservations.none());
        }
        assertThat(readings.lean(Set.of()).get("DRAUGHT")).isCloseTo(DiagnosisRequest.MOST_PRIOR, within(1e-9));
        assertThat(readings.lean(Set.of()).get("GAS_LEAK")).isCloseTo(1 / DiagnosisRequest.MOST_PRIOR, within(1e-9));
        readings.reset();
    }
}
