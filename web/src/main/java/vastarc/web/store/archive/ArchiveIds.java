package vastarc.web.store.archive;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** The ids an archive has held so far, by its files: each comes once, and what is pointed to must have come. */
public final class ArchiveIds {

    /** Section of the jobs. */
    public static final String JOBS = "jobs.json";
    /** Section of the runs. */
    public static final String RUNS = "runs.json";
    /** Section of the machines. */
    public static final String MACHINES = "machines.json";

    private final Map<String, Set<UUID>> ids = new HashMap<>();

    /**
     * {@return the id of an element, which must be new}
     *
     * @param file the id in the file
     * @param element the element as read
     */
    public UUID fresh(String file, JsonNode element) {
        UUID id = UUID.fromString(element.path("id").asString());
        if (!ids.computeIfAbsent(file, name -> new HashSet<>()).add(id)) {
            throw new IllegalArgumentException("the id " + id + " is there twice");
        }
        return id;
    }

    /**
     * {@return an id that an element may point to, which must have come before where it does}
     *
     * @param file the id in the file
     * @param element the element as read
     * @param property the property that holds the id, or null
     */
    public Optional<UUID> pointedIfAny(String file, JsonNode element, String property) {
        return element.hasNonNull(property) ? Optional.of(pointed(file, element, property)) : Optional.empty();
    }

    /**
     * {@return an id that an element points to, which must have come before}
     *
     * @param file the id in the file
     * @param element the element as read
     * @param property the property that holds the id
     */
    public UUID pointed(String file, JsonNode element, String property) {
        UUID id = UUID.fromString(element.path(property).asString());
        if (!ids.getOrDefault(file, Set.of()).contains(id)) {
            throw new IllegalArgumentException("it belongs to one that is not in " + file);
        }
        return id;
    }
}
