package vastarc.core.equipment;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;

/** What a control of a panel can set. Figures follow the weld cycle; choices have their own values. Its words: {@code panel.<name>}. */
public enum PanelSetting {
    /** Whether the machine is on. */
    POWER("OFF", "ON"),
    /** Which pole the torch is on. */
    POLARITY("TORCH_NEGATIVE", "TORCH_POSITIVE"),
    /** Welding process. */
    PROCESS("TIG", "STICK"),
    /** Direct or alternating current. */
    CURRENT_TYPE("DC", "AC"),
    /** How the arc is started. */
    START("HF", "LIFT"),
    /** What governs the current. */
    CONTROL(Arrays.stream(TriggerModeName.values()).map(Enum::name).toArray(String[]::new)),
    /** Whether the machine pulses. */
    PULSE("OFF", "ON"),
    /** Coarse range of a generator: each stop is a band of current. */
    RANGE(),
    /** Working current; with a pedal its ceiling. */
    MAIN_CURRENT(CycleKey.WORKING_CURRENT, ScaleUnit.AMPERE),
    /** Current at the strike. */
    START_CURRENT(CycleKey.START_CURRENT, ScaleUnit.AMPERE, ScaleUnit.PERCENT_OF_MAIN),
    /** Time from start to working current. */
    UP_SLOPE(CycleKey.UP_SLOPE, ScaleUnit.SECOND),
    /** Second current of a four-touch switch. */
    SECOND_CURRENT(CycleKey.SECOND_CURRENT, ScaleUnit.AMPERE, ScaleUnit.PERCENT_OF_MAIN),
    /** Pulses per second. */
    PULSE_RATE(CycleKey.PULSE_RATE, ScaleUnit.HERTZ),
    /** Share of each pulse at peak current. */
    PULSE_ON_TIME(CycleKey.PULSE_ON_TIME, ScaleUnit.PERCENT),
    /** Background current. */
    PULSE_BACKGROUND(CycleKey.PULSE_BACKGROUND, ScaleUnit.PERCENT, ScaleUnit.AMPERE),
    /** A peak of its own; the main current is then the background. */
    PULSE_PEAK(CycleKey.WORKING_CURRENT, ScaleUnit.AMPERE),
    /** Time from working to end current. */
    DOWN_SLOPE(CycleKey.DOWN_SLOPE, ScaleUnit.SECOND),
    /** Current that fills the crater. */
    END_CURRENT(CycleKey.END_CURRENT, ScaleUnit.AMPERE, ScaleUnit.PERCENT_OF_MAIN),
    /** Gas before the arc. */
    PRE_FLOW(CycleKey.PRE_FLOW, ScaleUnit.SECOND),
    /** Gas after the arc. */
    POST_FLOW(CycleKey.POST_FLOW, ScaleUnit.SECOND),
    /** Arc time of a spot. */
    SPOT_TIME(CycleKey.SPOT_TIME, ScaleUnit.SECOND),
    /** The valve of the regulator or flow meter. */
    GAS_FLOW(null, ScaleUnit.LITRE_PER_MIN);

    private final List<String> choices;
    private final Optional<CycleKey> key;
    private final List<ScaleUnit> units;

    PanelSetting(String... choices) {
        this.choices = List.of(choices);
        this.key = Optional.empty();
        this.units = List.of();
    }

    PanelSetting(@Nullable CycleKey key, ScaleUnit... units) {
        this.choices = List.of();
        this.key = Optional.ofNullable(key);
        this.units = List.of(units);
    }

    /** {@return its values, where it is a choice} */
    public List<String> choices() {
        return choices;
    }

    /** {@return whether it has an effect only where the current pulses} */
    public boolean isPulse() {
        return this == PULSE
                || this == PULSE_RATE
                || this == PULSE_ON_TIME
                || this == PULSE_BACKGROUND
                || this == PULSE_PEAK;
    }

    /** {@return whether it is a figure rather than a choice} */
    public boolean isFigure() {
        return !units.isEmpty();
    }

    /** {@return the weld cycle's figure behind it} */
    public Optional<CycleKey> key() {
        return key;
    }

    /** {@return units in which panels show it} */
    public List<ScaleUnit> units() {
        return units;
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "panel." + name();
    }
}
