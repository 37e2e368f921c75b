package vastarc.web.store.run;

import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import vastarc.web.store.run.Photograph.PhotographKind;
import vastarc.web.store.run.Pictures.PreparedPicture;

/** Stores photographs beside their runs. */
@Service
public class PhotoStore {

    /** Largest file taken, bytes. */
    public static final int MAX_BYTES = Pictures.MAX_BYTES;

    /** Of one run. */
    public static final int MOST = 12;

    private final RunPhotographRepository photographs;
    private final Clock clock;

    PhotoStore(RunPhotographRepository photographs, Clock clock) {
        this.photographs = photographs;
        this.clock = clock;
    }

    /**
     * Stores a photograph.
     *
     * @param run id of the run
     * @param kind the kind
     * @param file the picture
     * @return the photograph
     * @throws PictureRefused where the file cannot be taken, or the run has as many as it may
     */
    @Transactional
    public Photograph keep(UUID run, PhotographKind kind, byte[] file) {
        PreparedPicture picture = Pictures.take(file);
        if (photographs.countByRun(run) >= MOST) {
            throw new PictureRefused("this run has " + MOST + " already; take one of them away first");
        }
        Photograph photo =
                new Photograph(UUID.randomUUID(), run, kind, clock.instant(), picture.width(), picture.height(), null);
        put(photo, picture.jpeg());
        return photo;
    }

    void put(Photograph photo, byte[] jpeg) {
        photographs.saveAndFlush(new RunPhotograph(photo, jpeg));
    }

    /**
     * {@return those of a run, in the order they were taken}
     *
     * @param run id of the run
     */
    public List<Photograph> of(UUID run) {
        return photographs.findByRunOrderByMadeAtAscIdAsc(run);
    }

    /**
     * Keeps what was measured in a photograph, in place of what was before.
     *
     * @param run     id of the run
     * @param id      of the photograph
     * @param measure what was measured
     */
    @Transactional
    public void measured(UUID run, UUID id, KeptMeasure measure) {
        photographs.measure(run, id, measure.json());
    }

    /**
     * {@return what was measured in the photographs of runs: of each the oldest photograph that was measured}
     *
     * @param runs ids of the runs
     */
    public Map<UUID, KeptMeasure> measures(Collection<UUID> runs) {
        Map<UUID, KeptMeasure> measures = new HashMap<>();
        photographs
                .findByRunInAndMeasuredIsNotNullOrderByMadeAtDescIdDesc(runs)
                .forEach(photo -> photo.measure().ifPresent(measure -> measures.put(photo.run(), measure)));
        return measures;
    }

    /**
     * {@return a photograph}
     *
     * @param id the id
     */
    public Optional<Photograph> find(UUID id) {
        return photographs.findPhotographById(id);
    }

    /**
     * {@return the picture itself, as JPEG}
     *
     * @param id the id
     */
    public Optional<byte[]> jpeg(UUID id) {
        return photographs.findById(id).map(RunPhotograph::jpeg);
    }

    /**
     * Deletes a photograph.
     *
     * @param run id of the run
     * @param id the id
     */
    @Transactional
    public void forget(UUID run, UUID id) {
        photographs.forget(run, id);
    }

    /** Every one, in the order they were taken; one picture at a time. */
    void forEach(Consumer<Photograph> taker) {
        photographs.idsInOrder().forEach(id -> find(id).ifPresent(taker));
    }
}
