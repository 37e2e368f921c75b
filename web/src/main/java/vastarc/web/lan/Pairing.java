package vastarc.web.lan;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.web.kept.Keys;
import vastarc.web.kept.device.DeviceStore;

/**
 * The code that lets a device in: six digits, shown on this machine only, another one after every use. Five wrong ones lock pairing for a minute,
 * whoever typed them.
 */
@Component
public class Pairing {

    static final int MOST_WRONG = 5;
    static final Duration LOCKED = Duration.ofMinutes(1);

    private static final int CODES = 1_000_000;

    private final DeviceStore devices;
    private final Clock clock;
    private String code = fresh();
    private int wrong;
    private Instant lockedUntil = Instant.MIN;

    Pairing(DeviceStore devices, Clock clock) {
        this.devices = devices;
        this.clock = clock;
    }

    /**
     * What came of a code.
     *
     * @param key   of the device; empty where it was not let in
     * @param wrong why not; empty where it was
     */
    public record Tried(Optional<String> key, String wrong) {}

    private static String fresh() {
        return String.format("%06d", Keys.below(CODES));
    }

    /** As it stands now. */
    public synchronized String code() {
        return code;
    }

    /** Tries a code for a device of a name. */
    public synchronized Tried tried(String typed, String name) {
        if (clock.instant().isBefore(lockedUntil)) {
            return new Tried(
                    Optional.empty(), "Too many wrong codes. Wait a minute, then type the code that is shown then.");
        }
        if (!Keys.areAlike(typed.replaceAll("\\s", ""), code)) {
            if (++wrong >= MOST_WRONG) {
                lockedUntil = clock.instant().plus(LOCKED);
                wrong = 0;
                code = fresh();
            }
            return new Tried(
                    Optional.empty(),
                    "This is not the code. It is shown where the program was started, and in Shop under devices.");
        }
        wrong = 0;
        code = fresh();
        Optional<String> key = devices.pair(name, false);
        return new Tried(
                key,
                key.isPresent()
                        ? ""
                        : "There are " + DeviceStore.MOST + " devices already. Take one away in Shop under devices.");
    }
}
