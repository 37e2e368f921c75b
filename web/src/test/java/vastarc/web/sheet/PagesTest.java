package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JointText;

@SpringTest
class PagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore store;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    @Test
    void theBenchShowsTheDemoJobsWithTheirFigures() throws Exception {
        for (String job : new String[] {"Stilling tube", "Pier frame", "Mast arm", "Cabinet door", "Sensor cage"}) {
            assertThat(send(get("/").param("find", job)).getContentAsString()).contains(">" + job, "Working current");
        }
    }

    @Test
    void pagesAllowNoForeignScriptAndNoInlineScript() throws Exception {
        MockHttpServletResponse response = send(get("/"));

        assertThat(response.getHeader("Content-Security-Policy"))
                .contains("default-src 'self'")
                .doesNotContain("unsafe")
                .contains("frame-ancestors 'none'");
        assertThat(response.getContentAsString())
                .doesNotContain("onclick=", "onsubmit=", " style=")
                .doesNotContainPattern("<script[^>]*>[^<]")
                .doesNotContain("xmlns:th");
    }

    @Test
    void aPageOfAnotherNameIsRefused() throws Exception {
        assertThat(send(get("http://example.org/")).getStatus()).isEqualTo(400);
    }

    @Test
    void aChangeWithoutTheFormsTokenIsRefused() throws Exception {
        assertThat(send(post("/jobs")).getStatus()).isEqualTo(403);
        assertThat(send(post("/jobs").with(csrf())).getStatus()).isEqualTo(302);
    }

    @Test
    void aChangeAnswersWithTheWorkspaceAndKeepsEvenWhatCannotBeRead() throws Exception {
        Job job = store.create("Page job", "", Jobs.fresh());
        MockHttpServletResponse response = send(change(job, "zwei"));

        assertThat(response.getStatus()).isEqualTo(200);
        assertThat(response.getHeader("X-Job")).isEqualTo(job.id().toString());
        assertThat(response.getContentAsString())
                .startsWith("<div")
                .contains("id=\"workspace\"")
                .contains("value=\"zwei\"", "cannot be read as a length", "1/8 in", "No sheet for this joint yet");
        assertThat(Jobs.held(store.find(job.id()).orElseThrow().content(), Jobs.BASE))
                .contains("zwei");
    }

    private static MockHttpServletRequestBuilder change(Job job, String thickness) {
        return post("/jobs/" + job.id() + "/sheet")
                .with(csrf())
                .param("version", String.valueOf(job.version()))
                .param("material", "CARBON_STEEL")
                .param("joint", "T_FILLET")
                .param(Jobs.BASE, thickness);
    }

    @Test
    void aLateChangeSaysThatBothVersionsAreKept() throws Exception {
        Job job = store.create("Two windows", "", Jobs.fresh());
        send(change(job, "3 mm"));
        MockHttpServletResponse late = send(change(job, "4 mm"));

        assertThat(late.getHeader("X-Job")).isNotEqualTo(job.id().toString());
        assertThat(late.getContentAsString())
                .contains("Nothing is lost", "Two windows (second version)", "/jobs/" + job.id() + "/sheet");
    }

    @Test
    void inchReadersMeetNoMillimetreInTheSheet() throws Exception {
        Job job = store.create(
                "Inch job",
                "",
                JobContent.of(JointText.fresh()
                        .changedTo(
                                Map.of(
                                        "material",
                                        "STAINLESS_316L",
                                        "joint",
                                        "TUBE_BUTT",
                                        Jobs.BASE,
                                        ".065",
                                        "tubeOdMm",
                                        "2 in"),
                                JointText.FIELDS,
                                UnitSystem.INCH)));
        String page = send(get("/jobs/" + job.id() + "/sheet").cookie(new Cookie("units", "inch")))
                .getContentAsString();

        assertThat(page).contains("1/16", "in/min", "ft³/h", "kJ/in", "°F");
        assertThat(page).doesNotContain("class=\"unit\">mm<", "class=\"unit\">L/min<");
    }

    @Test
    void themeAndUnitsArePaintedByTheServer() throws Exception {
        assertThat(send(get("/")).getContentAsString()).contains("data-theme=\"dark\"", "data-units=\"metric\"");
        assertThat(send(get("/").cookie(new Cookie("theme", "light"), new Cookie("units", "inch")))
                        .getContentAsString())
                .contains("data-theme=\"light\"", "data-units=\"inch\"");
        assertThat(send(get("/").cookie(new Cookie("theme", "<script>"))).getContentAsString())
                .contains("data-theme=\"dark\"");
    }

    @Test
    void deletingOffersToPutItBack() throws Exception {
        Job job = store.create("Doomed", "", Jobs.fresh());
        String bench = send(post("/jobs/" + job.id() + "/delete").with(csrf())).getRedirectedUrl();

        assertThat(send(get(bench)).getContentAsString()).contains("“Doomed” is off the bench", "Put back");
        assertThat(send(get("/jobs/" + job.id() + "/sheet")).getStatus()).isEqualTo(404);
        send(post("/jobs/" + job.id() + "/restore").with(csrf()));
        assertThat(send(get("/jobs/" + job.id() + "/sheet")).getStatus()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/jobs/none/sheet", "/jobs/%00/sheet", "/?deleted=x", "/nowhere", "/jobs"})
    void strangeAddressesAreAnsweredWithoutAServerError(String address) throws Exception {
        MockHttpServletResponse response = send(get(URI.create(address)).accept("text/html"));
        assertThat(response.getStatus()).isBetween(400, 499);
        if (!address.contains("%")) {
            assertThat(response.getContentAsString()).contains("To the bench");
        }
        assertThat(send(get("/jobs/" + UUID.randomUUID() + "/sheet")).getStatus())
                .isEqualTo(404);
    }

    @Test
    void strangeChangesAreAnsweredWithoutAServerError() throws Exception {
        Job job = store.create("Strange", "", Jobs.fresh());
        assertThat(send(post("/jobs/" + job.id() + "/sheet")
                                .with(csrf())
                                .param("version", "x".repeat(3000))
                                .param("name", "\u0000\uD83D")
                                .param("notes", "n".repeat(50_000)))
                        .getStatus())
                .isEqualTo(200);
        assertThat(send(post("/jobs/" + UUID.randomUUID() + "/sheet").with(csrf()))
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void everyFigureOfASheetHasItsReasoning() throws Exception {
        Job job = store.create("Reasons", "", Jobs.fresh());
        String page = send(get("/jobs/" + job.id() + "/sheet")).getContentAsString();
        Matcher figures = Pattern.compile("name=\"why\"[^>]* id=\"(\\w+)\"|id=\"(\\w+)\"[^>]*name=\"why\"")
                .matcher(page);
        int count = 0;
        while (figures.find()) {
            String key = figures.group(1) == null ? figures.group(2) : figures.group(1);
            String why = send(get("/jobs/" + job.id() + "/sheet/why/" + key)).getContentAsString();
            assertThat(why).as(key).contains("How it is calculated", "If it does not weld right", "Source");
            count++;
        }
        assertThat(count).isGreaterThan(35);
        assertThat(send(get("/jobs/" + job.id() + "/sheet/why/nonsense")).getStatus())
                .isEqualTo(404);
    }

    @Test
    void noTwoPartsOfAPageShareAName() throws Exception {
        for (String joint : new String[] {"SQUARE_BUTT", "V_BUTT", "TUBE_SADDLE"}) {
            Job job = store.create(
                    "Names", "", Jobs.only(Map.of("material", "STAINLESS_304L", "joint", joint, Jobs.BASE, "3 mm")));
            String page = send(get("/jobs/" + job.id() + "/sheet")).getContentAsString();
            List<String> names = Pattern.compile(" id=\"([^\"]+)\"")
                    .matcher(page)
                    .results()
                    .map(found -> found.group(1))
                    .toList();

            assertThat(names).as(joint).doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u0001", "\"", "\\", "\uD83D", "\u0000", "é", "\uD83D\uDD25"})
    void aFormFullOfStrangeCharactersIsKept(String character) throws Exception {
        Job job = store.create("Strange characters", "", Jobs.fresh());
        MockHttpServletRequestBuilder request =
                post("/jobs/" + job.id() + "/sheet").with(csrf()).param("version", String.valueOf(job.version()));
        JointText.FIELDS.forEach(field -> request.param(field, "2" + character.repeat(300)));
        request.param(Jobs.BASE, "2" + character.repeat(300)).param(Jobs.ABUTTING, character.repeat(300));
        request.param("name", character.repeat(300)).param("notes", character.repeat(9000));

        assertThat(send(request).getStatus()).isEqualTo(200);
        assertThat(send(get("/jobs/" + job.id() + "/sheet")).getStatus()).isEqualTo(200);
        assertThat(send(get("/")).getStatus()).isEqualTo(200);
    }

    @Test
    void whatWasTypedForATubeIsStillThereAfterALookAtAButt() throws Exception {
        Job job = store.create("Back and forth", "", Jobs.fresh());
        String butt = send(change(job, "1.5 mm").param("tubeOdMm", "2 in").param("copeAngleDeg", "60"))
                .getContentAsString();
        assertThat(butt)
                .contains("type=\"hidden\" name=\"tubeOdMm\" value=\"2 in\"")
                .contains("type=\"hidden\" name=\"copeAngleDeg\" value=\"60\"");

        Job stored = store.find(job.id()).orElseThrow();
        String saddle = send(post("/jobs/" + job.id() + "/sheet")
                        .with(csrf())
                        .param("version", String.valueOf(stored.version()))
                        .param("material", "CARBON_STEEL")
                        .param("joint", "TUBE_SADDLE")
                        .param(Jobs.BASE, "1.5 mm")
                        .param("tubeOdMm", "2 in")
                        .param("copeAngleDeg", "60"))
                .getContentAsString();
        assertThat(saddle).contains("Tube outside diameter", "50.8 mm = 2 in", "Branch angle", "Branch at 60 degrees");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "SQUARE_BUTT",
                "V_BUTT",
                "T_FILLET",
                "LAP",
                "INSIDE_CORNER",
                "OUTSIDE_CORNER",
                "EDGE",
                "TUBE_BUTT",
                "TUBE_SADDLE",
                "TUBE_TO_PLATE"
            })
    void everyJointFormHasItsSheetPictureAndMembersNames(String joint) throws Exception {
        Job job = store.create(
                "Form " + joint, "", Jobs.only(Map.of("material", "TITANIUM_GR5", "joint", joint, Jobs.BASE, "2 mm")));
        String page = send(get("/jobs/" + job.id() + "/sheet")).getContentAsString();

        assertThat(page)
                .contains(
                        "id=\"workingCurrent\"",
                        "class=\"pool\"",
                        "class=\"metal\"",
                        "What changes the current",
                        "Time on by a standing arc");
        assertThat(page).doesNotContain("No sheet for this joint", "??");
    }

    @Test
    void theOtherMemberFollowsTheMetalUntilItIsToldApart() throws Exception {
        Job job = store.create("Both members", "", Jobs.fresh());
        change(job, "material", "STAINLESS_304L", "otherMaterial", "CARBON_STEEL");
        assertThat(Jobs.held(store.find(job.id()).orElseThrow().content(), "otherMaterial"))
                .isEmpty();

        change(job, "material", "STAINLESS_304L", "otherMaterial", "CARBON_STEEL");
        change(job, "material", "STAINLESS_316L", "otherMaterial", "CARBON_STEEL");
        assertThat(Jobs.held(store.find(job.id()).orElseThrow().content(), "otherMaterial"))
                .contains("CARBON_STEEL");
    }

    private void change(Job job, String... fields) throws Exception {
        var request = post("/jobs/" + job.id() + "/sheet")
                .param(
                        "version",
                        String.valueOf(store.find(job.id()).orElseThrow().version()))
                .param("joint", "SQUARE_BUTT")
                .param(Jobs.BASE, "2");
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i], fields[i + 1]);
        }
        assertThat(send(request.with(csrf())).getStatus()).isEqualTo(200);
    }
}
