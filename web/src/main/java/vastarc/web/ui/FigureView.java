package vastarc.web.ui;

import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Shown;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

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
 * @param own    the hand's own value
 * @param passed which bracket the value has passed: {@code low}, {@code high} or empty
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
        boolean own,
        String passed) {

    /** A name and its figure. */
    public record Line(String name, String value) {}

    /** Figure and unit as they are read. */
    public String line() {
        return new Shown(figure, unit).line();
    }

    public static FigureView of(Setting setting, UnitSystem units) {
        Shown value = setting.window()
                .map(window -> units.show(setting.quantity()))
                .orElseGet(() -> new Shown(say(setting.text().orElseThrow(), units), ""));
        boolean choice =
                setting.window().filter(window -> window.low() < window.high()).isPresent();
        return new FigureView(
                setting.key().apiName(),
                say(Phrase.of(setting.key().words()), units),
                value.figure(),
                value.unit(),
                choice ? bound(setting, setting.window().map(Window::low).orElseThrow(), units) : "",
                choice ? bound(setting, setting.window().map(Window::high).orElseThrow(), units) : "",
                setting.text().isPresent(),
                setting.idle(),
                school(setting, units),
                setting.own().isPresent(),
                passed(setting));
    }

    private static String passed(Setting setting) {
        if (setting.own().isEmpty()) {
            return "";
        }
        return switch (setting.standing()) {
            case BELOW -> "low";
            case ABOVE -> "high";
            case INSIDE -> "";
        };
    }

    static String school(Setting setting, UnitSystem units) {
        if (setting.own().isPresent()) {
            return say(Phrase.of("school.OWN"), units);
        }
        return setting.school() == School.RULE
                ? ""
                : say(Phrase.of(setting.school().words()), units);
    }

    private static String bound(Setting setting, double value, UnitSystem units) {
        return units.show(Quantity.of(value, setting.key().unit())).figure();
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
