package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.parameters.ButtChoice;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ClockPosition;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.CornerChoice;
import vastarc.core.advice.sheet.MethodCurrent;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.Sensitivity;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TackKind;
import vastarc.core.advice.sheet.TackPlan;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Caution;
import vastarc.core.domain.joint.Penetration;

/**
 * The answer to a sheet request: the core's own records, spoken.
 *
 * @param settings by setting name
 * @param schools  working current by method
 * @param wires    what thinner and thicker wire would take
 * @param passes   the passes of a groove; left out for a single pass
 * @param clock    current of the pass round a fixed pipe; left out elsewhere
 * @param fillets  the back of a corner as it is set, then what would change it; empty for other joints
 * @param tacks    fusion tacks and their spacing
 * @param tackKind how they are made in this joint
 * @param gapHeldBy what holds the gap until they do
 * @param butts    both ways to weld a thin butt; empty for other joints
 * @param sensitivity how the current moves with one step of thickness, travel and gap
 * @param tolerance how far current or travel may slip by itself before the weld is no longer right
 * @param cautions what to mind
 * @param problems always empty on a sheet: what stops one answers 400 or 422
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SheetAnswer(
        Map<String, ParameterFigure> settings,
        Map<String, MethodCurrent> schools,
        List<FillerChoice> wires,
        @Nullable List<ScheduledPass> passes,
        @Nullable List<ClockPosition> clock,
        List<FilletJson> fillets,
        TackPlan tacks,
        TackKind tackKind,
        Phrase gapHeldBy,
        List<ButtChoice> butts,
        List<Sensitivity> sensitivity,
        SettingTolerance tolerance,
        List<Caution> cautions,
        List<ProblemAnswer.Error> problems) {

    /** A setting: {@code value} is a number, or text for a setting that is words; the engine's value is beside an own one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ParameterFigure(
            Object value,
            Unit unit,
            @Nullable Double low,
            @Nullable Double high,
            boolean idle,
            String school,
            Phrase reason,
            String source,
            @Nullable Double engineValue) {}

    /** One way to weld a corner; {@code code} is the name of the way. */
    record FilletJson(
            String code,
            Penetration penetration,
            boolean chosen,
            Map<String, Object> change,
            double currentA,
            double legMm,
            double backMm,
            double backPeakC,
            Phrase back) {

        static FilletJson of(CornerChoice choice) {
            return new FilletJson(
                    choice.way().apiName(),
                    choice.penetration(),
                    choice.chosen(),
                    choice.change(),
                    choice.currentA(),
                    choice.legMm(),
                    choice.backMm(),
                    choice.backPeakC(),
                    choice.back());
        }
    }

    static SheetAnswer of(SetupSheet sheet) {
        Map<String, ParameterFigure> settings = new LinkedHashMap<>();
        sheet.settings()
                .values()
                .forEach(parameter -> settings.put(parameter.key().apiName(), figure(parameter)));
        Map<String, MethodCurrent> methods = new LinkedHashMap<>();
        sheet.schools().forEach(current -> methods.put(current.school().name(), current));
        return new SheetAnswer(
                settings,
                methods,
                sheet.wireChoices(),
                sheet.passes().map(PassSchedule::passes).orElse(null),
                sheet.passes()
                        .map(PassSchedule::clock)
                        .filter(hours -> !hours.isEmpty())
                        .orElse(null),
                sheet.corners().stream().map(FilletJson::of).toList(),
                sheet.tacks(),
                TackKind.of(sheet),
                TackKind.heldBy(sheet),
                sheet.butts(),
                Sensitivity.of(sheet),
                MapPlanner.tolerance(sheet),
                sheet.cautions(),
                List.of());
    }

    private static ParameterFigure figure(Parameter parameter) {
        Range range = parameter.window().orElse(null);
        return new ParameterFigure(
                range == null ? parameter.text().orElseThrow() : (Object) parameter.value(),
                parameter.key().unit(),
                range == null ? null : (Double) range.low(),
                range == null ? null : (Double) range.high(),
                parameter.idle(),
                say(Phrase.of(
                        parameter.own().isPresent()
                                ? "school.OWN"
                                : parameter.school().words())),
                parameter.reason(),
                parameter.key().sourceKind().label(),
                parameter.own().isPresent() && range != null ? (Double) range.value() : null);
    }

    static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
