package vastarc.web.store.run;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.stereotype.Service;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.ListPage;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;

/** The logbook: runs found, gone through, learned from, and brought in from elsewhere. */
@Service
public class WeldRunQueries {

    /** Runs on a page of the logbook. */
    public static final int ON_A_PAGE = 25;

    private static final int AT_ONCE = 200;

    /** Up to so many runs with some words are sorted here; of more, the newest are soon found in their order. */
    private static final int FEW = 2000;

    private static final int SHARE_FROM_RUNS = 200;
    private static final int FEWEST_FOR_SHARE = 20;

    private static final Limit MOST_NAMES = Limit.of(50);

    private static final Sort IN_ORDER = Sort.by("startedAt", "id");

    /** How a logbook may be sorted. */
    public enum LogbookOrder {
        /** Latest first. */
        NEWEST("startedAt", Sort.Direction.DESC),
        /** Earliest first. */
        OLDEST("startedAt", Sort.Direction.ASC),
        /** Highest current first. */
        CURRENT("currentA", Sort.Direction.DESC),
        /** Fastest first. */
        TRAVEL("travel", Sort.Direction.DESC),
        /** Highest heat input first. */
        HEAT("heat", Sort.Direction.DESC),
        /** Longest arc time first. */
        ARC_TIME("arcS", Sort.Direction.DESC);

        private final Sort sort;

        LogbookOrder(String column, Sort.Direction direction) {
            this.sort = Sort.by(new Sort.Order(direction, column, Sort.NullHandling.NULLS_LAST), Sort.Order.asc("id"));
        }
    }

    private final WeldRunRepository runs;
    private final WeldRunData data;
    private final TransactionRetry retrying;

    WeldRunQueries(WeldRunRepository runs, WeldRunData data, TransactionRetry retrying) {
        this.runs = runs;
        this.data = data;
        this.retrying = retrying;
    }

    /** A sheet as it is stored. */
    public record KeptSheet(UUID id, String text) {}

    /** A run with all that belongs to it but its photographs. */
    public record CompleteRun(
            UUID id,
            RunHead head,
            Instant startedAt,
            Optional<Instant> endedAt,
            RunVerdict verdict,
            RunFigures figures,
            String note,
            Optional<KeptSheet> sheet,
            Optional<Document<RunRecord>> record,
            List<RunEvent> events,
            Map<MeasuredQuantity, Channel> readings) {}

    /**
     * {@return the sheet behind a new run, as it will be kept}
     *
     * @param sheet the sheet
     */
    public static KeptSheet storedSheet(SheetDocument sheet) {
        String text = SheetDocuments.FORMAT.write(sheet);
        return new KeptSheet(RunSheet.idOf(text), text);
    }

    /**
     * {@return a run that was welded elsewhere or at another time, whole; one of the same id stays as it is}
     *
     * @param whole the run with all that belongs to it
     */
    public WeldRun take(CompleteRun whole) {
        return retrying.inTransaction(() -> runs.findById(whole.id()).orElseGet(() -> restored(whole)));
    }

    private WeldRun restored(CompleteRun whole) {
        WeldRun run = new WeldRun(whole.id(), whole.head(), whole.startedAt());
        whole.endedAt()
                .ifPresent(end -> run.end(end, whole.verdict(), whole.head().hand()));
        run.measure(whole.figures(), whole.note());
        WeldRun stored = runs.saveAndFlush(run);
        whole.sheet().ifPresent(sheet -> data.put(sheet.id(), sheet.text()));
        whole.record().ifPresent(record -> data.put(whole.id(), record));
        data.addAll(whole.id(), whole.events());
        data.addAll(whole.id(), whole.readings());
        return stored;
    }

    /**
     * Many runs, some hundreds to a transaction; how many of them were not there yet.
     *
     * @param all the runs with all that belongs to them
     * @return how many
     */
    public int takeAll(List<CompleteRun> all) {
        int fresh = 0;
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            List<CompleteRun> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
            fresh += retrying.inTransaction(() -> {
                int came = 0;
                for (CompleteRun whole : some) {
                    if (!runs.existsById(whole.id())) {
                        restored(whole);
                        came++;
                    }
                }
                return came;
            });
        }
        return fresh;
    }

    /**
     * {@return a page of the logbook}
     *
     * @param filter which runs
     * @param order the order
     * @param page number of the page, from 0
     */
    public ListPage<WeldRun> page(RunFilter filter, LogbookOrder order, int page) {
        List<UUID> few = order == LogbookOrder.NEWEST && filter.isOfWordsAlone() ? withWords(filter) : List.of();
        if (!few.isEmpty() && few.size() <= FEW) {
            return picked(few, page);
        }
        return ListPage.of(runs.findAll(filter.specification(), PageRequest.of(page, ON_A_PAGE, order.sort)));
    }

    /** Ids of runs with some words, the newest first: one way through all of them, up to more than a few. */
    private List<UUID> withWords(RunFilter filter) {
        return runs.withWords(filter.likeWords(), Limit.of(FEW + 1)).stream()
                .sorted(Comparator.comparing(RunTime::startedAt).reversed().thenComparing(RunTime::id))
                .map(RunTime::id)
                .toList();
    }

    /** Where a run is in the order of time. */
    record RunTime(UUID id, Instant startedAt) {}

    private ListPage<WeldRun> picked(List<UUID> ids, int page) {
        int pages = (ids.size() + ON_A_PAGE - 1) / ON_A_PAGE;
        List<UUID> shown =
                ids.stream().skip((long) page * ON_A_PAGE).limit(ON_A_PAGE).toList();
        List<WeldRun> some = runs.findAllById(shown).stream()
                .sorted(Comparator.comparingInt(run -> shown.indexOf(run.id())))
                .toList();
        return new ListPage<>(some, page, pages, ids.size());
    }

    /**
     * {@return the newest that fit}
     *
     * @param filter which runs
     * @param most how many at most
     */
    public List<WeldRun> newest(RunFilter filter, int most) {
        return runs.findBy(
                filter.specification(),
                query -> query.sortBy(LogbookOrder.NEWEST.sort).limit(most).all());
    }

    /**
     * {@return the last run of a job that was closed}
     *
     * @param job id of the job
     */
    public Optional<WeldRun> last(UUID job) {
        return runs.findFirstByJobIdAndEndedAtIsNotNullOrderByStartedAtDesc(job);
    }

    /**
     * {@return others of the same job, or of its name, the newest first}
     *
     * @param run the run
     */
    public List<WeldRun> alike(WeldRun run) {
        return runs.findTop6ByJobNameAndIdNotOrderByStartedAtDesc(run.head().jobName(), run.id());
    }

    /** A run as it teaches: what was calculated and what was good; of one welder where it is asked for. */
    public record RunLesson(
            String metal, String form, String position, Double mm, Double ratio, Double paceRatio, String hand) {}

    /**
     * {@return the newest good runs of a machine that were read, the newest first; those of a stand-in teach nothing}
     *
     * @param machine id of the machine
     * @param most how many at most
     */
    public List<RunLesson> lessons(String machine, int most) {
        return runs.lessons(machine, RunVerdict.GOOD, Limit.of(most));
    }

    /** A run with current and travel read over those calculated, and what a person made of it. */
    public record RunOutcome(
            String metal,
            String form,
            String position,
            Double mm,
            Double ratio,
            Double paceRatio,
            RunVerdict verdict) {}

    /**
     * {@return the newest runs of a machine whose current and travel were read, of whatever verdict, the newest first; none of a stand-in}
     *
     * @param machine name of the machine
     * @param most    how many at most
     */
    public List<RunOutcome> outcomes(String machine, int most) {
        return runs.outcomes(machine, Limit.of(most));
    }

    /**
     * {@return share of the time that the arc was on in the shop's newest runs, those of a stand-in left out; empty
     * for fewer than 20}
     */
    public OptionalDouble arcShare() {
        List<ArcTime> times =
                runs.findByEndedAtIsNotNullAndSimulatedFalseOrderByStartedAtDesc(Limit.of(SHARE_FROM_RUNS));
        double arcS = times.stream().mapToDouble(ArcTime::arcS).sum();
        double wallS = times.stream().mapToDouble(ArcTime::wallS).sum();
        return times.size() < FEWEST_FOR_SHARE || wallS <= 0 ? OptionalDouble.empty() : OptionalDouble.of(arcS / wallS);
    }

    /** How long the arc of a run burned, s, and from when to when the run was. */
    record ArcTime(Double arcS, Instant startedAt, Instant endedAt) {

        double wallS() {
            return Duration.between(startedAt, endedAt).toMillis() / 1000.0;
        }
    }

    /** {@return how many runs fit a filter} */
    public long count() {
        return runs.count();
    }

    /**
     * {@return what may be chosen in a filter, most used first: machines and welders of the logbook}
     *
     * @param column name of the column
     */
    public List<String> names(String column) {
        return column.equals("machine") ? runs.machineNames(MOST_NAMES) : runs.hands(MOST_NAMES);
    }

    /**
     * Every run that fits, the oldest first, however many there are.
     *
     * @param filter which runs
     * @param taker takes the runs
     */
    public void forEach(RunFilter filter, Consumer<WeldRun> taker) {
        forEachSome(filter, some -> some.forEach(taker));
    }

    /**
     * Goes through every run that fits, the oldest first, some hundreds at a time.
     *
     * @param filter which runs
     * @param taker takes them
     */
    public void forEachSome(RunFilter filter, Consumer<List<WeldRun>> taker) {
        Optional<WeldRun> last = Optional.empty();
        do {
            Specification<WeldRun> rest = last.map(WeldRunQueries::after)
                    .map(filter.specification()::and)
                    .orElse(filter.specification());
            List<WeldRun> some = runs.findBy(
                    rest, query -> query.sortBy(IN_ORDER).limit(AT_ONCE).all());
            taker.accept(some);
            last = some.size() < AT_ONCE ? Optional.empty() : Optional.of(some.get(AT_ONCE - 1));
        } while (last.isPresent());
    }

    /** The first condition alone says it loosely: by it the database goes on in the index where the last part ended, and sorts nothing. */
    private static Specification<WeldRun> after(WeldRun last) {
        return (run, query, build) -> build.and(
                build.greaterThanOrEqualTo(run.<Instant>get("startedAt"), last.startedAt()),
                build.or(
                        build.greaterThan(run.<Instant>get("startedAt"), last.startedAt()),
                        build.greaterThan(run.<UUID>get("id"), last.id())));
    }
}
