package vastarc.web.store.archive;

import java.util.Optional;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;

/**
 * One file of an archive: everything of one kind that the shop keeps. The same shop gives the same elements in the same order.
 *
 * <p>Parts are gone through in Spring's order: what others point to comes before them.
 */
public interface ArchiveSection {

    /** {@return name of its file, such as {@code jobs.json}} */
    String file();

    /** {@return whether the file holds one element alone rather than a list of them} */
    default boolean isSingle() {
        return false;
    }

    /**
     * Hands over every element that is stored. Called within a transaction that sees one state of the shop.
     *
     * @param out takes the elements
     */
    void write(Consumer<JsonNode> out);

    /**
     * Reads an element that fits the published format; changes nothing.
     *
     * @param element the element as read
     * @param known what the archive has held so far
     * @return the archive element
     * @throws IllegalArgumentException with a message for the welder, where it cannot be kept
     */
    ArchiveElement read(JsonNode element, ArchiveIds known);

    /** An element found sound. */
    interface ArchiveElement {

        /** {@return what taking it would change; empty where the shop holds the same} */
        Optional<String> change();

        /** Puts it into the shop. */
        void take();
    }

    /** {@return first version of archives that has this file} */
    default int since() {
        return 1;
    }

    /** Lets go what an archive has brought too much of; called at the end of the transaction that takes it. */
    default void makeRoom() {}

    /** Called when an archive has been taken, or could not be. */
    default void restored() {}

    /**
     * What an archive of an older version lacks, put into one of its elements; {@code place} counts from 0.
     *
     * @param element the element as read
     * @param version number of the format
     * @param place its place in the list, from 0
     */
    default void complete(JsonNode element, int version, int place) {}
}
