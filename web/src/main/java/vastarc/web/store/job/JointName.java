package vastarc.web.store.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import vastarc.core.base.notation.GaugeScale;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;

/** The name of a job that nobody has named: what its joint is, such as {@code 304L lap 2 mm}, thickness as it was typed. */
final class JointName {

    /** Of a job whose joint says nothing yet. */
    static final String NONE = "Untitled job";

    private static final Pattern BARE = Pattern.compile("[0-9.,/ ]+");

    private JointName() {}

    /** {@return the name; {@link #NONE} where metal or joint is not said} */
    static String of(JointText joint) {
        Optional<String> metal = words(joint, WeldFields.MATERIAL, Material.values(), "metal.short.");
        Optional<String> form = words(joint, WeldFields.JOINT, JointForm.values(), "joint.");
        if (metal.isEmpty() || form.isEmpty()) {
            return NONE;
        }
        List<String> parts = new ArrayList<>(List.of(metal.get(), form.get()));
        size(joint, WeldFields.BASE).ifPresent(parts::add);
        size(joint, WeldFields.ABUTTING).ifPresent(other -> parts.add("+ " + other));
        return String.join(" ", parts);
    }

    private static Optional<String> words(JointText joint, InputField<?> field, Enum<?>[] known, String words) {
        return joint.text(field)
                .flatMap(text -> Arrays.stream(known)
                        .filter(one -> one.name().equals(text))
                        .findFirst())
                .map(one -> Phrasebook.say(Phrase.of(words + one.name()), UnitSystem.METRIC));
    }

    /** As typed, with its unit; left out where it is no length. */
    private static Optional<String> size(JointText joint, InputField<?> field) {
        UnitSystem bare = joint.bareIn().getOrDefault(field.name(), UnitSystem.METRIC);
        return joint.text(field)
                .filter(text -> new LengthReader(bare, Optional.of(GaugeScale.SHEET_STEEL))
                        .read(text, field.name())
                        .value()
                        .isPresent())
                .map(text -> BARE.matcher(text).matches() ? text + (bare == UnitSystem.INCH ? " in" : " mm") : text);
    }
}
