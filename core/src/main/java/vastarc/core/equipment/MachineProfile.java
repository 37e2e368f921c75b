package vastarc.core.equipment;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.physics.duty.DutyPoint;

/**
 * A welding machine and its panel.
 *
 * @param name        what the shop calls it
 * @param shape       style of the panel; decides the drawing's case
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
        PanelShape shape,
        double minA,
        double maxA,
        boolean alternating,
        List<OfferedTriggerMode> logics,
        Set<String> starts,
        boolean remote,
        Polarity polarity,
        boolean cooler,
        List<DutyPoint> plate,
        double aspect,
        List<PanelElement> elements,
        int slots) {

    /** How a panel is built. */
    public enum PanelShape {
        /** Settings in a menu, turned by one knob. */
        MENU,
        /** A knob or switch for each setting. */
        KNOBS,
        /** An engine-driven welder with few settings. */
        GENERATOR
    }

    /** How polarity is changed. Its words: {@code polarity.<name>}. */
    public enum Polarity {
        /** The torch belongs in the negative socket. */
        FIXED_SOCKETS,
        /** The leads are swapped at the sockets. */
        SWAP_LEADS,
        /** A link inside the case is moved. */
        INTERNAL_LINK
    }

    /** A control logic the machine offers. */
    public record OfferedTriggerMode(TriggerModeName logic, Set<SupportedSetting> honours) {

        /**
         * With all that the logic usually honours.
         *
         * @param mode the trigger mode
         * @return the offered trigger mode
         */
        public static OfferedTriggerMode usual(TriggerModeName mode) {
            return new OfferedTriggerMode(mode, TriggerMode.of(mode).honours());
        }

        /** {@return the trigger mode with the settings this machine supports} */
        public TriggerMode asLogic() {
            return TriggerMode.of(logic).supporting(honours);
        }
    }

    /** Copies its collections, so that it cannot change. */
    public MachineProfile {
        logics = List.copyOf(logics);
        starts = OrderedCollections.set(starts);
        plate = List.copyOf(plate);
        elements = List.copyOf(elements);
    }

    /**
     * {@return the logic as this machine runs it; empty where it does not offer it}
     *
     * @param name the name
     */
    public Optional<TriggerMode> logic(TriggerModeName name) {
        return logics.stream()
                .filter(offer -> offer.logic() == name)
                .findFirst()
                .map(OfferedTriggerMode::asLogic);
    }

    /**
     * {@return the control of a setting; empty if the panel has none}
     *
     * @param setting the setting
     */
    public Optional<PanelElement> control(PanelSetting setting) {
        return elements.stream()
                .filter(element ->
                        element.setting() == setting && !element.kind().isPlugged())
                .findFirst();
    }

    /**
     * {@return the control with an id; empty if there is none}
     *
     * @param id the id
     */
    public Optional<PanelElement> element(String id) {
        return elements.stream().filter(element -> element.id().equals(id)).findFirst();
    }
}
