package vastarc.core.advice.sheet;

import vastarc.core.base.text.Phrase;

/** Whether a gas lens is in the torch. Its words: {@code gasLens.<fitted or none>}. */
enum GasLens {
    FITTED("fitted"),
    NONE("none");

    private final String code;

    GasLens(String code) {
        this.code = code;
    }

    static GasLens of(boolean fitted) {
        return fitted ? FITTED : NONE;
    }

    String code() {
        return code;
    }

    Phrase phrase() {
        return Phrase.of("gasLens." + code);
    }
}
