package vastarc.web.store.archive;

import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One file of an archive: everything of one kind that the shop keeps. The same shop gives the same elements in the same order.
 *
 * <p>What others point to comes before them: {@link #needs()}.
 */
public interface ArchiveSection {

    /** {@return name of its file, such as {@code jobs.json}} */
    String file();

    /** {@return the files that its elements point into} */
    default Set<String> needs() {
        return Set.of();
    }

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
     * Makes an element of the next version of one of an older archive. Called for each version from the archive's on, so that a step knows
     * two versions only; what comes out is checked against the published format.
     *
     * @param element the element, of version {@code from}
     * @param from number of that version
     * @param place its place in the list, from 0
     * @throws IllegalArgumentException where it holds what its version did not have
     */
    default void upgrade(ObjectNode element, int from, int place) {}

    /**
     * Adds what a version brought.
     *
     * @param element the element that lacks it
     * @param name name of the property
     * @param value its value
     * @throws IllegalArgumentException where it is there
     */
    static void add(ObjectNode element, String name, JsonNode value) {
        if (element.has(name)) {
            throw new IllegalArgumentException("it holds “" + name + "”, which its version had not");
        }
        element.set(name, value);
    }
}
