package vastarc.web.request;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.Weld;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.WeldFields;
import vastarc.web.Jobs;
import vastarc.web.store.job.JointText;

/** Every input, typed and sent as JSON: that it arrives, and what is given of it where it does not. */
class TypedInputsTest {

    private static Outcome<Weld> read(JointText typed) {
        return WeldFields.read(new TypedInputs(typed));
    }

    private static JointText typed(Map<String, String> sent) {
        return Jobs.typed(sent).joint();
    }

    private static double baseMm(JointText typed) {
        return read(typed).value().orElseThrow().joint().base().inMillimetres();
    }

    @Test
    void aFreshJobHasAFullSheetAtOnce() {
        assertThat(read(JointText.fresh()).problems()).isEmpty();
    }

    @Test
    void aBareNumberKeepsTheUnitsItWasTypedInWhenUnitsAreTurned() {
        Map<String, String> sent = Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, "2");
        JointText turned = typed(sent).changedTo(sent, JointText.FIELDS, UnitSystem.INCH);
        JointText retyped = turned.changedTo(
                Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, "0.1"),
                JointText.FIELDS,
                UnitSystem.INCH);

        assertThat(baseMm(turned)).isEqualTo(2);
        assertThat(baseMm(retyped)).isEqualTo(2.54);
    }

    @Test
    void unknownFieldsAreDroppedAndLongTextsCut() {
        JointText typed = typed(Map.of("evil", "x", Jobs.BASE, "9".repeat(5000)));

        assertThat(typed.texts()).doesNotContainKey("evil");
        assertThat(typed.text(WeldFields.BASE).orElseThrow()).hasSize(JointText.MAX_CHARACTERS);
        assertThat(read(typed).problems()).isNotEmpty();
    }

    @Test
    void gaugeFollowsTheMetal() {
        assertThat(baseMm(typed(Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, "16 ga"))))
                .isEqualTo(0.0598 * 25.4);
        assertThat(baseMm(typed(Map.of("material", "STAINLESS_304L", "joint", "LAP", Jobs.BASE, "16 ga"))))
                .isEqualTo(0.0625 * 25.4);
    }

    static Stream<InputField<?>> fields() {
        return WeldFields.ALL.stream();
    }

    private static JointForm formFor(InputField<?> field) {
        return Stream.of(JointForm.values())
                .filter(field::appliesTo)
                .reduce((first, last) -> last)
                .orElseThrow();
    }

    /** A joint that a field means something for, and that every other value of it fits. */
    private static Map<String, String> jointFor(InputField<?> field) {
        JointForm form = formFor(field);
        Map<String, String> sent =
                new TreeMap<>(Map.of("material", "CARBON_STEEL", "joint", form.name(), Jobs.BASE, "3"));
        if (field == WeldFields.ROOT_FACE || field == WeldFields.GROOVE_ANGLE) {
            sent.putAll(Map.of("joint", "V_BUTT", Jobs.BASE, "8"));
        }
        if (field == WeldFields.DEPTH) {
            sent.putAll(Map.of("penetration", "PARTIAL", Jobs.BASE, "6"));
        }
        return sent;
    }

    /** A value that is not the usual one, in the middle of what is allowed. */
    private static String another(InputField<?> field) {
        return switch (field.kind()) {
            case CHOICE -> field.choicesFor(formFor(field)).get(1).toString();
            case FLAG -> String.valueOf(!(Boolean) field.usual().orElseThrow());
            case LENGTH, FIGURE -> {
                InputRange range = field.range().orElseThrow();
                double quarter = range.low() + 0.25 * (range.high() - range.low());
                yield String.valueOf(Math.round(1000 * quarter) / 1000.0);
            }
        };
    }

    private static String held(InputField<?> field, Weld weld) {
        Object value = field.of(weld).orElseThrow();
        return value instanceof Length length ? String.valueOf(length.inMillimetres()) : value.toString();
    }

    @ParameterizedTest
    @MethodSource("fields")
    void everyFieldTypedArrives(InputField<?> field) {
        Map<String, String> sent = jointFor(field);
        sent.put(field.name(), another(field));

        Outcome<Weld> read = read(typed(sent));

        assertThat(read.problems()).as(field.name()).isEmpty();
        assertThat(held(field, read.value().orElseThrow())).as(field.name()).isEqualTo(another(field));
    }

    @ParameterizedTest
    @MethodSource("fields")
    void everyFieldOfACallArrives(InputField<?> field) {
        Map<String, String> sent = jointFor(field);
        sent.put(field.name(), another(field));

        Outcome<Weld> read = WeldFields.read(new JsonInputs(json(sent), Set.of()));

        assertThat(read.problems()).as(field.name()).isEmpty();
        assertThat(held(field, read.value().orElseThrow())).as(field.name()).isEqualTo(another(field));
    }

    private static JsonNode json(Map<String, String> sent) {
        ObjectNode body = JsonMapper.shared().createObjectNode();
        for (InputField<?> field : WeldFields.ALL) {
            String text = sent.get(field.name());
            if (text != null && field == WeldFields.ABUTTING) {
                body.withArray(WeldFields.THICKNESSES).add(Double.parseDouble(text));
            } else if (text != null && field == WeldFields.BASE) {
                body.withArray(WeldFields.THICKNESSES).add(Double.parseDouble(text));
            } else if (text != null) {
                switch (field.kind()) {
                    case CHOICE -> body.put(field.name(), text);
                    case FLAG -> body.put(field.name(), Boolean.parseBoolean(text));
                    case LENGTH, FIGURE -> body.put(field.name(), Double.parseDouble(text));
                }
            }
        }
        return body;
    }

    @ParameterizedTest
    @MethodSource("fields")
    void everyFieldThatCannotBeReadIsNamed(InputField<?> field) {
        Map<String, String> sent = jointFor(field);
        sent.put(field.name(), "10d");

        Stream<String> named = read(typed(sent)).problems().stream().map(Problem::field);

        if (field.kind() != InputKind.FLAG) {
            assertThat(named.collect(Collectors.toSet())).contains(field.name());
        }
    }

    @ParameterizedTest
    @MethodSource("fields")
    void everyFieldHasItsWordsAndAnswersToWhatOtherShopsCallIt(InputField<?> field) {
        assertThat(field.aliases()).as(field.name()).isNotEmpty();
        field.aliases()
                .forEach(alias -> assertThat(
                                WeldFields.called(alias).orElseThrow().name())
                        .as(alias)
                        .isEqualTo(field.name()));
    }

    @Test
    void aFieldCalledOtherwiseIsAnsweredWithItsNameHere() {
        ObjectNode body = (ObjectNode) json(jointFor(WeldFields.TUBE_OD));
        body.put("od", 50);

        assertThat(new JsonInputs(body, Set.of()).problems())
                .extracting(problem -> problem.field() + ": " + problem.message(UnitSystem.METRIC))
                .containsExactly("od: This field has another name here. Send it as tubeOdMm.");
    }

    @Test
    void everyProblemIsFoundAtOnce() {
        JointText typed =
                typed(Map.of("material", "LEAD", "joint", "LAP", Jobs.BASE, "thick", "position", "ZZ", "gapMm", "50"));

        assertThat(read(typed).problems())
                .extracting(Problem::field)
                .contains("material", Jobs.BASE, "position", "gapMm");
    }
}
