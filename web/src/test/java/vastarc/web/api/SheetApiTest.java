package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.input.WeldFields;
import vastarc.web.SpringTest;
import vastarc.web.store.run.WeldRunService;

@SpringTest
@ExtendWith(OutputCaptureExtension.class)
class SheetApiTest {

    private static final String TUBE = """
            {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5,1.5],"tubeOdMm":50.8,"position":"PA","rotated":true,
             "wire":false,"technique":"FREEHAND","control":"PEDAL","chill":"NONE","purged":true}""";

    @Autowired
    private MockMvc http;

    @Autowired
    private WeldRunService runs;

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
    void theFirstCallOfTheDescriptionGivesTheWorkedExample() throws Exception {
        JsonNode sheet = answer(TUBE);

        JsonNode current = sheet.at("/settings/workingCurrent");
        assertThat(current.get("value").doubleValue()).isCloseTo(39.934, within(0.2));
        assertThat(current.get("unit").asString()).isEqualTo("A");
        assertThat(current.get("low").doubleValue()).isLessThan(39.9);
        assertThat(current.get("high").doubleValue()).isGreaterThan(40);
        assertThat(current.get("school").asString()).isEqualTo("calculated");
        assertThat(current.get("reason").asString()).contains("277 W");
        assertThat(sheet.at("/settings/heatInput/value").doubleValue()).isCloseTo(0.1032, within(0.001));
        assertThat(sheet.at("/schools").propertyNames()).hasSize(3);
        assertThat(sheet.at("/problems")).isEmpty();
    }

    @Test
    void everySettingOfTheDescriptionIsThereWithUnitAndReason() throws Exception {
        JsonNode settings = answer(TUBE).get("settings");

        for (String key :
                ("workingCurrent pedalCeiling startCurrent upSlope downSlope endCurrent preFlow postFlow pulseRate pulseOnTime "
                                + "pulseBackground averageCurrent arcVoltage travelSpeed heatInput tungstenDiameter tungstenType tipAngle stickOut "
                                + "cupSize gasFlow wireDiameter wireAlloy purgeFlow passes helmetShade")
                        .split(" ")) {
            assertThat(settings.has(key)).as(key).isTrue();
            assertThat(settings.at("/" + key + "/unit").isString()).as(key).isTrue();
            assertThat(settings.at("/" + key + "/reason").asString()).as(key).isNotBlank();
        }
    }

    @Test
    void metalJointAndThicknessAreEnough() throws Exception {
        assertThat(answer("{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[2]}")
                        .at("/settings/workingCurrent/value")
                        .doubleValue())
                .isBetween(102.0, 118.0);
    }

    @Test
    void aGrooveAnswersWithItsPassesAndAButtWithBothWays() throws Exception {
        JsonNode groove = answer("{\"material\":\"CARBON_STEEL\",\"joint\":\"V_BUTT\",\"thicknessMm\":[8]}");
        assertThat(groove.at("/passes").size())
                .isEqualTo((int) groove.at("/settings/passes/value").doubleValue());
        assertThat(groove.at("/passes/0/kind").asString()).isEqualTo("ROOT");

        JsonNode butt = answer("{\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[1.5]}");
        assertThat(butt.has("passes")).isFalse();
        assertThat(butt.at("/butts").size()).isEqualTo(2);
        assertThat(butt.at("/tacks/onS").doubleValue()).isPositive();
        assertThat(butt.at("/sensitivity").size()).isEqualTo(3);
        assertThat(butt.at("/cautions/0/code").asString()).isEqualTo("stainlessSugar");
    }

    @Test
    void everyFieldOfTheDescriptionIsTaken() throws Exception {
        JsonNode sheet = answer("""
                {"material":"CHROMOLY_4130","otherMaterial":"STAINLESS_304L","joint":"TUBE_SADDLE","thicknessMm":[2,1.5],"tubeOdMm":38,
                 "gapMm":0.2,"grooveAngleDeg":60,"rootFaceMm":1,"copeAngleDeg":60,"smallTab":true,"position":"HL045","rotated":false,
                 "wire":true,"wireFeed":"LAY","technique":"CUP_WALK","control":"TRIGGER_4T","chill":"COPPER_BAR","purged":true,
                 "pulse":"RIPPLE","finish":"HYGIENIC","bothSides":false,"backAccess":false,"access":"TIGHT","service":"CRACK_PRONE",
                 "preheatC":50,"travelMmPerMin":90,"hoseLengthM":8,"hoseBoreMm":5}""");

        assertThat(sheet.at("/settings/wireAlloy/value").asString()).isEqualTo("ER312");
        assertThat(sheet.at("/settings/travelSpeed/value").doubleValue()).isEqualTo(90);
        assertThat(sheet.at("/settings/gasLens/value").asString()).isEqualTo("fitted");
        assertThat(sheet.at("/settings/pulseRate/value").doubleValue()).isEqualTo(1.5);
    }

    static Stream<Arguments> badInput() {
        String long10k = "x".repeat(10_000);
        return Stream.of(
                Arguments.of("{}", "material joint thicknessMm", "one of CARBON_STEEL"),
                Arguments.of(with("thicknessMm", "[-1]"), "thicknessMm[0]", "0.1 mm to 12 mm"),
                Arguments.of(with("thicknessMm", "[NaN]"), "thicknessMm[0]", "0.1 mm to 12 mm"),
                Arguments.of(with("thicknessMm", "[1e9]"), "thicknessMm[0]", "0.1 mm to 12 mm"),
                Arguments.of(with("thicknessMm", "[1e999]"), "thicknessMm[0]", "0.1 mm to 12 mm"),
                Arguments.of(with("thicknessMm", "[]"), "thicknessMm", "one or two numbers"),
                Arguments.of(with("thicknessMm", "[1,2,3]"), "thicknessMm", "one or two"),
                Arguments.of(with("thicknessMm", "2"), "thicknessMm", "one or two numbers"),
                Arguments.of(with("thicknessMm", "[\"2\"]"), "thicknessMm[0]", "a number in mm"),
                Arguments.of(with("thicknessMm", "[null]"), "thicknessMm[0]", "a number in mm"),
                Arguments.of(with("material", "\"BRASS\""), "material", "CARBON_STEEL"),
                Arguments.of(with("material", "7"), "material", "one of CARBON_STEEL"),
                Arguments.of(with("material", "\"" + long10k + "\""), "material", "CARBON_STEEL"),
                Arguments.of(with("joint", "[]"), "joint", "SQUARE_BUTT"),
                Arguments.of(with("position", "\"1G\""), "position", "PA"),
                Arguments.of(with("wire", "\"yes\""), "wire", "true or false"),
                Arguments.of(with("tubeOdMm", "{}"), "tubeOdMm", "a number in mm"),
                Arguments.of(with("thickness", "2"), "thickness", "thicknessMm"),
                Arguments.of(with(long10k, "2"), "x".repeat(40) + "…", "thicknessMm"),
                Arguments.of("[1]", "body", "thicknessMm"),
                Arguments.of("", "body", "thicknessMm"),
                Arguments.of("{\"material\":", "body", "thicknessMm"),
                Arguments.of("nonsense", "body", "thicknessMm"),
                Arguments.of("[".repeat(5000), "body", "thicknessMm"),
                Arguments.of(with("material", "\"" + "y".repeat(70_000) + "\""), "body", "65536"));
    }

    private static String with(String field, String value) {
        StringBuilder body = new StringBuilder("{\"" + field + "\":" + value);
        for (String usual :
                new String[] {"\"material\":\"CARBON_STEEL\"", "\"joint\":\"T_FILLET\"", "\"thicknessMm\":[2]"}) {
            if (!usual.startsWith("\"" + field + "\"")) {
                body.append(',').append(usual);
            }
        }
        return body + "}";
    }

    @ParameterizedTest
    @MethodSource("badInput")
    void badInputNamesTheFieldAndWhatWouldWork(String body, String fields, String works, CapturedOutput log)
            throws Exception {
        MockHttpServletResponse response = post(body);

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(response.getContentType()).startsWith("application/problem+json");
        JsonNode problem = json.readTree(response.getContentAsByteArray());
        assertThat(problem.get("status").intValue()).isEqualTo(400);
        assertThat(problem.get("detail").asString()).contains(works);
        assertThat(problem.get("errors")
                        .valueStream()
                        .map(error -> error.get("field").asString()))
                .containsExactlyInAnyOrder(fields.split(" "));
        assertThat(log.getAll()).doesNotContain("Exception").doesNotContain("\tat ");
    }

    @Test
    void severalBadFieldsAreNamedAtOnce() throws Exception {
        MockHttpServletResponse response = post(
                "{\"material\":\"TIN\",\"joint\":\"T_FILLET\",\"thicknessMm\":[-2],\"position\":\"XX\",\"purged\":3,\"gapMm\":99}");

        JsonNode problem = json.readTree(response.getContentAsByteArray());
        assertThat(problem.get("errors")
                        .valueStream()
                        .map(error -> error.get("field").asString()))
                .containsExactlyInAnyOrder("material", "thicknessMm[0]", "position", "purged", "gapMm");
    }

    @ParameterizedTest
    @MethodSource("outOfScope")
    void whatIsOutOfScopeIsExplained(String body, String explanation) throws Exception {
        MockHttpServletResponse response = post(body);

        assertThat(response.getStatus()).isEqualTo(422);
        assertThat(json.readTree(response.getContentAsByteArray()).get("detail").asString())
                .contains(explanation);
    }

    static Stream<Arguments> outOfScope() {
        return Stream.of(
                Arguments.of(with("material", "\"ALUMINIUM_6061\""), "alternating current"),
                Arguments.of(
                        "{\"material\":\"CARBON_STEEL\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[6]}",
                        "at most 3.2 mm"),
                Arguments.of(with("otherMaterial", "\"TITANIUM_GR2\""), "brittle"));
    }

    @Test
    void nothingAClientSendsGivesAServerError() throws Exception {
        Random random = new Random(99);
        String[] pieces = {
            "{",
            "}",
            "[",
            "]",
            ":",
            ",",
            "\"material\"",
            "\"thicknessMm\"",
            "null",
            "true",
            "1e308",
            "-0",
            "\"CARBON_STEEL\"",
            "\"joint\"",
            "\"LAP\"",
            "\\u0000"
        };
        for (int i = 0; i < 500; i++) {
            StringBuilder body = new StringBuilder();
            for (int piece = 0; piece < 12; piece++) {
                body.append(pieces[random.nextInt(pieces.length)]);
            }
            assertThat(post(body.toString()).getStatus()).as("seed 99: " + body).isBetween(200, 499);
        }
    }

    @Test
    void otherMethodsAndTypesAreRefusedCleanly() throws Exception {
        assertThat(http.perform(get("/api/v1/sheet")).andReturn().getResponse().getStatus())
                .isEqualTo(405);
        assertThat(http.perform(get("/api/v1/nothing"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("/api/openapi.json");
        assertThat(http.perform(get("/api/v1/nothing"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
        assertThat(http.perform(MockMvcRequestBuilders.post("/api/v1/sheet")
                                .contentType("text/plain")
                                .content(TUBE))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(415);
    }

    @Test
    void theDescriptionListsTheCallAndItsAnswers() throws Exception {
        JsonNode document = json.readTree(
                http.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsByteArray());

        assertThat(document.at("/paths/~1api~1v1~1sheet/post/responses").propertyNames())
                .contains("200", "400", "422");
        assertThat(document.at("/components/schemas/SheetRequest/properties").propertyNames())
                .containsExactlyInAnyOrderElementsOf(Stream.concat(
                                Stream.of("pass"),
                                WeldFields.ALL.stream()
                                        .map(field -> field.name().replaceFirst("\\[.*", "")))
                        .collect(Collectors.toSet()));
    }

    /** Runs on a machine teach a method for that machine alone, in the call as on the page. */
    @Test
    void goodRunsTeachTheSchoolOfTheirMachine() throws Exception {
        String joint = "{\"material\":\"TITANIUM_GR5\",\"joint\":\"EDGE\",\"thicknessMm\":[1.2]";
        List<String> ids = List.of(
                "00000000-0000-4000-8000-0000000000e1",
                "00000000-0000-4000-8000-0000000000e2",
                "00000000-0000-4000-8000-0000000000e3",
                "00000000-0000-4000-8000-0000000000e4");
        for (String id : ids) {
            http.perform(MockMvcRequestBuilders.post("/api/v1/runs")
                    .contentType("application/json")
                    .content("{\"id\":\"" + id + "\",\"job\":\"taught\",\"started\":\"2026-11-20T08:15:00Z\","
                            + "\"material\":\"TITANIUM_GR5\",\"joint\":\"EDGE\",\"thicknessMm\":1.2,"
                            + "\"machine\":\"Yard generator set\",\"plannedA\":20,\"reckonedA\":20,\"currentA\":23,"
                            + "\"verdict\":\"GOOD\"}"));
        }
        JsonNode plain = answer(joint + "}");
        JsonNode taught = answer(joint + ",\"machine\":\"Yard generator set\"}");
        JsonNode school = taught.at("/schools/AS_PROVEN_HERE");
        assertThat(plain.at("/schools").has("AS_PROVEN_HERE")).isFalse();
        assertThat(answer(joint + ",\"machine\":\"Booth 1 inverter\"}")
                        .at("/schools")
                        .has("AS_PROVEN_HERE"))
                .isFalse();
        assertThat(school.get("currentA").doubleValue()
                        / plain.at("/schools/HEAT_BALANCE/currentA").doubleValue())
                .isBetween(1.08, 1.15);
        assertThat(school.get("note").asString()).contains("4 good runs");
        JsonNode unknown =
                json.readTree(post(joint + ",\"machine\":\"Nowhere\"}").getContentAsByteArray());
        assertThat(unknown.at("/errors/0/field").asString()).isEqualTo("machine");
        ids.forEach(id -> runs.forget(UUID.fromString(id)));
    }
}
