package vastarc.core.record.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Set;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.tables.OrderedCollections;

/**
 * What a reading is made from.
 *
 * @param sheet   it was welded by
 * @param set     values really used, where that is known, in the unit of the setting
 * @param seen    signs, by id
 * @param notSeen signs that are plainly not there, by id
 * @param answers answers, by question
 * @param ruledOut causes whose check has said that it is not they
 * @param found   what was looked at before the strike, by cause
 * @param priors  what tried changes have taught: a factor for a cause, by id; 1 where it is not named
 */
public record DiagnosisRequest(
        SetupSheet sheet,
        Map<ParameterKey, Double> set,
        Set<String> seen,
        Set<String> notSeen,
        Map<String, String> answers,
        Set<String> ruledOut,
        Map<String, PreWeldFindings> found,
        Map<String, Double> priors) {

    /**
     * Nothing was looked at.
     *
     * @param sheet the sheet
     * @param set what was set on the machine, by parameter
     * @param seen ids of the symptoms that are seen
     * @param notSeen ids of the symptoms that are not there
     * @param told the answers by question
     * @param ruledOut ids of the causes that are ruled out
     * @param lean factors on the prior of causes, by id
     */
    public DiagnosisRequest(
            SetupSheet sheet,
            Map<ParameterKey, Double> set,
            Set<String> seen,
            Set<String> notSeen,
            Map<String, String> told,
            Set<String> ruledOut,
            Map<String, Double> lean) {
        this(sheet, set, seen, notSeen, told, ruledOut, Map.of(), lean);
    }

    /** Questions the welder can answer, and the possible answers. */
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
    public static final double MOST_PRIOR = 3;

    /** Copies its collections, so that it cannot change. */
    public DiagnosisRequest {
        set = OrderedCollections.map(set);
        seen = OrderedCollections.set(seen);
        notSeen = OrderedCollections.set(notSeen);
        answers = OrderedCollections.map(answers);
        ruledOut = OrderedCollections.set(ruledOut);
        found = OrderedCollections.map(found);
        priors = OrderedCollections.map(priors);
    }

    boolean isPurged() {
        String answer = answers.get("purged");
        return answer == null ? sheet.practice().purged() : answer.equals("true");
    }

    double priors(Cause cause) {
        double factor = priors.getOrDefault(cause.id(), 1.0);
        return Math.min(MOST_PRIOR, Math.max(1 / MOST_PRIOR, factor));
    }
}
