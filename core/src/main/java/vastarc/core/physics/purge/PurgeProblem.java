package vastarc.core.physics.purge;

import java.util.List;
import vastarc.core.base.units.Quantity;

/**
 * What prevents a purge, or makes it longer than it need be.
 *
 * @param kind    what it is
 * @param figures its numbers, in the order in which its sentence names them
 */
public record PurgeProblem(PurgeProblemKind kind, List<Quantity> figures) {

    /** Kinds of problems. Its sentence: {@link #words()}. */
    public enum PurgeProblemKind {
        /** The argon has more oxygen than the target: both, ppm. */
        ARGON("argon"),
        /** The leak keeps the oxygen above the target: floor and target, ppm. */
        LEAK("leak"),
        /** Argon comes in high or air leaves low. */
        ENDS("ends"),
        /** The stream mixes instead of filling from below. */
        FAST("fast"),
        /** Against the leak more flow is needed than the root bears at this vent: both, L/min. */
        LEAK_OR_VENT("leakOrVent"),
        /** The vent is too small: the most the root bears, L/min. */
        VENT("vent"),
        /** More than sixty volume changes. */
        LONG("long"),
        /** The gap round a plug is wide for its flow. */
        PLUG("plug"),
        /** The ends of a plug are too far from the joint: how far they may be, mm. */
        PLUG_FAR("plugFar");

        private final String code;

        PurgeProblemKind(String code) {
            this.code = code;
        }

        /** {@return the key of its sentence in {@code words.properties}} */
        public String words() {
            return "purge.problem." + code;
        }
    }

    /** Copies its collections, so that it cannot change. */
    public PurgeProblem {
        figures = List.copyOf(figures);
    }

    static PurgeProblem of(PurgeProblemKind kind, Quantity... figures) {
        return new PurgeProblem(kind, List.of(figures));
    }
}
