package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;

/** Setup cards of jobs that are not as the demo's are: refused, with passes, proven, with texts that no XML takes. */
@SpringTest
class CardPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private Job job;

    @AfterEach
    void putAway() {
        jobs.delete(job.id());
    }

    private void make(String name, String notes, JobContent content) {
        job = jobs.create(name, notes, content);
    }

    private MockHttpServletResponse send(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse();
    }

    private String page() throws Exception {
        MockHttpServletResponse answer = send("/jobs/" + job.id() + "/card");
        assertThat(answer.getStatus()).isEqualTo(200);
        return answer.getContentAsString();
    }

    private String paper(String path) throws Exception {
        MockHttpServletResponse answer = send(path);
        assertThat(answer.getStatus()).as(path).isEqualTo(200);
        try (PDDocument pdf = Loader.loadPDF(answer.getContentAsByteArray())) {
            return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
        }
    }

    @Test
    void aJointOutOfReachHasACardThatSaysWhyAndNoFigures() throws Exception {
        make("Too thick", "", Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "SQUARE_BUTT", Jobs.BASE, "12")));
        assertThat(page()).contains("Too thick").doesNotContain("class=\"hero\"");
        assertThat(paper("/jobs/" + job.id() + "/card.pdf")).contains("Too thick", "No code for a tablet");
        for (String file : List.of("sheet.csv", "sheet.json", "route.pdf")) {
            assertThat(send("/jobs/" + job.id() + "/" + file).getStatus())
                    .as(file)
                    .isEqualTo(404);
        }
    }

    @Test
    void aVWithPassesHasThemOnItsCardInBothSizes() throws Exception {
        make("Deep V", "", Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "V_BUTT", Jobs.BASE, "8")));
        for (String size : List.of("A4", "A5", "a5", "poster", "")) {
            assertThat(paper("/jobs/" + job.id() + "/card.pdf?size=" + size)).contains("Passes", "Root", "Cap");
        }
    }

    @Test
    void aProvenJobSaysItsDayAndALongNoteIsCut() throws Exception {
        JobContent content = Jobs.lapUnderTheTrigger();
        make(
                "Proven lap",
                "word ".repeat(400),
                content.proven(LocalDate.of(2026, 11, 20), ShopDefaults.usual(), Optional.empty()));
        assertThat(page()).contains("proven 2026-11-20", "word …").doesNotContain("a starting point, not proven yet");
    }

    /** What the welder may type in a name, a note or a welder's name must not take a paper down. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "bell \u0007 and escape \u001B",
                "not a character \uFFFE \uFFFF",
                "<b>&amp;</b> ]]> <!-- \"'",
                "lone \uD83D half",
                "face \uD83D\uDE00 line \u2028 end",
                "${7*7} *{name} [[x]] __y__"
            })
    void oddTextsAreLaidOnPaperAsTheyCanBe(String text) throws Exception {
        make(text, text, Jobs.lapUnderTheTrigger());
        assertThat(page()).doesNotContain("<b>&amp;</b>");
        String path = "/jobs/" + job.id();
        for (String paper : List.of(
                path + "/card.pdf", path + "/card.pdf?size=A5", path + "/route.pdf", "/day.pdf?job=" + job.id())) {
            assertThat(paper(paper)).doesNotContain("49 ");
        }
    }

    @Test
    void noCardIsMadeOfAJobThatIsNotThere() throws Exception {
        make("There", "", Jobs.fresh());
        for (String path : List.of("/card", "/card.pdf", "/sheet.csv", "/sheet.json", "/changes")) {
            assertThat(send("/jobs/" + UUID.randomUUID() + path).getStatus())
                    .as(path)
                    .isEqualTo(404);
            assertThat(send("/jobs/none" + path).getStatus()).as(path).isIn(400, 404);
        }
    }

    @Test
    void aSaddleLeadsToItsCopeWithItsTubesFilledIn() throws Exception {
        make(
                "Branch",
                "",
                Jobs.typed(Map.of(
                        "material",
                        "STAINLESS_304L",
                        "joint",
                        "TUBE_SADDLE",
                        Jobs.BASE,
                        "2",
                        Jobs.ABUTTING,
                        "2",
                        "tubeOdMm",
                        "38",
                        "copeAngleDeg",
                        "60")));
        String sheet = send("/jobs/" + job.id() + "/sheet").getContentAsString();
        assertThat(sheet).contains("id=\"to-cope\"", "/cope?branch=38.00%20mm");
        assertThat(send("/cope?branch=38.00 mm&run=38.00 mm&angle=60").getContentAsString())
                .contains("The cut is", "60°");
    }
}
