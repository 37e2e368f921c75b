package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.web.SpringTest;

@SpringTest
class CycleApiTest {

    private static final String BUTT =
            "\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"control\":\"TRIGGER_4T\"";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private MockHttpServletResponse post(String path, String body) throws Exception {
        return http.perform(MockMvcRequestBuilders.post(path)
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
    }

    private JsonNode answer(String more) throws Exception {
        MockHttpServletResponse response = post("/api/v1/score", "{" + BUTT + more + "}");
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json.readTree(response.getContentAsByteArray());
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void everyLogicAnswersPhasesBreakpointsAndIntegrals(TriggerModeName mode) throws Exception {
        JsonNode score = answer(",\"logic\":\"" + mode + "\"");

        assertThat(score.get("logic").asString()).isEqualTo(mode.name());
        assertThat(score.get("phases")).isNotEmpty();
        assertThat(score.get("breakpoints")).isNotEmpty();
        assertThat(score.at("/integrals/energyKj").doubleValue()).isPositive();
        assertThat(score.at("/integrals/gasL").doubleValue()).isPositive();
        assertThat(score.has("review")).isFalse();
    }

    @Test
    void ownValuesAreMarkedAndOutsideTheirWindowTheyWarn() throws Exception {
        JsonNode figure = answer(",\"own\":{\"endCurrent\":45,\"seamMm\":120}").at("/figures/endCurrent");

        assertThat(figure.get("own").booleanValue()).isTrue();
        assertThat(figure.get("value").doubleValue()).isEqualTo(45);
        assertThat(figure.get("warning").asString()).contains("Crater likely");
    }

    @Test
    void touchesThatAreSentArePlayedAndReviewed() throws Exception {
        JsonNode score = answer("""
                ,"touches":[{"atS":0,"kind":"PRESS"},{"atS":2,"kind":"RELEASE"},{"atS":2.3,"kind":"PRESS"},{"atS":9,"kind":"RELEASE"}]""");

        assertThat(score.get("review").toString()).contains("releasedInUpSlope");
        assertThat(score.get("touches")).hasSize(4);
    }

    @Test
    void theSheetCallTakesOwnValuesToo() throws Exception {
        MockHttpServletResponse response = post("/api/v1/sheet", "{" + BUTT + ",\"own\":{\"downSlope\":9}}");
        JsonNode setting = json.readTree(response.getContentAsByteArray()).at("/settings/downSlope");

        assertThat(setting.get("value").doubleValue()).isEqualTo(9);
        assertThat(setting.get("engineValue").doubleValue()).isLessThan(9);
        assertThat(setting.get("school").asString()).isEqualTo("your value");
    }

    @Test
    void samplesComeAsATableAtTheStepAskedFor() throws Exception {
        MockHttpServletResponse response = post("/api/v1/score/samples", "{" + BUTT + ",\"stepS\":0.5}");
        String[] lines = response.getContentAsString().split("\r\n");
        double length = answer("").at("/integrals/lengthS").doubleValue();

        assertThat(response.getContentType()).startsWith("text/csv");
        assertThat(lines[0]).isEqualTo("t_s,state,current_a,gas");
        assertThat(lines[1]).isEqualTo("0,PRE_FLOW,0,1");
        assertThat((double) lines.length).isCloseTo(length / 0.5 + 2, within(1.5));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                ",\"logic\":\"FIVE_TOUCHES\"",
                ",\"logic\":7",
                ",\"own\":{\"downSlope\":-1}",
                ",\"own\":{\"pulseRate\":10000}",
                ",\"own\":{\"pulseOnTime\":0}",
                ",\"own\":{\"endCurrent\":400}",
                ",\"own\":{\"downslope\":1}",
                ",\"own\":{\"endHold\":\"long\"}",
                ",\"own\":3",
                ",\"touches\":{}",
                ",\"touches\":[{\"atS\":-1,\"kind\":\"PRESS\"}]",
                ",\"touches\":[{\"atS\":1,\"kind\":\"KICK\"}]",
                ",\"touches\":[{\"atS\":1,\"kind\":\"FOOT\",\"foot\":3}]",
                ",\"touches\":[{\"atS\":5,\"kind\":\"PRESS\"},{\"atS\":2,\"kind\":\"RELEASE\"}]",
                ",\"touches\":[7]",
                ",\"stepS\":\"fine\"",
                ",\"speed\":3",
            })
    void whatCannotBePlayedIsRefusedByName(String more) throws Exception {
        MockHttpServletResponse response = post("/api/v1/score", "{" + BUTT + more + "}");

        assertThat(response.getStatus()).as(more).isEqualTo(400);
        JsonNode error = json.readTree(response.getContentAsByteArray()).at("/errors/0");
        assertThat(error.get("field").asString()).isNotBlank();
        assertThat(error.get("works").asString()).isNotBlank();
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "-1", "1e9", "0.000001", "NaN"})
    void aStepThatCannotBeUsedIsRefused(String step) throws Exception {
        MockHttpServletResponse response = post("/api/v1/score/samples", "{" + BUTT + ",\"stepS\":" + step + "}");

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("stepS");
    }

    @Test
    void outOfScopeIsStillOutOfScope() throws Exception {
        assertThat(post("/api/v1/score", "{\"material\":\"ALUMINIUM\",\"joint\":\"LAP\",\"thicknessMm\":[2]}")
                        .getStatus())
                .isEqualTo(422);
    }

    @Test
    void theDescriptionNamesTheCalls() throws Exception {
        String description =
                http.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsString();

        assertThat(description).contains("/api/v1/score", "/api/v1/score/samples", "TRIGGER_4T_SECOND", "energyKj");
    }
}
