package vastarc.core.reading;

import java.util.List;
import java.util.Map;
import java.util.Set;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.table.InOrder;

/**
 * What a reading is made from.
 *
 * @param sheet   it was welded by
 * @param set     figures as they really stood, where that is known, in the unit of the setting
 * @param seen    signs, by id
 * @param notSeen signs that are plainly not there, by id
 * @param told    answers, by question
 * @param ruledOut causes whose check has said that it is not they
 * @param found   what was looked at before the strike, by cause
 * @param lean    what tried changes have taught: a factor for a cause, by id; 1 where it is not named
 */
public record ReadingAsk(
        Sheet sheet,
        Map<SettingKey, Double> set,
        Set<String> seen,
        Set<String> notSeen,
        Map<String, String> told,
        Set<String> ruledOut,
        Map<String, Found> found,
        Map<String, Double> lean) {

    /** Nothing was looked at. */
    public ReadingAsk(
            Sheet sheet,
            Map<SettingKey, Double> set,
            Set<String> seen,
            Set<String> notSeen,
            Map<String, String> told,
            Set<String> ruledOut,
            Map<String, Double> lean) {
        this(sheet, set, seen, notSeen, told, ruledOut, Map.of(), lean);
    }

    /** Questions that can be told, and their answers. */
    public static final Map<String, List<String>> QUESTIONS = Map.ofEntries(
            Map.entry("polarity", List.of("NEGATIVE", "POSITIVE")),
            Map.entry("process", List.of("TIG", "STICK")),
            Map.entry("currentType", List.of("DC", "AC")),
            Map.entry("arcStart", List.of("SPARK", "LIFT", "OFF")),
            Map.entry("control", List.of("REMOTE", "PANEL")),
            Map.entry("gas", List.of("ARGON", "ARGON_CO2", "OTHER")),
            Map.entry("purged", List.of("true", "false")),
            Map.entry("draught", List.of("true", "false")),
            Map.entry("scaleOrOil", List.of("true", "false")),
            Map.entry("cupWalked", List.of("true", "false")),
            Map.entry("filterAuto", List.of("true", "false")),
            Map.entry("pedalPlugged", List.of("true", "false")));

    /** What trying can teach moves a cause by no more than this factor, up or down. */
    public static final double MOST_LEAN = 3;

    public ReadingAsk {
        set = InOrder.map(set);
        seen = InOrder.set(seen);
        notSeen = InOrder.set(notSeen);
        told = InOrder.map(told);
        ruledOut = InOrder.set(ruledOut);
        found = InOrder.map(found);
        lean = InOrder.map(lean);
    }

    boolean isPurged() {
        String answer = told.get("purged");
        return answer == null ? sheet.practice().purged() : answer.equals("true");
    }

    double lean(Cause cause) {
        double factor = lean.getOrDefault(cause.id(), 1.0);
        return Math.min(MOST_LEAN, Math.max(1 / MOST_LEAN, factor));
    }
}
