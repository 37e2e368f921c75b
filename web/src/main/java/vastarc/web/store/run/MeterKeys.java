package vastarc.web.store.run;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import vastarc.web.store.ListBound;
import vastarc.web.store.ListBounds;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.TransactionRetry;

/** The meters that may send readings, each by a key of its own. The key is shown once; what is stored is its digest. */
@Service
public class MeterKeys {

    /** There can be. */
    public static final int MOST = 40;

    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final MeterKeyRepository keys;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    MeterKeys(MeterKeyRepository keys, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        this.keys = keys;
        this.bounds = bounds;
        this.retrying = retrying;
        this.clock = clock;
    }

    /** A meter of the shop. */
    public record Meter(UUID id, String name, Instant madeAt, Optional<Instant> seenAt) {}

    /** {@return those there are, by name} */
    public List<Meter> all() {
        return keys.findAllByOrderByName().stream().map(MeterKey::meter).toList();
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
            bounds.findByName(ListBound.Name.METERS);
            List<Meter> meters = all();
            boolean accepted = meters.stream().anyMatch(meter -> meter.name().equals(called));
            if (!fits || accepted || meters.size() >= MOST) {
                return Optional.empty();
            }
            keys.saveAndFlush(new MeterKey(called, SecretKeys.digest(key), clock.instant()));
            return Optional.of(key);
        });
    }

    /**
     * Deletes the key of a meter.
     *
     * @param id the id
     */
    public void revoke(UUID id) {
        retrying.inTransaction(() -> keys.revoke(id));
    }

    /**
     * {@return whether a key is that of a meter; notes, at most once a minute, that it was heard}
     *
     * @param name the name
     * @param key the key
     */
    public boolean opens(String name, @Nullable String key) {
        Optional<MeterKey> opened = keys.findByName(name).filter(meter -> meter.isOpenedBy(key == null ? "" : key));
        Instant now = clock.instant();
        if (opened.filter(meter -> !meter.wasSeenAfter(now.minus(NOTED_EVERY))).isPresent()) {
            retrying.ifPossible(() -> keys.seen(name, now));
        }
        return opened.isPresent();
    }
}
