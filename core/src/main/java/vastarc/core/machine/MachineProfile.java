package vastarc.core.machine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.table.InOrder;

/**
 * A welding machine and its panel.
 *
 * @param name        what the shop calls it
 * @param shape       how its front is built; decides the drawing's case
 * @param minA        lowest current, A
 * @param maxA        highest current, A
 * @param alternating gives AC as well as DC
 * @param logics      control logics it offers, with the settings each honours
 * @param starts      how it starts the arc: HF, LIFT
 * @param remote      has a socket for a pedal
 * @param polarity    how polarity is changed
 * @param cooler      has a water cooler
 * @param plate       duty points
 * @param aspect      width of the panel over its height
 * @param elements    its controls
 * @param slots       memory slots
 */
public record MachineProfile(
        String name,
        Shape shape,
        double minA,
        double maxA,
        boolean alternating,
        List<Offer> logics,
        Set<String> starts,
        boolean remote,
        Polarity polarity,
        boolean cooler,
        List<DutyPoint> plate,
        double aspect,
        List<PanelElement> elements,
        int slots) {

    /** How a front is built. */
    public enum Shape {
        MENU,
        KNOBS,
        GENERATOR
    }

    /** How polarity is changed. Spoken by {@code polarity.<name>}. */
    public enum Polarity {
        FIXED_SOCKETS,
        SWAP_LEADS,
        INTERNAL_LINK
    }

    /** A control logic the machine offers. */
    public record Offer(ControlLogic.Name logic, Set<Honour> honours) {

        /** With all that the logic usually honours. */
        public static Offer usual(ControlLogic.Name logic) {
            return new Offer(logic, ControlLogic.of(logic).honours());
        }

        public ControlLogic asLogic() {
            return ControlLogic.of(logic).honouring(honours);
        }
    }

    public MachineProfile {
        logics = List.copyOf(logics);
        starts = InOrder.set(starts);
        plate = List.copyOf(plate);
        elements = List.copyOf(elements);
    }

    /** The logic as this machine runs it; empty where it does not offer it. */
    public Optional<ControlLogic> logic(ControlLogic.Name name) {
        return logics.stream()
                .filter(offer -> offer.logic() == name)
                .findFirst()
                .map(Offer::asLogic);
    }

    public Optional<PanelElement> control(PanelSetting setting) {
        return elements.stream()
                .filter(element ->
                        element.setting() == setting && !element.kind().isPlugged())
                .findFirst();
    }

    public Optional<PanelElement> element(String id) {
        return elements.stream().filter(element -> element.id().equals(id)).findFirst();
    }
}
