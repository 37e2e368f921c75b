package vastarc.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.record.diagnosis.AcceptanceChance;
import vastarc.web.SpringTest;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRunQueries;

/** The logbook of the demo shop: found, compared, plotted, exported and brought in again. */
@SpringTest
class LogbookTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private WeldRunQueries runs;

    private final JsonMapper json = JsonMapper.builder().build();

    private String page(String address) throws Exception {
        MockHttpServletResponse response =
                http.perform(get(address)).andReturn().getResponse();
        assertThat(response.getStatus()).as(address).isEqualTo(200);
        return response.getContentAsString();
    }

    private byte[] file(String address) throws Exception {
        MvcResult started = http.perform(get(address)).andReturn();
        return http.perform(MockMvcRequestBuilders.asyncDispatch(started))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private JsonNode bring(byte[] body) throws Exception {
        return json.readTree(http.perform(post("/logbook/import").content(body).with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
    }

    @Test
    void theDemoShopsStoryIsThereFilteredAndPlotted() throws Exception {
        assertThat(page("/logbook")).contains("Booth 1 inverter", "Korvin", "pass");
        String titanium = page("/logbook?material=TITANIUM_GR2&hand=Ansa&verdict=GOOD&order=CURRENT");
        assertThat(titanium).contains("titanium grade 2").doesNotContain("<td>Korvin</td>");
        String found = http.perform(get("/logbook").param("find", "crater ground"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(found).contains("row-link").doesNotContain("<td>Ansa</td>", "No run fits");
        assertThat(page("/logbook?fromMm=thick&from=someday")).contains("This is no day", "thick");
        assertThat(page("/logbook?find=zzzz")).contains("No run fits");
        assertThat(page("/logbook/trends")).contains("current read over current planned", "passed, %");
    }

    /** The demo shop's machine drifts: its runs lie on the map, and only the newest teach its current. */
    @Test
    void runsOfAMachineLieOnTheMapOfALikeJoint() throws Exception {
        MockHttpServletResponse response = http.perform(
                        post("/api/v1/map").contentType("application/json").content("""
                                {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5],"tubeOdMm":50.8,
                                 "purged":true,"nx":5,"ny":5,"machine":"Booth 1 inverter"}"""))
                .andReturn()
                .getResponse();
        JsonNode map = json.readTree(response.getContentAsByteArray());

        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        assertThat(map.get("runs")).hasSizeGreaterThan(3);
        assertThat(map.at("/runs/0/verdict").asString()).isIn("GOOD", "FAULTY");
        assertThat(map.at("/posterior/low").doubleValue())
                .isLessThan(map.at("/posterior/factor").doubleValue());
        assertThat(map.at("/posterior/credible").doubleValue()).isEqualTo(0.9);
        assertThat(map.at("/posterior/runs").intValue()).isPositive();
        assertThat(map.at("/posterior/drifted").booleanValue()).isTrue();
        assertThat(map.at("/limits/machineA").doubleValue()).isPositive();
        assertThat(map.at("/acceptance/runs").intValue()).isGreaterThanOrEqualTo(AcceptanceChance.LEAST_RUNS);
        assertThat(map.at("/acceptance/low").doubleValue())
                .isLessThan(map.at("/acceptance/chance").doubleValue());
    }

    /** The other jobs of the demo shop were welded a few times each. */
    @Test
    void aFewJudgedRunsMakeNoChance() throws Exception {
        JsonNode map = json.readTree(
                http.perform(post("/api/v1/map").contentType("application/json").content("""
                                {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3,5],"position":"PB",
                                 "nx":5,"ny":5,"machine":"Booth 1 inverter"}"""))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray());

        assertThat(map.get("runs")).isNotEmpty();
        assertThat(map.has("acceptance")).isFalse();
    }

    @Test
    void twoRunsAreComparedStrikeOnStrike() throws Exception {
        var two = runs.newest(RunFilter.named("stilling"), 2);
        String page = page(
                "/logbook/compare?run=" + two.get(0).id() + "&run=" + two.get(1).id());
        assertThat(page).contains("solid", "dashed", "Working current", "Readings of meters");
        assertThat(http.perform(get("/logbook/compare"))
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .isEqualTo("/logbook");
    }

    @Test
    void whatIsTakenOutComesInAgainAndWhatDoesNotFitIsToldRowByRow() throws Exception {
        for (String kind : new String[] {"csv", "json"}) {
            byte[] taken = file("/logbook." + kind);
            JsonNode again = bring(taken);
            assertThat(again.get("wrong").asString()).as(kind).isEmpty();
            assertThat(again.get("taken").asInt()).as(kind + " " + again).isZero();
            assertThat(again.get("known").asInt()).as(again.toString()).isEqualTo((int) runs.count());
        }
        String table = "job,started,material,currentA\nNew one,2026-10-01T08:00:00Z,CARBON_STEEL,\"88,5\"\n"
                + "Bad one,whenever,CARBON_STEEL,80\n,2026-10-01T08:00:00Z,,\n";
        JsonNode report = bring(table.getBytes(StandardCharsets.UTF_8));
        assertThat(report.get("taken").asInt()).isEqualTo(1);
        assertThat(report.get("refused").asInt()).isEqualTo(2);
        assertThat(report.get("rows").get(0).asString()).startsWith("Row 3");
        assertThat(bring(table.getBytes(StandardCharsets.UTF_8)).get("known").asInt())
                .isEqualTo(1);
        assertThat(bring("[{".getBytes(StandardCharsets.UTF_8)).get("wrong").asString())
                .isNotBlank();
        assertThat(bring(new byte[0]).get("wrong").asString()).isNotBlank();
    }
}
