package vastarc.web.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import jakarta.servlet.http.Cookie;
import java.util.Map;
import java.util.UUID;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;

@SpringTest
class ScorePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore store;

    private Job job;

    @BeforeEach
    void aJobWithATorchSwitch() {
        JobContent form = Jobs.typed(
                Map.of("material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "2", "control", "TRIGGER_4T"));
        job = store.create("Score job", "notes stay", form);
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    private String change(String... pairs) throws Exception {
        MockHttpServletRequestBuilder request =
                post("/jobs/" + job.id() + "/score").with(csrf()).param("version", String.valueOf(now().version()));
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        MockHttpServletResponse response = send(request);
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    private Job now() {
        return store.find(job.id()).orElseThrow();
    }

    @Test
    void theScoreOpensWithItsFiguresTouchesAndSums() throws Exception {
        String page = send(get("/jobs/" + job.id() + "/score")).getContentAsString();

        assertThat(page)
                .contains(
                        "Down-slope",
                        "end current",
                        "post-flow",
                        "Arc energy",
                        "release: goes up to the working current")
                .contains("No pulse was asked for on the sheet", "Every value is inside its range");
    }

    @Test
    void anOwnFigureIsKeptAndStandsOnTheSheetAndGoesBackWithOneTap() throws Exception {
        assertThat(change("own.endCurrent", "45 A")).contains("Crater likely", "mine</span>");
        assertThat(send(get("/jobs/" + job.id() + "/sheet")).getContentAsString())
                .contains("Changed by you", "45 A");

        MockHttpServletResponse back =
                send(post("/jobs/" + job.id() + "/sheet/engine/endCurrent").with(csrf()));
        assertThat(back.getContentAsString()).doesNotContain("Changed by you");
        assertThat(Jobs.held(now().content(), "own.endCurrent")).isEmpty();
        assertThat(now().notes()).isEqualTo("notes stay");
    }

    @Test
    void theSheetsOwnEditsLeaveTheScoresAlone() throws Exception {
        change("own.downSlope", "5");
        send(post("/jobs/" + job.id() + "/sheet")
                .with(csrf())
                .param("version", String.valueOf(now().version()))
                .param("material", "CARBON_STEEL")
                .param("joint", "LAP")
                .param(Jobs.BASE, "3")
                .param("control", "TRIGGER_4T"));

        assertThat(Jobs.held(now().content(), "own.downSlope")).contains("5");
        assertThat(Jobs.held(now().content(), Jobs.BASE)).contains("3");
    }

    @ParameterizedTest
    @CsvSource({
        "own.downSlope, -3, out of range",
        "own.endCurrent, 900, out of range",
        "own.endCurrent, 300, above the working current",
        "own.pulseRate, 10000, out of range",
        "own.pulseOnTime, 0, out of range",
        "own.upSlope, soon, a number in s",
        "own.postFlow, NaN, a number in s",
    })
    void anAbsurdFigureGetsItsMessageAtTheFieldAndTheTextStays(String field, String text, String message)
            throws Exception {
        String page = change(field, text, "pulse", "RIPPLE");

        assertThat(page).contains(message, "value=\"" + text + "\"").doesNotContain("No weld cycle without a sheet");
        assertThat(Jobs.held(now().content(), field)).contains(text);
    }

    @Test
    void aLogicBringsTheArcControlItBelongsToAndTheSheetsControlLetsItGo() throws Exception {
        change("logic", "LATCHED");
        assertThat(Jobs.held(now().content(), "control")).contains("TRIGGER_4T");
        change("logic", "PEDAL", "own.footIn", "2");
        assertThat(Jobs.held(now().content(), "control")).contains("PEDAL");

        send(post("/jobs/" + job.id() + "/sheet")
                .with(csrf())
                .param("version", String.valueOf(now().version()))
                .param("material", "STAINLESS_304L")
                .param("joint", "SQUARE_BUTT")
                .param(Jobs.BASE, "2")
                .param("control", "TRIGGER_2T"));
        assertThat(Jobs.held(now().content(), "logic")).isEmpty();
        Document score = Jsoup.parse(send(get("/jobs/" + job.id() + "/score")).getContentAsString());
        assertThat(score.select("option[selected]").eachText()).contains("Torch switch 2T with slopes");
    }

    @Test
    void undoAndRedoGoThroughTheHistoryAndANewChangeForgetsWhatWasTakenBack() throws Exception {
        change("own.downSlope", "5");
        change("own.downSlope", "5", "own.endCurrent", "30");
        String undone =
                send(post("/jobs/" + job.id() + "/score/undo").with(csrf())).getContentAsString();
        assertThat(undone).contains("data-undo=\"true\"", "data-redo=\"true\"");
        assertThat(Jobs.held(now().content(), "own.endCurrent")).isEmpty();
        assertThat(Jobs.held(now().content(), "own.downSlope")).contains("5");

        send(post("/jobs/" + job.id() + "/score/redo").with(csrf()));
        assertThat(Jobs.held(now().content(), "own.endCurrent")).contains("30");

        send(post("/jobs/" + job.id() + "/score/undo").with(csrf()));
        send(post("/jobs/" + job.id() + "/score/undo").with(csrf()));
        assertThat(now().content()).isEqualTo(job.content());
        assertThat(change("own.upSlope", "1")).contains("data-redo=\"false\"");
    }

    @Test
    void undoBeyondTheFirstStepChangesNothing() throws Exception {
        MockHttpServletResponse response =
                send(post("/jobs/" + job.id() + "/sheet/undo").with(csrf()));

        assertThat(response.getStatus()).isEqualTo(200);
        assertThat(response.getContentAsString()).contains("data-undo=\"false\"");
        assertThat(now().content()).isEqualTo(job.content());
    }

    @Test
    void twoScoresAreComparedInWordsAndFigures() throws Exception {
        assertThat(change("own.postFlow", "60", "compare", "engine"))
                .contains("Compared with: the calculated values", "more gas");
        assertThat(change("compare", "TRIGGER_2T_PLAIN")).contains("the trigger actions differ", "Not used");
        Job other = store.create("Other run", "", Jobs.fresh());
        assertThat(change("compare", "job:" + other.id())).contains("Compared with: Other run");
        assertThat(change("compare", "job:nonsense")).doesNotContain("Compared with: ");
    }

    @Test
    void tacksAndStitchesHaveTheirOwnFigures() throws Exception {
        assertThat(change("logic", "STITCH", "own.spotPause", "0.4"))
                .contains("spot current", "pause between spots", "0.4");
        assertThat(Jobs.held(now().content(), "control")).contains("TRIGGER_4T");
    }

    @Test
    void aTryIsPlayedAndReviewed() throws Exception {
        String playing = tried("{\"touches\":[{\"atS\":0,\"kind\":\"PRESS\"}]}");
        assertThat(playing).contains("START_HOLD", "release: goes up to the working current");

        String over = tried(
                "{\"over\":true,\"awayS\":12,\"touches\":[{\"atS\":0,\"kind\":\"PRESS\"},{\"atS\":2.5,\"kind\":\"RELEASE\"},"
                        + "{\"atS\":6,\"kind\":\"PRESS\"},{\"atS\":11,\"kind\":\"RELEASE\"}]}");
        assertThat(over).contains("the run stops short", "before the gas was done");
    }

    private String tried(String body) throws Exception {
        return send(post("/jobs/" + job.id() + "/score/try")
                        .with(csrf())
                        .contentType("application/json")
                        .content(body))
                .getContentAsString();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "{\"touches\":7}", "{\"touches\":[{\"atS\":\"x\"}]}", "null"})
    void aTryThatCannotBeReadNeverBringsTheProgramDown(String body) throws Exception {
        MockHttpServletResponse response = send(post("/jobs/" + job.id() + "/score/try")
                .with(csrf())
                .contentType("application/json")
                .content(body));

        assertThat(response.getStatus()).isLessThan(500);
    }

    @Test
    void theTableComesAtItsStepAndAnAbsurdStepIsRefusedWithWords() throws Exception {
        MockHttpServletResponse table = send(get("/jobs/" + job.id() + "/score.csv?step=0.5"));
        assertThat(table.getContentAsString()).startsWith("t_s,state,current_a,gas");

        for (String step : new String[] {"0", "-2", "abc", "1e-9"}) {
            MockHttpServletResponse refused = send(get("/jobs/" + job.id() + "/score.csv?step=" + step));
            assertThat(refused.getStatus()).as(step).isEqualTo(400);
            assertThat(refused.getContentAsString()).contains("Give");
        }
    }

    @Test
    void inchReadersMeetNoMillimetre() throws Exception {
        String page = send(get("/jobs/" + job.id() + "/score").cookie(new Cookie("units", "inch")))
                .getContentAsString();

        assertThat(page).contains("class=\"unit\">in<").doesNotContain("class=\"unit\">mm<");
    }

    @Test
    void aJobWithoutASheetSaysWhyThereIsNoScore() throws Exception {
        Job thick = store.create(
                "Too thick",
                "",
                Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "SQUARE_BUTT", Jobs.BASE, "6")));

        assertThat(send(get("/jobs/" + thick.id() + "/score")).getContentAsString())
                .contains("No weld cycle without a sheet", "To the sheet");
        assertThat(send(get("/jobs/" + UUID.randomUUID() + "/score")).getStatus())
                .isEqualTo(404);
        assertThat(send(get("/jobs/" + thick.id() + "/score.csv")).getStatus()).isEqualTo(400);
    }
}
