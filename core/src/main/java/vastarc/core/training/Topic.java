package vastarc.core.training;

import java.util.List;

/** What is drilled. */
public enum Topic {
    PANEL_CHECK,
    DIAL_READING,
    CONTROLS,
    IDLE,
    SCORE,
    SYMPTOMS,
    AMPS,
    GAS,
    TUNGSTEN,
    WORDS,
    POSITIONS,
    UNITS,
    COLOUR,
    ORDER,
    CAUTIONS,
    PURGE,
    FIT_UP,
    WIRE;

    /** What hurts people or spoils work when it is not known: asked a quarter of the time. */
    public static final List<Topic> HURTS = List.of(CAUTIONS, CONTROLS, PURGE, GAS);

    /** The key of its name in {@code words.properties}. */
    public String words() {
        return "drill.topic." + name();
    }
}
