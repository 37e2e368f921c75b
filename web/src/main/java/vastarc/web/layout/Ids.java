package vastarc.web.layout;

import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Ids as requests send them. */
public final class Ids {

    private Ids() {}

    /**
     * {@return an id; empty where the text is none}
     *
     * @param text the text
     */
    public static Optional<UUID> read(@Nullable String text) {
        try {
            return Optional.ofNullable(text).filter(sent -> !sent.isBlank()).map(UUID::fromString);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
