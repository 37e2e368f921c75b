package vastarc.web.store.diagnosis;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.DocumentFormat;

/**
 * What the welder says of a bead.
 *
 * @param seen     signs, by id
 * @param notSeen  signs that are plainly not there
 * @param told     answers, by question
 * @param ruledOut causes whose check said that it is not they
 * @param trying   the cause whose change is being tried; empty for none
 */
public record BeadObservations(
        Set<String> seen, Set<String> notSeen, Map<String, String> told, Set<String> ruledOut, String trying) {

    private static final JsonMapper JSON = CoreJson.kept();

    /** How it is stored. */
    public static final DocumentFormat<BeadObservations> FORMAT =
            DocumentFormat.of("reading", JSON, BeadObservations.class, List.of());

    public BeadObservations {
        seen = OrderedCollections.set(seen);
        notSeen = OrderedCollections.set(notSeen);
        told = OrderedCollections.map(told);
        ruledOut = OrderedCollections.set(ruledOut);
    }

    /** {@return nothing looked at yet} */
    public static BeadObservations none() {
        return new BeadObservations(Set.of(), Set.of(), Map.of(), Set.of(), "");
    }

    /**
     * {@return a sign seen, plainly not there, or not looked at; in that order a tap goes round}
     *
     * @param sign id of the symptom
     */
    public BeadObservations turned(String sign) {
        return seen.contains(sign) ? marked(sign, false) : notSeen.contains(sign) ? unmarked(sign) : marked(sign, true);
    }

    /**
     * {@return a sign as answered}
     *
     * @param sign id of the symptom
     * @param there whether it is seen
     */
    public BeadObservations marked(String sign, boolean there) {
        BeadObservations without = unmarked(sign);
        return there
                ? new BeadObservations(plus(without.seen, sign), without.notSeen, told, ruledOut, trying)
                : new BeadObservations(without.seen, plus(without.notSeen, sign), told, ruledOut, trying);
    }

    private BeadObservations unmarked(String sign) {
        return new BeadObservations(minus(seen, sign), minus(notSeen, sign), told, ruledOut, trying);
    }

    /**
     * {@return an answer; an empty one takes it back}
     *
     * @param question the question
     * @param answer the answer: a choice of the question
     */
    public BeadObservations telling(String question, String answer) {
        Map<String, String> more = new TreeMap<>(told);
        if (answer.isEmpty()) {
            more.remove(question);
        } else {
            more.put(question, answer);
        }
        return new BeadObservations(seen, notSeen, more, ruledOut, trying);
    }

    /**
     * {@return a cause is not it}
     *
     * @param cause id of the cause
     */
    public BeadObservations without(String cause) {
        return new BeadObservations(seen, notSeen, told, plus(ruledOut, cause), trying.equals(cause) ? "" : trying);
    }

    /**
     * {@return a change is tried}
     *
     * @param cause id of the cause
     */
    public BeadObservations trying(String cause) {
        return new BeadObservations(seen, notSeen, told, ruledOut, cause);
    }

    private static Set<String> plus(Set<String> set, String text) {
        Set<String> more = new TreeSet<>(set);
        more.add(text);
        return more;
    }

    private static Set<String> minus(Set<String> set, String text) {
        Set<String> less = new TreeSet<>(set);
        less.remove(text);
        return less;
    }
}
