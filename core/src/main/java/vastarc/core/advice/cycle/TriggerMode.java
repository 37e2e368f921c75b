package vastarc.core.advice.cycle;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.joint.ControlDevice;

/**
 * How a machine answers its trigger: data, not code. A panel that differs is the same record with other contents.
 *
 * @param name      which logic; its words: {@code logic.<name>}
 * @param input     what is touched
 * @param control   the sheet's arc control it belongs to; empty for tacks, which any torch switch gives
 * @param startHold the start current lasts while the trigger is held
 * @param endHold   the end current lasts while the trigger is held
 * @param honours   the settings this logic does not pass over
 * @param timed     whether the machine ends the arc by itself
 * @param reactions what a touch does, by phase
 */
public record TriggerMode(
        TriggerModeName name,
        TriggerInput input,
        Optional<ControlDevice> control,
        boolean startHold,
        boolean endHold,
        Set<SupportedSetting> honours,
        ArcEnding timed,
        Map<Phase, TriggerActions> reactions) {

    /** The logics that panels offer. */
    public enum TriggerModeName {
        /** A foot pedal governs the current. */
        PEDAL,
        /** Press to weld, release to stop; no slopes. */
        TRIGGER_2T_PLAIN,
        /** Press to weld with up-slope, release for down-slope. */
        TRIGGER_2T_SLOPES,
        /** Four touches: start current, weld, down-slope, stop. */
        TRIGGER_4T,
        /** Four touches; a short press changes to the second current and back. */
        TRIGGER_4T_SECOND,
        /** One touch starts, the next stops. */
        LATCHED,
        /** Lift start with the gas valve on the torch. */
        LIFT_VALVE,
        /** One arc of a set time. */
        SPOT,
        /** Arcs of a set time with pauses, while the switch is held. */
        STITCH;

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "logic." + name();
        }
    }

    /** What is touched. */
    public enum TriggerInput {
        /** The switch of the torch. */
        SWITCH,
        /** The pedal. */
        FOOT,
        /** Tungsten on the work. */
        TOUCH
    }

    /** Whether the machine ends the arc by itself. */
    public enum ArcEnding {
        /** The welder ends it. */
        NO,
        /** After the spot time. */
        SPOT,
        /** After the spot time, and again after each pause. */
        STITCH
    }

    /** A setting that a logic may honour or pass over. */
    public enum SupportedSetting {
        /** Gas before the arc. */
        PRE_FLOW,
        /** The current at the strike. */
        START_CURRENT,
        /** The rise to the working current. */
        UP_SLOPE,
        /** The pulse. */
        PULSE,
        /** The second current. */
        SECOND_CURRENT,
        /** The fall to the end current. */
        DOWN_SLOPE,
        /** The current that fills the crater. */
        END_CURRENT,
        /** Gas after the arc. */
        POST_FLOW
    }

    /** What press and release do in one phase. */
    public record TriggerActions(TriggerAction press, TriggerAction release) {
        static final TriggerActions NONE = new TriggerActions(TriggerAction.NONE, TriggerAction.NONE);
    }

    private static final Map<TriggerModeName, TriggerMode> USUAL = read();

    /** Copies its collections, so that it cannot change. */
    public TriggerMode {
        honours = honours.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(honours));
        reactions = Map.copyOf(reactions);
    }

    /**
     * {@return the usual behaviour of a logic} Source: tables {@code control-logics.csv} and
     * {@code control-reactions.csv}.
     *
     * @param name the name
     */
    public static TriggerMode of(TriggerModeName name) {
        return Maps.get(USUAL, name);
    }

    /**
     * {@return the trigger mode a sheet's arc control implies unless another is chosen}
     *
     * @param control the device that controls the arc
     */
    public static TriggerMode of(ControlDevice control) {
        return of(
                switch (control) {
                    case PEDAL -> TriggerModeName.PEDAL;
                    case TRIGGER_2T -> TriggerModeName.TRIGGER_2T_SLOPES;
                    case TRIGGER_4T -> TriggerModeName.TRIGGER_4T;
                    case LIFT_ONLY -> TriggerModeName.LIFT_VALVE;
                });
    }

    private static Map<TriggerModeName, TriggerMode> read() {
        Map<TriggerModeName, Map<Phase, TriggerActions>> reactions = new EnumMap<>(TriggerModeName.class);
        Table.read("control-reactions.csv", Set.of("logic", "phase", "on_press", "on_release"))
                .forEach(row -> reactions
                        .computeIfAbsent(row.named("logic", TriggerModeName.class), name -> new EnumMap<>(Phase.class))
                        .put(
                                row.named("phase", Phase.class),
                                new TriggerActions(
                                        row.named("on_press", TriggerAction.class),
                                        row.named("on_release", TriggerAction.class))));
        Map<TriggerModeName, TriggerMode> logics = new LinkedHashMap<>();
        Table.read(
                        "control-logics.csv",
                        Set.of("logic", "input", "control", "start_hold", "end_hold", "honours", "timed"))
                .forEach(row -> {
                    TriggerModeName name = row.named("logic", TriggerModeName.class);
                    logics.put(name, logic(name, row, Maps.get(reactions, name)));
                });
        if (!logics.keySet().equals(EnumSet.allOf(TriggerModeName.class))) {
            throw new IllegalStateException(
                    "table control-logics.csv must have each of " + List.of(TriggerModeName.values()));
        }
        return logics;
    }

    private static TriggerMode logic(TriggerModeName name, Table.Row row, Map<Phase, TriggerActions> reactions) {
        String control = row.optional("control");
        return new TriggerMode(
                name,
                row.named("input", TriggerInput.class),
                control.isEmpty() ? Optional.empty() : Optional.of(row.named("control", ControlDevice.class)),
                row.text("start_hold").equals("HELD"),
                row.text("end_hold").equals("HELD"),
                honours(row.optional("honours")),
                row.named("timed", ArcEnding.class),
                reactions);
    }

    private static Set<SupportedSetting> honours(String names) {
        Set<SupportedSetting> honours = EnumSet.noneOf(SupportedSetting.class);
        Arrays.stream(names.split(" "))
                .filter(name -> !name.isEmpty())
                .map(SupportedSetting::valueOf)
                .forEach(honours::add);
        return honours;
    }

    /**
     * {@return the same logic on a panel that honours other settings}
     *
     * @param others the other ones
     */
    public TriggerMode supporting(Set<SupportedSetting> others) {
        return new TriggerMode(name, input, control, startHold, endHold, others, timed, reactions);
    }

    /**
     * {@return the same logic on a panel that answers a touch differently in one phase}
     *
     * @param phase the phase
     * @param press what a press does
     * @param release what a release does
     */
    public TriggerMode reacting(Phase phase, TriggerAction press, TriggerAction release) {
        Map<Phase, TriggerActions> changed = new EnumMap<>(Phase.class);
        changed.putAll(reactions);
        changed.put(phase, new TriggerActions(press, release));
        return new TriggerMode(name, input, control, startHold, endHold, honours, timed, changed);
    }

    /**
     * {@return whether the mode uses a setting}
     *
     * @param honour the setting
     */
    public boolean honours(SupportedSetting honour) {
        return honours.contains(honour);
    }

    /** {@return whether gas is opened and closed by hand, at the torch} */
    public boolean gasByHand() {
        return input == TriggerInput.TOUCH;
    }

    /** {@return whether it tacks rather than welds} */
    public boolean isTack() {
        return timed != ArcEnding.NO;
    }

    /**
     * {@return what a touch does in a phase}
     *
     * @param phase the phase
     * @param press whether it is a press, not a release
     */
    public TriggerAction reaction(Phase phase, boolean press) {
        TriggerActions both = reactions.getOrDefault(phase, TriggerActions.NONE);
        return press ? both.press() : both.release();
    }
}
