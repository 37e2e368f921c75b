package vastarc.core.record.diagnosis;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.tables.Table;

/**
 * Something that may be wrong. Its words: {@code cause.<id>} with {@code .do} and {@code .check}. Source: table
 * {@code reading-causes.csv}.
 *
 * @param id     stable name
 * @param prior  how common it is in a shop, before anything is seen
 * @param figure of the sheet it lives on; empty for none
 * @param side   of the figure that is wrong
 * @param answer the question that decides it; empty for none
 * @param cost   what it costs to try
 * @param group  topic it belongs to
 */
public record Cause(
        String id,
        double prior,
        Optional<ParameterKey> figure,
        RangeSide side,
        Optional<Answer> answer,
        TrialCost cost,
        String group) {

    /** Which side of a figure is wrong. */
    public enum RangeSide {
        /** Too low. */
        LOW,
        /** Too high. */
        HIGH,
        /** Neither. */
        NONE
    }

    /** What it costs to try a change: nothing, a part or a cleaning, a grind, or another purge. */
    public enum TrialCost {
        /** Nothing but turning a knob. */
        NOTHING(1),
        /** Grinding the tungsten. */
        GRIND(1.5),
        /** Another part, or cleaning. */
        PART(2),
        /** Another purge. */
        REPURGE(3);

        private final double times;

        TrialCost(double times) {
            this.times = times;
        }

        double times() {
            return times;
        }

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "reading.cost." + name();
        }
    }

    /**
     * What telling decides.
     *
     * @param question asked
     * @param value    that makes the cause certain
     * @param not      any value but this one makes it certain
     * @param soft     other values only lower it
     */
    public record Answer(String question, String value, boolean not, boolean soft) {

        static Optional<Answer> of(String text) {
            if (text.isEmpty()) {
                return Optional.empty();
            }
            boolean not = text.contains("!=");
            boolean soft = text.contains("=~");
            String[] parts = text.split("!=|=~|=");
            return Optional.of(new Answer(parts[0], parts[1], not, soft));
        }

        /** What was given speaks for the cause. */
        boolean speaksFor(String answer) {
            return not != answer.equals(value);
        }
    }

    private static final Map<String, Double> PRIORS = Map.of("COMMON", 2.0, "USUAL", 1.0, "RARE", 0.3);
    private static final Map<String, Cause> ALL = read();

    private static Map<String, Cause> read() {
        Map<String, Cause> all = new LinkedHashMap<>();
        for (Table.Row row :
                Table.read("reading-causes.csv", Set.of("id", "prior", "figure", "side", "told", "cost", "group"))) {
            Double prior = PRIORS.get(row.text("prior"));
            if (prior == null) {
                throw new IllegalStateException("no such prior: " + row.text("prior"));
            }
            String side = row.optional("side");
            Cause cause = new Cause(
                    row.text("id"),
                    prior,
                    ParameterKey.named(row.optional("figure")),
                    side.isEmpty() ? RangeSide.NONE : RangeSide.valueOf(side),
                    Answer.of(row.optional("told")),
                    TrialCost.valueOf(row.text("cost")),
                    row.text("group"));
            all.put(cause.id(), cause);
        }
        return all;
    }

    /** {@return every cause, in the order of the table} */
    public static List<Cause> all() {
        return List.copyOf(ALL.values());
    }

    /**
     * {@return the cause with an id; empty if there is none}
     *
     * @param id the id
     */
    public static Optional<Cause> named(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "cause." + id;
    }
}
