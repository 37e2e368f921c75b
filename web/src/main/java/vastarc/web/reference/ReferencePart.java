package vastarc.web.reference;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A page of the reference. */
public enum ReferencePart {
    POSITIONS,
    TERMS,
    SYMPTOMS,
    TABLES,
    SETTINGS,
    SIMULATION,
    CAUTIONS;

    /** {@return the last part of its address} */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** {@return its address} */
    public String address() {
        return "/reference/" + path();
    }

    static Optional<ReferencePart> named(String path) {
        return Arrays.stream(values()).filter(part -> part.path().equals(path)).findFirst();
    }
}
