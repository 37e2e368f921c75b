package vastarc.web.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import biweekly.Biweekly;
import biweekly.component.VEvent;
import jakarta.servlet.http.Cookie;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;

@SpringTest
class RoutePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create(
                "=Routed job", "", Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, "3")));
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

    private String address(String more) {
        return "/jobs/" + job.id() + "/route" + more;
    }

    private Job now() {
        return jobs.find(job.id()).orElseThrow();
    }

    @Test
    void workIsTypedKeptAndRouted() throws Exception {
        String page = send(post(address("")), "work.seams", "3", "work.seamMm", "900", "work.piece", "Frame 7");
        assertThat(page).contains("seam 3", "totals", "A rod of 900 mm");
        assertThat(now().content().joint().work("work.piece")).hasValue("Frame 7");
        assertThat(send(get(address("")))).contains("value=\"900\"", "value=\"Frame 7\"");
        assertThat(send(get(address(".csv"))))
                .startsWith("n,kind,seam,pass,from_mm")
                .contains("TACK", "WELD");
        send(post(address("/undo")), "version", String.valueOf(now().version()));
        assertThat(now().content().joint().work("work.seams")).isEmpty();
    }

    @Test
    void oneSeamInOneRunFoldsToASentence() throws Exception {
        assertThat(send(post(address("")), "work.seams", "1", "work.seamMm", "60"))
                .contains("Nothing to put in order: ", "then the seam in one run.")
                .doesNotContainPattern("id=\"route-order-true\"\\s+open");
        assertThat(send(post(address("")), "work.seams", "2", "work.seamMm", "60"))
                .doesNotContain("Nothing to put in order")
                .containsPattern("id=\"route-order-false\"\\s+open");
    }

    @Test
    void howMuchThereIsIsAskedOnTheSheetAsWell() throws Exception {
        String sheet = "/jobs/" + job.id() + "/sheet";
        assertThat(send(get(sheet))).contains("id=\"work-here\"", "id=\"work.seams\"");
        String[] typed = {
            "version", String.valueOf(now().version()), "material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, "3"
        };
        send(post(sheet).param("work.seams", "3").param("work.seamMm", "12 in"), typed);
        assertThat(send(get(address("")))).contains("seam 3", "0 to 305 mm");
        send(post(address("/move")), "from", "2", "to", "1");
        assertThat(now().content().joint().work("work.order")).isPresent();
        typed[1] = String.valueOf(now().version());
        send(post(sheet), typed);
        assertThat(now().content().joint().work("work.seams")).hasValue("3");
        assertThat(now().content().joint().work("work.order")).isPresent();
        typed[1] = String.valueOf(now().version());
        assertThat(send(post(sheet).param("work.seams", "many"), typed)).contains("“many”", "a number from 1 to 60");
        assertThat(now().content().joint().work("work.order")).isEmpty();
        assertThat(now().content().joint().work("work.seamMm")).hasValue("12 in");
    }

    @Test
    void whatIsUsualAndWhatWouldWorkIsToldInTheShopsOwnUnits() throws Exception {
        Cookie inches = new Cookie("units", "inch");
        assertThat(send(get(address("")))).contains("placeholder=\"100 mm\"");
        String usual = send(get(address("")).cookie(inches));
        assertThat(usual).contains("placeholder=\"3.94 in\"").doesNotContain("placeholder=\"100 mm\"");
        send(post(address("")), "work.seamMm", "1 mm");
        assertThat(send(get(address("")).cookie(inches))).contains("Give a value from 0.197 in to 787.4 in.");
    }

    @Test
    void aSeamIsTypedInInchesAndTheDayKeepsAHandsOwnOrder() throws Exception {
        assertThat(send(post(address("")), "work.seamMm", "4 in")).contains("0 to 102 mm");
        String planned = send(get("/day.csv"), "job", job.id().toString());
        String csv = send(get(address(".csv")));
        int runs = csv.split("\r\n").length - 1;
        send(post(address("/move")), "from", String.valueOf(runs), "to", "1");
        assertThat(send(get("/day.csv"), "job", job.id().toString())).isNotEqualTo(planned);
        send(post(address("")), "work.seamMm", "800", "work.piece", "Frame 7");
        assertThat(send(get("/day"))).contains("Of: Frame 7");
    }

    @Test
    void aRunIsMovedAndWhatThatBreaksIsSaid() throws Exception {
        send(post(address("")), "work.seamMm", "60");
        String csv = send(get(address(".csv")));
        int runs = csv.split("\r\n").length - 1;
        String page = send(post(address("/move")), "from", String.valueOf(runs), "to", "1");
        assertThat(page).contains("Back to the planned order", "which has been welded already");
        assertThat(now().content().joint().work("work.order").orElseThrow()).startsWith(runs + ",1");
        assertThat(send(post(address("/move")), "from", "1", "to", "1")).doesNotContain("Back to the planned order");
        send(post(address("/move")), "from", "x", "to", "900");
        assertThat(now().content().joint().work("work.order")).isEmpty();
    }

    @Test
    void theRunsSayWhenTheyBurnAndHowTheirHeatLeavesAndDutyHasALaneWhereAPlateIsTold() throws Exception {
        String page = send(post(address("")), "work.seams", "2", "work.seamMm", "120");
        assertThat(page)
                .containsPattern("data-falls=\"[0-9.]+ [0-9.]+ [0-9.]+ [0-9.]+\"")
                .contains(
                        "data-steps=\"600 °C|300 °C|150 °C|60 °C\"",
                        "mark run-",
                        "data-start=\"",
                        "Metal temperature at a chosen time")
                .contains("Of a cylinder of 50 L at 150 bar")
                .doesNotContain("machine’s duty");
        String machine = machines.machines().get(0).id().toString();
        send(post("/jobs/" + job.id() + "/panel"), "machine", machine, "version", String.valueOf(now().version()));
        assertThat(send(get(address(""))))
                .contains("machine’s duty", "class=\"used\"")
                .doesNotContain("torch’s duty");
    }

    @Test
    void anotherAmountOfWorkLeavesAProvenJobProven() throws Exception {
        send(post("/jobs/" + job.id() + "/sheet/proven"));
        assertThat(now().content().proof()).isPresent();
        send(post(address("")), "work.seams", "2");
        assertThat(now().content().proof()).isPresent();
        send(
                post("/jobs/" + job.id() + "/sheet"),
                "version",
                String.valueOf(now().version()),
                "material",
                "STAINLESS_316L");
        assertThat(now().content().joint().work("work.seams")).hasValue("2");
    }

    @Test
    void whatCannotBeReadIsKeptAndSaidSo() throws Exception {
        String page = send(post(address("")), "work.seams", "many", "work.handlingS", "-5");
        assertThat(page)
                .contains("“many”", "a number from 1 to 60", "Something you typed cannot be read", "value=\"many\"");
        Job refused = jobs.create(
                "Refused",
                "",
                Jobs.typed(Map.of("material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "9")));
        assertThat(send(get("/jobs/" + refused.id() + "/route"))).contains("No route without a sheet");
    }

    @Test
    void aDayOfTickedJobsIsShownAndTakenAway() throws Exception {
        Job other = jobs.create(
                "Other job", "", Jobs.typed(Map.of("material", "CHROMOLY_4130", "joint", "V_BUTT", Jobs.BASE, "6")));
        String[] both = {"job", job.id().toString(), "job", other.id().toString()};
        String page = send(get("/day"), both);
        assertThat(Jsoup.parse(page).select("#day-material tbody tr").eachText())
                .anySatisfy(line -> assertThat(line).contains("Filler rod", "rods:", " g", "not listed"))
                .anySatisfy(line -> assertThat(line).startsWith("Tungsten"));
        assertThat(page).contains("One job after the other", "=Routed job", "Other job", "Saved:");
        assertThat(send(get("/day.csv"), both)).contains("start_s,end_s,job", "'=Routed job");
        assertThat(Biweekly.parse(send(get("/day.ics"), both)).first().getEvents())
                .isNotEmpty()
                .extracting(VEvent::getSummary)
                .extracting(summary -> summary.getValue())
                .contains("=Routed job", "Other job");
        Matcher later = Pattern.compile("turns=([0-9x.]+)[^>]*: later").matcher(page);
        assertThat(later.find()).isTrue();
        String own = send(get("/day").queryParam("turns", later.group(1)), both);
        assertThat(own).contains("id=\"against\"", "Back to the planned order", "/day.csv?", "&amp;turns=");
        assertThat(send(get("/day.csv").queryParam("turns", later.group(1)), both))
                .isNotEqualTo(send(get("/day.csv"), both));
        for (String unfit : new String[] {"0x1", "0x1.1x1", "9x4", "0x-1", "x", "0x999999", "0x1,1x2"}) {
            assertThat(send(get("/day").queryParam("turns", unfit), both))
                    .contains("Your order does not fit these jobs any more", "id=\"stints\"")
                    .doesNotContain("id=\"against\"");
        }
        assertThat(send(get("/day"), "chosen", "true")).contains("No job is ticked yet");
        assertThat(send(get("/day"), "job", "nonsense")).contains("No job is ticked yet");
        Job refused = jobs.create(
                "No way", "", Jobs.typed(Map.of("material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "9")));
        assertThat(send(get("/day"), "job", refused.id().toString())).contains("No route yet: No way");
    }

    @Test
    void theDayProposesWhatIsStillToBeWeldedWithTheMinutesOfEach() throws Exception {
        Job open = jobs.create("Open one", "", Jobs.lapUnderTheTrigger());
        Job proven = jobs.create("Proven one", "", Jobs.lapUnderTheTrigger());
        send(post("/jobs/" + proven.id() + "/sheet/proven").with(csrf()).param("version", "0"));
        String page = send(get("/day"));

        assertThat(page).contains("id=\"day-proposed\"", "id=\"makespan\"", "Next: put it on a machine");
        assertThat(ticked(page))
                .contains(open.id().toString())
                .doesNotContain(proven.id().toString());
        assertThat(page.substring(page.indexOf(">Open one<")))
                .containsPattern("^>Open one</span>\\s*<b>[\\d.]+ (s|min|h)</b");
        assertThat(send(get("/day"), "job", proven.id().toString())).doesNotContain("id=\"day-proposed\"");
        jobs.delete(open.id());
        jobs.delete(proven.id());
    }

    private static List<String> ticked(String page) {
        return Pattern.compile("name=\"job\" value=\"([^\"]+)\" checked")
                .matcher(page)
                .results()
                .map(found -> found.group(1))
                .toList();
    }
}
