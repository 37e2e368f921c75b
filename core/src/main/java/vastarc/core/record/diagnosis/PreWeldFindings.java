package vastarc.core.record.diagnosis;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrase;

/**
 * What was looked at before the strike and found right or wrong, by cause. Looked at is not welded: it weighs less than what is given. Source: table
 * {@code check-causes.csv}.
 *
 * @param wrong it was set wrong
 * @param why   in words
 */
public record PreWeldFindings(boolean wrong, Phrase why) {

    private static final String RIGHT = "right";
    private static final List<FindingRow> ROWS =
            Table.read("check-causes.csv", Set.of("item", "answer", "cause")).stream()
                    .map(row -> new FindingRow(row.text("item"), row.text("answer"), known(row.text("cause"))))
                    .toList();

    private record FindingRow(String item, String answer, String cause) {}

    private static String known(String cause) {
        return Cause.named(cause)
                .orElseThrow(() -> new IllegalStateException("no such cause: " + cause))
                .id();
    }

    /**
     * The purge as it was.
     *
     * @param felt      gas was felt at the vent
     * @param meterPpm  oxygen read
     * @param targetPpm it was to come down to
     * @param overruled it was struck without waiting
     */
    public record PurgeRecord(boolean felt, OptionalDouble meterPpm, double targetPpm, boolean overruled) {}

    /**
     * From the answers of the check, by item.
     *
     * @param answers the answers by item
     * @return what was found, by name
     */
    public static Map<String, PreWeldFindings> ofCheck(Map<String, String> answers) {
        Map<String, PreWeldFindings> found = new LinkedHashMap<>();
        for (FindingRow row : ROWS) {
            String given = answers.getOrDefault(row.item(), "");
            if (given.equals(row.answer())) {
                found.put(row.cause(), new PreWeldFindings(true, Phrase.of("reading.why.check")));
            } else if (given.equals(RIGHT)) {
                found.putIfAbsent(row.cause(), new PreWeldFindings(false, Phrase.of("reading.why.check")));
            }
        }
        return found;
    }

    /**
     * From the record of the purge.
     *
     * @param record the purge record
     * @return what was found, by name
     */
    public static Map<String, PreWeldFindings> ofPurge(PurgeRecord record) {
        Map<String, PreWeldFindings> found = new HashMap<>();
        boolean metered = record.meterPpm().isPresent();
        boolean reached = metered && record.meterPpm().getAsDouble() <= record.targetPpm();
        if (record.overruled() || metered && !reached) {
            found.put("PURGE_SHORT", new PreWeldFindings(true, Phrase.of("reading.why.purge")));
        } else if (reached) {
            found.put("PURGE_SHORT", new PreWeldFindings(false, Phrase.of("reading.why.purge")));
            found.put("DAM_LEAKS", new PreWeldFindings(false, Phrase.of("reading.why.purge")));
        }
        if (record.felt()) {
            found.put("VENT_SMALL", new PreWeldFindings(false, Phrase.of("reading.why.purge")));
        }
        return found;
    }
}
