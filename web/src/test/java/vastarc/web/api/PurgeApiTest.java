package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
class PurgeApiTest {

    private static final String TUBE = """
            {"parts":[{"kind":"STRAIGHT","lengthMm":200,"boreMm":50}],"flowLPerMin":6.25,"leakLPerMin":0,"argonPpm":5,"targetPpm":50,
             "inlet":"LOW","vent":{"at":"HIGH","diameterMm":4,"count":1},"hose":{"lengthM":0,"boreMm":6},
             "root":{"material":"STAINLESS_304L","thicknessMm":1.65,"backWidthMm":3.423,"position":"PA"}}""";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private JsonNode post(String path, String body, int status) throws Exception {
        MockHttpServletResponse response = http.perform(MockMvcRequestBuilders.post("/api/v1/purge" + path)
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void aTubeAnswersItsWorkedExample() throws Exception {
        JsonNode purge = post("", TUBE, 200);

        assertThat(purge.get("volumeL").asDouble()).isCloseTo(0.3927, within(1e-4));
        assertThat(purge.get("mixedS").asDouble()).isCloseTo(31.84, within(0.02));
        assertThat(purge.get("displacementS").asDouble()).isCloseTo(3.77, within(0.01));
        assertThat(purge.get("blendS").asDouble()).isCloseTo(0.6 * 31.84, within(0.02));
        assertThat(purge.get("ventPa").asDouble()).isCloseTo(148.4, within(0.5));
        assertThat(purge.get("balanceVentMm").asDouble()).isCloseTo(4.294, within(0.01));
        assertThat(purge.get("verdict").asString()).isEqualTo("SOUND");
        assertThat(purge.get("curve").size()).isGreaterThan(30);
        assertThat(purge.at("/holdFlowLPerMin/low").asDouble())
                .isLessThanOrEqualTo(purge.at("/holdFlowLPerMin/value").asDouble());
        assertThat(purge.get("problems")).isEmpty();
    }

    @Test
    void stirredTimesAloneAreClaimedWhereArgonComesInOnTop() throws Exception {
        JsonNode purge = post(
                "",
                TUBE.replace("\"inlet\":\"LOW\"", "\"inlet\":\"HIGH\"").replace("\"at\":\"HIGH\"", "\"at\":\"LOW\""),
                200);

        assertThat(purge.get("displacementS").isNull()).isTrue();
        assertThat(purge.get("blendS")).isEqualTo(purge.get("mixedS"));
        assertThat(purge.get("problems").toString()).contains("heavier than air");
    }

    @Test
    void aTargetThatIsNeverReachedHasNoTimeAndSaysWhy() throws Exception {
        JsonNode purge = post("", TUBE.replace("\"leakLPerMin\":0", "\"leakLPerMin\":0.1"), 200);

        assertThat(purge.get("reachable").asBoolean()).isFalse();
        assertThat(purge.get("mixedS").isNull()).isTrue();
        assertThat(purge.get("problems").toString()).contains("Close the leak");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2|100|40|12|''",
                "2|600|40|12|too far from the joint",
                "2|600|300|30|''",
                "15|100|60|2|wide for its flow",
                "15|100|60|40|''"
            })
    void aPlugThatIsNotLocalOrNotFilledIsSaidWithItsCure(
            String gap, String length, String bore, String flow, String text) throws Exception {
        String plug = TUBE.replace(
                        "{\"kind\":\"STRAIGHT\",\"lengthMm\":200,\"boreMm\":50}",
                        "{\"kind\":\"PLUG\",\"gapMm\":" + gap + ",\"lengthMm\":" + length + ",\"boreMm\":" + bore + "}")
                .replace("\"flowLPerMin\":6.25", "\"flowLPerMin\":" + flow);
        String problems = post("", plug, 200).get("problems").toString();
        if (text.isEmpty()) {
            assertThat(problems).doesNotContain("plug");
        } else {
            assertThat(problems).contains("plug", text);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"flowLPerMin\":6.25 | \"flowLPerMin\":-1 | flowLPerMin",
                "\"flowLPerMin\":6.25 | \"flowLPerMin\":\"much\" | flowLPerMin",
                "\"kind\":\"STRAIGHT\" | \"kind\":\"ROUND\" | parts[0].kind",
                "\"lengthMm\":200, | \"lengthMm\":0, | parts[0].lengthMm",
                "\"boreMm\":50 | \"bore\":50 | parts[0].boreMm",
                "\"diameterMm\":4, |  | vent.diameterMm",
                "\"thicknessMm\":1.65 | \"thicknessMm\":99 | root.thicknessMm",
                "\"inlet\":\"LOW\" | \"inlet\":\"LEFT\" | inlet",
                "[{\"kind\":\"STRAIGHT\",\"lengthMm\":200,\"boreMm\":50}] | [] | parts",
                "\"hose\":{\"lengthM\":0,\"boreMm\":6} | \"hose\":7 | hose",
                "\"argonPpm\":5 | \"argon\":5 | argon"
            })
    void whatCannotBeUsedIsNamedByItsPlace(String from, String to, String field) throws Exception {
        String body = TUBE.replace(from.strip(), to == null ? "" : to.strip());
        assertThat(body).isNotEqualTo(TUBE);
        JsonNode refusal = post("", body, 400);

        assertThat(refusal.get("errors").toString()).contains("\"field\":\"" + field + "\"");
    }

    @Test
    void aLeakIsFoundFromReadingsAndTooFewAreRefused() throws Exception {
        StringBuilder readings = new StringBuilder();
        for (int s = 0; s < 120; s += 5) {
            double ppm = 265 + 209_000 * Math.exp(-s / 7.5);
            readings.append(s == 0 ? "" : ",").append("{\"s\":" + s + ",\"ppm\":" + ppm + "}");
        }
        String requested = "{\"volumeL\":1,\"flowLPerMin\":8,\"argonPpm\":5,\"readings\":[%s]}";
        JsonNode leak = post("/leak", requested.formatted(readings), 200);

        assertThat(leak.get("leakLPerMin").asDouble()).isCloseTo(0.00994, within(0.0001));
        assertThat(leak.get("settled").asBoolean()).isTrue();
        assertThat(leak.get("verdict").asString()).isEqualTo("LEAKS");
        assertThat(post("/leak", requested.formatted("{\"s\":0,\"ppm\":9}"), 400)
                        .toString())
                .contains("there are 1");
        assertThat(post(
                                "/leak",
                                requested.formatted(
                                        "{\"s\":5,\"ppm\":9},{\"s\":1,\"ppm\":9},{\"s\":2,\"ppm\":9},{\"s\":3,\"ppm\":9},{\"s\":4,\"ppm\":9}"),
                                400)
                        .toString())
                .contains("does not come after");
    }
}
