package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

@SpringTest
class CoachApiTest {

    private static final String BUTT =
            "\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"logic\":\"TRIGGER_4T\",\"seamMm\":80";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private MockHttpServletResponse post(String path, String more) throws Exception {
        return http.perform(MockMvcRequestBuilders.post(path)
                        .contentType("application/json")
                        .content("{" + more + "}"))
                .andReturn()
                .getResponse();
    }

    private List<JsonNode> cues(String more) throws Exception {
        MockHttpServletResponse response = post("/api/v1/coach", BUTT + more);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        JsonNode cues = json.readTree(response.getContentAsByteArray()).get("cues");
        return StreamSupport.stream(cues.spliterator(), false).toList();
    }

    private static List<JsonNode> of(List<JsonNode> cues, String kind) {
        return cues.stream()
                .filter(cue -> cue.get("kind").asString().equals(kind))
                .toList();
    }

    @Test
    void cuesFollowTheScoreOfTheSameWeld() throws Exception {
        List<JsonNode> cues = cues("");
        JsonNode score = json.readTree(post("/api/v1/score", BUTT.replace("\"seamMm\":80", "\"own\":{\"seamMm\":80}"))
                .getContentAsByteArray());
        JsonNode slope = StreamSupport.stream(score.get("phases").spliterator(), false)
                .filter(phase -> phase.toString().contains("DOWN_SLOPE"))
                .findFirst()
                .orElseThrow();

        assertThat(of(cues, "EASE_OFF").get(0).get("s").doubleValue())
                .isCloseTo(slope.get("fromS").doubleValue(), within(0.001));
        assertThat(of(cues, "TRAVEL")).hasSize(8);
        assertThat(of(cues, "TRAVEL").get(2).get("value").doubleValue()).isEqualTo(30);
        assertThat(of(cues, "LIFT")).hasSize(1);
        assertThat(of(cues, "LIFT").get(0).get("value").isNull()).isTrue();
        assertThat(cues).allSatisfy(cue -> {
            assertThat(cue.get("words").asString()).isNotBlank();
            assertThat(cue.get("urgency").asString()).isIn("NOW", "SOON", "PACE");
        });
    }

    private static String readings(String channel, double value) {
        return IntStream.range(0, 40)
                .mapToObj(i -> "{\"s\":" + (15 + 0.1 * i) + ",\"channel\":\"" + channel + "\",\"value\":"
                        + (i < 20 ? "VOLTAGE".equals(channel) ? 11 : 9 : value) + "}")
                .collect(Collectors.joining(",", ",\"measurements\":[", "]"));
    }

    @ParameterizedTest
    @CsvSource({"FLOW,0,GAS_LOST", "FLOW,3.5,GAS_LOW", "VOLTAGE,16,ARC_LONG"})
    void whatMetersShowIsToldWithinASecondAtEveryLevel(String channel, double value, String kind) throws Exception {
        for (String level : List.of("BEGINNER", "PACE", "WARNINGS")) {
            List<JsonNode> cues = cues(",\"level\":\"" + level + "\"" + readings(channel, value));
            assertThat(of(cues, kind).get(0).get("s").doubleValue()).as(level).isBetween(17.0, 18.0);
            assertThat(of(cues, kind).get(0).get("urgency").asString()).isEqualTo("NOW");
        }
    }

    @Test
    void warningsAloneLeaveThePaceOut() throws Exception {
        assertThat(cues(",\"level\":\"WARNINGS\"")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"level\":\"LOUD\"|level",
                "\"measurements\":[{\"s\":1,\"channel\":\"WATER\",\"value\":2}]|measurements[0].channel",
                "\"measurements\":[{\"s\":1,\"channel\":\"FLOW\",\"value\":-2}]|measurements[0].value",
                "\"measurements\":[{\"s\":1,\"channel\":\"FLOW\"}]|measurements[0].value",
                "\"measurements\":[{\"channel\":\"FLOW\",\"value\":2}]|measurements[0].s",
                "\"measurements\":[7]|measurements[0]",
                "\"measurements\":7|measurements",
                "\"loud\":7|loud",
            })
    void whatCannotBeReadIsNamed(String more, String field) throws Exception {
        MockHttpServletResponse response = post("/api/v1/coach", BUTT + "," + more);

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("\"" + field + "\"");
    }

    @Test
    void aSeamThatIsTooLongIsRefusedByItsName() throws Exception {
        MockHttpServletResponse response = post("/api/v1/coach", BUTT.replace("80", "80000"));

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("\"seamMm\"");
    }
}
