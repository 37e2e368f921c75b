package vastarc.web.logbook;

import java.awt.Color;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.SplittableRandom;
import java.util.UUID;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.core.coach.Cue;
import vastarc.core.coach.HeardCoach;
import vastarc.core.coach.HeardCoach.HeardCue;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.core.record.weldlog.SyntheticRecording;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;
import vastarc.web.request.ClosingForm;
import vastarc.web.service.RunClosings;
import vastarc.web.service.RunSetups;
import vastarc.web.store.DemoPart;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph.PhotographKind;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;

/**
 * Two months of the demo shop's logbook: the dial of one machine drifts upwards, and a welder that began slow and let go early gets faster.
 * The traces are those of a simulated welder; the shop, its welders and its machines are invented.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 1)
class DemoRuns implements DemoPart {

    private static final int RUNS = 40;

    /** The job that is welded again and again: enough runs of one joint on one machine for its map to say something. */
    private static final String SERIES = "Stilling tube – girth joint";

    private static final int DAYS = 60;
    private static final int PHOTOGRAPHED = 6;
    private static final double DEMO_BEAD_MM = 6.2;
    private static final double WIDER_MM = 0.12;
    private static final Color STRAW = new Color(214, 170, 84);
    private static final Color GREY = new Color(92, 92, 92);
    private static final double DRIFT = 0.13;
    private static final double SLOW_AT_FIRST = 1.45;

    /** No hand goes as fast on one day as on the next. */
    private static final double UNEVEN = 0.06;

    private static final List<String> WELDERS = List.of("Ansa", "Korvin");

    private final JobStore jobs;
    private final WeldRunQueries runs;
    private final RunSetups setups;
    private final RunClosings closings;
    private final PhotoStore photos;
    private final Clock clock;

    DemoRuns(
            JobStore jobs,
            WeldRunQueries runs,
            RunSetups setups,
            RunClosings closings,
            PhotoStore photos,
            Clock clock) {
        this.jobs = jobs;
        this.runs = runs;
        this.setups = setups;
        this.closings = closings;
        this.photos = photos;
        this.clock = clock;
    }

    @Override
    public boolean isBare() {
        return runs.count() == 0;
    }

    @Override
    public void lay() {
        List<Job> bench = jobs.newest(10);
        if (bench.isEmpty()) {
            return;
        }
        Instant first = clock.instant()
                .atZone(ZoneOffset.UTC)
                .toLocalDate()
                .minusDays(DAYS)
                .atTime(8, 10)
                .toInstant(ZoneOffset.UTC);
        for (int i = 0; i < RUNS; i++) {
            Job job = welded(bench, i);
            Instant at = first.plus(Duration.ofDays((long) i * DAYS / RUNS)).plus(Duration.ofMinutes(37L * (i % 11)));
            int number = i;
            setups.of(job, OptionalInt.empty()).value().ifPresent(setup -> weld(number, job, setup, at));
        }
    }

    /** Of eight runs, the newest first, five are of the series; the other jobs take turns in between. */
    private static Job welded(List<Job> bench, int i) {
        List<Job> series =
                bench.stream().filter(job -> job.name().equals(SERIES)).toList();
        List<Job> others =
                bench.stream().filter(job -> !job.name().equals(SERIES)).toList();
        int older = RUNS - 1 - i;
        int turn = older / 8 * 3 + older % 8 / 3;
        boolean other = older % 8 % 3 == 0 && !others.isEmpty() || series.isEmpty();
        return other ? others.get(turn % others.size()) : series.get(0);
    }

    private void weld(int i, Job job, RunSetups.Setup setup, Instant at) {
        double gone = i / (double) (RUNS - 1);
        boolean learner = i % 3 != 0;
        SplittableRandom random = new SplittableRandom(40 + i);
        OperatorFault fault = learner && gone < 0.45 && i % 2 == 0
                ? OperatorFault.EARLY_RELEASE
                : i == RUNS - 6 ? OperatorFault.GAS_SHUT_EARLY : OperatorFault.NONE;
        Recording recording = asMeasured(
                SyntheticRecording.weld(setup.score(), fault, 100 + i),
                1 + DRIFT * gone * gone,
                (learner ? slow(gone) : 1) * (1 + UNEVEN * random.nextDouble(-1, 1)));
        CompleteRun whole = setups.whole(job, setup, WELDERS.get(learner ? 1 : 0), recording, at);
        runs.take(whole);
        boolean good = fault == OperatorFault.NONE && (gone < 0.85 || random.nextDouble() < 0.6);
        closings.close(
                whole.id(),
                new ClosingForm(
                        WELDERS.get(learner ? 1 : 0),
                        OptionalDouble.of(setup.plannedMm()),
                        OptionalDouble.empty(),
                        good ? RunVerdict.GOOD : RunVerdict.FAULTY,
                        note(fault, gone),
                        learner && gone > 0.5 ? Optional.of(heard(setup, whole)) : Optional.empty()));
        if (i >= RUNS - PHOTOGRAPHED) {
            photograph(whole.id(), i, learner, fault);
        }
    }

    /** From the middle of the two months on the learner welds with the coach. */
    private static HeardCoach heard(RunSetups.Setup setup, CompleteRun whole) {
        double strikeS = whole.events().stream()
                .filter(event -> event.kind() == EventKind.ARC_ON)
                .mapToDouble(RunEvent::atS)
                .findFirst()
                .orElse(0);
        double laterS = strikeS - Coach.strikeS(setup.score());
        List<Cue> cues = Coach.planned(setup.score(), CoachLevel.PACE, OptionalDouble.of(setup.perS()));
        return new HeardCoach(
                CoachLevel.PACE,
                (int) cues.stream().filter(cue -> cue.kind().isBeat()).count(),
                cues.stream()
                        .filter(cue -> !cue.kind().isBeat())
                        .map(cue -> new HeardCue(Math.max(0, cue.s() + laterS), cue.kind()))
                        .toList());
    }

    /** The learner's ripples are uneven, and the dial that gives more and more makes wider beads. */
    private void photograph(UUID run, int i, boolean learner, OperatorFault fault) {
        try {
            Color tint = fault == OperatorFault.GAS_SHUT_EARLY ? GREY : STRAW;
            double widthMm = DEMO_BEAD_MM + (i - RUNS + PHOTOGRAPHED) * WIDER_MM;
            photos.keep(run, PhotographKind.BEAD, DemoPhoto.of(tint, widthMm, learner ? 0.2 : 1, 90 + i));
        } catch (IOException undrawn) {
            throw new UncheckedIOException(undrawn);
        }
    }

    private static double slow(double gone) {
        return 1 + (SLOW_AT_FIRST - 1) * Math.max(0, 1 - 1.6 * gone);
    }

    private static String note(OperatorFault fault, double gone) {
        return switch (fault) {
            case EARLY_RELEASE -> "Let go too early, crater ground out.";
            case GAS_SHUT_EARLY -> "Bottle shut while still glowing; grey end.";
            default -> gone > 0.8 ? "Bead a little wide; dial as always." : "";
        };
    }

    /** The same weld with a dial that gives more than it says, and a welder that takes its time. */
    private static Recording asMeasured(Recording recording, double more, double slower) {
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        recording.channels().forEach((kind, channel) -> {
            double[] s = new double[channel.size()];
            double[] value = new double[channel.size()];
            for (int i = 0; i < s.length; i++) {
                s[i] = channel.s(i) * slower;
                value[i] = channel.value(i) * (kind == MeasuredQuantity.CURRENT ? more : 1);
            }
            channels.put(kind, Channel.of(s, value));
        });
        return new Recording(channels);
    }
}
