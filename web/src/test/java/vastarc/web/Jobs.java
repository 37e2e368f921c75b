package vastarc.web;

import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JointText;
import vastarc.web.store.job.OwnValuesText;

/** Joints that several tests weld. */
public final class Jobs {

    public static final String BASE = WeldFields.BASE.name();
    public static final String ABUTTING = WeldFields.ABUTTING.name();

    private Jobs() {}

    public static JobContent fresh() {
        return JobContent.of(JointText.fresh());
    }

    /** A fresh joint with these fields sent by a page in metric units. */
    public static JobContent typed(Map<String, String> sent) {
        return JobContent.of(JointText.fresh().changedTo(sent, JointText.FIELDS, UnitSystem.METRIC));
    }

    /** These fields and no others. */
    public static JobContent only(Map<String, String> texts) {
        return JobContent.of(new JointText(texts, Map.of()));
    }

    /** A purged tube butt of 1.65 mm stainless. */
    public static JobContent purgedTube(String odMm) {
        return typed(Map.of(
                "material", "STAINLESS_316L", "joint", "TUBE_BUTT", BASE, "1.65", "tubeOdMm", odMm, "purged", "true"));
    }

    /** A 2 mm lap in carbon steel, welded under 4T. */
    public static JobContent lapUnderTheTrigger() {
        return typed(Map.of("material", "CARBON_STEEL", "joint", "LAP", BASE, "2", "control", "TRIGGER_4T"));
    }

    /** What a job holds under the name a page sends it by, as text. */
    public static Optional<String> held(JobContent content, String name) {
        if (name.startsWith(OwnValuesText.PREFIX)) {
            CycleKey key = CycleKey.named(name.substring(OwnValuesText.PREFIX.length()))
                    .orElseThrow();
            return content.own().of(key).stream()
                    .mapToObj(value -> value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value))
                    .findFirst()
                    .or(() -> Optional.ofNullable(content.own().unread().get(key)));
        }
        return name.equals("logic")
                ? content.logic().map(TriggerModeName::name)
                : content.joint().text(WeldFields.named(name).orElseThrow());
    }
}
