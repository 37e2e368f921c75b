package vastarc.web.store.unreadable;

import jakarta.persistence.EntityManager;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
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

    /** A kind of document, and the entity and attribute it is stored in. */
    public enum DocumentKind {
        /** A job. */
        JOB("Job", "id", "form", JobFormat.FORMAT, UUID::fromString),
        /** A machine. */
        MACHINE("Machine", "id", "profile", ProfileReader.FORMAT, UUID::fromString),
        /** The shop's settings. */
        SHOP("Shop", "id", "ways", ShopSettings.FORMAT, Integer::valueOf),
        /** Places of a panel's controls. */
        STANDS("JobPanel", "jobId", "stands", ControlPlaces.FORMAT, UUID::fromString),
        /** Answers to the panel check. */
        ANSWERS("JobPanel", "jobId", "answers", CheckAnswers.FORMAT, UUID::fromString);

        private final String entity;
        private final String key;
        private final String attribute;
        private final DocumentFormat<?> format;
        private final Function<String, Object> ids;

        DocumentKind(
                String entity, String key, String attribute, DocumentFormat<?> format, Function<String, Object> ids) {
            this.entity = entity;
            this.key = key;
            this.attribute = attribute;
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

    private final EntityManager database;

    UnreadableDocuments(EntityManager database) {
        this.database = database;
    }

    /**
     * {@return a document as it is stored; empty where there is none}
     *
     * @param kind the kind
     * @param id the id
     */
    public Optional<Document<?>> find(DocumentKind kind, String id) {
        String text = "select e." + kind.attribute + " from " + kind.entity + " e where e." + kind.key + " = :key";
        return kind.id(id)
                .flatMap(key ->
                        database.createQuery(text, Document.class).setParameter("key", key).getResultList().stream()
                                .<Document<?>>map(found -> found)
                                .findFirst());
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
                    .ifPresent(key -> database.createQuery("update versioned " + kind.entity + " e set e."
                                    + kind.attribute + " = :mended where e." + kind.key + " = :key")
                            .setParameter("mended", mended)
                            .setParameter("key", key)
                            .executeUpdate());
        }
        return mended.fault();
    }
}
