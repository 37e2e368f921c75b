package vastarc.web.ui;

import java.util.List;
import java.util.Locale;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Shown;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/**
 * A setting finished for display.
 *
 * @param id       for the page
 * @param name     what it is called
 * @param figure   the value
 * @param unit     its unit, may be empty
 * @param low      low end of the window; empty where there is no choice
 * @param high     high end of the window; empty where there is no choice
 * @param words    the value is words rather than a figure
 * @param idle     has no effect here
 * @param school   who set it; empty for a plain rule
 * @param reason   why
 * @param formula  how it is reckoned, in words
 * @param inputs   the numbers that went in
 * @param others   what other schools would set
 * @param source   where it comes from
 * @param kind     kind of source
 * @param ifWrong  what to do when the bead says otherwise
 */
public record FigureView(
        String id,
        String name,
        String figure,
        String unit,
        String low,
        String high,
        boolean words,
        boolean idle,
        String school,
        String reason,
        String formula,
        List<Line> inputs,
        List<Line> others,
        String source,
        String kind,
        String ifWrong) {

    /** A name and its figure. */
    public record Line(String name, String value) {}

    public static FigureView of(Setting setting, UnitSystem units) {
        String words = setting.key().words();
        Shown value = setting.window()
                .map(window -> units.show(setting.quantity()))
                .orElseGet(() -> new Shown(say(setting.text().orElseThrow(), units), ""));
        boolean choice =
                setting.window().filter(window -> window.low() < window.high()).isPresent();
        return new FigureView(
                setting.key().apiName(),
                say(Phrase.of(words), units),
                value.figure(),
                value.unit(),
                choice ? bound(setting, setting.window().map(Window::low).orElseThrow(), units) : "",
                choice ? bound(setting, setting.window().map(Window::high).orElseThrow(), units) : "",
                setting.text().isPresent(),
                setting.idle(),
                setting.school() == School.RULE
                        ? ""
                        : say(Phrase.of(setting.school().words()), units),
                say(setting.reason(), units),
                say(Phrase.of(words + ".formula"), units),
                setting.inputs().stream()
                        .map(input ->
                                new Line(say(Phrase.of("input." + input.name()), units), line(input.value(), units)))
                        .toList(),
                setting.others().stream()
                        .map(other ->
                                new Line(say(Phrase.of(other.school().words()), units), line(other.value(), units)))
                        .toList(),
                say(Phrase.of(words + ".source"), units),
                setting.key().sourceKind().label(),
                say(Phrase.of(words + ".ifWrong"), units));
    }

    private static String bound(Setting setting, double value, UnitSystem units) {
        return units.show(Quantity.of(value, setting.key().unit())).figure();
    }

    private static String line(Quantity quantity, UnitSystem units) {
        return units.show(quantity).line();
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    /** Name with a capital, for headings. */
    public String title() {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }
}
