package vastarc.web.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.Scale;
import vastarc.web.layout.Choice;
import vastarc.web.panel.PanelPage.ControlLine;

/** The controls of a panel as lines: where each must be set, what that gives, how it is set now. */
final class ControlLines {

    private final Map<String, String> refused;
    private final UnitSystem units;

    /**
     * Lines for a reader.
     *
     * @param refused what was typed and is no place, by control
     */
    ControlLines(Map<String, String> refused, UnitSystem units) {
        this.refused = refused;
        this.units = units;
    }

    static String label(PanelElement element) {
        return element.label().isBlank()
                ? say(Phrase.of(element.setting().words()), UnitSystem.METRIC)
                : element.label();
    }

    ControlLine line(ControlTarget control) {
        PanelElement element = control.element();
        String setting = say(Phrase.of(element.setting().words()), units);
        return new ControlLine(
                element.id(),
                CurrentSettingReader.PREFIX + element.id(),
                setting.equals(element.label()) ? "" : setting,
                label(element),
                say(control.words(), units),
                note(control),
                options(control),
                refused.getOrDefault(element.id(), settingText(control)),
                element.scale()
                        .map(scale -> CurrentSettingReader.unit(element, scale))
                        .orElse(""),
                Optional.ofNullable(refused.get(element.id()))
                        .map(typed -> say(
                                CurrentSettingReader.refusal(
                                        element, element.scale().orElseThrow(), typed),
                                units))
                        .orElse(""),
                control.differs());
    }

    /** What was wanted, where the words do not tell it already, and what the control really gives. */
    private String note(ControlTarget control) {
        boolean unfigured = control.element().kind() == ControlKind.KNOB
                && control.element().scale().filter(Scale::figures).isEmpty();
        List<String> parts = new ArrayList<>();
        if (unfigured || control.gives().isPresent()) {
            control.figure()
                    .ifPresent(figure -> parts.add("for " + units.show(figure).line()));
        }
        control.gives().ifPresent(gives -> parts.add(say(gives, units)));
        return String.join("; ", parts);
    }

    private static List<Choice> options(ControlTarget control) {
        if (!control.element().kind().isSwitched()) {
            return List.of();
        }
        List<Choice> options = new ArrayList<>();
        options.add(Choice.labelled("", "unknown", control.now().isEmpty()));
        IntStream.range(0, control.element().stops().size())
                .forEach(stop -> options.add(new Choice(
                        String.valueOf(stop),
                        control.element().stops().get(stop).label(),
                        control.now().filter(now -> Math.round(now) == stop).isPresent())));
        return options;
    }

    private static String settingText(ControlTarget control) {
        PanelElement element = control.element();
        if (control.now().isEmpty() || element.scale().isEmpty()) {
            return "";
        }
        double figure = CurrentSettingReader.figure(
                element, element.scale().get(), control.now().get());
        String text = String.format(Locale.ROOT, "%.2f", figure);
        return text.replaceFirst("\\.?0+$", "");
    }

    /** What does nothing for this job, in a line. */
    static String idle(PanelPlan plan) {
        return String.join(
                ", ",
                plan.controls().stream()
                        .filter(control -> control.idle().isPresent())
                        .map(control -> label(control.element()))
                        .toList());
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }
}
