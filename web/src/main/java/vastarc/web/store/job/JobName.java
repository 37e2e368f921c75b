package vastarc.web.store.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.InputField;
import vastarc.core.input.JointName;
import vastarc.core.input.WeldFields;

/** The name of a job that nobody has named: that of its joint, in the units that its thickness was typed in. */
final class JobName {

    /** Of a job of which nobody has said anything yet. */
    static final String NONE = "Untitled job";

    private JobName() {}

    /** {@return the name of a joint; {@link #NONE} where metal or form is not said} */
    static String of(JointText joint) {
        return of(joint, joint.bareUnits(WeldFields.BASE));
    }

    /** {@return whether a name is one that nobody gave} */
    static boolean isOf(JointText joint, String name) {
        return name.equals(NONE) || Stream.of(UnitSystem.values()).anyMatch(units -> name.equals(of(joint, units)));
    }

    private static String of(JointText joint, UnitSystem units) {
        Optional<String> metal = joint.metal(WeldFields.MATERIAL).map(Enum::name);
        Optional<String> form = joint.form().map(Enum::name);
        if (metal.isEmpty() || form.isEmpty()) {
            return NONE;
        }
        Map<String, Object> said = new HashMap<>();
        said.put(WeldFields.MATERIAL.name(), metal.get());
        said.put(WeldFields.JOINT.name(), form.get());
        List<Double> sizes = Stream.of(WeldFields.BASE, WeldFields.ABUTTING)
                .flatMap(field -> size(joint, field).stream())
                .toList();
        if (!sizes.isEmpty()) {
            said.put(WeldFields.THICKNESSES, sizes);
        }
        return JointName.of(said, units);
    }

    private static Optional<Double> size(JointText joint, InputField<?> field) {
        return joint.text(field)
                .flatMap(text -> joint.reader(field).read(text, field.name()).value())
                .map(Length::inMillimetres);
    }
}
