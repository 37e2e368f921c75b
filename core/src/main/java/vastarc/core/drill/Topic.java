package vastarc.core.drill;

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

    /** The words it is spoken by. */
    public String words() {
        return "drill.topic." + name();
    }
}
