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
import vastarc.core.route.HeatLeft;
import vastarc.core.run.RunEvent;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunStore;
import vastarc.web.request.JobPlanner;

/** Pieces on the bench that are still hot from a run, by the sheet's cooling; the page counts down. */
@Component
class Cooling {

    private static final double ROOM_C = 20;

    private final RunStore runs;
    private final JobStore jobs;
    private final JobPlanner planner;
    private final Clock clock;

    Cooling(RunStore runs, JobStore jobs, JobPlanner planner, Clock clock) {
        this.runs = runs;
        this.jobs = jobs;
        this.planner = planner;
        this.clock = clock;
    }

    /**
     * A piece still hot.
     *
     * @param passLeftS  until another pass may be laid; 0 where none comes, or it may
     * @param touchLeftS until a bare hand bears it
     */
    public record Piece(String id, String name, double passLeftS, double touchLeftS) {}

    /** Every job once, by its last arc; those that cool longest last. */
    List<Piece> pieces() {
        Instant now = clock.instant();
        List<Run> recent = new ArrayList<>(runs.underWay());
        recent.addAll(runs.closedAfter(now.minus(Duration.ofSeconds((long) HeatLeft.LONGEST_S))));
        Map<UUID, Instant> ends = new LinkedHashMap<>();
        for (Run run : recent) {
            Optional<Instant> end = lastArcEnd(run);
            run.head()
                    .job()
                    .ifPresent(job ->
                            end.ifPresent(at -> ends.merge(job, at, (one, other) -> one.isAfter(other) ? one : other)));
        }
        return ends.entrySet().stream()
                .flatMap(end -> jobs
                        .onBench(end.getKey())
                        .filter(job -> job.document().isReadable())
                        .flatMap(job -> piece(job, end.getValue(), now))
                        .stream())
                .sorted((one, other) -> Double.compare(one.touchLeftS(), other.touchLeftS()))
                .toList();
    }

    private Optional<Instant> lastArcEnd(Run run) {
        List<RunEvent> events = runs.events(run.id());
        for (int i = events.size() - 1; i >= 0; i--) {
            if (events.get(i).kind() == RunEvent.Kind.ARC_OFF) {
                return Optional.of(run.startedAt()
                        .plusMillis(Math.round(1000 * events.get(i).atS())));
            }
        }
        return Optional.empty();
    }

    private Optional<Piece> piece(Job job, Instant end, Instant now) {
        double gone = Duration.between(end, now).toMillis() / 1000.0;
        return planner.plan(job)
                .sheet()
                .value()
                .map(sheet -> HeatLeft.of(sheet, ROOM_C))
                .filter(cooled -> gone < cooled.touchS())
                .map(cooled -> new Piece(
                        job.id().toString(), job.name(), Math.max(0, cooled.passS() - gone), cooled.touchS() - gone));
    }
}
