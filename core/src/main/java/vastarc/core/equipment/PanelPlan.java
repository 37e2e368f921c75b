package vastarc.core.equipment;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.equipment.PanelElement.ControlKind;

/**
 * A weld cycle put on a panel.
 *
 * @param controls every control in the order of the panel
 * @param changes  from the current settings to the target settings, the fewest, in the order of work
 * @param missing  what the job wants and this panel has no control for
 * @param limits   where machine or torch do not reach
 */
public record PanelPlan(
        List<ControlTarget> controls, List<PanelChange> changes, List<Phrase> missing, List<CapabilityGap> limits) {

    /**
     * A control at its target.
     *
     * @param element the control
     * @param idle    why it does nothing for this job; empty where it does
     * @param target  its place; empty where the panel cannot give what is wanted
     * @param words   the target in words
     * @param figure  the figure wanted, in the control's own unit
     * @param gives   what the target really gives where the control cannot be set closer, or a meter has read its dial, with uncertainty
     * @param now     the current setting, where it is known
     */
    public record ControlTarget(
            PanelElement element,
            Optional<Phrase> idle,
            Optional<Double> target,
            Phrase words,
            Optional<Quantity> figure,
            Optional<Phrase> gives,
            Optional<Double> now) {

        /** {@return whether it is known to be set elsewhere} */
        public boolean differs() {
            return idle.isEmpty()
                    && target.isPresent()
                    && now.isPresent()
                    && !element.isSamePlace(now.get(), target.get());
        }
    }

    /** One thing to do on the panel. */
    public record PanelChange(String elementId, String label, Phrase from, Phrase to) {}

    /**
     * Puts a weld cycle on a machine.
     *
     * @param cycle the weld cycle
     * @param machine the machine
     * @param torch the torch fitted
     * @param curves what a meter has said of dials, by {@link #curveKey}
     * @param settings current settings, by id, as far as known
     * @return the panel plan
     */
    public static PanelPlan of(
            WeldCycle cycle,
            MachineProfile machine,
            Optional<TorchProfile> torch,
            Map<String, DialCurve> curves,
            Map<String, Double> settings) {
        PanelPlacer placer = new PanelPlacer(cycle, machine, curves, settings);
        List<ControlTarget> controls =
                machine.elements().stream().map(placer::place).toList();
        return new PanelPlan(controls, changes(controls), placer.missing(), MachineLimits.of(cycle, machine, torch));
    }

    /**
     * {@return a dial has one curve for each coarse range}
     *
     * @param elementId id of the dial
     * @param range number of the coarse range
     */
    public static String curveKey(String elementId, int range) {
        return elementId + "/" + range;
    }

    private static List<PanelChange> changes(List<ControlTarget> controls) {
        return controls.stream()
                .filter(ControlTarget::differs)
                .sorted(Comparator.comparingInt(
                        placed -> placed.element().setting().ordinal()))
                .map(placed -> new PanelChange(
                        placed.element().id(),
                        placed.element().label(),
                        words(placed.element(), placed.now().orElseThrow()),
                        placed.words()))
                .toList();
    }

    /**
     * {@return the setting of a control, in words}
     *
     * @param element the control
     * @param place where the control is set
     */
    public static Phrase words(PanelElement element, double place) {
        if (element.kind().isSwitched()) {
            int stop = (int) Math.max(0, Math.min(element.stops().size() - 1, Math.round(place)));
            return Phrase.of("panel.at.stop", element.stops().get(stop).label());
        }
        Scale scale = element.scale().orElseThrow();
        if (element.kind() == ControlKind.KNOB) {
            Phrase dial = DialWords.of(scale, place);
            return scale.figures()
                    ? Phrase.of("panel.at.figure", quantity(scale, scale.value(place)), dial)
                    : Phrase.of("panel.at.dial", dial);
        }
        Quantity shown = quantity(scale, place);
        return element.menuPath().isEmpty()
                ? Phrase.of("panel.at.reading", shown)
                : Phrase.of("panel.at.menu", String.join(" › ", element.menuPath()), shown);
    }

    static Quantity quantity(Scale scale, double value) {
        return Quantity.of(value, scale.unit().unit());
    }
}
