package vastarc.core.input;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vastarc.core.base.validation.Problem;

/**
 * What was understood of a joint said in one line.
 *
 * @param fields  a sheet request: names of enumerations, numbers in the unit of the field, true or false; both thicknesses in one list
 * @param name    a name for the job, by its joint
 * @param read    which words gave which field; no words for what follows from the joint
 * @param doubts  what could also have been meant
 * @param unknown words that mean nothing here
 */
public record JointReading(
        Map<String, Object> fields, String name, List<ReadWord> read, List<Doubt> doubts, List<String> unknown) {

    /**
     * Words and what they were read as.
     *
     * @param text  the words; empty for what follows from the joint
     * @param field the field
     * @param value its value
     */
    public record ReadWord(String text, String field, Object value) {}

    /**
     * Words that may mean several things; the first of them is taken until somebody says otherwise.
     *
     * @param field   the field
     * @param text    the words
     * @param options what they may mean, as the line would say it
     */
    public record Doubt(String field, String text, List<String> options) {

        /** Copies its list, so that it cannot change. */
        public Doubt {
            options = List.copyOf(options);
        }
    }

    /** Copies its collections, so that it cannot change. */
    public JointReading {
        fields = Collections.unmodifiableMap(new LinkedHashMap<>(fields));
        read = List.copyOf(read);
        doubts = List.copyOf(doubts);
        unknown = List.copyOf(unknown);
    }

    /** {@return the fields without which there is no sheet, and which the line does not give} */
    public List<Problem> missing() {
        return List.of(WeldFields.MATERIAL.name(), WeldFields.JOINT.name(), WeldFields.THICKNESSES).stream()
                .filter(field -> !fields.containsKey(field))
                .map(field -> Problem.badValue(field, "phrase.missing." + field))
                .toList();
    }
}
