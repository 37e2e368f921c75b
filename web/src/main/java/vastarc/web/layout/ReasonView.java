package vastarc.web.layout;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.FormattedQuantity;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.reference.ModelPages;
import vastarc.web.layout.ParameterView.FigureLine;

/**
 * The reasoning behind a setting, finished for display.
 *
 * @param reason  why, in a sentence
 * @param formula how it is calculated, in words
 * @param inputs  the numbers that went in
 * @param school  who set it; empty for a plain rule
 * @param others  what other methods would set
 * @param ifWrong what to do when the bead says otherwise
 * @param source  where it comes from
 * @param kind    kind of source
 * @param equation address of the equation; empty where none is written down
 * @param own     where a value of the welder's own is typed; empty for a setting that cannot have one, or has no effect
 */
public record ReasonView(
        String reason,
        String formula,
        List<FigureLine> inputs,
        String school,
        List<FigureLine> others,
        String ifWrong,
        String source,
        String kind,
        String equation,
        Optional<OwnField> own) {

    /**
     * Where a value of one's own is typed.
     *
     * @param setting its name in calls
     * @param label   in words, with its unit
     * @param value   as it stands
     */
    public record OwnField(String setting, String label, String value) {}

    /**
     * {@return the explanation of a parameter ready to be shown in a unit system}
     *
     * @param parameter the parameter
     * @param ownable whether a value of the welder's own may be typed: on the first pass
     * @param units the units
     */
    public static ReasonView of(Parameter parameter, boolean ownable, UnitSystem units) {
        String words = parameter.key().words();
        return new ReasonView(
                say(parameter.reason(), units),
                say(Phrase.of(words + ".formula"), units),
                parameter.inputs().stream()
                        .map(input -> line("input." + input.name(), input.value(), units))
                        .toList(),
                ParameterView.school(parameter, units),
                parameter.others().stream()
                        .map(other -> line(other.school().words(), other.value(), units))
                        .toList(),
                say(Phrase.of(words + ".ifWrong"), units),
                say(Phrase.of(words + ".source"), units),
                parameter.key().sourceKind().label(),
                ModelPages.of(parameter.key()).map(ModelAddress::of).orElse(""),
                CycleKey.named(parameter.key().apiName())
                        .filter(key -> ownable && !parameter.idle())
                        .map(key -> own(parameter, units)));
    }

    private static OwnField own(Parameter parameter, UnitSystem units) {
        FormattedQuantity shown = units.show(parameter.quantity());
        return new OwnField(
                parameter.key().apiName(),
                say(Phrase.of(parameter.key().words()), units) + ", " + shown.unit(),
                shown.figure());
    }

    private static FigureLine line(String words, Quantity value, UnitSystem units) {
        return new FigureLine(say(Phrase.of(words), units), units.show(value).line());
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
