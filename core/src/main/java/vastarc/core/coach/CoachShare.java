package vastarc.core.coach;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.distribution.continuous.BetaDistribution;
import vastarc.core.base.numerics.OrderStatistics;

/**
 * How runs welded with the coach came out beside runs without it. It compares and proves nothing: whoever chooses the coach may weld differently anyway.
 *
 * @param with    runs in which it was heard
 * @param without the others
 */
public record CoachShare(RunGroup with, RunGroup without) {

    /**
     * A run that was closed.
     *
     * @param coached whether the coach was heard in it
     * @param accepted whether it was accepted; empty where nobody judged it
     * @param pace    travel over the planned travel; empty where it was not measured
     */
    public record ClosedRun(boolean coached, Optional<Boolean> accepted, OptionalDouble pace) {}

    /**
     * Some runs together.
     *
     * @param runs     closed
     * @param judged   of these
     * @param accepted of the judged
     * @param chance   share accepted with how sure it is; empty where none was judged
     * @param paceOff  middle of how far travel lay off the planned one, as a share of it; empty where none was measured
     */
    public record RunGroup(
            int runs, int judged, int accepted, Optional<AcceptedShare> chance, OptionalDouble paceOff) {}

    /**
     * A share, 0 to 1, and where it lies with a chance of nine in ten: Jeffreys' interval [textbook].
     *
     * @param share accepted over judged
     * @param low   from
     * @param high  to
     */
    public record AcceptedShare(double share, double low, double high) {

        private static final double TAIL = 0.05;
        private static final double PRIOR = 0.5;

        static AcceptedShare of(int accepted, int judged) {
            BetaDistribution chance = new BetaDistribution(accepted + PRIOR, judged - accepted + PRIOR);
            return new AcceptedShare(
                    accepted / (double) judged,
                    accepted == 0 ? 0 : chance.inverseCumulativeProbability(TAIL),
                    accepted == judged ? 1 : chance.inverseCumulativeProbability(1 - TAIL));
        }
    }

    /**
     * {@return both groups}
     *
     * @param runs closed ones, in any order
     */
    public static CoachShare of(List<ClosedRun> runs) {
        return new CoachShare(
                group(runs.stream().filter(ClosedRun::coached).toList()),
                group(runs.stream().filter(run -> !run.coached()).toList()));
    }

    private static RunGroup group(List<ClosedRun> runs) {
        List<Boolean> judged =
                runs.stream().flatMap(run -> run.accepted().stream()).toList();
        int accepted = (int) judged.stream().filter(good -> good).count();
        double[] off = runs.stream()
                .filter(run -> run.pace().isPresent())
                .mapToDouble(run -> Math.abs(run.pace().getAsDouble() - 1))
                .toArray();
        return new RunGroup(
                runs.size(),
                judged.size(),
                accepted,
                judged.isEmpty() ? Optional.empty() : Optional.of(AcceptedShare.of(accepted, judged.size())),
                off.length == 0 ? OptionalDouble.empty() : OptionalDouble.of(OrderStatistics.median(off)));
    }
}
