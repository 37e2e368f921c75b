package vastarc.web.panel;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.Scale;

/** Reads how a hand says that controls stand: marks for a knob, a figure for a display, a stop for a switch. */
final class StandReader {

    static final String PREFIX = "stands.";

    private StandReader() {}

    /** What could be read, by element; what could not be is left out and stays untold. */
    static Map<String, Double> read(MachineProfile machine, Map<String, String> sent) {
        Map<String, Double> stands = new TreeMap<>();
        for (PanelElement element : machine.elements()) {
            Optional.ofNullable(sent.get(PREFIX + element.id()))
                    .flatMap(StandReader::number)
                    .flatMap(figure -> place(element, figure))
                    .ifPresent(place -> stands.put(element.id(), place));
        }
        return stands;
    }

    private static Optional<Double> number(String text) {
        try {
            double figure = Double.parseDouble(text.strip().replace(',', '.'));
            return Double.isFinite(figure) ? Optional.of(figure) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    private static Optional<Double> place(PanelElement element, double figure) {
        if (element.kind().isSwitched()) {
            boolean there = figure >= 0 && figure < element.stops().size();
            return there ? Optional.of(Math.floor(figure)) : Optional.empty();
        }
        if (element.scale().isEmpty()) {
            return Optional.empty();
        }
        if (element.kind() != PanelElement.Kind.KNOB) {
            return Optional.of(element.scale().get().settable(figure));
        }
        double share = figure / marks(element.scale().get());
        return share >= 0 && share <= 1 ? Optional.of(share) : Optional.empty();
    }

    /** Divisions a knob's place is told in: its own marks, or tenths of its turn where it has none. */
    static int marks(Scale scale) {
        return scale.ticks() > 0 ? scale.ticks() : 10;
    }
}
