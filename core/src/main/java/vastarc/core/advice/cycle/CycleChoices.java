package vastarc.core.advice.cycle;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the welder has chosen for a weld cycle.
 *
 * @param logic the control logic; the sheet's own control decides where it is empty
 * @param own   own values of figures that only a weld cycle has; those of the sheet's settings come with the sheet
 * @param seamMm length of the seam as the work has it, mm; once round or the usual one where it is empty
 */
public record CycleChoices(Optional<TriggerMode> logic, Map<CycleKey, Double> own, OptionalDouble seamMm) {

    private static final CycleChoices NONE = new CycleChoices(Optional.empty(), Map.of());

    /** Copies its collections, so that it cannot change. */
    public CycleChoices {
        Map<CycleKey, Double> copy = new EnumMap<>(CycleKey.class);
        copy.putAll(own);
        own = Collections.unmodifiableMap(copy);
    }

    /**
     * Along a seam whose length nobody has entered.
     *
     * @param logic the trigger mode; the usual one where empty
     * @param own the own values
     */
    public CycleChoices(Optional<TriggerMode> logic, Map<CycleKey, Double> own) {
        this(logic, own, OptionalDouble.empty());
    }

    /**
     * {@return the same along a seam of a length, mm; the usual one where it is empty}
     *
     * @param mm length of the seam, mm; the usual one where empty
     */
    public CycleChoices along(OptionalDouble mm) {
        return new CycleChoices(logic, own, mm);
    }

    /** {@return no choices: trigger mode and values as planned} */
    public static CycleChoices none() {
        return NONE;
    }

    OptionalDouble own(CycleKey key) {
        Double value = own.get(key);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }
}
