package vastarc.web.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.WeldFields;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;

@SpringTest
class MapPageTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Mapped lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        jobs.delete(job.id());
    }

    private MockHttpServletResponse page(String id, String more) throws Exception {
        return http.perform(get("/jobs/" + id + "/map" + more)).andReturn().getResponse();
    }

    private Document document(String more) throws Exception {
        return Jsoup.parse(page(job.id().toString(), more).getContentAsString());
    }

    @Test
    void theMapShowsItsZonesThePointAndWhatMaySlip() throws Exception {
        Document page = document("");

        assertThat(page.select("#tolerance").text()).startsWith("Right with ").contains("less to", "slower to");
        assertThat(page.select(".map-chart path.zone-GOOD")).hasSize(1);
        assertThat(page.select(".map-chart path.map-point")).hasSize(1);
        assertThat(page.select("#map-zones li"))
                .hasSizeGreaterThan(3)
                .allSatisfy(line -> assertThat(line.select("a").attr("href")).isEqualTo("/reference/model/map"));
        assertThat(page.select("#map-axis option").eachAttr("value")).containsExactly("TRAVEL", "GAP", "THICKNESS");
    }

    @Test
    void thePointSaysItsPoolItsHeatAndWhatItPullsBesideTheSheet() throws Exception {
        assertThat(document("").select(".map-choice").text()).contains("kJ/mm into the joint", "index 100% of");
        assertThat(page(job.id().toString(), "/point?pointA=60&pointTravel=60").getContentAsString())
                .contains("kJ/mm into the joint")
                .doesNotContain("index 100% of");
    }

    @Test
    void aMethodsCurrentSaysWhatBecomesOfAWeldMadeWithIt() throws Exception {
        assertThat(Jsoup.parse(http.perform(get("/jobs/" + job.id() + "/sheet"))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select(".schools .row")
                        .eachText())
                .isNotEmpty()
                .allSatisfy(row -> assertThat(row).containsAnyOf("may slip ±", "on the map: "));
    }

    @Test
    void aZoneSaysWhyToWhoeverPointsAtIt() throws Exception {
        assertThat(document("").select(".map-chart path.zone-NO_FUSION title").text())
                .isEqualTo("the faces do not melt");
        assertThat(page(job.id().toString(), ".svg").getContentAsString())
                .contains("<title>" + Phrasebook.say(Phrase.of(WeldZone.BURN_THROUGH.words()), UnitSystem.METRIC));
    }

    @Test
    void aPointOfTheMapBesideTheSheetBecomesItsOwnAndOneThatIsNoneChangesNothing() throws Exception {
        String beside = page(job.id().toString(), "/beside").getContentAsString();
        assertThat(Jsoup.parse(beside).select("[data-takes] .map-chart path.zone-GOOD"))
                .hasSize(1);

        point("95.4", "130");
        assertThat(kept().own().of(CycleKey.WORKING_CURRENT)).hasValue(95);
        assertThat(kept().joint().text(WeldFields.TRAVEL)).contains("130 mm/min");

        JobContent before = kept();
        for (String[] none : new String[][] {{"", ""}, {"95", "far"}, {"-4", "130"}, {"95", "1e9"}}) {
            point(none[0], none[1]);
        }
        assertThat(kept()).isEqualTo(before);
    }

    private JobContent kept() {
        return jobs.find(job.id()).orElseThrow().content();
    }

    private void point(String currentA, String mmPerMin) throws Exception {
        assertThat(http.perform(post("/jobs/" + job.id() + "/sheet/point")
                                .with(csrf())
                                .param("pointA", currentA)
                                .param("pointTravel", mmPerMin))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(200);
    }

    @ParameterizedTest
    @CsvSource({"?y=GAP,200", "?y=THICKNESS,200", "?y=CURRENT,200", "?y=PULSE_ON_TIME,200", "?y=NONSENSE,400"})
    void anyAxisIsDrawnOrRefusedInWords(String more, int status) throws Exception {
        assertThat(page(job.id().toString(), more).getStatus()).isEqualTo(status);
    }

    @Test
    void aPulseThatThereIsNotIsSaid() throws Exception {
        Document page = document("?y=PULSE_ON_TIME");

        assertThat(page.select(".notice").text()).contains("not pulsed");
        assertThat(page.select(".map-chart")).isEmpty();
    }

    @Test
    void aJobWithoutASheetHasNoMap() throws Exception {
        Job none = jobs.create("Unfit", "", Jobs.typed(Map.of("material", "STAINLESS_304L", Jobs.BASE, "900")));
        Document page = Jsoup.parse(page(none.id().toString(), "").getContentAsString());

        assertThat(page.select(".notice")).isNotEmpty();
        jobs.delete(none.id());
        assertThat(page(none.id().toString(), "").getStatus()).isEqualTo(404);
    }

    private MockHttpServletResponse take(long version, String current) throws Exception {
        return http.perform(post("/jobs/" + job.id() + "/map/take")
                        .param("version", String.valueOf(version))
                        .param("pointA", current)
                        .param("pointTravel", "90")
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    @Test
    void aPointIsNamedWhileItIsDragged() throws Exception {
        MockHttpServletResponse cold = page(job.id().toString(), "/point?pointA=5&pointTravel=300");
        MockHttpServletResponse burnt = page(job.id().toString(), "/point?pointA=300&pointTravel=40");

        assertThat(cold.getContentAsString()).contains("the faces do not melt", "At 5 A and 300 mm/min");
        assertThat(burnt.getContentAsString()).contains("the pool breaks through");
        assertThat(page(job.id().toString(), "/point?pointA=hot&pointTravel=40").getStatus())
                .isEqualTo(404);
        assertThat(page(job.id().toString(), "/point").getStatus()).isEqualTo(404);
    }

    @Test
    void aPointBecomesOwnValuesUnlessTheJobHasChanged() throws Exception {
        double before = current();

        assertThat(take(job.version(), String.valueOf(before + 4)).getRedirectedUrl())
                .isEqualTo("/jobs/" + job.id() + "/map");
        assertThat(current()).isEqualTo(Math.rint(before + 4));
        take(job.version(), "20");
        assertThat(current()).isEqualTo(Math.rint(before + 4));
        assertThat(take(job.version(), "a lot").getStatus()).isEqualTo(404);
    }

    private double current() throws Exception {
        return Double.parseDouble(document("").select("#map-point-words").text().replaceAll("At ([0-9.]+) A.*", "$1"));
    }

    @Test
    void aPointIsRehearsedBesideTheSheet() throws Exception {
        String form = "/jobs/" + job.id() + "/rehearse?pointA=44.5&pointTravel=120";
        Document page =
                Jsoup.parse(http.perform(get(form)).andReturn().getResponse().getContentAsString());

        assertThat(page.select("#choose-change option[selected]").last().text())
                .isEqualTo("45 A and 120 mm/min, from the map");
        assertThat(page.select("input[name=pointA]").val()).isEqualTo("44.5");
        assertThat(page.select("input[name=pointTravel]").val()).isEqualTo("120.0");
    }

    @ParameterizedTest
    @CsvSource({"TRAVEL, mm/min", "GAP, mm", "THICKNESS, mm"})
    void theMapIsATableAndAPictureToTakeAway(String axis, String unit) throws Exception {
        String id = job.id().toString();
        String[] lines = page(id, ".csv?y=" + axis).getContentAsString().split("\r\n");
        MockHttpServletResponse svg = page(id, ".svg?y=" + axis);

        assertThat(lines).hasSize(1 + 61 * 61);
        assertThat(lines[0]).startsWith("current_a,").contains(unit);
        assertThat(lines[1]).matches("[0-9.]+,[0-9.]+,[A-Z_]+,(true|false)");
        assertThat(svg.getContentType()).startsWith("image/svg+xml");
        assertThat(svg.getHeader("Content-Disposition")).contains("map.svg");
        assertThat(svg.getContentAsString()).contains("width=\"180mm\"", "zone-GOOD", "</svg>");
        assertThat(page(id, ".csv?y=PULSE_ON_TIME").getStatus()).isEqualTo(404);
    }

    /** What the page itself offers can be sent back as it stands. */
    @Test
    void theForgivingPointAndTheSheetsOwnAreTakenAsOffered() throws Exception {
        Document map = document("");
        String address = map.select("#map-forgiving").attr("href");
        Document forgiving =
                Jsoup.parse(http.perform(get(address)).andReturn().getResponse().getContentAsString());
        String offered = forgiving.select("[name=pointA]").first().val();

        assertThat(address)
                .endsWith("pointTravel="
                        + forgiving.select("[name=pointTravel]").first().val());
        assertThat(offered).isNotEqualTo(map.select("[name=pointA]").first().val());
        assertThat(take(job.version(), map.select("[name=pointA]").first().val())
                        .getRedirectedUrl())
                .endsWith("/map");
    }
}
