package vastarc.web.assembly;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** An assembly from its list of seams over the map to the log. */
@SpringTest
class AssemblyPagesTest {

    private static final String DAY = "2026-11-30";

    @Autowired
    private MockMvc http;

    @Autowired
    private AssemblyStore assemblies;

    @Autowired
    private JobStore jobs;

    private UUID id;

    @BeforeEach
    void anAssembly() {
        id = assemblies.create("Test frame").orElseThrow().id();
    }

    @AfterEach
    void away() {
        assemblies.delete(id);
    }

    private String at(String more) {
        return "/assemblies/" + id + more;
    }

    private Document page(String more) throws Exception {
        MockHttpServletResponse answer = http.perform(get(at(more))).andReturn().getResponse();
        assertThat(answer.getStatus()).as(more).isEqualTo(200);
        return Jsoup.parse(answer.getContentAsString());
    }

    private MockHttpServletResponse send(String more, Map<String, String> fields) throws Exception {
        MockHttpServletRequestBuilder request = post(at(more)).with(csrf());
        fields.forEach(request::param);
        return http.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse draw(byte[] file) throws Exception {
        return http.perform(post(at("/drawing"))
                        .content(file)
                        .contentType("application/octet-stream")
                        .with(csrf()))
                .andReturn()
                .getResponse();
    }

    private void seams(String list) throws Exception {
        assertThat(send("/seams", Map.of("list", list)).getRedirectedUrl()).isEqualTo(at(""));
    }

    private void enter(String seam, String kind, String by, String... more) throws Exception {
        Map<String, String> fields = new HashMap<>(Map.of("seam", seam, "kind", kind, "by", by, "day", DAY));
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        assertThat(send("/seam/enter", fields).getStatus()).isEqualTo(302);
    }

    private SeamState state(String seam) {
        return assemblies.seam(id, seam).map(Seam::state).orElseThrow();
    }

    @Test
    void aSeamGoesFromTheListToTheLogWithOneRepair() throws Exception {
        seams("S1; foot to post\nS2; brace to post\n\nS3\tcap");
        enter("S1", "WELDED", "Ansa");
        enter("S1", "EXAMINED", "Lisk", "method", "PENETRANT", "accepted", "false", "cause", "crater crack");
        assertThat(state("S1")).isEqualTo(SeamState.REJECTED);
        enter("S1", "REPAIRED", "Ansa", "cause", "ground out and welded");
        enter("S1", "EXAMINED", "Lisk", "method", "PENETRANT", "accepted", "true");
        enter("S2", "WELDED", "Ansa");

        Document page = page("");
        assertThat(page.select("#states a").eachText())
                .contains("0 held", "1 to weld", "1 welded", "1 accepted", "0 to repair");
        assertThat(page.select("#seams tbody tr").first().text()).contains("S1", "foot to post", "accepted", "Ansa");
        assertThat(page.select("#rates tbody tr").eachText())
                .containsExactly("welder Ansa 1 / 2 50%", "cause crater crack 1 / 2 50%");
        assertThat(page("?state=OPEN").select("#seams tbody tr")).hasSize(1);
        assertThat(page("?state=OPEN").select("details p").text()).contains("all its seams (3)");
        assertThat(page("?seam=S1").select("#happened li").eachText().get(1))
                .contains(DAY, "rejected", "Lisk", "dye penetrant, crater crack");
        assertThat(page("/log").select("#log-place").text()).contains("crater crack", "ground out and welded");
        String csv = http.perform(get(at(".csv"))).andReturn().getResponse().getContentAsString();
        assertThat(csv.lines()).contains("S1,foot to post,,ACCEPTED,,,Ansa,1", "S3,cap,,OPEN,,,,0");
    }

    @Test
    void theLastEntryIsTakenBackAndTheSeamStandsWhereItStood() throws Exception {
        seams("S1");
        enter("S1", "WELDED", "Ansa");
        enter("S1", "EXAMINED", "Lisk", "accepted", "true");

        send("/seam/take-back", Map.of("seam", "S1"));

        assertThat(state("S1")).isEqualTo(SeamState.WELDED);
    }

    @Test
    void aHoldPointIsToldAtTheBoothUntilItIsSigned() throws Exception {
        Job job = jobs.create("Held lap", "", Jobs.lapUnderTheTrigger());
        seams("S1; lap");
        send("/seam", Map.of("seam", "S1", "number", "S1", "job", job.id().toString(), "hold", "fit-up looked at"));
        assertThat(state("S1")).isEqualTo(SeamState.HELD);
        String booth = "/jobs/" + job.id() + "/run";
        assertThat(Jsoup.parse(http.perform(get(booth))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select("#paper-notes li")
                        .eachText())
                .containsExactly("Seam S1: hold point “fit-up looked at” is not signed.");

        enter("S1", "RELEASED", "Lisk");

        assertThat(Jsoup.parse(http.perform(get(booth))
                                .andReturn()
                                .getResponse()
                                .getContentAsString())
                        .select("#papers"))
                .isEmpty();
        jobs.delete(job.id());
    }

    @Test
    void whatDoesNotFitIsNamedAndAllTypedStays() throws Exception {
        MockHttpServletResponse list = send("/seams", Map.of("list", "S1; one\nS1; two\n;nothing"));
        assertThat(list.getStatus()).isEqualTo(400);
        Document refused = Jsoup.parse(list.getContentAsString());
        assertThat(refused.select("#list-wrong li").eachText())
                .anySatisfy(line -> assertThat(line).startsWith("Line 2 has number S1"))
                .anySatisfy(line -> assertThat(line).startsWith("Line 3 does not begin"));
        assertThat(refused.select("#list").text()).contains("S1; one");
        assertThat(assemblies.seams(id)).isEmpty();

        seams("S1");
        MockHttpServletResponse entry = send(
                "/seam/enter", Map.of("seam", "S1", "kind", "EXAMINED", "day", "soon", "cause", "a pore at the end"));
        assertThat(entry.getStatus()).isEqualTo(400);
        Document again = Jsoup.parse(entry.getContentAsString());
        assertThat(again.select("#seam-wrong li").eachText()).hasSize(3);
        assertThat(again.select("#cause").val()).isEqualTo("a pore at the end");
        assertThat(send("/seam/enter", Map.of("seam", "S1", "by", "Ansa", "day", DAY))
                        .getStatus())
                .isEqualTo(400);
        assertThat(assemblies.seam(id, "S1").map(Seam::state)).contains(SeamState.OPEN);
        assertThat(send("/seam", Map.of("seam", "S1", "number", "/")).getStatus())
                .isEqualTo(400);
    }

    @Test
    void twoWindowsDoNotOverwriteEachOther() throws Exception {
        seams("S1\nS2");
        String version = page("?seam=S1").select("#seam-form [name=version]").val();
        assertThat(send("/seam", Map.of("seam", "S1", "number", "S1", "location", "here", "version", version))
                        .getStatus())
                .isEqualTo(302);
        assertThat(send("/seam", Map.of("seam", "S1", "number", "S1", "location", "there", "version", version))
                        .getStatus())
                .isEqualTo(400);
        assertThat(send("/seam", Map.of("seam", "S1", "number", "S2")).getStatus())
                .isEqualTo(400);
        assertThat(assemblies.seam(id, "S1").orElseThrow().text().location()).isEqualTo("here");
    }

    @Test
    void aJobThatIsGoneIsNoneAndNothingBreaks() throws Exception {
        seams("S1");

        assertThat(send("/seam", Map.of("seam", "S1", "number", "S1", "job", new UUID(9, 9).toString()))
                        .getStatus())
                .isEqualTo(302);
        assertThat(assemblies.seam(id, "S1").orElseThrow().text().job()).isEmpty();
        assertThat(send("/mark", Map.of("seam", "S1", "x", "left", "y", "1")).getStatus())
                .isEqualTo(400);
        assertThat(send("/seam", Map.of("seam", "S9", "number", "S1")).getStatus())
                .isEqualTo(404);
    }

    private static byte[] png() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 200, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static byte[] pdf() throws Exception {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        }
    }

    private static byte[] svg(String body) {
        return ("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"300\" height=\"100\">" + body + "</svg>")
                .getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aPhotographAPageOrShapesLieUnderTheMarks() throws Exception {
        seams("S1");
        for (byte[] file : List.of(png(), pdf(), svg("<!-- a plate --><rect width=\"50\" height=\"50\"/>"))) {
            assertThat(draw(file).getStatus()).isEqualTo(200);
            byte[] kept = http.perform(get(at("/drawing.jpg")))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
            assertThat(kept).startsWith(0xFF, 0xD8);
        }
        send("/mark", Map.of("seam", "S1", "x", "0.25", "y", "7"));
        Seam marked = assemblies.marked(id).get(0);
        assertThat(marked.x()).isCloseTo(0.25, within(1e-9));
        assertThat(marked.y()).isEqualTo(1);
        assertThat(page("?seam=S1").select("[data-mark=S1]").attr("transform")).startsWith("translate(");
        byte[] log = http.perform(get(at("/log.pdf"))).andReturn().getResponse().getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(log)) {
            assertThat(new PDFTextStripper().getText(document)).contains("Test frame", "S1");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<use href='#a'/>",
                "<script>1</script>",
                "<image href='http://localhost/x.png'/>",
                "<foreignObject/>",
                "<rect"
            })
    void anSvgThatReachesForMoreIsRefusedWithWords(String body) throws Exception {
        MockHttpServletResponse refused = draw(svg(body));

        assertThat(refused.getStatus()).isEqualTo(422);
        assertThat(refused.getContentAsString()).startsWith("This picture cannot be taken: the SVG ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"%PDF-1.7 broken", "no picture", "<!DOCTYPE x [<!ENTITY a \"b\">]><svg>&a;</svg>"})
    void whatIsNoDrawingIsRefusedWithWords(String text) throws Exception {
        assertThat(draw(text.getBytes(StandardCharsets.UTF_8)).getStatus()).isEqualTo(422);
    }

    @Test
    void aLongListComesInPagesAndHasAnEnd() throws Exception {
        String list = IntStream.rangeClosed(1, 120)
                .mapToObj(n -> "W" + n + "; place " + n)
                .collect(Collectors.joining("\n"));
        seams(list);

        assertThat(page("").select("#seams tbody tr")).hasSize(AssemblyStore.ON_A_PAGE);
        assertThat(page("?page=3").select("#seams tbody tr")).hasSize(20);
        assertThat(page("?page=99").select("#seams tbody tr")).isEmpty();
        assertThat(send("/seams", Map.of("list", "W7; again")).getStatus()).isEqualTo(400);
    }
}
