package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;
import vastarc.web.store.run.MeterKeys;

@SpringTest
class RunsApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private MeterKeys keys;

    private final JsonMapper json = JsonMapper.builder().build();

    private JsonNode send(MockHttpServletRequestBuilder request, String body, int status) throws Exception {
        MockHttpServletResponse response = http.perform(
                        request.contentType("application/json").content(body))
                .andReturn()
                .getResponse();
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        return json.readTree(response.getContentAsByteArray());
    }

    private JsonNode analyse(String body, int status) throws Exception {
        return send(MockMvcRequestBuilders.post("/api/v1/runs/analyse"), body, status);
    }

    private static String samples(double perS, double lengthS) {
        StringBuilder samples = new StringBuilder("[");
        for (int i = 0; i / perS < lengthS; i++) {
            double s = i / perS;
            double a = s < 2 || s > lengthS - 5 ? 0 : 60;
            samples.append(i == 0 ? "" : ",").append(String.format(Locale.ROOT, "{\"s\":%.3f,\"a\":%.2f}", s, a));
        }
        return samples.append("]").toString();
    }

    @Test
    void aSquareArcIsReadWithItsTravel() throws Exception {
        JsonNode run = analyse("{\"samples\":" + samples(20, 27) + ",\"seamMm\":40}", 200);
        assertThat(run.get("arcs")).hasSize(1);
        assertThat(run.at("/arcs/0/fromS").asDouble()).isCloseTo(2, within(0.1));
        assertThat(run.at("/arcs/0/meanA").asDouble()).isCloseTo(60, within(0.1));
        assertThat(run.get("travelMmPerMin").asDouble()).isCloseTo(120, within(1.0));
        assertThat(run.at("/slopes/downS").asDouble()).isZero();
        assertThat(run.get("pulse").isNull()).isTrue();
        assertThat(run.at("/deviations/0/code").asString()).isEqualTo("cut");
        assertThat(run.at("/deviations/0/text").asString()).contains("60 A");
    }

    /** What a purge left inside at the strike is looked at in the call as on the page. */
    @Test
    void oxygenAtTheStrikeIsHeldAgainstWhatMetalAndFinishStand() throws Exception {
        String sheet =
                "\"sheet\":{\"material\":\"STAINLESS_316L\",\"joint\":\"TUBE_BUTT\",\"thicknessMm\":[1.5],\"tubeOdMm\":50.8,\"purged\":%s}";
        for (Object[] expected : new Object[][] {{"true", 800, true}, {"true", 15, false}, {"false", 800, false}}) {
            String samples = samples(20, 27).replace("\"a\"", "\"ppm\":" + expected[1] + ",\"a\"");
            JsonNode run =
                    analyse("{\"samples\":" + samples + ",\"seamMm\":40," + sheet.formatted(expected[0]) + "}", 200);
            assertThat(run.get("deviations")
                            .valueStream()
                            .anyMatch(node -> node.get("code").asString().equals("oxygenHigh")))
                    .as(expected[0] + " " + expected[1])
                    .isEqualTo(expected[2]);
        }
    }

    @Test
    void againstASheetTheWindowIsTold() throws Exception {
        String sheet = "\"sheet\":{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[3]}";
        JsonNode run = analyse("{\"samples\":" + samples(20, 27) + ",\"seamMm\":40," + sheet + "}", 200);
        assertThat(run.get("deviations")
                        .valueStream()
                        .map(node -> node.get("code").asString()))
                .contains("currentLow");
    }

    @Test
    void anHourAtTenASecondIsTakenAndBadSamplesAreNamed() throws Exception {
        assertThat(analyse("{\"samples\":" + samples(10, 3600) + "}", 200).get("arcs"))
                .hasSize(1);
        JsonNode wrong = analyse(
                "{\"samples\":[{\"s\":1,\"a\":5},{\"s\":0,\"a\":\"x\"}],\"seamMm\":-1,\"sheet\":{\"material\":\"LEAD\"}}",
                400);
        assertThat(wrong.get("errors")
                        .valueStream()
                        .map(node -> node.get("field").asString()))
                .contains("samples[1].s", "samples[1].a", "seamMm", "sheet.material");
        JsonNode noSheet = analyse("{\"samples\":" + samples(10, 5) + ",\"sheet\":7}", 400);
        assertThat(noSheet.at("/errors/0/field").asString()).isEqualTo("sheet");
        assertThat(noSheet.get("errors").toString()).contains("a sheet request");
        analyse("{\"samples\":" + samples(10, 5) + ",\"sheet\":null}", 200);
        analyse("{\"samples\":[]}", 400);
        analyse("{\"samples\":[{\"s\":0}]}", 400);
    }

    @Test
    void aRunIsTakenOnceListedAndReadBack() throws Exception {
        String body =
                "{\"id\":\"00000000-0000-4000-8000-00000000abcd\",\"job\":\"Api run\",\"started\":\"2026-11-20T08:15:00Z\","
                        + "\"material\":\"TITANIUM_GR2\",\"currentA\":52.5,\"verdict\":\"GOOD\",\"note\":\"zebra note\"}";
        send(MockMvcRequestBuilders.post("/api/v1/runs"), body, 201);
        send(MockMvcRequestBuilders.post("/api/v1/runs"), body, 201);
        JsonNode found = json.readTree(http.perform(MockMvcRequestBuilders.get("/api/v1/runs?find=ZEBRA"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
        assertThat(found.get("total").asInt()).isEqualTo(1);
        assertThat(found.at("/runs/0/currentA").asDouble()).isEqualTo(52.5);
        JsonNode node = json.readTree(
                http.perform(MockMvcRequestBuilders.get("/api/v1/runs/00000000-0000-4000-8000-00000000abcd"))
                        .andReturn()
                        .getResponse()
                        .getContentAsByteArray());
        assertThat(node.at("/run/note").asString()).isEqualTo("zebra note");
        send(MockMvcRequestBuilders.post("/api/v1/runs"), "{\"job\":\"x\",\"started\":\"yesterday\"}", 400);
    }

    @Test
    void aMeterNeedsItsOwnKeyAndTellsWhatIsWrong() throws Exception {
        String key = keys.make("api meter").orElseThrow();
        assertThat(keys.make("api meter")).isEmpty();
        assertThat(keys.make("<script>")).isEmpty();
        String door = "/api/v1/meters/api meter/readings";
        String good = "{\"readings\":[{\"quantity\":\"CURRENT\",\"value\":62}]}";
        send(MockMvcRequestBuilders.post(door), good, 401);
        send(MockMvcRequestBuilders.post(door).header("X-Meter-Key", key + "x"), good, 401);
        assertThat(send(MockMvcRequestBuilders.post(door).header("X-Meter-Key", key), good, 200)
                        .get("taken")
                        .asInt())
                .isEqualTo(1);
        JsonNode wrong = send(
                MockMvcRequestBuilders.post(door).header("X-Meter-Key", key),
                "{\"readings\":[{\"quantity\":\"LUCK\",\"value\":1},{\"quantity\":\"CURRENT\",\"value\":1e9},"
                        + "{\"quantity\":\"CURRENT\",\"value\":1,\"at\":\"2001-01-01T00:00:00Z\"}]}",
                400);
        assertThat(wrong.get("errors")).hasSize(3);
        keys.all().forEach(meter -> keys.revoke(meter.id()));
        send(MockMvcRequestBuilders.post(door).header("X-Meter-Key", key), good, 401);
    }
}
