package vastarc.web.kept.device;

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
import org.springframework.transaction.annotation.Transactional;
import vastarc.web.kept.Keys;

/** Keeps the paired devices. A key is given out once; what is kept is its digest. */
@Service
public class DeviceStore {

    /** There can be. */
    public static final int MOST = 60;

    /** Longest name, characters. */
    public static final int MAX_NAME = 60;

    private static final String COLUMNS = "select id, name, read_only, paired_at, seen_at from device ";

    private final JdbcClient database;
    private final Clock clock;

    DeviceStore(JdbcClient database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A device.
     *
     * @param readOnly it may look and change nothing
     * @param seenAt   when it last asked for anything, to a minute
     */
    public record Device(UUID id, String name, boolean readOnly, Instant pairedAt, Optional<Instant> seenAt) {}

    /** Those there are, by name. */
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

    /** Takes a device in; its key, or empty where there are too many. */
    public Optional<String> pair(String name, boolean readOnly) {
        if (all().size() >= MOST) {
            return Optional.empty();
        }
        String called = name.strip().replaceAll("\\p{Cntrl}", " ");
        String key = Keys.fresh();
        database.sql("insert into device (id, name, digest, read_only, paired_at) values (?, ?, ?, ?, ?)")
                .params(
                        UUID.randomUUID(),
                        called.isEmpty() ? "a device" : called.substring(0, Math.min(MAX_NAME, called.length())),
                        Keys.digest(key),
                        readOnly,
                        clock.instant().atOffset(ZoneOffset.UTC))
                .update();
        return Optional.of(key);
    }

    /** The device a key belongs to; notes, at most once a minute, that it was seen. */
    public Optional<Device> of(String key) {
        String digest = Keys.digest(key);
        Optional<Device> device = database.sql(COLUMNS + "where digest = ?")
                .param(digest)
                .query(DeviceStore::device)
                .optional();
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        boolean old = device.flatMap(Device::seenAt)
                .filter(seen -> seen.isAfter(now.minusMinutes(1).toInstant()))
                .isEmpty();
        if (device.isPresent() && old) {
            database.sql("update device set seen_at = ? where digest = ?")
                    .params(now, digest)
                    .update();
        }
        return device;
    }

    @Transactional
    public void limit(UUID id, boolean readOnly) {
        database.sql("update device set read_only = ? where id = ?")
                .params(readOnly, id)
                .update();
    }

    @Transactional
    public void takeAway(UUID id) {
        database.sql("delete from device where id = ?").param(id).update();
    }
}
