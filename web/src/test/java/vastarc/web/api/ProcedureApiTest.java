package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.SpringTest;

@SpringTest
class ProcedureApiTest {

    private static final String ALL = "/api/v1/procedures";
    private static final String ONE = ALL + "/P-12";
    private static final String WHOLE = """
            {"number":"P-12","materials":["CARBON_STEEL"],"joints":["T_FILLET","LAP"],"thicknessMm":[1.5,6],"tubeOdMm":[25,null],
             "positions":["PA","PB"],"currentA":[80,140],"heatInputKjPerMm":[null,1.2],"preheatC":[10,null],"interpassC":[null,250],
             "fillers":["ER70S-2"],"purged":null,"qualifiedBy":"the foreman","from":"2026-05-04","until":"2028-05-04"}""";
    private static final String FILLET = """
            {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[%s],"procedure":"P-12","on":"%s"}""";

    @Autowired
    private MockMvc http;

    private final JsonMapper json = JsonMapper.builder().build();

    @AfterEach
    void away() throws Exception {
        http.perform(delete(ONE));
    }

    private MockHttpServletResponse call(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse send(String body) throws Exception {
        return call(post(ALL).contentType("application/json").content(body));
    }

    private JsonNode check(String mm, String on) throws Exception {
        MockHttpServletResponse response =
                call(post(ALL + "/check").contentType("application/json").content(FILLET.formatted(mm, on)));
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        return json.readTree(response.getContentAsByteArray());
    }

    @Test
    void aProcedureIsTakenReadBackReplacedAndDeleted() throws Exception {
        MockHttpServletResponse made = send(WHOLE);
        assertThat(made.getStatus()).as(made.getContentAsString()).isEqualTo(201);
        JsonNode kept = json.readTree(call(get(ONE)).getContentAsByteArray());
        assertThat(kept.get("tubeOdMm").get(0).doubleValue()).isEqualTo(25);
        assertThat(kept.get("tubeOdMm").get(1).isNull()).isTrue();
        assertThat(kept.has("purged")).isFalse();
        assertThat(kept.get("until").asString()).isEqualTo("2028-05-04");

        assertThat(send(WHOLE.replace("[80,140]", "[90,150]")).getStatus()).isEqualTo(200);
        assertThat(json.readTree(call(get(ONE)).getContentAsByteArray())
                        .at("/currentA/1")
                        .intValue())
                .isEqualTo(150);
        assertThat(call(get(ALL)).getContentAsString()).contains("\"P-12\"");
        assertThat(call(delete(ONE)).getStatus()).isEqualTo(204);
        assertThat(call(get(ONE)).getStatus()).isEqualTo(404);
        assertThat(call(delete(ONE)).getStatus()).isEqualTo(404);
    }

    @Test
    void ofTwoWindowsTheSecondChangesNothing() throws Exception {
        String tag = send(WHOLE).getHeader("ETag");
        assertThat(tag).isNotNull();
        String other = WHOLE.replace("[80,140]", "[90,150]");
        MockHttpServletRequestBuilder request =
                put(ONE).contentType("application/json").content(other).header("If-Match", tag);

        assertThat(call(request).getStatus()).isEqualTo(200);
        MockHttpServletResponse late = call(request);
        assertThat(late.getStatus()).isEqualTo(412);
        assertThat(late.getContentAsString()).contains("It was changed since it was read.");
        assertThat(call(put(ONE).contentType("application/json").content(WHOLE)).getStatus())
                .isEqualTo(200);
        assertThat(call(put(ALL + "/P-99").contentType("application/json").content(WHOLE))
                        .getStatus())
                .isEqualTo(404);
        assertThat(call(put(ONE).contentType("application/json").content(WHOLE.replace("P-12", "P-13")))
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void aSheetIsInsideOrToldByWhatItLeaves() throws Exception {
        send(WHOLE);
        JsonNode inside = check("2.5", "2026-11-29");
        assertThat(inside.get("inside").booleanValue()).as(inside.toString()).isTrue();
        assertThat(inside.get("leaves")).isEmpty();

        JsonNode thin = check("1", "2029-01-01");
        assertThat(thin.get("inside").booleanValue()).isFalse();
        assertThat(thin.get("leaves"))
                .extracting(leaf -> leaf.get("field").asString())
                .contains("thicknessMm", "currentA", "until");
        JsonNode thickness = thin.get("leaves")
                .valueStream()
                .filter(leaf -> leaf.get("field").asString().equals("thicknessMm"))
                .findFirst()
                .orElseThrow();
        assertThat(thickness.get("value").doubleValue()).isEqualTo(1);
        assertThat(thickness.get("low").doubleValue()).isEqualTo(1.5);
        assertThat(thickness.get("high").doubleValue()).isEqualTo(6);
        assertThat(thickness.get("words").asString()).startsWith("Thickness is 1 mm, covered is 1.5 mm to 6 mm");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{}|number",
                "{\"number\":\"\"}|number",
                "{\"number\":\"a/b\"}|number",
                "{\"number\":\"P\",\"materials\":[]}|materials",
                "{\"number\":\"P\",\"materials\":[\"WOOD\"]}|materials[0]",
                "{\"number\":\"P\",\"joints\":\"LAP\"}|joints",
                "{\"number\":\"P\",\"currentA\":[140,80]}|currentA",
                "{\"number\":\"P\",\"currentA\":[80]}|currentA",
                "{\"number\":\"P\",\"currentA\":[\"80\",null]}|currentA[0]",
                "{\"number\":\"P\",\"preheatC\":[1,2,3]}|preheatC",
                "{\"number\":\"P\",\"thicknessMm\":[-1,2]}|thicknessMm[0]",
                "{\"number\":\"P\",\"fillers\":[\"<b>\"]}|fillers[0]",
                "{\"number\":\"P\",\"purged\":\"yes\"}|purged",
                "{\"number\":\"P\",\"from\":\"2026-02-30\"}|from",
                "{\"number\":\"P\",\"from\":\"2026-05-04\",\"until\":\"2026-05-03\"}|until",
                "{\"number\":\"P\",\"colour\":1}|colour",
                "[]|body",
            })
    void whatCannotBeKeptIsNamed(String body, String field) throws Exception {
        MockHttpServletResponse response = send(body);

        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("\"" + field + "\"");
        assertThat(call(get(ALL + "/P")).getStatus()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"procedure\":\"P-99\"|procedure",
                "\"on\":\"2026-11-29\"|procedure",
                "\"procedure\":12|procedure",
                "\"procedure\":\"P-12\",\"on\":\"yesterday\"|on",
                "\"procedure\":\"P-12\",\"thicknessMm\":[\"thick\"]|thicknessMm",
            })
    void aCheckThatCannotBeMadeSaysWhy(String more, String field) throws Exception {
        send(WHOLE);
        String joint = more.contains("thicknessMm")
                ? "\"material\":\"CARBON_STEEL\",\"joint\":\"LAP\","
                : "\"material\":\"CARBON_STEEL\",\"joint\":\"LAP\",\"thicknessMm\":[2],";
        MockHttpServletResponse response =
                call(post(ALL + "/check").contentType("application/json").content("{" + joint + more + "}"));

        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(400);
        assertThat(response.getContentAsString()).contains("\"" + field);
    }
}
