package vastarc.web.store.run;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.jdbc.core.simple.JdbcClient;
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
    private final JdbcClient database;

    WeldRunQueries(WeldRunRepository runs, WeldRunData data, TransactionRetry retrying, JdbcClient database) {
        this.runs = runs;
        this.data = data;
        this.retrying = retrying;
        this.database = database;
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
        return new KeptSheet(WeldRunData.idOf(text), text);
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
        whole.events().forEach(event -> data.add(whole.id(), event));
        whole.readings().forEach((kind, channel) -> data.add(whole.id(), kind, channel));
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
        record RunTime(UUID id, Instant at) {}
        return database
                .sql("select id, started_at from run where words like ? escape '!' limit " + (FEW + 1))
                .param(filter.likeWords())
                .query((row, number) -> new RunTime(
                        row.getObject(1, UUID.class),
                        row.getObject(2, OffsetDateTime.class).toInstant()))
                .list()
                .stream()
                .sorted(Comparator.comparing(RunTime::at).reversed().thenComparing(RunTime::id))
                .map(RunTime::id)
                .toList();
    }

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
    public record RunLesson(String metal, String form, double mm, double ratio, double paceRatio, String hand) {}

    /**
     * {@return the newest good runs of a machine that were read, the newest first; those of a stand-in teach nothing}
     *
     * @param machine id of the machine
     * @param most how many at most
     */
    public List<RunLesson> lessons(String machine, int most) {
        return database.sql("select material, joint, thickness_mm, current_a / reckoned_a, "
                        + "case when planned_travel > 0 then travel / planned_travel end, hand from run where machine_name = ? "
                        + "and verdict = 'GOOD' and current_a is not null and reckoned_a > 0 and simulated = false "
                        + "order by started_at desc limit " + most)
                .param(machine)
                .query((row, number) -> new RunLesson(
                        row.getString(1),
                        row.getString(2),
                        row.getDouble(3),
                        row.getDouble(4),
                        row.getDouble(5),
                        row.getString(6)))
                .list();
    }

    /**
     * {@return share of the time that the arc was on in the shop's newest runs, those of a stand-in left out; empty
     * for fewer than 20}
     */
    public OptionalDouble arcShare() {
        record Sums(long runs, double arcS, double wallS) {}
        Sums sums = database.sql("select count(*), coalesce(sum(arc_s), 0), "
                        + "coalesce(sum(datediff(second, started_at, ended_at)), 0) from (select arc_s, started_at, ended_at "
                        + "from run where ended_at is not null and simulated = false order by started_at desc limit "
                        + SHARE_FROM_RUNS + ")")
                .query((row, number) -> new Sums(row.getLong(1), row.getDouble(2), row.getDouble(3)))
                .single();
        return sums.runs() < FEWEST_FOR_SHARE || sums.wallS() <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(sums.arcS() / sums.wallS());
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
        String known = column.equals("machine") ? "machine_name" : "hand";
        return database.sql("select " + known + " from run where " + known + " <> '' group by " + known
                        + " order by count(*) desc limit 50")
                .query(String.class)
                .list();
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

    /** Every run that fits, the oldest first, some hundreds at a time. */
    void forEachSome(RunFilter filter, Consumer<List<WeldRun>> taker) {
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
