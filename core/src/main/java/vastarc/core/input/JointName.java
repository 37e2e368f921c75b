package vastarc.core.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;

/** Names a joint by what it is: {@code 304L lap 3.18 mm}. */
public final class JointName {

    private JointName() {}

    /**
     * {@return the name; what is not said of metal, form and thickness is left out}
     *
     * @param fields values by the name of their input; thicknesses as a list of mm
     * @param units that the thicknesses are shown in
     */
    public static String of(Map<String, Object> fields, UnitSystem units) {
        List<String> parts = new ArrayList<>();
        say(fields, WeldFields.MATERIAL, "metal.short.", parts);
        say(fields, WeldFields.JOINT, "joint.", parts);
        if (fields.get(WeldFields.THICKNESSES) instanceof List<?> both) {
            parts.add(both.stream()
                    .map(mm -> units.show(Length.ofMillimetres((Double) mm).quantity())
                            .line())
                    .collect(Collectors.joining(" + ")));
        }
        return String.join(" ", parts);
    }

    private static void say(Map<String, Object> fields, InputField<?> field, String words, List<String> parts) {
        if (fields.get(field.name()) instanceof String value) {
            parts.add(Phrasebook.say(Phrase.of(words + value), UnitSystem.METRIC));
        }
    }
}
