package vastarc.web.store.device;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.TransactionRetry;

/** Stores the paired devices. A key is given out once; what is stored is its digest. */
@Service
public class DeviceStore {

    /** There can be. */
    public static final int MOST = 60;

    /** Longest name, characters. */
    public static final int MAX_NAME = 60;

    private static final String COLUMNS = "select id, name, read_only, paired_at, seen_at from device ";

    private final JdbcClient database;
    private final TransactionRetry retrying;
    private final Clock clock;

    DeviceStore(JdbcClient database, TransactionRetry retrying, Clock clock) {
        this.database = database;
        this.retrying = retrying;
        this.clock = clock;
    }

    /**
     * A device.
     *
     * @param readOnly it may look and change nothing
     * @param seenAt   when it last asked for anything, to a minute
     */
    public record Device(UUID id, String name, boolean readOnly, Instant pairedAt, Optional<Instant> seenAt) {}

    /** {@return those there are, by name} */
    public List<Device> all() {
        return database.sql(COLUMNS + "order by name, paired_at")
                .query(DeviceStore::device)
                .list();
    }

    private static Device device(ResultSet row, int number) throws SQLException {
        return new Device(
                row.getObject(1, UUID.class),
                row.getString(2),
                row.getBoolean(3),
                row.getObject(4, OffsetDateTime.class).toInstant(),
                Optional.ofNullable(row.getObject(5, OffsetDateTime.class)).map(OffsetDateTime::toInstant));
    }

    /**
     * Takes a device in; its key, or empty where there are too many.
     *
     * @param name the name
     * @param readOnly whether it may only look
     * @return the string, or empty
     */
    public Optional<String> pair(String name, boolean readOnly) {
        String called = name.strip().replaceAll("\\p{Cntrl}", " ");
        String key = SecretKeys.fresh();
        return retrying.inTransaction(() -> {
            if (all().size() >= MOST) {
                return Optional.empty();
            }
            insert(called, key, readOnly);
            return Optional.of(key);
        });
    }

    private void insert(String called, String key, boolean readOnly) {
        database.sql("insert into device (id, name, digest, read_only, paired_at) values (?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        called.isEmpty() ? "a device" : called.substring(0, Math.min(MAX_NAME, called.length())),
                        SecretKeys.digest(key),
                        readOnly,
                        clock.instant().atOffset(ZoneOffset.UTC))
                .update();
    }

    /**
     * {@return the device a key belongs to; notes, at most once a minute, that it was seen}
     *
     * @param key the key
     */
    public Optional<Device> of(String key) {
        String digest = SecretKeys.digest(key);
        Optional<Device> device = database.sql(COLUMNS + "where digest = ?")
                .param(digest)
                .query(DeviceStore::device)
                .optional();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        boolean old = device.flatMap(Device::seenAt)
                .filter(seen -> seen.isAfter(now.minusMinutes(1).toInstant()))
                .isEmpty();
        if (device.isPresent() && old) {
            retrying.ifPossible(() -> database.sql("update device set seen_at = ? where digest = ?")
                    .params(now, digest)
                    .update());
        }
        return device;
    }

    /**
     * {@return whether a device is still paired}
     *
     * @param id the id
     */
    public boolean isPaired(UUID id) {
        return database.sql("select 1 from device where id = ?")
                .param(id)
                .query(Integer.class)
                .optional()
                .isPresent();
    }

    /**
     * Sets whether a device may only view.
     *
     * @param id the id
     * @param readOnly whether it may only look
     */
    public void limit(UUID id, boolean readOnly) {
        retrying.inTransaction(() -> database.sql("update device set read_only = ? where id = ?")
                .params(readOnly, id)
                .update());
    }

    /**
     * Removes the access of a device.
     *
     * @param id the id
     */
    public void revoke(UUID id) {
        retrying.inTransaction(
                () -> database.sql("delete from device where id = ?").param(id).update());
    }
}
