package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.SpringTest;

/** A joint said in one line, to a call. */
@SpringTest
class JointTextApiTest {

    private final JsonMapper json = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    private MockHttpServletResponse send(String path, String body) throws Exception {
        return http.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
    }

    private JsonNode read(String path, String body) throws Exception {
        MockHttpServletResponse response = send(path, body);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json.readTree(response.getContentAsString());
    }

    @Test
    void aLineBecomesFieldsWithTheWordsThatGaveThem() throws Exception {
        JsonNode answer = read("/api/v1/joint/text", "{\"text\":\"1/8 304 lap 4T pulse\",\"units\":\"METRIC\"}");

        assertThat(answer.at("/fields/material").asString()).isEqualTo("STAINLESS_304L");
        assertThat(answer.at("/fields/thicknessMm/0").asDouble()).isEqualTo(3.175);
        assertThat(answer.at("/fields/position").asString()).isEqualTo("PB");
        assertThat(answer.path("name").asString()).isEqualTo("304L lap 3.18 mm");
        assertThat(answer.path("read").toString())
                .contains("{\"text\":\"1/8\",\"field\":\"thicknessMm\",\"value\":3.175}")
                .contains("{\"text\":\"\",\"field\":\"position\",\"value\":\"PB\"}");
        assertThat(answer.at("/doubts/0/field").asString()).isEqualTo("pulse");
        assertThat(answer.path("unknown").size()).isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "{\"text\":\"  \"}", "{\"text\":7}", "[]", "{\"text\":null}"})
    void withoutALineThereIsNothingToRead(String body) throws Exception {
        assertThat(send("/api/v1/joint/text", body).getStatus()).isEqualTo(400);
    }

    @Test
    void fourHundredCharactersAreReadAndOneMoreIsNot() throws Exception {
        assertThat(send("/api/v1/joint/text", "{\"text\":\"" + "x".repeat(400) + "\"}")
                        .getStatus())
                .isEqualTo(200);
        assertThat(send("/api/v1/joint/text", "{\"text\":\"" + "x".repeat(401) + "\",\"units\":5}")
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void aSheetTakesALineAndWhatIsSentBesideItWins() throws Exception {
        JsonNode answer = read(
                "/api/v1/sheet", "{\"text\":\"3 mm mild steel tee 2F\",\"thicknessMm\":[2],\"control\":\"PEDAL\"}");
        JsonNode plain = read(
                "/api/v1/sheet",
                "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[2],\"position\":\"PB\",\"control\":\"PEDAL\"}");

        assertThat(answer.path("settings")).isEqualTo(plain.path("settings"));
        assertThat(answer.at("/understood/fields/thicknessMm/0").asDouble()).isEqualTo(3);
        assertThat(plain.has("understood")).isFalse();
    }

    @Test
    void whatALineLacksIsNamed() throws Exception {
        MockHttpServletResponse response = send("/api/v1/sheet", "{\"text\":\"tee 2F\"}");

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("material", "thicknessMm");
    }

    /** Lines of the table that give metal, joint and thickness are requests that the sheet understands; every sixth is tried. */
    @Test
    void whatFieldsHoldsTheSheetTakes() throws Exception {
        List<String> lines = Files.readAllLines(Path.of("../core/src/test/resources/phrases.csv"));
        for (int i = 2; i < lines.size(); i += 6) {
            String[] cells = lines.get(i).split("\\|", -1);
            ObjectNode body = json.createObjectNode().put("units", cells[0]).put("text", cells[1]);
            JsonNode fields = read("/api/v1/joint/text", body.toString()).path("fields");
            boolean whole = fields.has("material") && fields.has("joint") && fields.has("thicknessMm");

            int status = send("/api/v1/sheet", fields.toString()).getStatus();

            assertThat(status).as(cells[1]).isIn(whole ? List.of(200, 422) : List.of(400));
        }
    }
}
