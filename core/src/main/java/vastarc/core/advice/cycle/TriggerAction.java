package vastarc.core.advice.cycle;

/** What a machine does when the trigger is touched. Its words: {@code reaction.<name>}. */
public enum TriggerAction {
    /** Passes the touch over. */
    NONE,
    /** Opens the gas, then strikes. */
    BEGIN,
    /** Shuts the gas again, no arc. */
    CANCEL,
    /** Goes on to the up-slope. */
    UP,
    /** Down-slope from the present current. */
    DOWN,
    /** Back up from the present current. */
    RESUME,
    /** Arc out at once, then post-flow. */
    CUT,
    /** A short tap changes between working and second current; held on, the down-slope begins. */
    TAP,
    /** Strikes again without pre-flow: the gas is there. */
    RESTRIKE;

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "reaction." + name();
    }
}
