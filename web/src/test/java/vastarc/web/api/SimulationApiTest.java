package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

@SpringTest
class SimulationApiTest {

    private static final String WELD = """
            {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"score":{"logic":"TRIGGER_4T","own":{"downSlope":2}},
             "seamMm":%d,"quality":"LIVE","hand":{"steadiness":"STEADY"}}""";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse rehearse(String body) throws Exception {
        return send(MockMvcRequestBuilders.post("/api/v1/rehearsal")
                .contentType("application/json")
                .content(body));
    }

    private JsonNode read(MockHttpServletResponse response) throws Exception {
        return json.readTree(response.getContentAsByteArray());
    }

    private JsonNode done(String place) {
        return Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(
                        () -> read(send(MockMvcRequestBuilders.get(place))),
                        answer -> List.of("DONE", "FAILED")
                                .contains(answer.get("state").asString()));
    }

    @Test
    void aWeldIsBegunLookedAtAndTold() throws Exception {
        MockHttpServletResponse begun = rehearse(WELD.formatted(40));
        assertThat(begun.getStatus()).isEqualTo(202);
        String place = begun.getHeader("Location");
        assertThat(read(begun).get("events").asString()).endsWith("/events");

        JsonNode answer = done(place);
        JsonNode outcome = answer.get("outcome");
        assertThat(answer.get("state").asString()).isEqualTo("DONE");
        assertThat(outcome.get("frontMm").asDouble())
                .isBetween(
                        0.88 * outcome.get("sheetFrontMm").asDouble(),
                        1.12 * outcome.get("sheetFrontMm").asDouble());
        assertThat(outcome.get("along").size()).isGreaterThan(60);
        assertThat(outcome.at("/energy/absorbedJ").asDouble()).isPositive();
        assertThat(answer.get("verdict").get(0).asString()).isNotBlank();
        assertThat(answer.get("limits").size()).isGreaterThan(2);
        assertThat(read(rehearse(WELD.formatted(40))).get("id")).isEqualTo(answer.get("id"));
    }

    @Test
    void oneThatNobodyWantsIsStopped() throws Exception {
        String fine = WELD.formatted(200).replace("LIVE", "FINE");
        String place = rehearse(fine).getHeader("Location");
        assertThat(send(MockMvcRequestBuilders.delete(place)).getStatus()).isEqualTo(200);
        Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(() -> read(send(MockMvcRequestBuilders.get(place)))
                        .get("state")
                        .asString()
                        .equals("CANCELLED"));
        assertThat(send(MockMvcRequestBuilders.get("/api/v1/rehearsal/00000000-0000-0000-0000-000000000000"))
                        .getStatus())
                .isEqualTo(404);
    }

    @Test
    void everyBadFieldIsNamed() throws Exception {
        MockHttpServletResponse refused = rehearse("""
                {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"seamMm":40,"quality":"BEST",
                 "hand":{"steadiness":"DRUNK","travelMmPerMin":"fast","colour":1},"legMm":3,"wireMm":99,"nonsense":1}""");
        assertThat(refused.getStatus()).isEqualTo(400);
        assertThat(refused.getContentAsString())
                .contains(
                        "quality",
                        "hand.steadiness",
                        "hand.travelMmPerMin",
                        "hand.colour",
                        "legMm",
                        "wireMm",
                        "nonsense");
        for (String odd : List.of(
                "{\"score\":7}",
                "{\"score\":[]}",
                "{\"seamMm\":\"long\"}",
                "{\"hand\":[1]}",
                WELD.formatted(5),
                WELD.formatted(4000),
                WELD.formatted(40).replace("TRIGGER_4T", "SPOT"))) {
            assertThat(rehearse(odd).getStatus()).as(odd).isIn(400, 422);
        }
    }
}
