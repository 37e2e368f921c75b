package vastarc.web.logbook;

import java.util.List;
import java.util.Optional;
import vastarc.core.coach.CoachShare;
import vastarc.core.coach.CoachShare.AcceptedShare;
import vastarc.core.coach.CoachShare.ClosedRun;
import vastarc.core.coach.CoachShare.RunGroup;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.run.WeldRun;

/**
 * Runs with the coach, or without it, as the trends show them.
 *
 * @param coached  whether it was heard
 * @param runs     closed
 * @param judged   of these
 * @param accepted of the judged
 * @param share    accepted, %; empty where none was judged
 * @param low      where that lies with a chance of nine in ten: from, %
 * @param high     to, %
 * @param paceOff  how far travel lay off the planned one in the middle run, %; empty where it was not measured
 */
record CoachedRuns(
        boolean coached, int runs, int judged, int accepted, String share, String low, String high, String paceOff) {

    /** Both groups, those with the coach first; none where no run had it. */
    static List<CoachedRuns> of(List<WeldRun> runs) {
        CoachShare share = CoachShare.of(runs.stream().map(CoachedRuns::closed).toList());
        return share.with().runs() == 0 ? List.of() : List.of(of(true, share.with()), of(false, share.without()));
    }

    private static ClosedRun closed(WeldRun run) {
        return new ClosedRun(
                run.head().coach().isPresent(),
                run.verdict() == RunVerdict.UNJUDGED ? Optional.empty() : Optional.of(run.verdict() == RunVerdict.GOOD),
                Trends.travelRatio(run));
    }

    private static CoachedRuns of(boolean coached, RunGroup group) {
        Optional<AcceptedShare> chance = group.chance();
        return new CoachedRuns(
                coached,
                group.runs(),
                group.judged(),
                group.accepted(),
                chance.map(share -> percent(share.share())).orElse(""),
                chance.map(share -> percent(share.low())).orElse(""),
                chance.map(share -> percent(share.high())).orElse(""),
                group.paceOff().isPresent() ? percent(group.paceOff().getAsDouble()) : "");
    }

    private static String percent(double share) {
        return String.valueOf(Math.round(100 * share));
    }
}
