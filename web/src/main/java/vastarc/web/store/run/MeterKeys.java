package vastarc.web.store.run;

import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.TransactionRetry;

/** The meters that may send readings, each by a key of its own. The key is shown once; what is stored is its digest. */
@Service
public class MeterKeys {

    /** There can be. */
    public static final int MOST = 40;

    private final JdbcClient database;
    private final TransactionRetry retrying;
    private final Clock clock;

    MeterKeys(JdbcClient database, TransactionRetry retrying, Clock clock) {
        this.database = database;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** A meter of the shop. */
    public record Meter(UUID id, String name, Instant madeAt, Optional<Instant> seenAt) {}

    /** {@return those there are, by name} */
    public List<Meter> all() {
        return database.sql("select id, name, made_at, seen_at from meter_key order by name")
                .query((row, number) -> new Meter(
                        row.getObject(1, UUID.class),
                        row.getString(2),
                        row.getObject(3, OffsetDateTime.class).toInstant(),
                        Optional.ofNullable(row.getObject(4, OffsetDateTime.class))
                                .map(OffsetDateTime::toInstant)))
                .list();
    }

    /**
     * Makes a key; empty where the name is taken, no name, or there are too many.
     *
     * @param name the name
     * @return the string, or empty
     */
    public Optional<String> make(String name) {
        String called = name.strip();
        boolean fits = called.matches("[A-Za-z0-9][A-Za-z0-9 _.-]*") && called.length() <= WeldRun.MAX_METER;
        String key = SecretKeys.fresh();
        return retrying.inTransaction(() -> {
            List<Meter> meters = all();
            boolean accepted = meters.stream().anyMatch(meter -> meter.name().equals(called));
            if (!fits || accepted || meters.size() >= MOST) {
                return Optional.empty();
            }
            database.sql("insert into meter_key (id, name, digest, made_at) values (?, ?, ?, ?)")
                    .params(
                            UUID.randomUUID(),
                            called,
                            SecretKeys.digest(key),
                            clock.instant().atOffset(ZoneOffset.UTC))
                    .update();
            return Optional.of(key);
        });
    }

    /**
     * Deletes the key of a meter.
     *
     * @param id the id
     */
    public void revoke(UUID id) {
        retrying.inTransaction(() ->
                database.sql("delete from meter_key where id = ?").param(id).update());
    }

    private record MeterKeyRow(String digest, boolean unseen) {}

    /**
     * {@return whether a key is that of a meter; notes, at most once a minute, that it was heard}
     *
     * @param name the name
     * @param key the key
     */
    public boolean opens(String name, @Nullable String key) {
        OffsetDateTime now = clock.instant().atOffset(ZoneOffset.UTC);
        Optional<MeterKeyRow> kept = database.sql(
                        "select digest, seen_at is null or seen_at < ? from meter_key where name = ?")
                .params(now.minusMinutes(1), name)
                .query((row, number) -> new MeterKeyRow(row.getString(1), row.getBoolean(2)))
                .optional();
        String given = SecretKeys.digest(key == null ? "" : key);
        boolean opens =
                kept.filter(meter -> SecretKeys.areAlike(meter.digest(), given)).isPresent();
        if (opens && kept.get().unseen()) {
            retrying.ifPossible(() -> database.sql("update meter_key set seen_at = ? where name = ?")
                    .params(now, name)
                    .update());
        }
        return opens;
    }
}
