package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.coach.Coach;
import vastarc.core.coach.Coach.MeterReading;
import vastarc.core.coach.CoachLevel;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.web.format.CueJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.OwnValueReader;
import vastarc.web.request.SimulationReader;

/** What a welder hears of a weld: cues at the times of the weld cycle, and warnings from measurements. */
@RestController
@Tag(name = "coach", description = "What is heard while the arc burns")
class CoachApi {

    private static final String LEVEL = "level";
    private static final String MEASUREMENTS = "measurements";
    private static final String CHANNEL = "channel";
    private static final String VALUE = "value";
    private static final Set<String> FIELDS = Set.of(OwnValueReader.LOGIC, LEVEL, MEASUREMENTS);
    private static final InputRange TIME = new InputRange("s", -600, 86_400, Unit.SECOND);
    private static final InputRange SEAM = CycleKey.SEAM_LENGTH.range().inField("seamMm");
    private static final String EXAMPLE = """
            {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"logic":"TRIGGER_4T","seamMm":80,"level":"BEGINNER",\
            "measurements":[{"s":12.4,"channel":"FLOW","value":0.2}]}""";

    /** What a measurement is of. */
    enum MeasuredChannel {
        VOLTAGE(MeasuredQuantity.VOLTAGE),
        CURRENT(MeasuredQuantity.CURRENT),
        FLOW(MeasuredQuantity.GAS_FLOW),
        OXYGEN(MeasuredQuantity.OXYGEN);

        private final MeasuredQuantity quantity;

        MeasuredChannel(MeasuredQuantity quantity) {
            this.quantity = quantity;
        }
    }

    /** What the call takes besides the fields of a sheet request, for the API description. */
    record CoachRequest(
            @Schema(description = "how the machine answers its trigger; from the sheet's arc control unless given")
            TriggerModeName logic,

            @Schema(description = "length of the seam, mm; the joint's usual one unless given")
            Double seamMm,

            @Schema(description = "how much is heard; BEGINNER unless given")
            CoachLevel level,

            @Schema(description = "what meters read, in any order; where no current is read the arc burns as planned")
            List<SentMeasurement> measurements) {

        /** A measurement, s in the time of the weld cycle; V, A, L/min or ppm. */
        record SentMeasurement(double s, MeasuredChannel channel, double value) {}
    }

    /** The cues in order of time. */
    record CoachAnswer(List<CueJson> cues) {}

    private record CoachCall(CoachLevel level, List<MeterReading> readings) {}

    @Operation(
            summary = "What is heard while the arc burns",
            description =
                    "Cues in time, from the weld cycle and from measurements. Takes the fields of a sheet request and: logic, seamMm, level "
                            + "BEGINNER, PACE or WARNINGS, measurements of VOLTAGE, CURRENT, FLOW (L/min) and OXYGEN (ppm). s is counted from the "
                            + "first touch of the weld cycle.")
    @TakesJson(example = EXAMPLE, body = "CoachRequest", answers = CoachAnswer.class, says = "The cues")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/coach", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> coach(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.longBody(request, SheetApi.SMALLEST)
                .then(body -> SimulationReader.withSeam(body, SEAM))
                .then(CoachApi::answer));
    }

    private static Outcome<CoachAnswer> answer(JsonNode body) {
        Outcome<WeldCycle> cycle = JsonPlan.read(body, FIELDS).then(plan -> plan.score(ShopDefaults.usual()));
        Outcome<CoachCall> heard = heard(JsonFields.within(body));
        List<Problem> problems = Stream.concat(cycle.problems().stream(), heard.problems().stream())
                .toList();
        return problems.isEmpty()
                ? cycle.then(played -> heard.map(wanted -> answer(played, wanted)))
                : Outcome.failed(problems);
    }

    private static CoachAnswer answer(WeldCycle cycle, CoachCall heard) {
        return new CoachAnswer(Coach.of(cycle, heard.level(), heard.readings()).stream()
                .map(cue -> CueJson.of(cue, UnitSystem.METRIC))
                .toList());
    }

    private static Outcome<CoachCall> heard(JsonFields fields) {
        CoachLevel level = fields.choice(LEVEL, CoachLevel.class, Optional.of(CoachLevel.BEGINNER));
        List<MeterReading> readings = fields.listOrNone(MEASUREMENTS, Recording.MOST, "coach.measurements").stream()
                .map(CoachApi::reading)
                .toList();
        return fields.problems().isEmpty()
                ? Outcome.of(new CoachCall(level, readings))
                : Outcome.failed(fields.problems());
    }

    private static MeterReading reading(JsonFields fields) {
        fields.taking(TIME.field(), CHANNEL, VALUE);
        double s = fields.number(TIME);
        MeasuredQuantity quantity = fields.choice(CHANNEL, MeasuredChannel.class, Optional.empty()).quantity;
        return new MeterReading(s, quantity, fields.number(quantity.range().inField(VALUE)));
    }
}
