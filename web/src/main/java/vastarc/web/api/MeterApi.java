package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
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
import vastarc.core.base.validation.Outcome;
import vastarc.web.meter.MeterIntake;
import vastarc.web.meter.MeterTraffic.Way;

/** The open door for meters: whatever can send JSON over the network can read along a run. */
@RestController
@Tag(name = "runs")
class MeterApi {

    static final String KEY = "X-Meter-Key";

    private final MeterIntake intake;

    MeterApi(MeterIntake intake) {
        this.intake = intake;
    }

    @Operation(
            summary = "Readings of a meter",
            description =
                    "Header X-Meter-Key: the key made for this meter in Shop. readings, up to 1000: at (a moment in UTC; without it, now), quantity "
                            + "CURRENT (A), VOLTAGE (V), GAS_FLOW (L/min), OXYGEN (ppm) or TEMPERATURE (°C), value. They go to every run under way that listens "
                            + "to the meter; the answer says how many were taken. What was sent before, with its times, is taken once.")
    @TakesJson(example = MeterIntake.EXAMPLE)
    @ApiResponse(responseCode = "401", description = "The key is missing, wrong, or was taken away")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/meters/{name}/readings", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> take(
            @PathVariable String name,
            @RequestHeader(name = KEY, required = false) @Nullable String key,
            HttpServletRequest request)
            throws IOException {
        if (!intake.opens(Way.HTTP, name, key)) {
            ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                    HttpStatus.UNAUTHORIZED,
                    "This key does not open the meter “" + name + "”. Make one in Shop and send it in the header " + KEY
                            + ".");
            return ResponseEntity.status(HttpStatus.UNAUTHORIZED)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(detail);
        }
        Outcome<Integer> taken = intake.accept(Way.HTTP, name, Calls.body(request, MeterIntake.EXAMPLE));
        return Calls.answer(taken.map(readings -> Map.of("taken", readings)));
    }
}
