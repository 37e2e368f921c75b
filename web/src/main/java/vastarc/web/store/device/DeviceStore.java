package vastarc.web.store.device;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import vastarc.web.store.ListBound;
import vastarc.web.store.ListBounds;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.TransactionRetry;

/** Stores the paired devices. A key is given out once; what is stored is its digest. */
@Service
public class DeviceStore {

    /** There can be. */
    public static final int MOST = 60;

    /** Longest name, characters. */
    public static final int MAX_NAME = 60;

    private static final Duration NOTED_EVERY = Duration.ofMinutes(1);

    private final DeviceRepository devices;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    DeviceStore(DeviceRepository devices, ListBounds bounds, TransactionRetry retrying, Clock clock) {
        this.devices = devices;
        this.bounds = bounds;
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
        return devices.findAllByOrderByNameAscPairedAtAsc().stream()
                .map(PairedDevice::device)
                .toList();
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
            bounds.findByName(ListBound.Name.DEVICES);
            if (devices.count() >= MOST) {
                return Optional.empty();
            }
            String shown = called.isEmpty() ? "a device" : called.substring(0, Math.min(MAX_NAME, called.length()));
            devices.saveAndFlush(new PairedDevice(shown, SecretKeys.digest(key), readOnly, clock.instant()));
            return Optional.of(key);
        });
    }

    /**
     * {@return the device a key belongs to; notes, at most once a minute, that it was seen}
     *
     * @param key the key
     */
    public Optional<Device> of(String key) {
        String digest = SecretKeys.digest(key);
        Optional<Device> device = devices.findByDigest(digest).map(PairedDevice::device);
        Instant now = clock.instant();
        boolean old = device.flatMap(Device::seenAt)
                .filter(seen -> seen.isAfter(now.minus(NOTED_EVERY)))
                .isEmpty();
        if (device.isPresent() && old) {
            retrying.ifPossible(() -> devices.seen(digest, now));
        }
        return device;
    }

    /**
     * {@return whether a device is still paired}
     *
     * @param id the id
     */
    public boolean isPaired(UUID id) {
        return devices.existsById(id);
    }

    /**
     * Sets whether a device may only view.
     *
     * @param id the id
     * @param readOnly whether it may only look
     */
    public void limit(UUID id, boolean readOnly) {
        retrying.inTransaction(() -> devices.limit(id, readOnly));
    }

    /**
     * Removes the access of a device.
     *
     * @param id the id
     */
    public void revoke(UUID id) {
        retrying.inTransaction(() -> devices.revoke(id));
    }
}
