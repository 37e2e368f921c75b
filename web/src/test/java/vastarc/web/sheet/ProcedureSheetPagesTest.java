package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xwpf.extractor.XWPFWordExtractor;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.format.Format;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Every job of the demo shop as a preliminary procedure, on the page and in three files that say the same. */
@SpringTest
class ProcedureSheetPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private JobPlanner planner;

    private byte[] got(Job job, String ending) throws Exception {
        var response = http.perform(get("/jobs/" + job.id() + "/procedure" + ending))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(job.name() + ending).isEqualTo(200);
        return response.getContentAsByteArray();
    }

    private static String docx(byte[] file) throws IOException {
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(file));
                XWPFWordExtractor text = new XWPFWordExtractor(document)) {
            return text.getText();
        }
    }

    private static String pdf(byte[] file) throws IOException {
        try (PDDocument document = Loader.loadPDF(file)) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void pageAndFilesSayTheSame() throws Exception {
        List<Job> planned = jobs.newest(20).stream()
                .filter(job -> planner.plan(job).sheet().value().isPresent())
                .limit(6)
                .toList();
        assertThat(planned).isNotEmpty();
        for (Job job : planned) {
            String page = Jsoup.parse(new String(got(job, ""), java.nio.charset.StandardCharsets.UTF_8))
                    .getElementById("procedure-place")
                    .text();
            assertThat(page).contains("Preliminary and unqualified", job.name(), "electrode negative");
            String current = page.replaceAll(".*Heat input 1 \\w+ ([\\d.]+ A).*", "$1");
            JsonNode json = JsonMapper.shared().readTree(got(job, ".json"));
            assertThat(Format.PROCEDURE_SHEET.faults(json)).as(job.name()).isEmpty();
            assertThat(docx(got(job, ".docx"))).contains("Preliminary and unqualified", job.name(), "Qualified by");
            assertThat(pdf(got(job, ".pdf"))).contains("Preliminary and unqualified", "electrode negative");
            assertThat(json.get("job").asString()).isEqualTo(job.name());
            double shown =
                    json.get("passes").get(0).get("currentA").get("value").asDouble();
            assertThat(current).as(job.name()).endsWith(" A");
            assertThat(Double.parseDouble(current.replace(" A", ""))).isBetween(0.97 * shown - 0.5, 1.03 * shown + 0.5);
            assertThat(docx(got(job, ".docx"))).contains(current);
        }
    }

    @Test
    void aRefusedJobLeadsToItsSheetWhichSaysWhy() throws Exception {
        Job refused = jobs.create(
                "Too thick",
                "",
                Jobs.typed(Map.of(
                        "material", "CARBON_STEEL", "joint", "SQUARE_BUTT", "preparation", "SQUARE", Jobs.BASE, "9")));

        var page = http.perform(get("/jobs/" + refused.id() + "/procedure"))
                .andReturn()
                .getResponse();
        jobs.delete(refused.id());
        assertThat(page.getRedirectedUrl()).isEqualTo("/jobs/" + refused.id() + "/sheet");
    }

    @Test
    void aJobThatIsNotThereHasNone() throws Exception {
        for (String ending : new String[] {"", ".pdf", ".docx", ".json"}) {
            assertThat(http.perform(get("/jobs/" + UUID.randomUUID() + "/procedure" + ending))
                            .andReturn()
                            .getResponse()
                            .getStatus())
                    .isEqualTo(404);
        }
    }
}
