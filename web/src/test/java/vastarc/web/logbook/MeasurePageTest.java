package vastarc.web.logbook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.awt.Color;
import java.util.List;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.SpringTest;
import vastarc.web.store.run.KeptMeasure;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph;
import vastarc.web.store.run.Photograph.PhotographKind;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.store.simulation.SimulationStore;

/** A run's photograph measured on its page: what is proposed, what is kept, and where it shows. */
@SpringTest
class MeasurePageTest {

    private static final String STRIP = "{\"scale\":{\"strip\":true},\"seam\":[[80,331],[600,329],[1100,330]]}";

    @Autowired
    private MockMvc http;

    @Autowired
    private PhotoStore photos;

    @Autowired
    private WeldRunQueries book;

    @Autowired
    private SimulationStore simulations;

    private WeldRun run;
    private Photograph photo;

    @BeforeEach
    void anUnevenBead() throws Exception {
        run = book.newest(RunFilter.all(), 1).get(0);
        photo = photos.keep(run.id(), PhotographKind.BEAD, DemoPhoto.of(new Color(120, 130, 170), 90 / 14.0, 0.1, 3));
    }

    @AfterEach
    void away() {
        photos.forget(run.id(), photo.id());
    }

    private String address() {
        return "/logbook/" + run.id() + "/photo/" + photo.id() + "/measure";
    }

    private String measured(String query, String ask) throws Exception {
        return http.perform(post(address() + query)
                        .contentType("application/json")
                        .content(ask)
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    private String streamed(String address) throws Exception {
        MvcResult begun = http.perform(get(address)).andReturn();
        return http.perform(asyncDispatch(begun)).andReturn().getResponse().getContentAsString();
    }

    private int status(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse().getStatus();
    }

    private String page(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse().getContentAsString();
    }

    @Test
    void unevenRipplesAreProposedAndNothingIsKeptUnasked() throws Exception {
        assertThat(page(address())).contains("Nothing is measured yet");
        String found = measured("", STRIP);

        assertThat(found).contains("data-sign=\"RIPPLE_UNEVEN\"", "id=\"keep\"", "6.4", "cannot be seen");
        assertThat(photos.find(photo.id()).orElseThrow().measure()).isEmpty();
    }

    @Test
    void whatIsKeptShowsWithTheRunInTrendsAndOnTheRecord() throws Exception {
        assertThat(measured("?keep=yes", STRIP)).contains("id=\"kept\"");

        KeptMeasure kept = photos.find(photo.id()).orElseThrow().measure().orElseThrow();
        assertThat(kept.widthMm()).isCloseTo(90 / 14.0, within(0.15));
        assertThat(page(address())).contains("Kept with this photograph");
        assertThat(page("/logbook/" + run.id())).contains("mm wide");
        assertThat(page("/logbook/" + run.id() + "/record")).contains("Evenness of the ripples");
        assertThat(page("/logbook/trends")).contains("bead width by photograph");
    }

    /** A kept rehearsal of the run's joint is drawn, one of another thickness is not. */
    @Test
    void theRehearsalOfThisJointIsDrawnByItsName() throws Exception {
        UUID job = run.head().job().orElseThrow();
        UUID id = UUID.randomUUID();
        String name = "Dashed: the last rehearsal of this joint, 71 A";
        try {
            simulations.keep(id, job, rehearsed(run.head().welded().thicknessMm() + 0.5));
            assertThat(measured("", STRIP)).doesNotContain(name, "dashed");

            simulations.forget(job, id);
            simulations.keep(id, job, rehearsed(run.head().welded().thicknessMm()));
            assertThat(measured("", STRIP)).contains(name, "dashed");
        } finally {
            simulations.forget(job, id);
        }
    }

    private SimulationRecord rehearsed(double thicknessMm) throws Exception {
        ObjectNode document = (ObjectNode)
                JsonMapper.shared().readTree(new ClassPathResource("kept/simulation-2.json").getContentAsByteArray());
        ((ObjectNode) document.at("/content/weld/joint"))
                .put("material", run.head().welded().material())
                .put("other", run.head().welded().material())
                .put("form", run.head().welded().joint())
                .put("base", thicknessMm)
                .put("abutting", thicknessMm);
        return SimulationRecord.FORMAT.read(document.toString()).value().orElseThrow();
    }

    @Test
    void inchShopsSeeTheWidthInInches() throws Exception {
        assertThat(measured("", STRIP)).contains("bead width along the seam, mm");
        String inches = http.perform(post(address())
                        .contentType("application/json")
                        .content(STRIP)
                        .cookie(new Cookie("units", "inch"))
                        .with(csrf()))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(inches).contains("bead width along the seam, in");
        assertThat(Jsoup.parse(inches).select("text.dim-text").eachText()).contains("0.24", "0.32", "2.5");
    }

    @Test
    void whatIsKeptGoesOutAsFilesAndInTheLogbooksRows() throws Exception {
        assertThat(status(address() + ".csv")).isEqualTo(404);
        measured("?keep=yes", STRIP);

        List<String> lines = page(address() + ".csv").lines().toList();
        assertThat(lines.get(0)).isEqualTo("along_mm,width_mm,plus_minus_mm");
        assertThat(lines).hasSizeBetween(15, 201);
        double mean = lines.stream()
                .skip(1)
                .mapToDouble(line -> Double.parseDouble(line.split(",")[1]))
                .average()
                .orElseThrow();
        JsonNode whole = JsonMapper.shared().readTree(page(address() + ".json"));
        assertThat(mean).isCloseTo(whole.get("widthMm").asDouble(), within(0.1));
        assertThat(whole.get("asked").get("scale").get("strip").asBoolean()).isTrue();
        String row = streamed("/logbook.csv")
                .lines()
                .filter(line -> line.startsWith(run.id().toString()))
                .findFirst()
                .orElseThrow();
        assertThat(row)
                .endsWith(","
                        + (whole.get("tint").isNull() ? "" : whole.get("tint").asString()));
        JsonNode told = JsonMapper.shared()
                .readTree(streamed("/logbook.json"))
                .valueStream()
                .filter(one -> one.get("id").asString().equals(run.id().toString()))
                .findFirst()
                .orElseThrow();
        assertThat(told.get("beadWidthMm").asDouble())
                .isCloseTo(whole.get("widthMm").asDouble(), within(1e-3));
    }

    /** What was drawn comes back with the page, and measures the same again without being kept anew. */
    @Test
    void whatWasDrawnComesBackWithThePage() throws Exception {
        String drawn =
                "{\"scale\":{\"strip\":true},\"dabHz\":1.5,\"leftOut\":[{\"fromMm\":10,\"toMm\":14}],\"moved\":[]}";
        measured("?keep=yes", drawn);
        KeptMeasure kept = photos.find(photo.id()).orElseThrow().measure().orElseThrow();

        String asked =
                Jsoup.parse(page(address())).getElementById("measure-place").attr("data-asked");
        JsonNode again = JsonMapper.shared().readTree(asked);
        assertThat(again.get("dabHz").asDouble()).isEqualTo(1.5);
        assertThat(again.get("leftOut").get(0).get("toMm").asDouble()).isEqualTo(14);
        assertThat(measured("?kept=yes", asked)).contains("id=\"kept\"").doesNotContain("id=\"keep\"");
        assertThat(photos.find(photo.id()).orElseThrow().measure()).contains(kept);
    }

    @Test
    void whatCannotBeMeasuredIsSaid() throws Exception {
        assertThat(measured("", "{\"scale\":{\"from\":[1,1]}}")).contains("Choose Scale");
        assertThat(measured("", "nothing")).contains("Choose Scale");
        assertThat(measured("?keep=yes", "{\"scale\":{\"strip\":true},\"seam\":[[80,100],[1100,100]]}"))
                .contains("No bead");
        assertThat(photos.find(photo.id()).orElseThrow().measure()).isEmpty();
        assertThat(status("/logbook/" + run.id() + "/photo/" + UUID.randomUUID() + "/measure"))
                .isEqualTo(404);
    }
}
