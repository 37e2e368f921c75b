package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.SpringTest;

/** Passes, ways out of a refusal and depths, as a call gets them. */
@SpringTest
class DepthApiTest {

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private MockHttpServletResponse post(String body) throws Exception {
        return http.perform(MockMvcRequestBuilders.post("/api/v1/sheet")
                        .contentType("application/json")
                        .content(body))
                .andReturn()
                .getResponse();
    }

    private JsonNode answer(String body) throws Exception {
        MockHttpServletResponse response = post(body);
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void anyPassIsAskedForByItsNumberAndOneTooManyIsRefused() throws Exception {
        String groove =
                "{\"material\":\"CARBON_STEEL\",\"joint\":\"TUBE_BUTT\",\"thicknessMm\":[6],\"tubeOdMm\":114.3,\"preparation\":\"V\",\"position\":\"PH\",\"pass\":%s}";
        JsonNode root = answer(groove.formatted(1));
        JsonNode hot = answer(groove.formatted(2));

        assertThat(root.at("/passes/1/kind").asString()).isEqualTo("HOT");
        assertThat(hot.at("/settings/workingCurrent/value").asDouble())
                .isCloseTo(root.at("/passes/1/currentA").asDouble(), within(1e-3));
        assertThat(root.at("/clock").size()).isEqualTo(3);
        assertThat(post(groove.formatted(99)).getStatus()).isEqualTo(400);
        assertThat(post(groove.formatted("\"two\"")).getContentAsString()).contains("\"field\":\"pass\"");
    }

    @Test
    void aRefusalListsTheWaysAndEachGivesItsSheet() throws Exception {
        MockHttpServletResponse refusal =
                post("{\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[4],\"wire\":false}");
        assertThat(refusal.getStatus()).isEqualTo(422);
        JsonNode ways = json.readTree(refusal.getContentAsByteArray()).get("ways");

        assertThat(ways.size()).isGreaterThanOrEqualTo(4);
        for (JsonNode way : ways) {
            ObjectNode body = json.createObjectNode();
            body.put("material", "STAINLESS_304L").put("joint", "SQUARE_BUTT").put("wire", false);
            body.putArray("thicknessMm").add(4);
            body.setAll((ObjectNode) way.get("change"));
            assertThat(answer(body.toString())
                            .at("/settings/workingCurrent/value")
                            .asDouble())
                    .isCloseTo(way.get("currentA").asDouble(), within(0.01));
        }
    }

    @Test
    void aCornerAnswersWithWhatChangesItsBackAndBothSidesByItsOlderName() throws Exception {
        JsonNode tee = answer(
                "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[4],\"legMm\":4,\"penetration\":\"ROOT\"}");
        JsonNode both = answer(
                "{\"material\":\"CARBON_STEEL\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"bothSides\":true}");

        assertThat(tee.at("/fillets").size()).isGreaterThanOrEqualTo(2);
        assertThat(tee.at("/fillets/0/chosen").asBoolean()).isTrue();
        assertThat(both.at("/settings/passes/value").asInt()).isEqualTo(2);
    }
}
