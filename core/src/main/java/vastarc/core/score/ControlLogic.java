package vastarc.core.score;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.joint.Control;
import vastarc.core.table.Complete;
import vastarc.core.table.Table;

/**
 * How a machine answers its trigger: data, not code. A panel that differs is the same record with other contents.
 *
 * @param name      which logic; spoken by the words {@code logic.<name>}
 * @param input     what is touched
 * @param control   the sheet's arc control it belongs to; empty for tacks, which any torch switch gives
 * @param startHold the start current lasts while the trigger is held
 * @param endHold   the end current lasts while the trigger is held
 * @param honours   the settings this logic does not pass over
 * @param timed     whether the machine ends the arc by itself
 * @param reactions what a touch does, by phase
 */
public record ControlLogic(
        Name name,
        Input input,
        Optional<Control> control,
        boolean startHold,
        boolean endHold,
        Set<Honour> honours,
        Timed timed,
        Map<Phase, Reactions> reactions) {

    /** The logics that panels offer. */
    public enum Name {
        PEDAL,
        TRIGGER_2T_PLAIN,
        TRIGGER_2T_SLOPES,
        TRIGGER_4T,
        TRIGGER_4T_SECOND,
        LATCHED,
        LIFT_VALVE,
        SPOT,
        STITCH;

        /** The words it is spoken by. */
        public String words() {
            return "logic." + name();
        }
    }

    /** What is touched. */
    public enum Input {
        SWITCH,
        FOOT,
        TOUCH
    }

    /** Whether the machine ends the arc by itself. */
    public enum Timed {
        NO,
        SPOT,
        STITCH
    }

    /** A setting that a logic may honour or pass over. */
    public enum Honour {
        PRE_FLOW,
        START_CURRENT,
        UP_SLOPE,
        PULSE,
        SECOND_CURRENT,
        DOWN_SLOPE,
        END_CURRENT,
        POST_FLOW
    }

    /** What press and release do in one phase. */
    public record Reactions(Reaction press, Reaction release) {
        static final Reactions NONE = new Reactions(Reaction.NONE, Reaction.NONE);
    }

    private static final Map<Name, ControlLogic> USUAL = read();

    public ControlLogic {
        honours = honours.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(honours));
        reactions = Map.copyOf(reactions);
    }

    /** The usual behaviour of a logic. Source: tables {@code control-logics.csv} and {@code control-reactions.csv}. */
    public static ControlLogic of(Name name) {
        return Complete.get(USUAL, name);
    }

    /** The logic a sheet's arc control means unless told otherwise. */
    public static ControlLogic of(Control control) {
        return of(
                switch (control) {
                    case PEDAL -> Name.PEDAL;
                    case TRIGGER_2T -> Name.TRIGGER_2T_SLOPES;
                    case TRIGGER_4T -> Name.TRIGGER_4T;
                    case LIFT_ONLY -> Name.LIFT_VALVE;
                });
    }

    private static Map<Name, ControlLogic> read() {
        Map<Name, Map<Phase, Reactions>> reactions = new EnumMap<>(Name.class);
        Table.read("control-reactions.csv", Set.of("logic", "phase", "on_press", "on_release"))
                .forEach(row -> reactions
                        .computeIfAbsent(row.named("logic", Name.class), name -> new EnumMap<>(Phase.class))
                        .put(
                                row.named("phase", Phase.class),
                                new Reactions(
                                        row.named("on_press", Reaction.class),
                                        row.named("on_release", Reaction.class))));
        Map<Name, ControlLogic> logics = new LinkedHashMap<>();
        Table.read(
                        "control-logics.csv",
                        Set.of("logic", "input", "control", "start_hold", "end_hold", "honours", "timed"))
                .forEach(row -> {
                    Name name = row.named("logic", Name.class);
                    logics.put(name, logic(name, row, Complete.get(reactions, name)));
                });
        if (!logics.keySet().equals(EnumSet.allOf(Name.class))) {
            throw new IllegalStateException("table control-logics.csv must have each of " + List.of(Name.values()));
        }
        return logics;
    }

    private static ControlLogic logic(Name name, Table.Row row, Map<Phase, Reactions> reactions) {
        String control = row.optional("control");
        return new ControlLogic(
                name,
                row.named("input", Input.class),
                control.isEmpty() ? Optional.empty() : Optional.of(row.named("control", Control.class)),
                row.text("start_hold").equals("HELD"),
                row.text("end_hold").equals("HELD"),
                honours(row.optional("honours")),
                row.named("timed", Timed.class),
                reactions);
    }

    private static Set<Honour> honours(String names) {
        Set<Honour> honours = EnumSet.noneOf(Honour.class);
        Arrays.stream(names.split(" "))
                .filter(name -> !name.isEmpty())
                .map(Honour::valueOf)
                .forEach(honours::add);
        return honours;
    }

    /** The same logic on a panel that honours other settings. */
    public ControlLogic honouring(Set<Honour> others) {
        return new ControlLogic(name, input, control, startHold, endHold, others, timed, reactions);
    }

    /** The same logic on a panel that answers a touch differently in one phase. */
    public ControlLogic reacting(Phase phase, Reaction press, Reaction release) {
        Map<Phase, Reactions> changed = new EnumMap<>(Phase.class);
        changed.putAll(reactions);
        changed.put(phase, new Reactions(press, release));
        return new ControlLogic(name, input, control, startHold, endHold, honours, timed, changed);
    }

    public boolean honours(Honour honour) {
        return honours.contains(honour);
    }

    /** Gas is opened and closed by hand, at the torch. */
    public boolean gasByHand() {
        return input == Input.TOUCH;
    }

    /** Tacks rather than a weld. */
    public boolean isTack() {
        return timed != Timed.NO;
    }

    /** What a touch does in a phase. */
    public Reaction reaction(Phase phase, boolean press) {
        Reactions both = reactions.getOrDefault(phase, Reactions.NONE);
        return press ? both.press() : both.release();
    }
}
