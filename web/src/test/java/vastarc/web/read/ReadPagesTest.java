package vastarc.web.read;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.score.ScoreKey;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.reading.Marks;
import vastarc.web.kept.reading.ReadingStore;

/** Signs are kept as they are tapped, a change goes onto the sheet, and what became of it teaches the shop. */
@SpringTest
class ReadPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private ReadingStore readings;

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

    @Test
    void aSignGoesRoundAndTheCausesFollow() throws Exception {
        assertThat(send(get("/jobs/" + job.id() + "/read"))).contains("What does the bead look like?");
        assertThat(tap("sign", "sign", "CRATER")).contains("down-slope too short", "what would tell most");
        assertThat(readings.of(job.id()).seen()).containsExactly("CRATER");
        tap("sign", "sign", "CRATER");
        assertThat(readings.of(job.id()).notSeen()).containsExactly("CRATER");
        tap("sign", "sign", "CRATER");
        assertThat(readings.of(job.id())).isEqualTo(Marks.none());
        tap("sign", "sign", "GHOST");
        assertThat(readings.of(job.id())).isEqualTo(Marks.none());
        assertThat(tap("told", "question", "polarity", "answer", "POSITIVE")).contains("electrode positive");
        tap("told", "question", "polarity", "answer", "SIDEWAYS");
        assertThat(readings.of(job.id()).told()).containsEntry("polarity", "POSITIVE");
    }

    @Test
    void aChangeGoesOntoTheSheetAndItsOutcomeTeachesTheShop() throws Exception {
        tap("sign", "sign", "BURN_THROUGH");
        String trying = tap("try", "cause", "CURRENT_HIGH");
        assertThat(trying).contains("Trying:", "better");
        double own = jobs.find(job.id())
                .orElseThrow()
                .content()
                .own()
                .of(ScoreKey.WORKING_CURRENT)
                .orElseThrow();
        assertThat(own).isPositive();
        assertThat(tap("outcome", "result", "SAME")).doesNotContain("data-cause=\"CURRENT_HIGH\"");
        tap("again");
        tap("sign", "sign", "BURN_THROUGH");
        tap("try", "cause", "GAP_LARGE");
        assertThat(tap("outcome", "result", "BETTER"))
                .contains("What does the bead look like?", "gap too large: helped 1 of 1 times");
        assertThat(readings.lean().get("GAP_LARGE")).isGreaterThan(1);
        assertThat(readings.lean().get("CURRENT_HIGH")).isLessThan(1);
        tap("forget");
        assertThat(readings.lean()).isEmpty();
    }

    @Test
    void whatTryingTeachesIsBounded() {
        for (int i = 0; i < 60; i++) {
            readings.tried(UUID.randomUUID(), "DRAUGHT", ReadingStore.Result.BETTER, Marks.none());
            readings.tried(UUID.randomUUID(), "GAS_LEAK", ReadingStore.Result.WORSE, Marks.none());
        }
        assertThat(readings.lean().get("DRAUGHT")).isCloseTo(ReadingAsk.MOST_LEAN, within(1e-9));
        assertThat(readings.lean().get("GAS_LEAK")).isCloseTo(1 / ReadingAsk.MOST_LEAN, within(1e-9));
        readings.reset();
    }
}
