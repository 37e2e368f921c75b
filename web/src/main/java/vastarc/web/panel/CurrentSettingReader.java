package vastarc.web.panel;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.Scale;
import vastarc.web.request.ShownValues;

/** How a welder says that controls stand: what a knob's marks say, or their number where they say nothing; a display's figure; a stop. */
final class CurrentSettingReader {

    static final String PREFIX = "stands.";

    private CurrentSettingReader() {}

    /** What could be read, by element; what could not be is left out and stays not given. */
    static Map<String, Double> read(MachineProfile machine, Map<String, String> sent) {
        Map<String, Double> settings = new TreeMap<>();
        for (PanelElement element : machine.elements()) {
            Optional.ofNullable(sent.get(PREFIX + element.id()))
                    .flatMap(CurrentSettingReader::number)
                    .flatMap(figure -> place(element, figure))
                    .ifPresent(place -> settings.put(element.id(), place));
        }
        return settings;
    }

    /** How controls stand after a welder's changes: those it did not touch stay as they are stored by now. */
    static Map<String, Double> merged(MachineProfile machine, Map<String, Double> kept, Map<String, String> sent) {
        Map<String, Double> settings = read(machine, sent);
        for (PanelElement element : machine.elements()) {
            if (!ShownValues.isChanged(sent, PREFIX + element.id())) {
                settings.remove(element.id());
                Optional.ofNullable(kept.get(element.id())).ifPresent(place -> settings.put(element.id(), place));
            }
        }
        return settings;
    }

    /** What was typed and could not be read, by element. */
    static Map<String, String> refused(MachineProfile machine, Map<String, String> sent) {
        Map<String, String> refused = new TreeMap<>();
        Map<String, Double> read = read(machine, sent);
        for (PanelElement element : machine.elements()) {
            String typed = sent.getOrDefault(PREFIX + element.id(), "");
            if (!typed.isBlank() && element.scale().isPresent() && !read.containsKey(element.id())) {
                refused.put(element.id(), typed);
            }
        }
        return refused;
    }

    /** Why a text is no place on a scale, and what would be one. */
    static Phrase refusal(PanelElement element, Scale scale, String typed) {
        if (element.kind() == ControlKind.KNOB && !scale.figures()) {
            return Phrase.of("panel.refused.marks", typed, 0, marks(scale));
        }
        Unit unit = scale.unit().unit();
        return Phrase.of(
                "panel.refused.figure", typed, Quantity.of(scale.low(), unit), Quantity.of(scale.high(), unit));
    }

    private static Optional<Double> number(String text) {
        return NumberReader.read(text).stream().boxed().findFirst();
    }

    private static Optional<Double> place(PanelElement element, double figure) {
        if (element.kind().isSwitched()) {
            boolean there = figure >= 0 && figure < element.stops().size();
            return there ? Optional.of(Math.floor(figure)) : Optional.empty();
        }
        return element.scale().flatMap(scale -> place(element, scale, figure));
    }

    private static Optional<Double> place(PanelElement element, Scale scale, double figure) {
        if (element.kind() != ControlKind.KNOB) {
            return Optional.of(scale.settable(figure));
        }
        if (scale.figures()) {
            return figure >= scale.low() && figure <= scale.high()
                    ? Optional.of(scale.share(figure))
                    : Optional.empty();
        }
        double share = figure / marks(scale);
        return share >= 0 && share <= 1 ? Optional.of(share) : Optional.empty();
    }

    /** What {@link #read} would read as a place on a scale. */
    static double figure(PanelElement element, Scale scale, double place) {
        if (element.kind() != ControlKind.KNOB) {
            return place;
        }
        return scale.figures() ? scale.value(place) : place * marks(scale);
    }

    /** What the figure counts: the scale's unit, or marks. */
    static String unit(PanelElement element, Scale scale) {
        return element.kind() == ControlKind.KNOB && !scale.figures()
                ? "0 to " + marks(scale)
                : scale.unit().unit().symbol();
    }

    /** Divisions a knob's place is given in: its own marks, or tenths of its turn where it has none. */
    private static int marks(Scale scale) {
        return scale.ticks() > 0 ? scale.ticks() : 10;
    }
}
