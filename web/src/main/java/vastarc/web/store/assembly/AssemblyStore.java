package vastarc.web.store.assembly;

import java.time.Clock;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import vastarc.core.record.assembly.RepairRate;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.store.ListBound;
import vastarc.web.store.ListBounds;
import vastarc.web.store.ListPage;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.assembly.SeamEventRow.SeamEntry;
import vastarc.web.store.run.PictureRefused;
import vastarc.web.store.run.Pictures;
import vastarc.web.store.run.Pictures.PreparedPicture;

/** The shop's assemblies; at most {@value #MOST}, each of at most {@value #MOST_SEAMS} seams. */
@Service
public class AssemblyStore {

    /** Most assemblies of a shop. */
    public static final int MOST = 200;

    /** Most seams of an assembly. */
    public static final int MOST_SEAMS = 5000;

    /** Most entries of a seam. */
    public static final int MOST_EVENTS = 100;

    /** Seams on a page. */
    public static final int ON_A_PAGE = 50;

    private final AssemblyRepository assemblies;
    private final SeamRepository seams;
    private final SeamEventRepository events;
    private final DrawingRepository drawings;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    AssemblyStore(
            AssemblyRepository assemblies,
            SeamRepository seams,
            SeamEventRepository events,
            DrawingRepository drawings,
            ListBounds bounds,
            TransactionRetry retrying,
            Clock clock) {
        this.assemblies = assemblies;
        this.seams = seams;
        this.events = events;
        this.drawings = drawings;
        this.bounds = bounds;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** In how many seams an examination found a cause to reject. */
    record CauseCount(String cause, long seams) {}

    /**
     * How many seams of an assembly stand somewhere.
     *
     * @param assembly id of the assembly
     * @param state    where they stand
     * @param count    how many do
     */
    public record StateCount(UUID assembly, SeamState state, long count) {}

    /** What a change to a seam came to. */
    public enum SeamChange {
        /** It is kept. */
        KEPT,
        /** Another seam of the assembly has its number; nothing was done. */
        NUMBER_TAKEN,
        /** There is no room for more; nothing was done. */
        FULL,
        /** It was changed since it was seen; nothing was done. */
        STALE,
        /** There is none. */
        GONE
    }

    /** {@return every assembly, the last changed first} */
    public List<Assembly> all() {
        return assemblies.findAllByOrderByChangedAtDescNameAsc();
    }

    /** {@return how the seams of all assemblies stand; nothing of an assembly without seams} */
    public List<StateCount> counts() {
        return seams.counts();
    }

    /**
     * {@return how many seams of an assembly stand where; 0 where none does}
     *
     * @param assembly id of the assembly
     */
    public Map<SeamState, Long> counts(UUID assembly) {
        Map<SeamState, Long> counts = new EnumMap<>(SeamState.class);
        for (SeamState state : SeamState.values()) {
            counts.put(state, 0L);
        }
        seams.counts().stream()
                .filter(count -> count.assembly().equals(assembly))
                .forEach(count -> counts.put(count.state(), count.count()));
        return counts;
    }

    /**
     * {@return an assembly}
     *
     * @param id its id
     */
    public Optional<Assembly> find(UUID id) {
        return assemblies.findById(id);
    }

    /**
     * Adds an assembly.
     *
     * @param name of it
     * @return it; empty where the shop has as many as it keeps
     */
    public Optional<Assembly> create(String name) {
        return retrying.inTransaction(() -> {
            bounds.findByName(ListBound.Name.ASSEMBLIES);
            return assemblies.count() >= MOST
                    ? Optional.<Assembly>empty()
                    : Optional.of(assemblies.saveAndFlush(new Assembly(UUID.randomUUID(), name, clock.instant())));
        });
    }

    /**
     * Deletes an assembly with all that is kept of it.
     *
     * @param id its id
     */
    public void delete(UUID id) {
        retrying.inTransaction(() -> {
            assemblies.deleteById(id);
            return id;
        });
    }

    /**
     * {@return a page of the seams of an assembly, in order}
     *
     * @param assembly id of the assembly
     * @param state    only those that stand so; empty for all
     * @param page     from 0
     */
    public ListPage<Seam> seams(UUID assembly, Optional<SeamState> state, int page) {
        PageRequest asked = PageRequest.of(page, ON_A_PAGE);
        return ListPage.of(state.map(one -> seams.findByAssemblyAndStateOrderByPlace(assembly, one, asked))
                .orElseGet(() -> seams.findByAssemblyOrderByPlace(assembly, asked)));
    }

    /**
     * {@return every seam of an assembly, in order}
     *
     * @param assembly id of the assembly
     */
    public List<Seam> seams(UUID assembly) {
        return seams.findByAssemblyOrderByPlace(assembly);
    }

    /**
     * {@return the seams that are marked on the drawing}
     *
     * @param assembly id of the assembly
     */
    public List<Seam> marked(UUID assembly) {
        return seams.findByAssemblyAndXIsNotNullOrderByPlace(assembly);
    }

    /**
     * {@return the seams that are welded by a job}
     *
     * @param job id of the job
     */
    public List<Seam> ofJob(UUID job) {
        return seams.findByJobOrderByNumber(job);
    }

    /**
     * {@return the seams of a job whose hold point nobody has signed}
     *
     * @param job id of the job
     */
    public List<Seam> held(UUID job) {
        return seams.findByJobAndStateOrderByPlace(job, SeamState.HELD);
    }

    /**
     * {@return a seam of an assembly}
     *
     * @param assembly id of the assembly
     * @param number   of the seam
     */
    public Optional<Seam> seam(UUID assembly, String number) {
        return seams.findByAssemblyAndNumber(assembly, number);
    }

    /**
     * {@return what happened to a seam, in order}
     *
     * @param seam id of the seam
     */
    public List<SeamEventRow> events(UUID seam) {
        return events.findBySeamOrderByPlace(seam);
    }

    /**
     * {@return what happened to seams, those of each in order}
     *
     * @param some ids of the seams
     */
    public List<SeamEventRow> events(List<UUID> some) {
        return events.findBySeamInOrderByPlace(some);
    }

    /**
     * How many seams had to be repaired.
     *
     * @param welders  by who welded them
     * @param machines by what they were welded on
     * @param causes   by why they were rejected
     */
    public record RepairRates(List<RepairRate> welders, List<RepairRate> machines, List<RepairRate> causes) {}

    /**
     * {@return how many seams of an assembly had to be repaired}
     *
     * @param assembly id of the assembly
     */
    public RepairRates rates(UUID assembly) {
        long welded = counts(assembly).entrySet().stream()
                .filter(count -> count.getKey().isWelded())
                .mapToLong(Map.Entry::getValue)
                .sum();
        return new RepairRates(
                seams.byWelder(assembly),
                seams.byMachine(assembly),
                events.causes(assembly).stream()
                        .map(count -> new RepairRate(count.cause(), welded, count.seams()))
                        .toList());
    }

    /**
     * Adds seams at the end of an assembly: all of them, or where something does not fit none.
     *
     * @param assembly id of the assembly
     * @param texts    what is known of them
     * @return what it came to
     */
    public SeamChange add(UUID assembly, List<SeamText> texts) {
        return retrying.inTransaction(() -> {
            bounds.findByName(ListBound.Name.ASSEMBLIES);
            Optional<Assembly> kept = assemblies.findById(assembly);
            if (kept.isEmpty()) {
                return SeamChange.GONE;
            }
            if (seams.countByAssembly(assembly) + texts.size() > MOST_SEAMS) {
                return SeamChange.FULL;
            }
            if (texts.stream().anyMatch(text -> seam(assembly, text.number()).isPresent())) {
                return SeamChange.NUMBER_TAKEN;
            }
            int place = seams.lastPlace(assembly);
            List<Seam> made = new ArrayList<>();
            for (SeamText text : texts) {
                place++;
                made.add(new Seam(UUID.randomUUID(), assembly, place, text));
            }
            seams.saveAll(made);
            kept.get().touch(clock.instant());
            return SeamChange.KEPT;
        });
    }

    /**
     * Changes what is written of a seam.
     *
     * @param id   of the seam
     * @param seen version it was seen at
     * @param text what is written now
     * @return what it came to
     */
    public SeamChange write(UUID id, long seen, SeamText text) {
        return retrying.inTransaction(() -> seams.findById(id)
                .map(seam -> {
                    if (seam.version() != seen) {
                        return SeamChange.STALE;
                    }
                    boolean taken = seam(seam.assembly(), text.number())
                            .filter(other -> !other.id().equals(id))
                            .isPresent();
                    if (taken) {
                        return SeamChange.NUMBER_TAKEN;
                    }
                    seam.take(text);
                    stand(seam);
                    return SeamChange.KEPT;
                })
                .orElse(SeamChange.GONE));
    }

    private void stand(Seam seam) {
        seam.stand(events(seam.id()));
        assemblies.findById(seam.assembly()).ifPresent(assembly -> assembly.touch(clock.instant()));
    }

    /**
     * Marks a seam on the drawing.
     *
     * @param id of the seam
     * @param x  from the left, 0 to 1
     * @param y  from the top, 0 to 1
     */
    public void mark(UUID id, double x, double y) {
        change(id, seam -> seam.mark(within(x), within(y)));
    }

    private static double within(double share) {
        return share >= 0 ? Math.min(1, share) : 0;
    }

    /**
     * Takes a seam off the assembly.
     *
     * @param id of the seam
     */
    public void remove(UUID id) {
        change(id, seams::delete);
    }

    private void change(UUID id, Consumer<Seam> change) {
        retrying.inTransaction(() -> {
            seams.findById(id).ifPresent(change);
            return id;
        });
    }

    /**
     * Enters what happened to a seam.
     *
     * @param id    of the seam
     * @param entry what happened
     * @return what it came to
     */
    public SeamChange enter(UUID id, SeamEntry entry) {
        return retrying.inTransaction(() -> seams.findById(id)
                .map(seam -> {
                    List<SeamEventRow> before = events(id);
                    if (before.size() >= MOST_EVENTS) {
                        return SeamChange.FULL;
                    }
                    int place =
                            before.isEmpty() ? 1 : before.get(before.size() - 1).place() + 1;
                    events.saveAndFlush(new SeamEventRow(id, place, entry));
                    stand(seam);
                    return SeamChange.KEPT;
                })
                .orElse(SeamChange.GONE));
    }

    /**
     * Takes the last entry of a seam back.
     *
     * @param id of the seam
     */
    public void takeBack(UUID id) {
        change(id, seam -> {
            List<SeamEventRow> all = events(id);
            if (!all.isEmpty()) {
                events.delete(all.get(all.size() - 1));
                events.flush();
                stand(seam);
            }
        });
    }

    /**
     * Lays a picture under the marks, in place of what was there.
     *
     * @param assembly id of the assembly
     * @param file     a photograph (JPEG, PNG, WebP) or a drawing (the first page of a PDF, an SVG of plain shapes)
     * @throws PictureRefused with words for the reader, where it is none that can be taken
     */
    public void draw(UUID assembly, byte[] file) {
        PreparedPicture picture = Pictures.take(DrawingFile.picture(file));
        retrying.inTransaction(() -> {
            if (assemblies.existsById(assembly)) {
                drawings.deleteById(assembly);
                drawings.flush();
                drawings.saveAndFlush(new AssemblyDrawing(assembly, picture.jpeg(), picture.width(), picture.height()));
            }
            return assembly;
        });
    }

    /**
     * {@return the picture under the marks}
     *
     * @param assembly id of the assembly
     */
    public Optional<AssemblyDrawing> drawing(UUID assembly) {
        return drawings.findById(assembly);
    }
}
