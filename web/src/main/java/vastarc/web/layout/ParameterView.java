package vastarc.web.layout;

import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.FormattedQuantity;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;

/**
 * A setting finished for display; its reasoning is a {@link ReasonView}.
 *
 * @param id     for the page
 * @param name   what it is called
 * @param figure the value
 * @param unit   its unit, may be empty
 * @param low    low end of the window; empty where there is no choice
 * @param high   high end of the window; empty where there is no choice
 * @param words  the value is words rather than a figure
 * @param idle   has no effect here
 * @param school who set it; empty for a plain rule
 * @param own    the welder's own value
 * @param passed which bracket the value has passed: {@code low}, {@code high} or empty
 */
public record ParameterView(
        String id,
        String name,
        String figure,
        String unit,
        String low,
        String high,
        boolean words,
        boolean idle,
        String school,
        boolean own,
        String passed) {
    public ParameterView {
        name = Labels.of(name);
    }

    /** A name and its figure. */
    public record FigureLine(String name, String value) {
        public FigureLine {
            name = Labels.of(name);
        }
    }

    /** {@return figure and unit as they are read} */
    public String line() {
        return new FormattedQuantity(figure, unit).line();
    }

    /**
     * {@return a parameter ready to be shown in a unit system}
     *
     * @param parameter the parameter
     * @param units the units
     */
    public static ParameterView of(Parameter parameter, UnitSystem units) {
        FormattedQuantity value = parameter
                .window()
                .map(range -> units.show(parameter.quantity()))
                .orElseGet(() -> new FormattedQuantity(say(parameter.text().orElseThrow(), units), ""));
        boolean choice =
                parameter.window().filter(range -> range.low() < range.high()).isPresent();
        return new ParameterView(
                parameter.key().apiName(),
                say(Phrase.of(parameter.key().words()), units),
                value.figure(),
                value.unit(),
                choice ? bound(parameter, parameter.window().map(Range::low).orElseThrow(), units) : "",
                choice ? bound(parameter, parameter.window().map(Range::high).orElseThrow(), units) : "",
                parameter.text().isPresent(),
                parameter.idle(),
                school(parameter, units),
                parameter.own().isPresent(),
                passed(parameter));
    }

    private static String passed(Parameter parameter) {
        if (parameter.own().isEmpty()) {
            return "";
        }
        return switch (parameter.standing()) {
            case BELOW -> "low";
            case ABOVE -> "high";
            case INSIDE -> "";
        };
    }

    static String school(Parameter parameter, UnitSystem units) {
        if (parameter.own().isPresent()) {
            return say(Phrase.of("school.OWN"), units);
        }
        return parameter.school() == Method.RULE
                ? ""
                : say(Phrase.of(parameter.school().words()), units);
    }

    private static String bound(Parameter parameter, double value, UnitSystem units) {
        return units.show(Quantity.of(value, parameter.key().unit())).figure();
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
