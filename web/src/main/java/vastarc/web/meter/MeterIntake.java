package vastarc.web.meter;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.web.meter.MeterTraffic.Way;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** Takes in what meters send, whatever way it came: only with the meter's key, and each message once. */
@Service
public class MeterIntake {

    /** What a message may look like. */
    public static final String EXAMPLE =
            "{\"readings\":[{\"at\":\"2026-11-26T08:15:00.100Z\",\"quantity\":\"CURRENT\",\"value\":62.4}]}";

    private static final int MOST_REMEMBERED = 20_000;

    /** Twice as long as a reading may be old. */
    private static final Duration REMEMBERED_FOR = Duration.ofMinutes(20);

    private final MeterKeys keys;
    private final ReadingsReader reader;
    private final RunFeed feed;
    private final ArrivalBoard board;
    private final Cache<String, Boolean> messages = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(REMEMBERED_FOR)
            .build();

    MeterIntake(MeterKeys keys, ReadingsReader reader, RunFeed feed, ArrivalBoard board) {
        this.keys = keys;
        this.reader = reader;
        this.feed = feed;
        this.board = board;
    }

    /**
     * {@return whether a key is that of the meter; where it is not, the board says so}
     *
     * @param way how the message came
     * @param meter name of the meter
     * @param key the key that came with it
     */
    public boolean opens(Way way, String meter, @Nullable String key) {
        boolean opens = keys.opens(meter, key);
        if (!opens) {
            refuse(way, meter, List.of(Problem.badValue("key", "meter.key", meter)));
        }
        return opens;
    }

    /**
     * Takes in a message of a meter whose key has been looked at.
     *
     * @param way how it came
     * @param meter name of the meter
     * @param message what it sent, or why that could not be read
     * @return the number of readings; what is wrong with them where they are not taken in
     */
    public Outcome<Integer> accept(Way way, String meter, Outcome<JsonNode> message) {
        Outcome<List<RunMeasurement>> read = message.then(reader::read);
        if (read.value().isEmpty()) {
            refuse(way, meter, read.problems());
        }
        return read.map(readings -> {
            message.value().ifPresent(body -> acceptOnce(way, meter, body, readings));
            return readings.size();
        });
    }

    private void acceptOnce(Way way, String meter, JsonNode body, List<RunMeasurement> readings) {
        String digest = SecretKeys.digest(meter + body);
        boolean repeated = isTimed(body) && messages.asMap().putIfAbsent(digest, true) != null;
        if (repeated) {
            return;
        }
        try {
            feed.accept(meter, readings);
            board.taken(way, meter, readings);
        } catch (RuntimeException failed) {
            // It may be sent again.
            messages.invalidate(digest);
            throw failed;
        }
    }

    /** Whether every reading has its moment: two messages without may be alike and yet be two. */
    private static boolean isTimed(JsonNode body) {
        return StreamSupport.stream(body.path(ReadingsReader.READINGS).spliterator(), false)
                .allMatch(reading -> reading.hasNonNull(ReadingsReader.AT));
    }

    /**
     * A message was not taken in: the board says why.
     *
     * @param way how it came
     * @param meter name of the meter
     * @param problems what is wrong with it
     */
    public void refuse(Way way, String meter, List<Problem> problems) {
        board.refused(way, meter, problems.stream().map(MeterIntake::said).collect(Collectors.joining(" ")));
    }

    private static String said(Problem problem) {
        String place = problem.field().startsWith(ReadingsReader.READINGS) ? problem.field() + ": " : "";
        return place + problem.message(UnitSystem.METRIC);
    }
}
