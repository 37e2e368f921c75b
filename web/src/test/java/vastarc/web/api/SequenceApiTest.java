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
class SequenceApiTest {

    private static final String JOB = """
            {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3],"work":{"seams":2,"seamMm":300},\
            "duty":{"machine":[{"amps":200,"percent":35}],"torch":[{"amps":125,"percent":35}]}}""";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private JsonNode post(String path, String body, int status) throws Exception {
        MockHttpServletResponse response = http.perform(MockMvcRequestBuilders.post(path)
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void pricesGiveACostAndWhatIsNotToldIsNamed() throws Exception {
        assertThat(post("/api/v1/route", JOB, 200).hasNonNull("cost")).isFalse();
        String priced = JOB.replace(
                "\"work\"", "\"prices\":{\"argonPerM3\":10,\"wirePerKg\":{\"ER70S-2\":14},\"hour\":48},\"work\"");
        JsonNode route = post("/api/v1/route", priced, 200);
        JsonNode totals = route.get("totals");
        double expected = totals.get("torchArgonL").asDouble() * 0.01
                + totals.get("wireG").asDouble() * 0.014
                + totals.get("wallS").asDouble() * 48 / 3600;
        assertThat(route.at("/cost/total").asDouble()).isCloseTo(expected, within(0.01));
        assertThat(route.at("/cost/untold").valueStream().map(JsonNode::asString))
                .containsExactly("TUNGSTEN");

        String wrong =
                JOB.replace("\"work\"", "\"prices\":{\"hour\":-1,\"wirePerKg\":{\"ER1000\":2},\"beer\":3},\"work\"");
        JsonNode refused = post("/api/v1/route", wrong, 400);
        assertThat(refused.get("errors")
                        .valueStream()
                        .map(problem -> problem.get("field").asString()))
                .containsExactlyInAnyOrder("prices.hour", "prices.wirePerKg.ER1000", "prices.beer");
    }

    @Test
    void aRouteAnswersRunsTacksAndTotals() throws Exception {
        JsonNode route = post("/api/v1/route", JOB, 200);
        double arc = route.get("runs")
                .valueStream()
                .mapToDouble(run -> run.get("arcS").asDouble())
                .sum();
        assertThat(route.at("/totals/arcS").asDouble()).isCloseTo(arc, within(0.1));
        assertThat(route.get("tacks").valueStream())
                .isNotEmpty()
                .allSatisfy(tack -> assertThat(tack.get("kind").asString()).isEqualTo("TACK"));
        assertThat(route.get("broken")).isEmpty();
        assertThat(route.get("notes").get(0).asString()).isNotBlank();

        int count = route.get("runs").size();
        StringBuilder upside = new StringBuilder();
        for (int n = count; n > 0; n--) {
            upside.append(upside.isEmpty() ? "" : ",").append(n);
        }
        assertThat(route.get("piece").asString()).isEmpty();
        JsonNode turned = post("/api/v1/route", JOB.replace("\"work\"", "\"order\":[" + upside + "],\"work\""), 200);
        assertThat(turned.get("broken").size()).isPositive();
        String named = JOB.replace("\"seams\":2", "\"seams\":2,\"piece\":\"Frame 7\"");
        assertThat(post("/api/v1/route", named, 200).get("piece").asString()).isEqualTo("Frame 7");
        post("/api/v1/route", named.replace("\"Frame 7\"", "7"), 400);
    }

    @Test
    void aDayIsNeverLongerThanOneAfterAnother() throws Exception {
        String v =
                "{\"material\":\"CHROMOLY_4130\",\"joint\":\"V_BUTT\",\"thicknessMm\":[8],\"work\":{\"seamMm\":150}}";
        JsonNode day = post("/api/v1/route/day", "{\"jobs\":[" + v + "," + v + "],\"changeS\":{\"panel\":30}}", 200);
        assertThat(day.get("makespanS").asDouble())
                .isLessThan(day.get("oneAfterAnotherS").asDouble())
                .isGreaterThanOrEqualTo(day.get("lowerBoundS").asDouble() - 0.1);
        assertThat(day.get("timeline").get(0).get("doing").asString()).isIn("HANDLING", "ARC", "WAIT", "CHANGE");
    }

    @Test
    void everyBadFieldIsNamed() throws Exception {
        JsonNode refused = post("/api/v1/route", """
                {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3],"work":{"seams":0,"seamMm":"far","colour":1},
                 "duty":{"machine":[{"amps":-3,"percent":350}],"torch":7},"start":{"ambientC":900},"order":["one"],"nonsense":1}""", 400);
        assertThat(refused.toString())
                .contains(
                        "work.seams",
                        "work.seamMm",
                        "work.colour",
                        "duty.machine[0].amps",
                        "duty.torch",
                        "start.ambientC",
                        "nonsense");
        for (String odd : List.of(
                "{}",
                "{\"jobs\":[]}",
                "{\"jobs\":7}",
                "{\"jobs\":[7]}",
                "{\"jobs\":[{}]}",
                "{\"jobs\":[" + JOB + "],\"changeS\":{\"metal\":-1}}",
                "{\"jobs\":[" + JOB.replace("\"seamMm\":300", "\"seamMm\":20000") + "]}")) {
            post("/api/v1/route/day", odd, 400);
        }
        assertThat(post("/api/v1/route/day", "{\"jobs\":[" + JOB.replace("3]", "\"thick\"]") + "]}", 400)
                        .toString())
                .contains("jobs[0].thicknessMm");
    }
}
