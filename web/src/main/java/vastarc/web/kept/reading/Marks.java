package vastarc.web.kept.reading;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.table.InOrder;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.document.DocumentFormat;

/**
 * What a hand says of a bead.
 *
 * @param seen     signs, by id
 * @param notSeen  signs that are plainly not there
 * @param told     answers, by question
 * @param ruledOut causes whose check said that it is not they
 * @param trying   the cause whose change is being tried; empty for none
 */
public record Marks(
        Set<String> seen, Set<String> notSeen, Map<String, String> told, Set<String> ruledOut, String trying) {

    private static final JsonMapper JSON = CoreJson.kept();

    /** How it is kept. */
    static final DocumentFormat<Marks> FORMAT = DocumentFormat.of("reading", JSON, Marks.class, List.of());

    public Marks {
        seen = InOrder.set(seen);
        notSeen = InOrder.set(notSeen);
        told = InOrder.map(told);
        ruledOut = InOrder.set(ruledOut);
    }

    /** Nothing looked at yet. */
    public static Marks none() {
        return new Marks(Set.of(), Set.of(), Map.of(), Set.of(), "");
    }

    /** A sign seen, plainly not there, or not looked at; in that order a tap goes round. */
    public Marks turned(String sign) {
        return seen.contains(sign) ? marked(sign, false) : notSeen.contains(sign) ? unmarked(sign) : marked(sign, true);
    }

    /** A sign as answered. */
    public Marks marked(String sign, boolean there) {
        Marks without = unmarked(sign);
        return there
                ? new Marks(plus(without.seen, sign), without.notSeen, told, ruledOut, trying)
                : new Marks(without.seen, plus(without.notSeen, sign), told, ruledOut, trying);
    }

    private Marks unmarked(String sign) {
        return new Marks(minus(seen, sign), minus(notSeen, sign), told, ruledOut, trying);
    }

    /** An answer; an empty one takes it back. */
    public Marks telling(String question, String answer) {
        Map<String, String> more = new TreeMap<>(told);
        if (answer.isEmpty()) {
            more.remove(question);
        } else {
            more.put(question, answer);
        }
        return new Marks(seen, notSeen, more, ruledOut, trying);
    }

    /** A cause is not it. */
    public Marks without(String cause) {
        return new Marks(seen, notSeen, told, plus(ruledOut, cause), trying.equals(cause) ? "" : trying);
    }

    /** A change is tried. */
    public Marks trying(String cause) {
        return new Marks(seen, notSeen, told, ruledOut, cause);
    }

    private static Set<String> plus(Set<String> set, String one) {
        Set<String> more = new TreeSet<>(set);
        more.add(one);
        return more;
    }

    private static Set<String> minus(Set<String> set, String one) {
        Set<String> less = new TreeSet<>(set);
        less.remove(one);
        return less;
    }
}
