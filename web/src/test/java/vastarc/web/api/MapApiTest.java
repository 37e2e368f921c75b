package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;

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
class MapApiTest {

    private static final String BUTT = "\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2]";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    private MockHttpServletResponse post(String path, String body) throws Exception {
        return http.perform(MockMvcRequestBuilders.post(path)
                        .contentType("application/json")
                        .content("{" + body + "}"))
                .andReturn()
                .getResponse();
    }

    @Test
    void aMapHoldsItsGridItsPointAndWhatMaySlip() throws Exception {
        MockHttpServletResponse response = post(
                "/api/v1/map",
                BUTT
                        + ",\"x\":\"CURRENT\",\"y\":\"TRAVEL\",\"nx\":21,\"ny\":11,\"xRange\":[20,140],\"yRange\":[60,200]");
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        JsonNode map = json.readTree(response.getContentAsByteArray());

        assertThat(map.at("/x/values")).hasSize(21);
        assertThat(map.at("/x/unit").asString()).isEqualTo("A");
        assertThat(map.at("/y/values")).hasSize(11);
        assertThat(map.at("/zone")).hasSize(11);
        assertThat(map.at("/zone/0")).hasSize(21);
        assertThat(map.at("/zone/10/0").asString()).isEqualTo("NO_FUSION");
        assertThat(map.at("/zone/0/20").asString()).isEqualTo("BURN_THROUGH");
        assertThat(map.at("/point/zone").asString()).isEqualTo("GOOD");
        assertThat(map.at("/tolerance/currentUpA").doubleValue()).isPositive();
        assertThat(map.at("/tolerance/travelDownPercent").doubleValue()).isPositive();
        assertThat(map.at("/unsure")).hasSize(11);
        assertThat(map.at("/unsure/0")).hasSize(21);
        assertThat(map.at("/limits/machineA").isNull()).isTrue();
        assertThat(map.has("runs") || map.has("posterior")).isFalse();
        assertThat(map.get("zones")).hasSize(10).allSatisfy(zone -> {
            assertThat(zone.get("criterion").asString()).isNotBlank();
            assertThat(zone.get("equation").asString()).startsWith("map (");
            assertThat(zone.get("source").asString()).isNotBlank();
        });
    }

    @Test
    void withoutAWishTheMapLiesAroundTheSheetsPoint() throws Exception {
        JsonNode map = json.readTree(post("/api/v1/map", BUTT).getContentAsByteArray());
        JsonNode sheet = json.readTree(post("/api/v1/sheet", BUTT).getContentAsByteArray());

        assertThat(map.at("/zone")).hasSize(61);
        assertThat(map.at("/point/x").doubleValue())
                .isEqualTo(sheet.at("/settings/workingCurrent/value").doubleValue());
        assertThat(map.at("/x/values/0").doubleValue())
                .isLessThan(map.at("/point/x").doubleValue());
        assertThat(map.at("/x/values/60").doubleValue())
                .isGreaterThan(map.at("/point/x").doubleValue());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"y\":\"GAP\"|200|",
                "\"y\":\"THICKNESS\",\"nx\":2,\"ny\":2|200|",
                "\"y\":\"PULSE_ON_TIME\",\"pulse\":\"HEAT\",\"nx\":3,\"ny\":3|200|",
                "\"y\":\"PULSE_ON_TIME\"|400|y",
                "\"y\":\"CURRENT\"|400|y",
                "\"x\":\"TRAVEL\"|400|x",
                "\"nx\":1|400|nx",
                "\"ny\":500|400|ny",
                "\"xRange\":[90,40]|400|xRange",
                "\"xRange\":[90]|400|xRange",
                "\"xRange\":7|400|xRange",
                "\"yRange\":[-1,40]|400|yRange[0]",
                "\"colour\":1|400|colour",
                "\"machine\":\"Nobody's\"|400|machine",
                "\"machine\":7|400|machine",
                "\"machine\":null|200|",
            })
    void whatCannotBeDrawnIsNamed(String more, int status, String field) throws Exception {
        MockHttpServletResponse response = post("/api/v1/map", BUTT + "," + more);

        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(status);
        if (field != null) {
            assertThat(response.getContentAsString()).contains("\"" + field + "\"");
        }
    }
}
