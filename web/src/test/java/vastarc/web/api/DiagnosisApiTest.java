package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

@SpringTest
class DiagnosisApiTest {

    private static final String SHEET =
            "\"sheet\":{\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[1.5]}";

    @Autowired
    private MockMvc http;

    private JsonNode read(String body, int status) throws Exception {
        MockHttpServletResponse response = http.perform(MockMvcRequestBuilders.post("/api/v1/reading")
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        return JsonMapper.shared().readTree(response.getContentAsByteArray());
    }

    @Test
    void aShortPostFlowIsFoundWithItsAmount() throws Exception {
        JsonNode reading = read(
                "{" + SHEET + ",\"set\":{\"postFlow\":1},\"seen\":[\"TINT_END_ONLY\"],\"notSeen\":[\"BEAD_GREY\"],"
                        + "\"told\":{\"polarity\":\"NEGATIVE\",\"draught\":false}}",
                200);
        JsonNode first = reading.at("/causes/0");
        assertThat(first.get("id").asString()).isEqualTo("POST_FLOW_SHORT");
        assertThat(first.at("/change/setting").asString()).isEqualTo("postFlow");
        assertThat(first.at("/change/from").asDouble()).isEqualTo(1);
        assertThat(first.at("/change/to").asDouble()).isGreaterThan(3);
        assertThat(first.get("cost").asString()).isEqualTo("NOTHING");
        assertThat(first.get("why").toString()).contains("was 1 s");
        double sum = reading.get("causes")
                .valueStream()
                .mapToDouble(cause -> cause.get("share").asDouble())
                .sum();
        assertThat(sum).isCloseTo(1, within(0.001));
        assertThat(reading.get("causes").toString()).doesNotContain("POLARITY_POSITIVE");
        assertThat(reading.get("tryInOrder")).hasSize(5);
    }

    @Test
    void everyFaultOfARequestIsNamedAtOnce() throws Exception {
        JsonNode wrong = read(
                "{\"sheet\":{\"material\":\"LEAD\",\"joint\":\"LAP\",\"thicknessMm\":[1]},\"set\":{\"luck\":1,\"postFlow\":\"x\"},"
                        + "\"seen\":[\"GHOST\"],\"notSeen\":7,\"told\":{\"polarity\":\"UP\",\"mood\":true}}",
                400);
        assertThat(wrong.get("errors")
                        .valueStream()
                        .map(node -> node.get("field").asString()))
                .contains(
                        "sheet.material",
                        "set.luck",
                        "set.postFlow",
                        "seen[0]",
                        "notSeen",
                        "told.polarity",
                        "told.mood");
        read("{}", 400);
    }

    @Test
    void aSheetThatIsMissingOrNoneIsAskedForInWords() throws Exception {
        for (String body :
                List.of("{\"seen\":[\"CRATER\"]}", "{\"sheet\":null}", "{\"sheet\":7}", "{\"sheet\":[{}]}")) {
            JsonNode errors = read(body, 400).get("errors");
            assertThat(errors).as(body).hasSize(1);
            assertThat(errors.at("/0/field").asString()).isEqualTo("sheet");
            assertThat(errors.get(0).toString()).as(body).contains("a sheet request");
        }
        assertThat(read("{\"sheet\":{}}", 400)
                        .get("errors")
                        .valueStream()
                        .map(node -> node.get("field").asString()))
                .allMatch(field -> field.startsWith("sheet."));
    }
}
