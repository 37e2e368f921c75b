package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.SpringTest;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** What the papers of a job say is what its sheet says: card, card as PDF, CSV and JSON of every demo job. */
@SpringTest
class PapersTruthTest {

    private static final List<ParameterKey> ON_THE_CARD = List.of(
            ParameterKey.WORKING_CURRENT,
            ParameterKey.PRE_FLOW,
            ParameterKey.POST_FLOW,
            ParameterKey.TUNGSTEN_DIAMETER,
            ParameterKey.GAS_FLOW);

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private JobPlanner planner;

    private MockHttpServletResponse send(Job job, String paper) throws Exception {
        return http.perform(get("/jobs/" + job.id() + "/" + paper)).andReturn().getResponse();
    }

    private static String flat(String text) {
        return text.replaceAll("[\\s\\u00a0\\u202f]+", " ");
    }

    private String pdf(Job job) throws Exception {
        try (PDDocument document = Loader.loadPDF(send(job, "card.pdf").getContentAsByteArray())) {
            return flat(new PDFTextStripper().getText(document));
        }
    }

    @Test
    void cardCsvAndJsonShowTheSheetsFigures() throws Exception {
        SoftAssertions all = new SoftAssertions();
        List<String> compared = new ArrayList<>();
        for (Job job : jobs.newest(10)) {
            SetupSheet sheet = planner.plan(job.content()).sheet().value().orElse(null);
            if (sheet != null) {
                compared.add(job.name());
                compare(all, job, sheet);
            }
        }
        all.assertAll();
        assertThat(compared).hasSizeGreaterThan(3);
    }

    private void compare(SoftAssertions all, Job job, SetupSheet sheet) throws Exception {
        String card = flat(send(job, "card").getContentAsString().replaceAll("<[^>]*>", " "));
        String paper = pdf(job);
        for (ParameterKey key : ON_THE_CARD) {
            String shown = flat(sheet.setting(key).shown(UnitSystem.METRIC));
            all.assertThat(card).as("card of " + job.name()).contains(shown);
            all.assertThat(paper).as("card as PDF of " + job.name()).contains(shown);
        }
        JsonNode settings = JsonMapper.builder()
                .build()
                .readTree(send(job, "sheet.json").getContentAsByteArray())
                .findValue("settings");
        for (JsonNode setting : settings) {
            Parameter parameter =
                    sheet.setting(ParameterKey.valueOf(setting.path("key").asString()));
            parameter
                    .window()
                    .ifPresent(range -> all.assertThat(
                                    setting.path("window").path("value").asDouble())
                            .as(parameter.key() + " of " + job.name())
                            .isEqualTo(range.value()));
        }
    }
}
