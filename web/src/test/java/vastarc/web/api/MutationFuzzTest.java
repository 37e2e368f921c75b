package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.SpringTest;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.machine.StartingProfiles;

/** A valid document with one thing changed in it, thousands of times: the answer is a sheet or a reason, never a fault of the program. */
@SpringTest
class MutationFuzzTest {

    private static final int ROUNDS = 600;
    private static final Set<Integer> ANSWERS = Set.of(200, 400, 422);
    private static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    private MockMvc http;

    private static ObjectNode valid(String call) {
        ObjectNode body = (ObjectNode) JSON.readTree("""
                {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5,1.5],"tubeOdMm":50.8,"gapMm":0.2,"position":"PA",
                 "rotated":true,"wire":true,"control":"TRIGGER_4T","purged":true,"pulse":"RIPPLE","preheatC":20,"travelMmPerMin":110,
                 "own":{"downSlope":3,"postFlow":8}}
                """);
        if (call.equals("sheet")) {
            return body;
        }
        body.put("logic", "TRIGGER_4T");
        if (call.startsWith("score")) {
            body.put("awayS", 30).put("stepS", 0.5);
            body.set("touches", JSON.readTree("[{\"atS\":0,\"kind\":\"PRESS\"},{\"atS\":2,\"kind\":\"RELEASE\"}]"));
            return body;
        }
        MachineProfile machine = StartingProfiles.of("knobs").orElseThrow();
        body.set("machine", ProfileReader.document(machine));
        body.putObject("stands").put(machine.elements().get(0).id(), 0.5);
        return body;
    }

    /** Places in a document: a holder and the name or number of something in it. */
    private record Place(JsonNode holder, String name, int index) {}

    private static List<Place> places(JsonNode node) {
        List<Place> places = new ArrayList<>();
        if (node.isObject()) {
            for (String name : node.propertyNames()) {
                places.add(new Place(node, name, -1));
                places.addAll(places(node.get(name)));
            }
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                places.add(new Place(node, "", i));
                places.addAll(places(node.get(i)));
            }
        }
        return places;
    }

    private static JsonNode something(Random random, JsonNode old) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (random.nextInt(16)) {
            case 0 -> make.nullNode();
            case 1 -> make.numberNode(-0.1);
            case 2 -> make.numberNode(0);
            case 3 -> make.numberNode(1e308);
            case 4 -> make.numberNode(new BigInteger("9".repeat(310)));
            case 5 -> make.numberNode(new BigDecimal("1e-400"));
            case 6 -> make.numberNode(Long.MIN_VALUE);
            case 7 -> make.stringNode("");
            case 8 -> make.stringNode("\u0000\ud83d x".repeat(30));
            case 9 -> make.stringNode("NaN");
            case 10 -> make.booleanNode(random.nextBoolean());
            case 11 -> make.arrayNode();
            case 12 -> make.arrayNode().add(old.deepCopy()).add(old.deepCopy()).add(1);
            case 13 -> make.objectNode();
            case 14 -> make.objectNode().set("own", old.deepCopy());
            default -> old.isNumber() ? make.numberNode(old.asDouble() * 1000) : make.stringNode(old.toString());
        };
    }

    private static void mutate(ObjectNode body, Random random) {
        List<Place> places = places(body);
        Place place = places.get(random.nextInt(places.size()));
        if (place.holder() instanceof ObjectNode object) {
            JsonNode old = object.get(place.name());
            switch (random.nextInt(8)) {
                case 0 -> object.remove(place.name());
                case 1 -> object.set(place.name() + "x", old);
                default -> object.set(place.name(), something(random, old));
            }
        } else if (place.holder() instanceof ArrayNode array) {
            array.set(place.index(), something(random, array.get(place.index())));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"sheet", "score", "score/samples", "panel"})
    void oneThingChangedGivesAnAnswerOrAReason(String call) throws Exception {
        Random random = new Random(call.hashCode());
        int accepted = 0;
        for (int i = 0; i < ROUNDS; i++) {
            ObjectNode body = valid(call);
            mutate(body, random);
            String text = JSON.writeValueAsString(body);
            int status = http.perform(post("/api/v1/" + call)
                            .contentType("application/json")
                            .content(text))
                    .andReturn()
                    .getResponse()
                    .getStatus();
            assertThat(ANSWERS).as(text).contains(status);
            accepted += status == 200 ? 1 : 0;
        }
        // Most mutations hit something that is read: were nearly all taken, or none, the test would test nothing.
        assertThat(accepted).isBetween(ROUNDS / 50, ROUNDS * 9 / 10);
    }
}
