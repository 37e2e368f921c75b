package vastarc.web.store.run;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.coach.CoachLevel;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.VersionedEntity;

/** A run in the logbook: what it is searched and counted by. */
@Entity
@Table(name = "run")
public class WeldRun extends VersionedEntity {

    /** Longest name of a welder, characters. */
    public static final int MAX_HAND = 60;
    /** Longest name of a meter, characters. */
    public static final int MAX_METER = 60;

    private static final int MAX_CODE = 40;
    private static final int MAX_NAME = 120;
    private static final int MAX_MACHINE = 160;
    private static final int MAX_WORDS = 2600;

    @Column(name = "job_id")
    private @Nullable UUID jobId;

    @Column(name = "job_name")
    private String jobName;

    @Column(name = "started_at")
    private Instant startedAt;

    @Column(name = "ended_at")
    private @Nullable Instant endedAt;

    private WeldedJoint welded;

    @Column(name = "machine_id")
    private @Nullable UUID machineId;

    @Column(name = "machine_name")
    private String machineName;

    private String hand;
    private String coach = "";
    private String meter;

    @Enumerated(EnumType.STRING)
    private RunVerdict verdict;

    private boolean simulated;

    @Column(name = "current_a")
    private @Nullable Double currentA;

    private PlannedFigures planned;

    private @Nullable Double travel;
    private @Nullable Double heat;

    @Column(name = "gas_l")
    private @Nullable Double gasL;

    @Column(name = "arc_s")
    private double arcS;

    @Column(name = "seam_mm")
    private @Nullable Double seamMm;

    private int findings;
    private String note;
    private String words;

    protected WeldRun() {}

    WeldRun(UUID id, RunHead head, Instant startedAt) {
        super(id);
        restore(head);
        this.startedAt = startedAt;
        this.verdict = RunVerdict.UNJUDGED;
        measure(RunFigures.none(), "");
    }

    final void restore(RunHead head) {
        jobId = head.job().orElse(null);
        jobName = cut(head.jobName(), MAX_NAME);
        welded = new WeldedJoint(
                cut(head.welded().material(), MAX_CODE),
                cut(head.welded().joint(), MAX_CODE),
                cut(head.welded().position(), MAX_CODE),
                head.welded().thicknessMm());
        machineId = head.machine().orElse(null);
        machineName = cut(head.machineName(), MAX_MACHINE);
        hand = cut(head.hand(), MAX_HAND);
        coach = head.coach().map(CoachLevel::name).orElse("");
        meter = cut(head.meter(), MAX_METER);
        simulated = head.simulated();
        planned = head.planned();
    }

    final void measure(RunFigures figures, String text) {
        note = cut(text, RunRecord.MAX_NOTE);
        seamMm = boxed(figures.seamMm());
        currentA = boxed(figures.currentA());
        travel = boxed(figures.travel());
        heat = boxed(figures.heat());
        gasL = boxed(figures.gasL());
        arcS = figures.arcS();
        findings = figures.findings();
        words = cut(String.join(" ", jobName, machineName, hand, meter, note).toLowerCase(Locale.ROOT), MAX_WORDS);
    }

    private static @Nullable Double boxed(OptionalDouble figure) {
        return figure.isPresent() ? figure.getAsDouble() : null;
    }

    private static OptionalDouble unboxed(@Nullable Double figure) {
        return figure == null ? OptionalDouble.empty() : OptionalDouble.of(figure);
    }

    static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    void listenTo(String other) {
        meter = cut(other, MAX_METER);
    }

    void simulate() {
        simulated = true;
    }

    void end(Instant at, RunVerdict judged, String who) {
        endedAt = at;
        verdict = judged;
        hand = cut(who, MAX_HAND);
    }

    /** The coach was heard in it. */
    void hear(CoachLevel level) {
        coach = level.name();
    }

    void judge(RunVerdict judged, String who) {
        verdict = judged;
        hand = cut(who, MAX_HAND);
    }

    /** {@return what it is found by} */
    public RunHead head() {
        return new RunHead(
                Optional.ofNullable(jobId),
                jobName,
                welded,
                Optional.ofNullable(machineId),
                machineName,
                hand,
                Arrays.stream(CoachLevel.values())
                        .filter(level -> level.name().equals(coach))
                        .findFirst(),
                meter,
                simulated,
                planned);
    }

    /** {@return what was measured} */
    public RunFigures figures() {
        return new RunFigures(
                unboxed(currentA), unboxed(travel), unboxed(heat), unboxed(gasL), arcS, unboxed(seamMm), findings);
    }

    /** {@return when it was started} */
    public Instant startedAt() {
        return startedAt;
    }

    /** {@return when it was closed; empty while it is under way, or was interrupted} */
    public Optional<Instant> endedAt() {
        return Optional.ofNullable(endedAt);
    }

    /** {@return what the welder noted} */
    public String note() {
        return note;
    }

    /** {@return how it was judged; empty where it was not} */
    public RunVerdict verdict() {
        return verdict;
    }
}
