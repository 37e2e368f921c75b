package vastarc.web.store.register;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.validation.Outcome;
import vastarc.web.format.CoreJson;
import vastarc.web.store.ListBound;
import vastarc.web.store.document.DocumentFormat;

/**
 * A kind of register: what its entries are, how they are told apart and written down.
 *
 * @param <T>    what an entry holds
 * @param bound  its row among the lists that may hold only so many; its name tells its entries in the database
 * @param most   entries at most
 * @param number by which the shop calls an entry
 * @param read   an entry of JSON, or every fault of it
 * @param write  an entry as JSON
 * @param format how an entry is kept
 * @param file   of an archive
 * @param entry  what an entry is called there and in words: procedure
 * @param since  first version of archives that has the file
 */
public record RegisterKind<T>(
        ListBound.Name bound,
        int most,
        Function<T, String> number,
        Function<JsonNode, Outcome<T>> read,
        Function<T, ObjectNode> write,
        DocumentFormat<T> format,
        String file,
        String entry,
        int since) {

    /**
     * {@return a kind of register}
     *
     * @param <T>    what an entry holds
     * @param bound  its row among the lists
     * @param most   entries at most
     * @param number by which the shop calls an entry
     * @param read   an entry of JSON, or every fault of it
     * @param write  an entry as JSON
     * @param entry  what an entry is called; its file in an archive is named after it
     * @param since  first version of archives that has the file
     */
    static <T> RegisterKind<T> of(
            ListBound.Name bound,
            int most,
            Function<T, String> number,
            Function<JsonNode, Outcome<T>> read,
            Function<T, ObjectNode> write,
            String entry,
            int since) {
        DocumentFormat<T> format = new DocumentFormat<>(
                entry, CoreJson.kept(), node -> orThrow(entry, read.apply(node)), write::apply, List.of());
        return new RegisterKind<>(bound, most, number, read, write, format, file(entry), entry, since);
    }

    private static String file(String entry) {
        return entry + (entry.endsWith("h") ? "es" : "s") + ".json";
    }

    private static <T> T orThrow(String entry, Outcome<T> read) {
        return read.value()
                .orElseThrow(() -> new IllegalArgumentException(
                        read.problems().get(0).field() + " of a " + entry + " does not fit"));
    }

    /** {@return its name, in addresses and in the database: procedures} */
    public String name() {
        return bound.name().toLowerCase(Locale.ROOT);
    }
}
