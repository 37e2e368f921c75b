package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vastarc.core.finding.Caution;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.ButtChoice;
import vastarc.core.sheet.CornerChoice;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.SchoolCurrent;
import vastarc.core.sheet.Sensitivity;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.TackKind;
import vastarc.core.sheet.TackPlan;
import vastarc.core.sheet.Window;
import vastarc.core.sheet.WireChoice;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * The answer to a sheet request: the core's own records, spoken.
 *
 * @param settings by setting name
 * @param schools  working current by school
 * @param wires    what thinner and thicker wire would take
 * @param passes   the passes of a groove; left out for a single pass
 * @param clock    current of the pass round a pipe that stands still; left out elsewhere
 * @param fillets  the back of a corner as it is set, then what would change it; empty for other joints
 * @param tacks    fusion tacks and their spacing
 * @param tackKind how they are made in this joint
 * @param gapHeldBy what holds the gap until they do
 * @param butts    both ways to weld a thin butt; empty for other joints
 * @param sensitivity how the current moves with one step of thickness, travel and gap
 * @param cautions what to mind
 * @param problems always empty on a sheet: what stops one answers 400 or 422
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SheetAnswer(
        Map<String, Figure> settings,
        Map<String, SchoolCurrent> schools,
        List<WireChoice> wires,
        @Nullable List<PassPlan.Pass> passes,
        @Nullable List<PassPlan.Hour> clock,
        List<CornerChoice> fillets,
        TackPlan tacks,
        TackKind tackKind,
        Phrase gapHeldBy,
        List<ButtChoice> butts,
        List<Sensitivity> sensitivity,
        List<Caution> cautions,
        List<ProblemAnswer.Error> problems) {

    /** A setting: {@code value} is a number, or text for a setting that is words; the engine's value stands beside an own one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Figure(
            Object value,
            Unit unit,
            @Nullable Double low,
            @Nullable Double high,
            boolean idle,
            String school,
            Phrase reason,
            String source,
            @Nullable Double engineValue) {}

    static SheetAnswer of(Sheet sheet) {
        Map<String, Figure> settings = new LinkedHashMap<>();
        sheet.settings().values().forEach(setting -> settings.put(setting.key().apiName(), figure(setting)));
        Map<String, SchoolCurrent> schools = new LinkedHashMap<>();
        sheet.schools().forEach(current -> schools.put(current.school().name(), current));
        return new SheetAnswer(
                settings,
                schools,
                sheet.wireChoices(),
                sheet.passes().map(PassPlan::passes).orElse(null),
                sheet.passes()
                        .map(PassPlan::clock)
                        .filter(hours -> !hours.isEmpty())
                        .orElse(null),
                sheet.corners(),
                sheet.tacks(),
                TackKind.of(sheet),
                TackKind.heldBy(sheet),
                sheet.butts(),
                Sensitivity.of(sheet),
                sheet.cautions(),
                List.of());
    }

    private static Figure figure(Setting setting) {
        Window window = setting.window().orElse(null);
        return new Figure(
                window == null ? setting.text().orElseThrow() : (Object) setting.value(),
                setting.key().unit(),
                window == null ? null : (Double) window.low(),
                window == null ? null : (Double) window.high(),
                setting.idle(),
                say(Phrase.of(
                        setting.own().isPresent()
                                ? "school.OWN"
                                : setting.school().words())),
                setting.reason(),
                setting.key().sourceKind().label(),
                setting.own().isPresent() && window != null ? (Double) window.value() : null);
    }

    static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
