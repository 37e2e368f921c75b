package vastarc.core.training;

import java.util.List;

/** What is drilled. */
public enum Topic {
    /** Find what is set wrong on a panel. */
    PANEL_CHECK,
    /** Read a dial. */
    DIAL_READING,
    /** What a control on a machine does. */
    CONTROLS,
    /** Settings that a trigger mode does not use. */
    IDLE,
    /** Trigger logic and the course of the current. */
    SCORE,
    /** From symptoms to causes. */
    SYMPTOMS,
    /** Working current. */
    AMPS,
    /** Gas flow, pre-flow and post-flow. */
    GAS,
    /** Tungsten and its point. */
    TUNGSTEN,
    /** Terms of the trade. */
    WORDS,
    /** Welding positions. */
    POSITIONS,
    /** Units and notations. */
    UNITS,
    /** Temper colours. */
    COLOUR,
    /** Order of steps. */
    ORDER,
    /** Cautions. */
    CAUTIONS,
    /** Purging. */
    PURGE,
    /** Fit-up. */
    FIT_UP,
    /** Filler. */
    WIRE,
    /** What was done wrong, by the bead. */
    BEADS;

    /** What hurts people or spoils work when it is not known: asked a quarter of the time. */
    public static final List<Topic> HURTS = List.of(CAUTIONS, CONTROLS, PURGE, GAS);

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "drill.topic." + name();
    }
}
