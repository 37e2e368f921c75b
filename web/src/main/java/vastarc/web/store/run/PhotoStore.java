package vastarc.web.store.run;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.jdbc.core.simple.JdbcClient;
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

    private static final String COLUMNS = "select id, run_id, kind, made_at, width, height from run_photo ";

    private final JdbcClient database;
    private final Clock clock;

    PhotoStore(JdbcClient database, Clock clock) {
        this.database = database;
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
        if (of(run).size() >= MOST) {
            throw new PictureRefused("this run has " + MOST + " already; take one of them away first");
        }
        Photograph photo =
                new Photograph(UUID.randomUUID(), run, kind, clock.instant(), picture.width(), picture.height());
        put(photo, picture.jpeg());
        return photo;
    }

    void put(Photograph photo, byte[] jpeg) {
        database.sql(
                        "insert into run_photo (id, run_id, kind, made_at, width, height, jpeg) values (?, ?, ?, ?, ?, ?, ?)")
                .params(
                        photo.id(),
                        photo.run(),
                        photo.kind().name(),
                        photo.madeAt().atOffset(ZoneOffset.UTC),
                        photo.width(),
                        photo.height(),
                        jpeg)
                .update();
    }

    /**
     * {@return those of a run, in the order they were taken}
     *
     * @param run id of the run
     */
    public List<Photograph> of(UUID run) {
        return database.sql(COLUMNS + "where run_id = ? order by made_at, id")
                .param(run)
                .query(PhotoStore::photograph)
                .list();
    }

    Optional<Photograph> find(UUID id) {
        return database.sql(COLUMNS + "where id = ?")
                .param(id)
                .query(PhotoStore::photograph)
                .optional();
    }

    private static Photograph photograph(ResultSet row, int number) throws SQLException {
        Instant at = row.getObject(4, OffsetDateTime.class).toInstant();
        return new Photograph(
                row.getObject(1, UUID.class),
                row.getObject(2, UUID.class),
                PhotographKind.valueOf(row.getString(3)),
                at,
                row.getInt(5),
                row.getInt(6));
    }

    /**
     * {@return the picture itself, as JPEG}
     *
     * @param id the id
     */
    public Optional<byte[]> jpeg(UUID id) {
        return database.sql("select jpeg from run_photo where id = ?")
                .param(id)
                .query((row, number) -> row.getBytes(1))
                .optional();
    }

    /**
     * Deletes a photograph.
     *
     * @param run id of the run
     * @param id the id
     */
    @Transactional
    public void forget(UUID run, UUID id) {
        database.sql("delete from run_photo where id = ? and run_id = ?")
                .params(id, run)
                .update();
    }

    /** Every one, in the order they were taken; one picture at a time. */
    void forEach(Consumer<Photograph> taker) {
        List<UUID> ids = database.sql("select id from run_photo order by made_at, id")
                .query(UUID.class)
                .list();
        ids.forEach(id -> find(id).ifPresent(taker));
    }
}
