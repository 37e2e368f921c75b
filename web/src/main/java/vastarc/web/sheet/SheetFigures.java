package vastarc.web.sheet;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView;
import vastarc.web.layout.ParameterView.FigureLine;

/** The figures of a sheet in the order they are shown: those that apply by group, and those that do not with the reason. */
final class SheetFigures {

    private SheetFigures() {}

    static List<ParameterView> used(SetupSheet sheet, ParameterGroup group, UnitSystem units) {
        return parameters(sheet)
                .filter(parameter -> parameter.key().group() == group && !parameter.idle())
                .map(parameter -> ParameterView.of(parameter, units))
                .toList();
    }

    static List<ParameterView> idle(SetupSheet sheet, UnitSystem units) {
        return parameters(sheet)
                .filter(Parameter::idle)
                .map(parameter -> ParameterView.of(parameter, units))
                .toList();
    }

    /** Every figure but the working current, which stands first by itself. */
    private static Stream<Parameter> parameters(SetupSheet sheet) {
        return Arrays.stream(ParameterKey.values())
                .filter(key -> key != ParameterKey.WORKING_CURRENT)
                .flatMap(key -> sheet.find(key).stream());
    }

    /** The idle ones by name, those with the same reason in one line. */
    static List<FigureLine> unused(SetupSheet sheet, UnitSystem units) {
        Map<String, String> namesByReason = new LinkedHashMap<>();
        parameters(sheet)
                .filter(Parameter::idle)
                .forEach(parameter -> namesByReason.merge(
                        Phrasebook.say(parameter.reason(), units),
                        Phrasebook.say(Phrase.of(parameter.key().words()), units),
                        (names, next) -> names + ", " + next));
        return namesByReason.entrySet().stream()
                .map(line -> new FigureLine(Labels.of(line.getValue()), line.getKey()))
                .toList();
    }
}
