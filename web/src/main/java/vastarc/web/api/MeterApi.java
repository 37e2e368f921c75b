package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.request.JsonInputs;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** The open door for meters: whatever can send JSON over the network can read along a run. */
@RestController
@Tag(name = "runs")
class MeterApi {

    static final String KEY = "X-Meter-Key";

    private static final String EXAMPLE =
            "{\"readings\":[{\"at\":\"2026-11-26T08:15:00.100Z\",\"quantity\":\"CURRENT\",\"value\":62.4}]}";
    private static final String READINGS = "readings";
    private static final int MOST = 1000;
    private static final Duration MOST_OFF = Duration.ofMinutes(10);
    private static final int MOST_PROBLEMS = 10;

    private final MeterKeys keys;
    private final RunFeed feed;
    private final Clock clock;

    MeterApi(MeterKeys keys, RunFeed feed, Clock clock) {
        this.keys = keys;
        this.feed = feed;
        this.clock = clock;
    }

    @Operation(
            summary = "Readings of a meter",
            description =
                    "Header X-Meter-Key: the key made for this meter in Shop. readings, up to 1000: at (a moment in UTC; without it, now), quantity "
                            + "CURRENT (A), VOLTAGE (V), GAS_FLOW (L/min), OXYGEN (ppm) or TEMPERATURE (°C), value. They go to every run under way that listens "
                            + "to the meter; the answer says how many were taken.")
    @TakesJson(example = EXAMPLE)
    @ApiResponse(responseCode = "401", description = "The key is missing, wrong, or was taken away")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/meters/{name}/readings", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> take(
            @PathVariable String name,
            @RequestHeader(name = KEY, required = false) @Nullable String key,
            HttpServletRequest request)
            throws IOException {
        if (!keys.opens(name, key)) {
            ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                    HttpStatus.UNAUTHORIZED,
                    "This key does not open the meter “" + name + "”. Make one in Shop and send it in the header " + KEY
                            + ".");
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(detail);
        }
        Outcome<List<RunMeasurement>> read = Calls.body(request, EXAMPLE).then(this::read);
        read.value().ifPresent(readings -> feed.accept(name, readings));
        return Calls.answer(read.map(readings -> Map.of("taken", readings.size())));
    }

    private Outcome<List<RunMeasurement>> read(JsonNode body) {
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
            problems.add(
                    Problem.badValue(path + "at", "run.at", reading.path("at").asString(""), now));
            return;
        }
        JsonInputs.number(reading.path("value"), kind.range().inField(path + "value"), problems)
                .ifPresent(value -> into.add(new RunMeasurement(at, kind, value)));
    }

    private static @Nullable Instant moment(JsonNode reading, Instant now) {
        if (!reading.hasNonNull("at")) {
            return now;
        }
        try {
            return Instant.parse(reading.get("at").asString(""));
        } catch (DateTimeParseException e) {
            return null;
        }
    }
}
