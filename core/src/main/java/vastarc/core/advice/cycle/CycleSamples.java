package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.validation.Problem;

/** A weld cycle read off at even steps of time. */
public final class CycleSamples {

    /** Shortest and longest step, s. */
    public static final double SHORTEST_S = 0.0005;

    /** The longest step between two samples, s. */
    public static final double LONGEST_S = 60;

    private static final int MOST = 200_000;

    private CycleSamples() {}

    /**
     * {@return what is wrong with a step; empty where it can be used}
     *
     * @param timeline the cycle timeline
     * @param stepS step in time, s
     */
    public static Optional<Problem> problem(CycleTimeline timeline, double stepS) {
        if (!(stepS >= SHORTEST_S && stepS <= LONGEST_S)) {
            return Optional.of(Problem.badValue("stepS", "sampleStep", stepS, SHORTEST_S, LONGEST_S));
        }
        double least = timeline.lengthS() / MOST;
        return stepS < least
                ? Optional.of(
                        Problem.badValue("stepS", "sampleCount", MOST, Quantity.seconds(timeline.lengthS()), least))
                : Optional.empty();
    }

    /**
     * From 0 s to the end, both included.
     *
     * @param timeline the cycle timeline
     * @param stepS step in time, s
     * @return the machine states
     */
    public static List<MachineState> of(CycleTimeline timeline, double stepS) {
        List<MachineState> moments = new ArrayList<>();
        double length = timeline.lengthS();
        for (int i = 0; i * stepS < length; i++) {
            moments.add(timeline.at(i * stepS));
        }
        moments.add(timeline.at(length));
        return moments;
    }
}
