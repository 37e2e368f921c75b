package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.ButtChoice;
import vastarc.core.sheet.Sensitivity;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.TackPlan;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * The answer to a sheet request.
 *
 * @param settings by setting name
 * @param schools  working current by school
 * @param wires    what thinner and thicker wire would take
 * @param passes   the passes of a groove; left out for a single pass
 * @param tacks    fusion tacks and their spacing
 * @param butts    both ways to weld a thin butt; empty for other joints
 * @param sensitivity how the current moves with one step of thickness, travel and gap
 * @param cautions what to mind
 * @param problems always empty on a sheet: what stops one answers 400 or 422
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SheetAnswer(
        Map<String, Figure> settings,
        Map<String, SchoolFigure> schools,
        List<WireFigure> wires,
        List<PassFigure> passes,
        TackFigure tacks,
        List<ButtFigure> butts,
        List<SensitivityFigure> sensitivity,
        List<CautionText> cautions,
        List<ProblemAnswer.Error> problems) {

    /** A setting: {@code value} is a number, or text for a setting that is words; the engine's value stands beside an own one. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Figure(
            Object value,
            String unit,
            Double low,
            Double high,
            boolean idle,
            String school,
            String reason,
            String source,
            Double engineValue) {}

    /** A school's steady working current. */
    record SchoolFigure(double currentA, String note) {}

    /** A wire diameter and what it takes from the arc. */
    record WireFigure(
            String school,
            double diameterMm,
            double sameDepositPercent,
            double sameFeedPercent,
            double plateLeftW,
            double currentToKeepA,
            double chillPerDabK) {}

    /** One pass of a groove. */
    record PassFigure(String kind, double currentA, double areaMm2, double wireDiameterMm) {}

    /** Fusion tacks; spacing is 0 where tacks are counted, count is 0 where they are spaced. */
    record TackFigure(
            boolean fusion,
            double currentA,
            double onS,
            double pauseS,
            double preFlowS,
            double postFlowS,
            double stitchPitchMm,
            double lengthLowMm,
            double lengthHighMm,
            double spacingLowMm,
            double spacingHighMm,
            int count,
            String order) {}

    /** One way to weld a thin butt. */
    record ButtFigure(
            String way,
            boolean possible,
            boolean chosen,
            double currentA,
            int passes,
            double heatInputKjPerMm,
            double shrinkageMm,
            double pullDeg) {}

    /** Current one step below, at and one step above; the step's value in the unit of its name. */
    record SensitivityFigure(
            String what,
            String unit,
            double low,
            double lowCurrentA,
            double now,
            double currentA,
            double high,
            double highCurrentA) {}

    /** A caution. */
    record CautionText(String code, String text) {}

    private static final MathContext FIGURES = new MathContext(5);

    static SheetAnswer of(Sheet sheet) {
        Map<String, Figure> settings = new LinkedHashMap<>();
        sheet.settings().values().forEach(setting -> settings.put(setting.key().apiName(), figure(setting)));
        return new SheetAnswer(
                settings,
                sheet.schools().stream()
                        .collect(Collectors.toMap(
                                school -> school.school().name(),
                                school -> new SchoolFigure(rounded(school.currentA()), say(school.note())),
                                (one, two) -> one,
                                LinkedHashMap::new)),
                sheet.wireChoices().stream()
                        .map(choice -> new WireFigure(
                                choice.school().name(),
                                choice.wire().diameterMm(),
                                rounded(choice.sameDepositPercent()),
                                rounded(choice.sameFeedPercent()),
                                rounded(choice.plateLeftW()),
                                rounded(choice.currentToKeepA()),
                                rounded(choice.chillPerDabK())))
                        .toList(),
                sheet.passes()
                        .map(plan -> plan.passes().stream()
                                .map(pass -> new PassFigure(
                                        pass.kind(), rounded(pass.currentA()), rounded(pass.areaMm2()), pass.wireMm()))
                                .toList())
                        .orElse(null),
                tacks(sheet.tacks()),
                sheet.butts().stream().map(SheetAnswer::butt).toList(),
                Sensitivity.of(sheet).stream().map(SheetAnswer::step).toList(),
                sheet.cautions().stream()
                        .map(caution -> new CautionText(caution.code(), say(caution.text())))
                        .toList(),
                List.of());
    }

    private static TackFigure tacks(TackPlan plan) {
        return new TackFigure(
                plan.fusion(),
                rounded(plan.currentA()),
                rounded(plan.onS()),
                rounded(plan.pauseS()),
                rounded(plan.preFlowS()),
                rounded(plan.postFlowS()),
                rounded(plan.stitchPitchMm()),
                rounded(plan.lengthLowMm()),
                rounded(plan.lengthHighMm()),
                plan.spacingLowMm(),
                plan.spacingHighMm(),
                plan.count(),
                say(Phrase.of("tack.order." + plan.order())));
    }

    private static ButtFigure butt(ButtChoice choice) {
        return new ButtFigure(
                choice.way(),
                choice.possible(),
                choice.chosen(),
                rounded(choice.currentA()),
                choice.passes(),
                rounded(choice.heatKjPerMm()),
                rounded(choice.shrinkageMm()),
                rounded(choice.pullDeg()));
    }

    private static SensitivityFigure step(Sensitivity step) {
        return new SensitivityFigure(
                step.what(),
                step.now().unit().symbol(),
                rounded(step.low().value()),
                rounded(step.lowA()),
                rounded(step.now().value()),
                rounded(step.nowA()),
                rounded(step.high().value()),
                rounded(step.highA()));
    }

    private static Figure figure(Setting setting) {
        Window window = setting.window().orElse(null);
        return new Figure(
                window == null ? say(setting.text().orElseThrow()) : (Object) rounded(setting.value()),
                setting.key().unit().symbol(),
                window == null ? null : (Double) rounded(window.low()),
                window == null ? null : (Double) rounded(window.high()),
                setting.idle(),
                say(Phrase.of(
                        setting.own().isPresent()
                                ? "school.OWN"
                                : setting.school().words())),
                say(setting.reason()),
                setting.key().sourceKind().label(),
                setting.own().isPresent() ? (Double) rounded(window.value()) : null);
    }

    /** Five significant digits: more than the model knows, enough to compare. */
    static double rounded(double value) {
        return new BigDecimal(value).round(FIGURES).doubleValue();
    }

    static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
