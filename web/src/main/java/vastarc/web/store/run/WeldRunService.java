package vastarc.web.store.run;

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
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.HeardCoach;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunState;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.document.Document;

/** Stores runs: every event and every reading as it comes. A job has at most one run under way. */
@Service
public class WeldRunService {

    /** Events of one run; nobody taps more. */
    public static final int MOST_EVENTS = 2000;

    private final WeldRunRepository runs;
    private final WeldRunData data;
    private final TransactionRetry retrying;
    private final Clock clock;

    WeldRunService(WeldRunRepository runs, WeldRunData data, TransactionRetry retrying, Clock clock) {
        this.runs = runs;
        this.data = data;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** A run with its events. */
    public record OpenRun(WeldRun run, List<RunEvent> events) {

        /**
         * {@return seconds of the run at a moment}
         *
         * @param at the time
         */
        public double s(Instant at) {
            return Duration.between(run.startedAt(), at).toMillis() / 1000.0;
        }
    }

    /**
     * Begins a run of a job; the one that is under way already, where there is one. Booths that begin at the same
     * moment begin one: no other program has the shop open, so that one after the other is enough.
     *
     * @param head what identifies the run
     * @param sheet the sheet
     * @param record makes the record of the run with an id
     * @return the open run
     */
    public OpenRun begin(RunHead head, SheetDocument sheet, Function<UUID, RunRecord> record) {
        return begin(head, sheet, record, clock.instant());
    }

    /**
     * Begins a run as {@link #begin(RunHead, SheetDocument, Function)} does, at another time than now.
     *
     * @param head what identifies the run
     * @param sheet the sheet
     * @param record makes the record of the run with an id
     * @param at when it began
     * @return the open run
     */
    public synchronized OpenRun begin(RunHead head, SheetDocument sheet, Function<UUID, RunRecord> record, Instant at) {
        return retrying.inTransaction(() -> {
            Optional<WeldRun> open = head.job().flatMap(this::open);
            WeldRun run = open.orElseGet(() -> {
                WeldRun fresh = runs.saveAndFlush(new WeldRun(UUID.randomUUID(), head, at));
                data.put(fresh.id(), Document.of(RunRecord.FORMAT, record.apply(data.put(sheet))));
                return fresh;
            });
            return new OpenRun(run, data.events(run.id()));
        });
    }

    private Optional<WeldRun> open(UUID job) {
        return runs.findFirstByJobIdAndEndedAtIsNullOrderByStartedAtDesc(job);
    }

    /**
     * {@return the run of a job that is under way, or was interrupted}
     *
     * @param job id of the job
     */
    public Optional<OpenRun> openRun(UUID job) {
        return open(job).map(run -> new OpenRun(run, data.events(run.id())));
    }

    /** {@return runs that are under way, or were interrupted; the newest first} */
    public List<WeldRun> openRun() {
        return runs.findTop20ByEndedAtIsNullOrderByStartedAtDesc();
    }

    /**
     * {@return runs closed after a moment, the last first; at most twenty}
     *
     * @param moment the time
     */
    public List<WeldRun> closedAfter(Instant moment) {
        return runs.findTop20ByEndedAtAfterOrderByEndedAtDesc(moment);
    }

    /**
     * {@return runs under way that listen to a meter}
     *
     * @param meter name of the meter
     */
    public List<WeldRun> listening(String meter) {
        return runs.findByMeterAndEndedAtIsNull(meter);
    }

    /**
     * {@return the run with an id; empty if there is none}
     *
     * @param id the id
     */
    public Optional<WeldRun> find(UUID id) {
        return runs.findById(id);
    }

    /**
     * {@return the events of a run in order of time}
     *
     * @param id the id
     */
    public List<RunEvent> events(UUID id) {
        return data.events(id);
    }

    /**
     * {@return the readings of a run}
     *
     * @param id the id
     */
    public Recording trace(UUID id) {
        return data.trace(id);
    }

    /**
     * {@return the record of a run}
     *
     * @param id the id
     */
    public Optional<Document<RunRecord>> record(UUID id) {
        return data.record(id);
    }

    /**
     * {@return the sheet a run was welded with; empty where none is stored}
     *
     * @param record the run record
     */
    public Optional<Document<SheetDocument>> sheet(RunRecord record) {
        return data.sheet(record.sheet());
    }

    /**
     * Something that happened at a booth.
     *
     * @param kind what
     * @param at   when
     * @param key  the booth's own name for it, so that it may be sent again; empty where it is told once
     */
    public record BoothEvent(EventKind kind, Instant at, Optional<UUID> key) {}

    /**
     * {@return whether a booth's event has been kept already}
     *
     * @param key the booth's own name for it
     */
    public boolean isKept(UUID key) {
        return retrying.inTransaction(() -> data.isKept(key));
    }

    /**
     * Something happened. What does not fit, such as an arc struck while one burns, is left; so is what is kept already.
     *
     * @param id the id
     * @param event the event
     * @return the run afterwards; empty where it is closed, or there is none
     */
    public Optional<OpenRun> happened(UUID id, BoothEvent event) {
        return retrying.inTransaction(() -> open(runs.findById(id)).map(run -> {
            List<RunEvent> before = data.events(id);
            boolean again = event.key().filter(data::isKept).isPresent();
            if (!again && RunState.fits(before, event.kind()) && before.size() < MOST_EVENTS) {
                double last =
                        before.isEmpty() ? 0 : before.get(before.size() - 1).atS();
                double s = Math.max(last, new OpenRun(run, before).s(event.at()));
                data.add(id, new RunEvent(s, event.kind()), event.key());
            }
            return new OpenRun(run, data.events(id));
        }));
    }

    private static Optional<WeldRun> open(Optional<WeldRun> run) {
        return run.filter(weldRun -> weldRun.endedAt().isEmpty());
    }

    /**
     * Readings of a run under way; beyond what a trace may hold they are left.
     *
     * @param id the id
     * @param readings the readings by quantity
     * @param simulated whether a simulated meter gave them
     */
    public void addReadings(UUID id, Map<MeasuredQuantity, Channel> readings, boolean simulated) {
        retrying.inTransaction(() -> {
            open(runs.findById(id)).ifPresent(run -> {
                readings.forEach((kind, channel) -> {
                    if (data.count(id, kind) + channel.size() <= Recording.MOST) {
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

    /**
     * Readings that come afterwards, in place of those there were.
     *
     * @param id the id
     * @param recording the recording
     */
    public void read(UUID id, Recording recording) {
        retrying.inTransaction(() -> {
            data.forgetReadings(id);
            recording.channels().forEach((kind, channel) -> data.add(id, kind, channel));
            return id;
        });
    }

    /**
     * The run listens to another meter; to none where its name is empty.
     *
     * @param id the id
     * @param meter name of the meter
     */
    public void listen(UUID id, String meter) {
        edit(id, run -> run.listenTo(meter));
    }

    private Optional<WeldRun> edit(UUID id, Consumer<WeldRun> change) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            change.accept(run);
            return runs.saveAndFlush(run);
        }));
    }

    /** What a run is closed with. */
    public record RunClosing(
            String hand,
            RunVerdict verdict,
            String note,
            RunFigures figures,
            RunRecord.Outcome outcome,
            Optional<HeardCoach> heard) {}

    /**
     * The result of words about a run.
     *
     * @param run  afterwards
     * @param came what happened to the words
     */
    public record NoteResult(WeldRun run, Came came) {

        /** What happened to a note. */
        public enum Came {
            /** It is the note of the run now. */
            TAKEN,
            /** It was added to the note of a run that somebody else had judged meanwhile. */
            ADDED,
            /** There was no room to add it; nothing changed. */
            NO_ROOM
        }
    }

    /**
     * Closes a run, or changes what it was closed with; an arc that still burns goes out with it.
     *
     * @param id the id
     * @param asShown whether a run is still as it was when the words were written; where it is not, they are added to
     *     its note
     * @param closing what the person said at the end of the run
     * @return the note result, or empty
     */
    public Optional<NoteResult> close(UUID id, Predicate<WeldRun> asShown, RunClosing closing) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            if (!asShown.test(run)) {
                return added(run, closing.verdict(), closing.hand(), closing.note());
            }
            Instant end = run.endedAt().orElseGet(clock::instant);
            List<RunEvent> events = data.events(id);
            if (RunState.burning(events)) {
                data.add(id, new RunEvent(new OpenRun(run, events).s(end), EventKind.ARC_OFF), Optional.empty());
            }
            run.end(end, closing.verdict(), closing.hand());
            closing.heard().map(HeardCoach::level).ifPresent(run::hear);
            run.measure(closing.figures(), closing.note());
            data.record(id)
                    .flatMap(Document::value)
                    .ifPresent(record -> data.put(
                            id, Document.of(RunRecord.FORMAT, record.with(closing.outcome(), closing.heard()))));
            return new NoteResult(runs.saveAndFlush(run), NoteResult.Came.TAKEN);
        }));
    }

    /**
     * Signs for what the papers said against a run, as far as nobody has.
     *
     * @param id   of the run
     * @param name who answers for it
     */
    public void sign(UUID id, String name) {
        retrying.inTransaction(() -> {
            data.record(id)
                    .flatMap(Document::value)
                    .ifPresent(record -> data.put(id, Document.of(RunRecord.FORMAT, record.signed(name))));
            return name;
        });
    }

    /**
     * Judges a run of which nothing else is known; as {@link #close} where it is no longer as it was shown.
     *
     * @param id the id
     * @param asShown whether the run is still as the person saw it
     * @param verdict the verdict
     * @param welder name of the welder
     * @param note the note of the person
     * @return the note result, or empty
     */
    public Optional<NoteResult> judge(
            UUID id, Predicate<WeldRun> asShown, RunVerdict verdict, String welder, String note) {
        return retrying.inTransaction(() -> runs.findById(id).map(run -> {
            if (!asShown.test(run)) {
                return added(run, verdict, welder, note);
            }
            run.judge(verdict, welder);
            run.measure(run.figures(), note);
            return new NoteResult(runs.saveAndFlush(run), NoteResult.Came.TAKEN);
        }));
    }

    private NoteResult added(WeldRun run, RunVerdict verdict, String welder, String note) {
        boolean same = run.verdict() == verdict
                && run.head().hand().equals(welder)
                && run.note().equals(note);
        if (same) {
            return new NoteResult(run, NoteResult.Came.TAKEN);
        }
        String words = String.join(
                " · ",
                Stream.of(
                                "In another window: " + Phrasebook.say(Phrase.of(verdict.words()), UnitSystem.METRIC),
                                welder,
                                note.equals(run.note()) ? "" : note)
                        .filter(text -> !text.isEmpty())
                        .toList());
        String both = run.note().isEmpty() ? words : run.note() + "\n" + words;
        if (both.length() > RunRecord.MAX_NOTE) {
            return new NoteResult(run, NoteResult.Came.NO_ROOM);
        }
        run.measure(run.figures(), both);
        return new NoteResult(runs.saveAndFlush(run), NoteResult.Came.ADDED);
    }

    /**
     * Judges a run; who welded it and what was noted stay.
     *
     * @param id the id
     * @param verdict the verdict
     * @return the weld run, or empty
     */
    public Optional<WeldRun> judge(UUID id, RunVerdict verdict) {
        return edit(id, run -> run.judge(verdict, run.head().hand()));
    }

    /**
     * Forgets a run with all that belongs to it.
     *
     * @param id the id
     */
    public void forget(UUID id) {
        retrying.inTransaction(() -> {
            runs.findById(id).ifPresent(run -> {
                Optional<UUID> sheet = data.sheetOf(id);
                runs.delete(run);
                runs.flush();
                sheet.ifPresent(data::forgetUnused);
            });
            return id;
        });
    }
}
