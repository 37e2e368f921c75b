package vastarc.core.advice.parameters;

/** What a pass of a weld is for. Its words: {@code pass.<name>}. */
public enum PassKind {
    /** The only one. */
    ONLY,
    /** One of two runs that meet in the middle. */
    ONE_SIDE,
    /** The other of two runs that meet in the middle. */
    OTHER_SIDE,
    /** The first pass, which closes the root. */
    ROOT,
    /** The second pass of pipe, which burns out what the root left. */
    HOT,
    /** A pass between root and cap. */
    FILL,
    /** The last layer. */
    CAP,
    /** Over the root from the other side, ground back to sound metal. */
    BACK;

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "pass." + name();
    }
}
