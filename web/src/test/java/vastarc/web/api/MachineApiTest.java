package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.Random;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.core.io.ClassPathResource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.SpringTest;
import vastarc.web.store.machine.MachineStore;

@SpringTest
class MachineApiTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Autowired
    private MockMvc http;

    @Autowired
    private MachineStore store;

    private static ObjectNode pattern(String name) throws Exception {
        return (ObjectNode) JSON.readTree(new ClassPathResource("machines/" + name + ".json").getContentAsByteArray());
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    private MockHttpServletResponse create(Object document) throws Exception {
        return send(post("/api/v1/machines").contentType("application/json").content(document.toString()));
    }

    private static JsonNode read(MockHttpServletResponse response) throws Exception {
        return JSON.readTree(response.getContentAsByteArray());
    }

    @ParameterizedTest
    @ValueSource(strings = {"menu", "knobs", "generator"})
    void aMachineIsTakenReadBackChangedAndTakenOff(String name) throws Exception {
        MockHttpServletResponse created = create(pattern(name));
        assertThat(created.getStatus()).as(created.getContentAsString()).isEqualTo(201);
        String id = read(created).get("id").asString();
        JsonNode profile = read(send(get("/api/v1/machines/" + id))).get("profile");

        ObjectNode changed = (ObjectNode) profile.deepCopy();
        changed.put("name", "Another name");
        MockHttpServletResponse replaced = send(
                put("/api/v1/machines/" + id).contentType("application/json").content(changed.toString()));
        assertThat(replaced.getStatus()).isEqualTo(200);
        assertThat(read(replaced).get("profile")).isEqualTo(changed);
        assertThat(read(send(get("/api/v1/machines"))).toString()).contains("Another name");

        assertThat(send(delete("/api/v1/machines/" + id)).getStatus()).isEqualTo(204);
        assertThat(send(get("/api/v1/machines/" + id)).getStatus()).isEqualTo(404);
    }

    private static Arguments fault(String name, String place, Consumer<ObjectNode> change) {
        return Arguments.of(name, place, change);
    }

    private static ObjectNode element(ObjectNode profile, int index) {
        return (ObjectNode) profile.get("elements").get(index);
    }

    static Stream<Arguments> faults() {
        return Stream.of(
                fault(
                        "two controls of one id",
                        "elements[1].id",
                        profile -> element(profile, 1)
                                .put("id", element(profile, 0).get("id").asString())),
                fault(
                        "a control that sets nothing",
                        "elements[0]",
                        profile -> element(profile, 0).remove("setting")),
                fault(
                        "an unknown setting",
                        "elements[0]",
                        profile -> element(profile, 0).put("setting", "WARP")),
                fault(
                        "a scale upside down",
                        "elements[0].scale",
                        profile -> ((ObjectNode) element(profile, 0).get("scale")).put("low", 300)),
                fault("a range upside down", "minA", profile -> profile.put("minA", 500)),
                fault(
                        "two controls for one setting",
                        "elements[4].setting",
                        profile -> element(profile, 4).put("setting", "DOWN_SLOPE")),
                fault(
                        "a choice nobody knows",
                        "elements[1].stops[0].choice",
                        profile ->
                                ((ObjectNode) element(profile, 1).get("stops").get(0)).put("choice", "PLASMA")),
                fault("no arc control", "logics", profile -> ((ArrayNode) profile.get("logics")).removeAll()),
                fault("a field nobody knows", "body", profile -> profile.put("brand", "x")),
                fault("another format", "format", profile -> profile.put("format", "something-else")),
                fault("a text for a number", "maxA", profile -> profile.put("maxA", "many")),
                fault(
                        "off the panel",
                        "elements[0]",
                        profile -> element(profile, 0).put("x", 400)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("faults")
    void aProfileThatDoesNotFitIsRefusedAtItsPlaceAndTheKeptOnesStayUntouched(
            String name, String place, Consumer<ObjectNode> change) throws Exception {
        String before = send(get("/api/v1/machines")).getContentAsString();
        ObjectNode broken = pattern("knobs");
        change.accept(broken);
        String id = read(send(get("/api/v1/machines"))).get(0).get("id").asString();

        for (MockHttpServletResponse response : new MockHttpServletResponse[] {
            create(broken),
            send(put("/api/v1/machines/" + id).contentType("application/json").content(broken.toString()))
        }) {
            assertThat(response.getStatus()).isEqualTo(400);
            JsonNode errors = read(response).get("errors");
            assertThat(errors.toString().replace("/", "."))
                    .contains(place.replace("[", "").isEmpty() ? place : place.split("\\[")[0]);
            assertThat(errors.get(0).get("works").asString()).isNotBlank();
        }
        assertThat(send(get("/api/v1/machines")).getContentAsString()).isEqualTo(before);
    }

    @Test
    void fiveMegabytesOfJunkAreRefusedAndNothingChanges() throws Exception {
        String before = send(get("/api/v1/machines")).getContentAsString();

        for (String junk :
                new String[] {"x".repeat(5 << 20), "[".repeat(100_000), "{\"a\":".repeat(20_000), "\u0000\u0001", ""}) {
            int status = send(post("/api/v1/machines")
                            .contentType("application/json")
                            .content(junk))
                    .getStatus();
            assertThat(status).isEqualTo(junk.length() > 1 << 20 ? 413 : 400);
        }
        assertThat(send(get("/api/v1/machines")).getContentAsString()).isEqualTo(before);
    }

    @Test
    void mutatedProfilesNeverBringTheProgramDown() throws Exception {
        Random random = new Random(9);
        String text = pattern("menu").toString();
        for (int i = 0; i < 150; i++) {
            StringBuilder mutated = new StringBuilder(text);
            for (int n = 0; n < 1 + random.nextInt(4); n++) {
                int at = random.nextInt(mutated.length());
                switch (random.nextInt(3)) {
                    case 0 -> mutated.deleteCharAt(at);
                    case 1 -> mutated.insert(at, "9");
                    default -> mutated.setCharAt(at, (char) (32 + random.nextInt(90)));
                }
            }
            assertThat(create(mutated).getStatus()).as(mutated.toString()).isLessThan(500);
        }
        store.machines().stream()
                .filter(machine -> machine.name().contains("igital"))
                .forEach(machine -> store.delete(machine.id()));
    }

    @Test
    void onlyJsonChangesTheShop() throws Exception {
        assertThat(send(post("/api/v1/machines").contentType("text/plain").content("{}"))
                        .getStatus())
                .isEqualTo(415);
    }

    @Test
    void theFormatIsPublished() throws Exception {
        assertThat(read(send(get("/api/formats/machine.schema.json")))
                        .get("title")
                        .asString())
                .contains("machine profile");
    }

    // --- panel

    private static final String BUTT =
            "\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"control\":\"TRIGGER_4T\"";

    private MockHttpServletResponse panel(String more) throws Exception {
        return send(post("/api/v1/panel").contentType("application/json").content("{" + BUTT + more + "}"));
    }

    @Test
    void aSheetOnAMachineGivesPlacesChangesAndLimits() throws Exception {
        String id = read(create(pattern("knobs"))).get("id").asString();
        MockHttpServletResponse response = panel(",\"machine\":\"" + id + "\",\"stands\":{\"process\":0,\"down\":0.9}");
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        JsonNode answer = read(response);

        JsonNode down = answer.get("controls")
                .valueStream()
                .filter(control -> control.get("id").asString().equals("down"))
                .findFirst()
                .orElseThrow();
        assertThat(down.get("place").doubleValue()).isCloseTo(down.get("figure").doubleValue() / 10, within(1e-4));
        assertThat(down.get("angleDeg").doubleValue()).isBetween(-150.0, 150.0);
        assertThat(answer.get("changes")).hasSize(2);
        assertThat(answer.get("missing").toString()).contains("gas on first");
        store.delete(UUID.fromString(id));
    }

    @Test
    void aMachineMayBeSentAlong() throws Exception {
        assertThat(panel(",\"machine\":" + pattern("menu")).getStatus()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                ",\"machine\":\"nobody\"",
                ",\"machine\":7",
                ",\"machine\":{}",
                ",\"machine\":\"00000000-0000-0000-0000-000000000000\"",
                ",\"torch\":3,\"machine\":\"MENU\"",
                ",\"stands\":[1],\"machine\":\"MENU\"",
                ",\"stands\":{\"amps\":\"x\"},\"machine\":\"MENU\""
            })
    void whatIsNoMachineIsRefusedByName(String more) throws Exception {
        MockHttpServletResponse response =
                panel(more.replace("\"MENU\"", pattern("menu").toString()));

        assertThat(response.getStatus()).as(more).isEqualTo(400);
        assertThat(read(response).at("/errors/0/works").asString()).isNotBlank();
    }
}
