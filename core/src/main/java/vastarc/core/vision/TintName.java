package vastarc.core.vision;

/** Bands of heat tint from bare metal to the hottest; names as in the API. */
public enum TintName {
    /** Bare. */
    SILVER,
    /** Barely yellow. */
    PALE_STRAW,
    /** Yellow. */
    STRAW,
    /** Brown. */
    BROWN,
    /** Purple. */
    PURPLE,
    /** Blue. */
    BLUE,
    /** Grey: scale. */
    GREY,
    /** White powder, on titanium alone. */
    WHITE_POWDER;

    /** {@return the key of its words} */
    public String words() {
        return "vision.tint." + name();
    }
}
