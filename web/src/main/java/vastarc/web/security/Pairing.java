package vastarc.web.security;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.device.DeviceStore;
import vastarc.web.store.disk.DiskTrouble;

/**
 * The code that lets a device in: six digits, shown on this machine only, another one after every use. An address that types five wrong ones is
 * locked out, for a minute at first and twice as long each time after; no other address is, and the code stays as it is.
 */
@Component
public class Pairing {

    static final int MOST_WRONG = 5;
    static final Duration LOCKED = Duration.ofMinutes(1);

    private static final Logger LOG = LoggerFactory.getLogger(Pairing.class);
    private static final int MOST_DOUBLED = 12;
    private static final int CODES = 1_000_000;

    /** Addresses remembered; a network of a shop has some hundreds. */
    private static final int MOST_ADDRESSES = 10_000;

    private static final Duration REMEMBERED = Duration.ofDays(7);
    private static final int NETWORK_BYTES = 8;

    private final DeviceStore devices;
    private final Clock clock;
    private final Cache<String, WrongCodes> wrong;
    private String code = fresh();

    Pairing(DeviceStore devices, Clock clock) {
        this.devices = devices;
        this.clock = clock;
        this.wrong = Caffeine.newBuilder()
                .maximumSize(MOST_ADDRESSES)
                .expireAfterWrite(REMEMBERED)
                .build();
    }

    /**
     * The result of a code.
     *
     * @param key   of the device; empty where it was not let in
     * @param wrong why not; empty where it was
     */
    public record PairingResult(Optional<String> key, String wrong) {

        static PairingResult refused(String why) {
            return new PairingResult(Optional.empty(), why);
        }
    }

    /**
     * Wrong codes from an address.
     *
     * @param address     or, of the newer kind of addresses, its network
     * @param count       wrong codes so far
     * @param last        when the last came
     * @param lockedUntil nothing is taken from it before
     */
    public record WrongCodes(String address, int count, Instant last, Instant lockedUntil) {

        private WrongCodes another(Instant now) {
            int counted = count + 1;
            boolean locks = counted % MOST_WRONG == 0;
            int doubled = Math.min(MOST_DOUBLED, counted / MOST_WRONG - 1);
            return new WrongCodes(
                    address, counted, now, locks ? now.plus(LOCKED.multipliedBy(1L << doubled)) : lockedUntil);
        }
    }

    private static String fresh() {
        return String.format("%06d", SecretKeys.below(CODES));
    }

    /**
     * As it is now.
     *
     * @return the text
     */
    public synchronized String code() {
        return code;
    }

    /** {@return addresses that have typed wrong codes in the last week, the newest first; at most twenty} */
    public List<WrongCodes> wrong() {
        return wrong.asMap().values().stream()
                .sorted(Comparator.comparing(WrongCodes::last).reversed())
                .limit(20)
                .toList();
    }

    /**
     * {@return tries a code for a device of a name}
     *
     * @param typed the code as typed
     * @param name the name
     * @param address the address
     */
    public synchronized PairingResult tryCode(String typed, String name, String address) {
        String from = network(address);
        WrongCodes before = wrong.get(from, there -> new WrongCodes(there, 0, Instant.MIN, Instant.MIN));
        Instant now = clock.instant();
        if (now.isBefore(before.lockedUntil())) {
            long minutes = Duration.between(now, before.lockedUntil()).toMinutes() + 1;
            return PairingResult.refused("Too many wrong codes from this device. Wait " + minutes
                    + (minutes == 1 ? " minute" : " minutes") + ", then type the code that is shown.");
        }
        if (!SecretKeys.areAlike(typed.replaceAll("\\s", ""), code)) {
            WrongCodes after = before.another(now);
            wrong.put(from, after);
            LOG.warn("A wrong pairing code came from {} ({} so far).", from, after.count());
            return PairingResult.refused(
                    "This is not the code. It is shown where the program was started, and in Shop under devices.");
        }
        return pair(name, from);
    }

    private PairingResult pair(String name, String from) {
        Optional<String> key;
        try {
            key = devices.pair(name, false);
        } catch (DiskTrouble full) {
            return PairingResult.refused(String.valueOf(full.getMessage()));
        }
        if (key.isEmpty()) {
            return PairingResult.refused(
                    "There are " + DeviceStore.MOST + " devices already. Take one away in Shop under devices.");
        }
        wrong.invalidate(from);
        code = fresh();
        return new PairingResult(key, "");
    }

    /** Of the newer addresses a machine has as many as it likes: they count by the network they share. */
    private static String network(String address) {
        try {
            InetAddress read = InetAddress.getByName(address);
            return read instanceof Inet6Address
                    ? InetAddress.getByAddress(Arrays.copyOf(Arrays.copyOf(read.getAddress(), NETWORK_BYTES), 16))
                            .getHostAddress()
                    : read.getHostAddress();
        } catch (UnknownHostException e) {
            return address;
        }
    }
}
