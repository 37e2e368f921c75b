package vastarc.web.meter;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.request.JsonInputs;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** Reads what meters send: an object with a list of readings, the same over HTTP and MQTT. */
@Component
class ReadingsReader {

    /** Readings in one message. */
    static final int MOST = 1000;

    static final String READINGS = "readings";
    static final String AT = "at";
    private static final Duration MOST_OFF = Duration.ofMinutes(10);
    private static final int MOST_PROBLEMS = 10;

    private final Clock clock;

    ReadingsReader(Clock clock) {
        this.clock = clock;
    }

    /**
     * {@return the readings in order of time, or every fault that they have, up to ten}
     *
     * @param body the object that holds them
     */
    Outcome<List<RunMeasurement>> read(JsonNode body) {
        JsonNode list = body.path(READINGS);
        if (!list.isArray() || list.isEmpty() || list.size() > MOST) {
            return Outcome.failed(Problem.badValue(READINGS, "run.readings", list.isArray() ? list.size() : 0, MOST));
        }
        List<Problem> problems = new ArrayList<>();
        List<RunMeasurement> readings = new ArrayList<>();
        for (int i = 0; i < list.size() && problems.size() < MOST_PROBLEMS; i++) {
            read(list.get(i), READINGS + "[" + i + "].", problems, readings);
        }
        readings.sort(Comparator.comparing(RunMeasurement::at));
        return problems.isEmpty() ? Outcome.of(readings) : Outcome.failed(problems);
    }

    private void read(JsonNode reading, String path, List<Problem> problems, List<RunMeasurement> into) {
        MeasuredQuantity kind = MeasuredQuantity.named(reading.path("quantity").asString(""))
                .filter(measuredQuantity ->
                        measuredQuantity.name().equals(reading.path("quantity").asString("")))
                .orElse(null);
        if (kind == null) {
            problems.add(Problem.badValue(path + "quantity", "run.quantity"));
            return;
        }
        Instant now = clock.instant();
        Instant at = moment(reading, now);
        if (at == null || Duration.between(at, now).abs().compareTo(MOST_OFF) > 0) {
            problems.add(Problem.badValue(path + AT, "run.at", reading.path(AT).asString(""), now));
            return;
        }
        JsonInputs.number(reading.path("value"), kind.range().inField(path + "value"), problems)
                .ifPresent(value -> into.add(new RunMeasurement(at, kind, value)));
    }

    private static @Nullable Instant moment(JsonNode reading, Instant now) {
        if (!reading.hasNonNull(AT)) {
            return now;
        }
        try {
            return Instant.parse(reading.get(AT).asString(""));
        } catch (DateTimeParseException e) {
            return null;
        }
    }
}
