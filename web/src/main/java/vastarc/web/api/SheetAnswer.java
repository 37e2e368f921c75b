package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Sheet;
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
 * @param cautions what to mind
 * @param problems always empty on a sheet: what stops one answers 400 or 422
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record SheetAnswer(
        Map<String, Figure> settings,
        Map<String, SchoolFigure> schools,
        List<WireFigure> wires,
        List<PassFigure> passes,
        List<CautionText> cautions,
        List<ProblemAnswer.Error> problems) {

    /** A setting: {@code value} is a number, or text for a setting that is words. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Figure(
            Object value,
            String unit,
            Double low,
            Double high,
            boolean idle,
            String school,
            String reason,
            String source) {}

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
    record PassFigure(String kind, double currentA, double areaMm2) {}

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
                                .map(pass ->
                                        new PassFigure(pass.kind(), rounded(pass.currentA()), rounded(pass.areaMm2())))
                                .toList())
                        .orElse(null),
                sheet.cautions().stream()
                        .map(caution -> new CautionText(caution.code(), say(caution.text())))
                        .toList(),
                List.of());
    }

    private static Figure figure(Setting setting) {
        Window window = setting.window().orElse(null);
        return new Figure(
                window == null ? say(setting.text().orElseThrow()) : (Object) rounded(window.value()),
                setting.key().unit().symbol(),
                window == null ? null : (Double) rounded(window.low()),
                window == null ? null : (Double) rounded(window.high()),
                setting.idle(),
                say(Phrase.of(setting.school().words())),
                say(setting.reason()),
                setting.key().sourceKind().label());
    }

    /** Five significant digits: more than the model knows, enough to compare. */
    private static double rounded(double value) {
        return new BigDecimal(value).round(FIGURES).doubleValue();
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
