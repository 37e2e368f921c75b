package vastarc.web.kept.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import vastarc.core.plan.SheetDocument;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.run.Booth;
import vastarc.core.run.Channel;
import vastarc.core.run.Measured;
import vastarc.core.run.RunEvent;
import vastarc.core.run.Trace;
import vastarc.core.run.Verdict;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.Retrying;
import vastarc.web.kept.document.Document;

/** Keeps runs: every event and every reading as it comes. A job has at most one run under way. */
@Service
public class RunStore {

    /** Events of one run; nobody taps more. */
    public static final int MOST_EVENTS = 2000;

    private final RunRepository runs;
    private final RunData data;
    private final Retrying retrying;
    private final Clock clock;

    RunStore(RunRepository runs, RunData data, Retrying retrying, Clock clock) {
        this.runs = runs;
        this.data = data;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** A run with its events. */
    public record Under(Run run, List<RunEvent> events) {

        /** Seconds of the run at a moment. */
        public double s(Instant at) {
            return Duration.between(run.startedAt(), at).toMillis() / 1000.0;
        }
    }

    /**
     * Begins a run of a job; the one that is under way already, where there is one. Booths that begin at the same moment begin one: no other
     * program has the shop open, so that one after the other is enough.
     */
    public synchronized Under begin(RunHead head, SheetDocument sheet, Function<UUID, RunRecord> record) {
        return retrying.inTransaction(() -> {
            Optional<Run> open = head.job().flatMap(this::open);
            Run run = open.orElseGet(() -> {
                Run fresh = runs.saveAndFlush(new Run(UUID.randomUUID(), head, clock.instant()));
                data.put(fresh.id(), Document.of(RunRecord.FORMAT, record.apply(data.put(sheet))));
                return fresh;
            });
            return new Under(run, data.events(run.id()));
        });
    }

    private Optional<Run> open(UUID job) {
        return runs.findFirstByJobIdAndEndedAtIsNullOrderByStartedAtDesc(job);
    }

    /** The run of a job that is under way, or was interrupted. */
    public Optional<Under> underWay(UUID job) {
        return open(job).map(run -> new Under(run, data.events(run.id())));
    }

    /** Runs that are under way, or were interrupted; the newest first. */
    public List<Run> underWay() {
        return runs.findTop20ByEndedAtIsNullOrderByStartedAtDesc();
    }

    /** Runs closed after a moment, the last first; at most twenty. */
    public List<Run> closedAfter(Instant moment) {
        return runs.findTop20ByEndedAtAfterOrderByEndedAtDesc(moment);
    }

    /** Runs under way that listen to a meter. */
    public List<Run> listening(String meter) {
        return runs.findByMeterAndEndedAtIsNull(meter);
    }

    public Optional<Run> find(UUID id) {
        return runs.findById(id);
    }

    public List<RunEvent> events(UUID id) {
        return data.events(id);
    }

    public Trace trace(UUID id) {
        return data.trace(id);
    }

    public Optional<Document<RunRecord>> record(UUID id) {
        return data.record(id);
    }

    public Optional<Document<SheetDocument>> sheet(RunRecord record) {
        return data.sheet(record.sheet());
    }

    /**
     * Something happened. What does not fit, such as an arc struck while one burns, is left.
     *
     * @return the run afterwards; empty where it is closed, or there is none
     */
    public Optional<Under> happened(UUID id, RunEvent.Kind kind, Instant at) {
        return retrying.inTransaction(() -> open(runs.findById(id)).map(run -> {
            List<RunEvent> before = data.events(id);
            if (Booth.fits(before, kind) && before.size() < MOST_EVENTS) {
                double last =
                        before.isEmpty() ? 0 : before.get(before.size() - 1).atS();
                data.add(id, new RunEvent(Math.max(last, new Under(run, before).s(at)), kind));
            }
            return new Under(run, data.events(id));
        }));
    }

    private static Optional<Run> open(Optional<Run> run) {
        return run.filter(one -> one.endedAt().isEmpty());
    }

    /** Readings of a run under way; beyond what a trace may hold they are left. */
    public void heard(UUID id, Map<Measured, Channel> readings, boolean simulated) {
        retrying.inTransaction(() -> {
            open(runs.findById(id)).ifPresent(run -> {
                readings.forEach((kind, channel) -> {
                    if (data.count(id, kind) + channel.size() <= Trace.MOST) {
                        data.add(id, kind, channel);
                    }
                });
                if (simulated && !run.head().simulated()) {
                    run.simulate();
                    runs.saveAndFlush(run);
                }
            });
            return id;
        });
    }

    /** Readings that come afterwards, in place of those there were. */
    public void read(UUID id, Trace trace) {
        retrying.inTransaction(() -> {
            data.forgetReadings(id);
            trace.channels().forEach((kind, channel) -> data.add(id, kind, channel));
            return id;
        });
    }

    /** The run listens to another meter; to none where its name is empty. */
    public void listen(UUID id, String meter) {
        edit(id, run -> run.listenTo(meter));
    }

    private Optional<Run> edit(UUID id, Consumer<Run> change) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            change.accept(run);
            return runs.saveAndFlush(run);
        }));
    }

    /** What a run is closed with. */
    public record Closing(String hand, Verdict verdict, String note, RunFigures figures, RunRecord.Outcome outcome) {}

    /**
     * What became of words about a run.
     *
     * @param run  afterwards
     * @param came what happened to the words
     */
    public record Heard(Run run, Came came) {

        /** They stand; they were added to the note of a run that somebody had judged meanwhile; there was no room for that, and nothing changed. */
        public enum Came {
            TAKEN,
            ADDED,
            NO_ROOM
        }
    }

    /**
     * Closes a run, or changes what it was closed with; an arc that still burns goes out with it.
     *
     * @param asShown whether a run is still as it was when the words were written; where it is not, they are added to its note
     */
    public Optional<Heard> close(UUID id, Predicate<Run> asShown, Closing closing) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            if (!asShown.test(run)) {
                return added(run, closing.verdict(), closing.hand(), closing.note());
            }
            Instant end = run.endedAt().orElseGet(clock::instant);
            List<RunEvent> events = data.events(id);
            if (Booth.burning(events)) {
                data.add(id, new RunEvent(new Under(run, events).s(end), RunEvent.Kind.ARC_OFF));
            }
            run.end(end, closing.verdict(), closing.hand());
            run.measure(closing.figures(), closing.note());
            data.record(id)
                    .flatMap(Document::value)
                    .ifPresent(record -> data.put(id, Document.of(RunRecord.FORMAT, record.with(closing.outcome()))));
            return new Heard(runs.saveAndFlush(run), Heard.Came.TAKEN);
        }));
    }

    /** Judges a run of which nothing else is known; as {@link #close} where it is no longer as it was shown. */
    public Optional<Heard> judge(UUID id, Predicate<Run> asShown, Verdict verdict, String hand, String note) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            if (!asShown.test(run)) {
                return added(run, verdict, hand, note);
            }
            run.judge(verdict, hand);
            run.measure(run.figures(), note);
            return new Heard(runs.saveAndFlush(run), Heard.Came.TAKEN);
        }));
    }

    private Heard added(Run run, Verdict verdict, String hand, String note) {
        boolean same = run.verdict() == verdict
                && run.head().hand().equals(hand)
                && run.note().equals(note);
        if (same) {
            return new Heard(run, Heard.Came.TAKEN);
        }
        String words = String.join(
                " · ",
                Stream.of(
                                "In another window: " + Phrasebook.say(Phrase.of(verdict.words()), UnitSystem.METRIC),
                                hand,
                                note.equals(run.note()) ? "" : note)
                        .filter(said -> !said.isEmpty())
                        .toList());
        String both = run.note().isEmpty() ? words : run.note() + "\n" + words;
        if (both.length() > RunRecord.MAX_NOTE) {
            return new Heard(run, Heard.Came.NO_ROOM);
        }
        run.measure(run.figures(), both);
        return new Heard(runs.saveAndFlush(run), Heard.Came.ADDED);
    }

    /** Judges a run; who welded it and what was noted stay. */
    public Optional<Run> judge(UUID id, Verdict verdict) {
        return edit(id, run -> run.judge(verdict, run.head().hand()));
    }

    /** Forgets a run with all that belongs to it. */
    public void forget(UUID id) {
        retrying.inTransaction(() -> {
            runs.findById(id).ifPresent(run -> {
                data.forget(id);
                runs.delete(run);
            });
            return id;
        });
    }
}
