package vastarc.web.bench;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sequence.RemainingHeat;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Pieces on the bench that are still hot from a run, by the sheet's cooling; the page counts down. */
@Component
class HotAssemblies {

    private final WeldRunService runs;
    private final JobStore jobs;
    private final JobPlanner planner;
    private final Clock clock;

    HotAssemblies(WeldRunService runs, JobStore jobs, JobPlanner planner, Clock clock) {
        this.runs = runs;
        this.jobs = jobs;
        this.planner = planner;
        this.clock = clock;
    }

    /**
     * A piece still hot.
     *
     * @param passLeftS  until another pass may be welded; 0 where none comes, or it may
     * @param touchLeftS until it is safe to touch
     */
    public record HotAssembly(String id, String name, double passLeftS, double touchLeftS) {}

    /** Every job once, by its last arc; those that cool longest last. */
    List<HotAssembly> pieces() {
        Instant now = clock.instant();
        List<WeldRun> recent = new ArrayList<>(runs.openRun());
        recent.addAll(runs.closedAfter(now.minus(Duration.ofSeconds((long) RemainingHeat.LONGEST_S))));
        Map<UUID, Instant> ends = new LinkedHashMap<>();
        for (WeldRun run : recent) {
            Optional<Instant> end = lastArcEnd(run);
            run.head()
                    .job()
                    .ifPresent(job -> end.ifPresent(
                            at -> ends.merge(job, at, (instant, other) -> instant.isAfter(other) ? instant : other)));
        }
        return ends.entrySet().stream()
                .flatMap(end -> jobs
                        .onBench(end.getKey())
                        .filter(job -> job.document().isReadable())
                        .flatMap(job -> piece(job, end.getValue(), now))
                        .stream())
                .sorted((hotAssembly, other) -> Double.compare(hotAssembly.touchLeftS(), other.touchLeftS()))
                .toList();
    }

    private Optional<Instant> lastArcEnd(WeldRun run) {
        List<RunEvent> events = runs.events(run.id());
        for (int i = events.size() - 1; i >= 0; i--) {
            if (events.get(i).kind() == EventKind.ARC_OFF) {
                return Optional.of(run.startedAt()
                        .plusMillis(Math.round(1000 * events.get(i).atS())));
            }
        }
        return Optional.empty();
    }

    private Optional<HotAssembly> piece(Job job, Instant end, Instant now) {
        double gone = Duration.between(end, now).toMillis() / 1000.0;
        return planner.plan(job)
                .sheet()
                .value()
                .map(sheet -> RemainingHeat.of(sheet, PhysicalConstants.ROOM_C))
                .filter(cooled -> gone < cooled.touchS())
                .map(cooled -> new HotAssembly(
                        job.id().toString(), job.name(), Math.max(0, cooled.passS() - gone), cooled.touchS() - gone));
    }
}
