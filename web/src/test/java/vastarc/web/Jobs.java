package vastarc.web;

import java.util.Map;
import vastarc.core.quantity.UnitSystem;
import vastarc.web.request.TypedForm;

/** Joints that several tests weld. */
public final class Jobs {

    private Jobs() {}

    /** A 2 mm lap in carbon steel, welded under 4T. */
    public static TypedForm lapUnderTheTrigger() {
        Map<String, String> sent =
                Map.of("material", "CARBON_STEEL", "joint", "LAP", TypedForm.BASE, "2", "control", "TRIGGER_4T");
        return TypedForm.fresh().changedTo(sent, TypedForm.JOINT_FIELDS, UnitSystem.METRIC);
    }
}
