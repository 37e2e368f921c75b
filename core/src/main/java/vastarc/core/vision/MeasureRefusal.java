package vastarc.core.vision;

/** Why nothing is said of a photograph. Its words, and what to do: {@code vision.refused.<name>}. */
public enum MeasureRefusal {
    /** Too little light. */
    TOO_DARK,
    /** So much light that surfaces are white. */
    TOO_BRIGHT,
    /** Out of focus, or moved. */
    BLURRED,
    /** The light's reflection covers the bead. */
    GLARE,
    /** No bead can be distinguished from its surroundings. */
    NO_SEAM,
    /** The printed strip is not found, or shows mirrored. */
    NO_SCALE;

    /** {@return the key of its words} */
    public String words() {
        return "vision.refused." + name();
    }

    /** Thrown within this package where a picture cannot be measured. */
    static final class RefusalException extends RuntimeException {

        private static final long serialVersionUID = 1L;
        private final MeasureRefusal why;

        RefusalException(MeasureRefusal why) {
            super(why.name(), null, false, false);
            this.why = why;
        }

        MeasureRefusal why() {
            return why;
        }
    }
}
