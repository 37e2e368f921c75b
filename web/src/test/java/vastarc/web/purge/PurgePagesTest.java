package vastarc.web.purge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.purge.PurgePage.PurgeSource;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.PurgeText;

@SpringTest
class PurgePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private JobPlanner planner;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Purge job", "", Jobs.purgedTube("50.8"));
    }

    private Job now() {
        return jobs.find(job.id()).orElseThrow();
    }

    private String tell(String path, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post("/jobs/" + job.id() + "/purge" + path)
                .with(csrf())
                .param("version", String.valueOf(now().version()));
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        MockHttpServletResponse response = http.perform(request).andReturn().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    private PurgePage shown(Duration after) {
        Job stored = now();
        return PurgePage.of(
                new PurgeSource(
                        stored,
                        List.of(),
                        planner.plan(stored).sheet().value(),
                        jobs.history(stored),
                        stored.content()
                                .purge()
                                .text(PurgeText.STARTED)
                                .map(Instant::parse)
                                .orElse(Instant.EPOCH)
                                .plus(after),
                        false,
                        Optional.empty(),
                        List.of(),
                        ""),
                UnitSystem.METRIC);
    }

    private String state(Duration after) {
        return shown(after).waiting().orElseThrow().state();
    }

    @Test
    void thePurgeFollowsTheSheetWhereNothingIsTold() throws Exception {
        String page = http.perform(get("/jobs/" + job.id() + "/purge"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(page).contains("straight tube", "47.5 mm", "9.4 L/min", "to 50 ppm", "Not started.");
        assertThat(shown(Duration.ZERO).view().orElseThrow().pictures())
                .extracting(PurgePage.RootPicture::verdict)
                .last()
                .isEqualTo("blown out");
    }

    /** A 2 mm vent blew the root out at the sheet's own hold flow: sheet, card and purge now hold the same. */
    @Test
    void whatIsEnteredHereDecidesTheFlowsOfTheSheet() throws Exception {
        assertThat(sheetsHold()).isEqualTo("5.6 L/min");

        String page = tell("", "purge.vent", "2 mm");

        assertThat(sheetsHold()).isEqualTo("2.1 L/min");
        assertThat(page).contains("2.1 L/min");
        assertThat(shown(Duration.ZERO).view().orElseThrow().pictures())
                .extracting(PurgePage.RootPicture::verdict)
                .element(1)
                .isEqualTo("sound");
        tell("", "purge.flow", "7");
        assertThat(planner.plan(now())
                        .sheet()
                        .value()
                        .orElseThrow()
                        .setting(ParameterKey.PURGE_FLOW)
                        .value())
                .isEqualTo(7);
    }

    private String sheetsHold() {
        return planner.plan(now())
                .sheet()
                .value()
                .orElseThrow()
                .setting(ParameterKey.PURGE_HOLD)
                .shown(UnitSystem.METRIC);
    }

    @Test
    void partsAreAddedMovedAndTakenOutAndTheLastOneStays() throws Exception {
        tell("/part", "add", "BEND");
        String three = tell("/part", "add", "TEE");
        assertThat(three).contains("1 straight tube", "2 bend", "3 tee");
        assertThat(tell("/part", "on", "0")).contains("1 bend", "2 straight tube");
        tell("/part", "out", "0");
        tell("/part", "out", "0");
        assertThat(tell("/part", "out", "0")).contains("1 tee");
        assertThat(tell("/part", "out", "99")).contains("1 tee");
        assertThat(tell("/part", "add", "NOTHING")).contains("1 tee");
    }

    @Test
    void aFigureThatCannotBeReadIsMarkedKeptAndNothingIsCalculated() throws Exception {
        String page = tell("", "purge.flow", "plenty", "purge.vent", "0.1 mm");

        assertThat(page)
                .contains(
                        "Something you typed cannot be read",
                        "value=\"plenty\"",
                        "cannot be read as a flow",
                        "value=\"0.1 mm\"")
                .doesNotContain("id=\"hero\"");
        assertThat(tell("", "purge.flow", "8", "purge.vent", "5 mm")).contains("id=\"hero\"");
    }

    @Test
    void theWaitIsOverWithTimeAndAFeltVentAndBeginsAgainWhenTheGasIsChanged() throws Exception {
        tell("/start", "open", "true");
        assertThat(state(Duration.ofSeconds(1))).isEqualTo("Filling.");
        assertThat(state(Duration.ofMinutes(5))).startsWith("Reached.");
        tell("", "purge.felt", "true", "purge.inlet", "LOW", "purge.ventAt", "HIGH", "purge.flow", "");
        assertThat(state(Duration.ofMinutes(5))).isEqualTo("Ready to weld.");
        assertThat(shown(Duration.ofMinutes(5)).waiting().orElseThrow().ready()).isTrue();
        assertThat(now().content().purge().text(PurgeText.CONFIRMED)).isPresent();

        tell("", "purge.felt", "true", "purge.flow", "4");
        assertThat(state(Duration.ofMinutes(5))).isEqualTo("Not started.");
    }

    @Test
    void aMeterCountsMoreThanTimeAndAnOverruleNeedsItsNote() throws Exception {
        tell("/start", "open", "true");
        assertThat(tell("", "purge.felt", "true", "purge.meter", "400 ppm")).contains("Above the target");
        assertThat(state(Duration.ofMinutes(60))).isEqualTo("Filling.");
        tell("", "purge.felt", "true", "purge.meter", "40");
        assertThat(state(Duration.ofSeconds(1))).isEqualTo("Ready to weld.");
        assertThat(tell("", "purge.meter", "some")).contains("Type what the meter shows");
        tell("", "purge.meter", "", "purge.overruled", "R. Slip: tack only, ground out after");
        assertThat(state(Duration.ofSeconds(1))).isEqualTo("Ready to weld: overridden.");
    }

    @Test
    void titaniumWaitsForAMeterOrForAnOverrideWithAName() throws Exception {
        job = jobs.create(
                "Titanium tube",
                "",
                Jobs.only(Map.of(
                        "material",
                        "TITANIUM_GR2",
                        "joint",
                        "TUBE_BUTT",
                        Jobs.BASE,
                        "1.5",
                        "tubeOdMm",
                        "38.1",
                        "purged",
                        "true")));
        tell("/start", "open", "true");
        tell("", "purge.felt", "true");
        assertThat(state(Duration.ofMinutes(30))).contains("waits for an oxygen meter");
        assertThat(shown(Duration.ofMinutes(30)).waiting().orElseThrow().ready())
                .isFalse();
        tell("", "purge.felt", "true", "purge.meter", "8");
        assertThat(state(Duration.ofMinutes(30))).isEqualTo("Ready to weld.");
        tell("", "purge.meter", "", "purge.overruled", "R. Slip: meter away for a day");
        assertThat(state(Duration.ofMinutes(30))).isEqualTo("Ready to weld: overridden.");
    }

    @Test
    void steelIsFoldedToOneSentence() throws Exception {
        Job steel =
                jobs.create("Steel", "", Jobs.only(Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, "2")));
        assertThat(http.perform(get("/jobs/" + steel.id() + "/purge"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("data-folded=\"true\"", "does not need its back purged", "Calculate a purge anyway");
    }

    @Test
    void aPurgeNeitherTakesTheProofAwayNorIsLostWithUndo() throws Exception {
        jobs.edit(
                job.id(),
                OptionalLong.empty(),
                before ->
                        before.content().proven(LocalDate.of(2026, 11, 25), planner.shopDefaults(), Optional.empty()));
        tell("", "purge.flow", "7");
        assertThat(now().content().proof()).isPresent();
        tell("/undo");
        assertThat(now().content().purge().text("purge.flow")).isEmpty();
        tell("/redo");
        assertThat(now().content().purge().text("purge.flow")).contains("7");
        assertThat(jobs.history(now())).isEqualTo(new History(true, false));
        jobs.edit(job.id(), OptionalLong.empty(), before -> before.content().open());
    }

    @Test
    void withoutASheetThereIsNothingToPurge() throws Exception {
        Job refused = jobs.create("Refused", "", Jobs.typed(Map.of(Jobs.BASE, "9")));
        String page = http.perform(get("/jobs/" + refused.id() + "/purge"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(page).contains("Nothing to purge without a sheet");
    }

    @Test
    void readingsNameTheLeakAndWhatCannotBeReadStaysTyped() throws Exception {
        StringBuilder lines = new StringBuilder("s;ppm\n");
        for (int s = 0; s < 60; s += 2) {
            lines.append(s)
                    .append("; ")
                    .append(Math.round(300 + 209_000 * Math.exp(-s / 3.0)))
                    .append(System.lineSeparator());
        }
        assertThat(tell("/readings", "readings", lines.toString())).contains("mL/min", "leaks");
        assertThat(now().content().purge().readings()).hasSize(30);

        String refused = tell("/readings", "readings", "0; 209500\nsoon; 300");
        assertThat(refused).contains("line 2 cannot be read", "soon; 300");
        assertThat(now().content().purge().readings()).hasSize(30);
        tell("/readings", "readings", "");
        assertThat(now().content().purge().readings()).isEmpty();
    }

    @Test
    void aSimulatedMeterReadsAndItsFaultIsNamedFromTheDecay() throws Exception {
        tell(
                "",
                "purge.part.0.kind",
                "BOX",
                "purge.part.0.lengthMm",
                "400",
                "purge.part.0.widthMm",
                "300",
                "purge.part.0.heightMm",
                "200");
        assertThat(tell("/simulate", "fault", "VENT_BLOCKED"))
                .contains("Simulated, with: the vent is blocked.")
                .containsPattern("Most likely</span\\s*>\\s*<b>the vent is blocked");
        assertThat(tell("/simulate", "fault", "NOT_ONE")).contains("Simulated, with: nothing wrong.");
    }

    @Test
    void theRecordSaysWhatWasFilledReadAndWhoSaidSo() throws Exception {
        tell("/start", "open", "true");
        tell("", "purge.felt", "true", "purge.meter", "40", "purge.by", "R. Slip");
        String record = http.perform(get("/jobs/" + job.id() + "/purge.json"))
                .andReturn()
                .getResponse()
                .getContentAsString();

        assertThat(record)
                .contains(
                        "\"job\":\"Purge job\"",
                        "\"purge.by\":\"R. Slip\"",
                        "\"purge.meter\":\"40\"",
                        "purge.confirmed",
                        "STRAIGHT",
                        "mixedS");
    }
}
