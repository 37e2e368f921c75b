package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.OwnValuesText;

/** A welder's own value typed beside the reason of a figure, and the figures that have no effect on a weld. */
@SpringTest
class OwnValueTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Own values", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void gone() {
        jobs.delete(job.id());
    }

    private String address(String rest) {
        return "/jobs/" + job.id() + "/sheet" + rest;
    }

    private MockHttpServletResponse use(String setting, String value) throws Exception {
        return http.perform(post(address("/own/" + setting)).with(csrf()).param("value", value))
                .andReturn()
                .getResponse();
    }

    private OwnValuesText own() {
        return jobs.find(job.id()).orElseThrow().content().own();
    }

    private String reason(String setting) throws Exception {
        return http.perform(get(address("/why/" + setting)))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void theReasonOfAFigureHasAFieldWithTheFigureItself() throws Exception {
        assertThat(reason("downSlope"))
                .contains("data-own-value=\"downSlope\"", "value=\"3\"", "Your value: down-slope, s");
    }

    @Test
    void aFigureThatNobodySetsHasNone() throws Exception {
        assertThat(reason("heatInput")).doesNotContain("data-own-value");
        assertThat(reason("pulseRate")).as("idle on a steady current").doesNotContain("data-own-value");
    }

    @Test
    void itIsTakenAndCanBeGivenBack() throws Exception {
        assertThat(use("downSlope", "4.5 s").getContentAsString()).contains("Changed by you", "4.5");
        assertThat(own().of(CycleKey.DOWN_SLOPE)).hasValue(4.5);
        assertThat(use("upSlope", "1").getStatus()).isEqualTo(200);
        assertThat(own().values()).containsOnlyKeys(CycleKey.DOWN_SLOPE, CycleKey.UP_SLOPE);

        assertThat(use("downSlope", " ").getStatus()).isEqualTo(200);
        assertThat(own().values()).isEqualTo(Map.of(CycleKey.UP_SLOPE, 1.0));
    }

    @Test
    void whatIsNoFigureIsKeptAsTypedAndSaid() throws Exception {
        use("downSlope", "4.5");
        assertThat(use("downSlope", "slowly").getContentAsString()).contains("slowly");
        assertThat(own().unread()).isEqualTo(Map.of(CycleKey.DOWN_SLOPE, "slowly"));
        assertThat(own().values()).isEmpty();
        use("downSlope", "5");
        assertThat(own().unread()).isEmpty();
    }

    @Test
    void onAnotherPassThanTheFirstNoneIsAskedForAndNoneTaken() throws Exception {
        jobs.delete(job.id());
        job = jobs.create(
                "Deep V",
                "",
                Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "V_BUTT", Jobs.BASE, "8"))
                        .onPass("2"));

        assertThat(reason("workingCurrent")).doesNotContain("data-own-value");
        assertThat(use("workingCurrent", "120").getStatus()).isEqualTo(200);
        assertThat(own().isEmpty()).isTrue();
    }

    @Test
    void anUnknownSettingIsNotFound() throws Exception {
        assertThat(use("nonsense", "1").getStatus()).isEqualTo(404);
    }

    @Test
    void whatHasNoEffectStandsInOnePlaceWithTheReason() throws Exception {
        String page = http.perform(get(address("")).cookie(new Cookie("units", "metric")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String unused = page.substring(page.indexOf("id=\"unused\""));

        assertThat(unused)
                .contains("Pedal maximum", "No pedal: the panel is set to 101 A itself.")
                .contains("Pulse rate, pulse on-time, pulse background, background current")
                .contains("no pulse was asked for", "This metal does not need its back purged.");
        assertThat(page.substring(0, page.indexOf("id=\"unused\""))).doesNotContain("class=\"cell idle");
    }
}
