package vastarc.web.search;

import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * Something that can be found.
 *
 * @param kind  what it is: term, setting, symptom, position, joint, metal, place, act, job, run, person
 * @param name  what it is found by and shown as
 * @param more  a line beside it; found by as well
 * @param words other words for it, found by and not shown
 * @param href  where it opens
 */
record SearchEntry(
        String kind, String name, String more, @JsonIgnore String words, String href) {}
