package vastarc.web.request;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.material.Material;

/** Reads an enumeration value by its API name. */
public final class ApiNames {

    private static final int ECHO_CHARACTERS = 40;

    private ApiNames() {}

    static <E extends Enum<E>> Optional<E> read(String text, String field, Class<E> type, Consumer<Problem> note) {
        Optional<E> value = Arrays.stream(type.getEnumConstants())
                .filter(constant -> constant.name().equals(text))
                .findFirst();
        if (value.isEmpty()) {
            note.accept(unknown(text, field, type));
        }
        return value;
    }

    private static Problem unknown(String text, String field, Class<? extends Enum<?>> type) {
        if (type == Material.class && isLightMetal(text)) {
            return Problem.outOfScope(field, "aluminium");
        }
        return Problem.badValue(field, "unknownValue", shortened(text), names(type));
    }

    private static boolean isLightMetal(String text) {
        String name = text.toUpperCase(Locale.ROOT);
        return name.startsWith("ALUMIN") || name.startsWith("MAGNES");
    }

    /** The values of an enumeration, for a message. */
    static String names(Class<? extends Enum<?>> type) {
        return String.join(
                ", ", Arrays.stream(type.getEnumConstants()).map(Enum::name).toList());
    }

    /**
     * {@return a text short enough to be repeated}
     *
     * @param text the text
     */
    public static String shortened(String text) {
        return text.length() <= ECHO_CHARACTERS ? text : text.substring(0, ECHO_CHARACTERS) + "…";
    }
}
