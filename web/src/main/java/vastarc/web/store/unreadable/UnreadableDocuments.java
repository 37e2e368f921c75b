package vastarc.web.store.unreadable;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.DocumentFormat;
import vastarc.web.store.job.JobFormat;
import vastarc.web.store.machine.CheckAnswers;
import vastarc.web.store.machine.ControlPlaces;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.shop.ShopSettings;

/** Documents as the texts they are stored as: to be exported, and put back mended, where they can no longer be read. */
@Service
public class UnreadableDocuments {

    /** A kind of document, and where it is stored. */
    public enum DocumentKind {
        /** A job. */
        JOB("job", "id", "form", JobFormat.FORMAT, UUID::fromString),
        /** A machine. */
        MACHINE("machine", "id", "profile", ProfileReader.FORMAT, UUID::fromString),
        /** The shop's settings. */
        SHOP("shop", "id", "ways", ShopSettings.FORMAT, Integer::valueOf),
        /** Places of a panel's controls. */
        STANDS("job_panel", "job_id", "stands", ControlPlaces.FORMAT, UUID::fromString),
        /** Answers to the panel check. */
        ANSWERS("job_panel", "job_id", "answers", CheckAnswers.FORMAT, UUID::fromString);

        private final String table;
        private final String key;
        private final String column;
        private final DocumentFormat<?> format;
        private final Function<String, Object> ids;

        DocumentKind(String table, String key, String column, DocumentFormat<?> format, Function<String, Object> ids) {
            this.table = table;
            this.key = key;
            this.column = column;
            this.format = format;
            this.ids = ids;
        }

        /**
         * {@return the kind of a name as it is in an address}
         *
         * @param name the name
         */
        public static Optional<DocumentKind> named(String name) {
            return Arrays.stream(values())
                    .filter(kind -> kind.address().equals(name))
                    .findFirst();
        }

        /** {@return the name in an address} */
        public String address() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** {@return what it is called} */
        public String words() {
            return format.name();
        }

        private Optional<Object> id(String text) {
            try {
                return Optional.of(ids.apply(text));
            } catch (IllegalArgumentException e) {
                return Optional.empty();
            }
        }
    }

    private final JdbcClient database;

    UnreadableDocuments(JdbcClient database) {
        this.database = database;
    }

    /**
     * {@return a document as it is stored; empty where there is none}
     *
     * @param kind the kind
     * @param id the id
     */
    public Optional<Document<?>> find(DocumentKind kind, String id) {
        return kind.id(id)
                .flatMap(key -> database.sql(
                                "select " + kind.column + " from " + kind.table + " where " + kind.key + " = ?")
                        .param(key)
                        .query(String.class)
                        .optional()
                        .map(kind.format::read));
    }

    /**
     * Puts a mended text in its place, if it can be read.
     *
     * @param kind the kind
     * @param id the id
     * @param text the text
     * @return what is wrong with the text; empty where it was taken
     */
    @Transactional
    public String mend(DocumentKind kind, String id, String text) {
        Document<?> mended = kind.format.read(text);
        if (mended.isReadable()) {
            kind.id(id)
                    .ifPresent(key -> database.sql("update " + kind.table + " set " + kind.column
                                    + " = ?, version = version + 1 where " + kind.key + " = ?")
                            .params(text, key)
                            .update());
        }
        return mended.fault();
    }
}
