package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.procedure.ProcedureCheck;
import vastarc.core.record.procedure.ProcedureCheck.Departure;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.error.NotFound;
import vastarc.web.format.CoreJson;
import vastarc.web.request.ApiNames;
import vastarc.web.request.OwnValueReader;
import vastarc.web.store.register.ProcedureReader;
import vastarc.web.store.register.Register;
import vastarc.web.store.register.Register.PutResult;
import vastarc.web.store.register.RegisterFields;
import vastarc.web.store.register.RegisterPaper;

/** The shop's qualified procedures, and where a sheet leaves one. */
@RestController
@Tag(
        name = "procedures",
        description = "The shop's qualified procedures: what its own papers say; nothing here approves a weld")
class ProcedureApi {

    private static final String PROCEDURE = "procedure";
    private static final String ON = "on";
    private static final Set<String> FIELDS = Set.of(OwnValueReader.LOGIC, PROCEDURE, ON);
    private static final String EXAMPLE = """
            {"number":"P-12","materials":["CARBON_STEEL"],"joints":["T_FILLET","LAP"],"thicknessMm":[1.5,6],"tubeOdMm":[25,null],\
            "positions":["PA","PB"],"currentA":[80,140],"heatInputKjPerMm":[null,1.2],"preheatC":[10,null],"interpassC":[null,250],\
            "fillers":["ER70S-2"],"purged":null,"qualifiedBy":"","from":"2026-05-04","until":"2028-05-04"}""";
    private static final String CHECKED = """
            {"material":"CARBON_STEEL","joint":"T_FILLET","thicknessMm":[3],"procedure":"P-12","on":"2026-11-29"}""";

    /** More numbers than this are no help in a message. */
    private static final int MOST_NAMED = 20;

    private final Register<WeldProcedure> procedures;
    private final Clock clock;

    ProcedureApi(Register<WeldProcedure> procedures, Clock clock) {
        this.procedures = procedures;
        this.clock = clock;
    }

    /** What a call takes besides the fields of a sheet request, for the API description. */
    record CheckCall(
            @Schema(description = "number of the procedure") String procedure,

            @Schema(description = "day of the weld, such as 2026-11-29; today unless given")
            String on) {}

    /** A procedure, for the API description; ranges are lowest and highest, null is open, an absent key limits nothing. */
    record ProcedureJson(
            String number,
            List<String> materials,
            List<String> joints,
            List<@Nullable Double> thicknessMm,
            List<@Nullable Double> tubeOdMm,
            List<String> positions,
            List<@Nullable Double> currentA,
            List<@Nullable Double> heatInputKjPerMm,
            List<@Nullable Double> preheatC,
            List<@Nullable Double> interpassC,
            List<String> fillers,
            @Nullable Boolean purged,
            String qualifiedBy,
            String from,
            String until) {}

    /** A limit that is not kept: {@code low} and {@code high} of a range, null where it is open; {@code pass} from 1 where it is one of passes. */
    record LeaveJson(
            String field,
            Object value,
            @Nullable Double low,
            @Nullable Double high,

            @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable
            Integer pass,

            String words) {

        static LeaveJson of(Departure departure) {
            return new LeaveJson(
                    departure.field(),
                    departure.value(),
                    boxed(departure.limit().low()),
                    boxed(departure.limit().high()),
                    departure.pass().isPresent() ? departure.pass().getAsInt() : null,
                    Phrasebook.say(departure.words(), UnitSystem.METRIC));
        }

        private static @Nullable Double boxed(OptionalDouble end) {
            return end.isPresent() ? end.getAsDouble() : null;
        }
    }

    /** Whether a sheet keeps within a procedure, and by what it leaves it. */
    record CheckAnswer(boolean inside, List<LeaveJson> leaves) {

        static CheckAnswer of(List<Departure> departures) {
            return new CheckAnswer(
                    departures.isEmpty(), departures.stream().map(LeaveJson::of).toList());
        }
    }

    @Operation(summary = "Every procedure of the shop, by number")
    @GetMapping("/api/v1/procedures")
    List<JsonNode> procedures() {
        return procedures.readable().stream()
                .<JsonNode>map(ProcedureReader::document)
                .toList();
    }

    @Operation(summary = "One procedure, by its number")
    @GetMapping("/api/v1/procedures/{number}")
    ResponseEntity<Object> procedure(@PathVariable String number) {
        RegisterPaper<WeldProcedure> kept = procedures.find(number).orElseThrow(() -> new NotFound(PROCEDURE));
        return answer(HttpStatus.OK, kept);
    }

    @Operation(
            summary = "Takes a qualified procedure into the shop",
            description =
                    "An absent key limits nothing; a range is lowest and highest, null where it is open. The number again replaces it. With If-Match and "
                            + "the ETag of the procedure as it was read, one that was changed meanwhile is left alone: 412.")
    @TakesJson(
            example = EXAMPLE,
            body = "ProcedureJson",
            answers = ProcedureJson.class,
            says = "The procedure as kept",
            status = 201)
    @RefusesBadInput
    @PostMapping(path = "/api/v1/procedures", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> create(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String seen,
            HttpServletRequest request)
            throws IOException {
        Outcome<WeldProcedure> read = Calls.body(request, EXAMPLE).then(ProcedureReader::read);
        return read.value().map(procedure -> put(procedure, seen)).orElseGet(() -> Calls.refusal(read.problems()));
    }

    @Operation(
            summary = "Puts a procedure in the place of the one of its number",
            description = "If-Match as when it is taken in.")
    @PutMapping(path = "/api/v1/procedures/{number}", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> replace(
            @PathVariable String number,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String seen,
            HttpServletRequest request)
            throws IOException {
        procedures.find(number).orElseThrow(() -> new NotFound(PROCEDURE));
        Outcome<WeldProcedure> read = Calls.body(request, EXAMPLE)
                .then(ProcedureReader::read)
                .then(procedure -> procedure.number().equals(number)
                        ? Outcome.of(procedure)
                        : Outcome.failed(
                                Problem.badValue("number", "register.otherNumber", procedure.number(), number)));
        return read.value().map(procedure -> put(procedure, seen)).orElseGet(() -> Calls.refusal(read.problems()));
    }

    private ResponseEntity<Object> put(WeldProcedure procedure, @Nullable String seen) {
        PutResult<WeldProcedure> put =
                procedures.put(procedure, kept -> seen == null || seen.equals("*") || seen.equals(tag(kept)));
        return switch (put.state()) {
            case CREATED -> answer(HttpStatus.CREATED, put.kept().orElseThrow());
            case REPLACED -> answer(HttpStatus.OK, put.kept().orElseThrow());
            case FULL -> Calls.refusal(List.of(Problem.badValue("number", "register.full", ProcedureReader.MOST)));
            case STALE ->
                ResponseEntity.status(HttpStatus.PRECONDITION_FAILED)
                        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                        .body(ProblemDetail.forStatusAndDetail(
                                HttpStatus.PRECONDITION_FAILED,
                                Problem.badValue(HttpHeaders.IF_MATCH, "changedMeanwhile")
                                        .message(UnitSystem.METRIC)));
        };
    }

    private static String tag(RegisterPaper<WeldProcedure> kept) {
        return "\"" + kept.version() + "\"";
    }

    private static ResponseEntity<Object> answer(HttpStatus status, RegisterPaper<WeldProcedure> kept) {
        return ResponseEntity.status(status)
                .eTag(tag(kept))
                .body(kept.content()
                        .value()
                        .<Object>map(ProcedureReader::document)
                        .orElseThrow(() -> new NotFound(PROCEDURE)));
    }

    @Operation(summary = "Takes a procedure off the shop's list")
    @DeleteMapping("/api/v1/procedures/{number}")
    ResponseEntity<Void> delete(@PathVariable String number) {
        if (!procedures.delete(number)) {
            throw new NotFound(PROCEDURE);
        }
        return ResponseEntity.noContent().build();
    }

    @Operation(
            summary = "Where a sheet leaves a procedure",
            description =
                    "Takes the fields of a sheet request, the number of a procedure, and the day of the weld. Thickness counts by every member, current and "
                            + "heat input by every pass. That a sheet leaves it nowhere is no approval.")
    @TakesJson(example = CHECKED, body = "ProcedureCheck", answers = CheckAnswer.class, says = "Where it leaves it")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/procedures/check", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> check(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, CHECKED)
                .then(this::checked)
                .map(answer -> CoreJson.answers().valueToTree(answer)));
    }

    private Outcome<CheckAnswer> checked(JsonNode body) {
        Outcome<SetupSheet> sheet = JsonPlan.read(body, FIELDS).then(plan -> plan.sheet(ShopDefaults.usual()));
        Outcome<WeldProcedure> procedure = named(body.path(PROCEDURE));
        Outcome<String> day = day(body.path(ON));
        List<Problem> problems = Stream.of(sheet.problems(), procedure.problems(), day.problems())
                .flatMap(List::stream)
                .toList();
        return problems.isEmpty()
                ? sheet.then(made ->
                        procedure.then(held -> day.map(on -> CheckAnswer.of(ProcedureCheck.of(held, made, on)))))
                : Outcome.failed(problems);
    }

    private Outcome<WeldProcedure> named(JsonNode number) {
        if (!number.isString()) {
            return Outcome.failed(
                    number.isMissingNode() || number.isNull()
                            ? Problem.badValue(PROCEDURE, "missing", "the number of a procedure")
                            : Problem.badValue(PROCEDURE, "type", "no text", "the number of a procedure"));
        }
        Optional<WeldProcedure> found = procedures
                .find(number.asString())
                .flatMap(kept -> kept.content().value());
        return found.map(Outcome::of)
                .orElseGet(() -> Outcome.failed(Problem.badValue(
                        PROCEDURE, "procedure.unknown", ApiNames.shortened(number.asString()), known())));
    }

    private String known() {
        List<RegisterPaper<WeldProcedure>> all = procedures.all();
        return all.isEmpty()
                ? "none yet"
                : all.stream().limit(MOST_NAMED).map(RegisterPaper::number).collect(Collectors.joining(", "))
                        + (all.size() > MOST_NAMED ? " and others" : "");
    }

    private Outcome<String> day(JsonNode on) {
        if (on.isMissingNode() || on.isNull()) {
            return Outcome.of(
                    LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString());
        }
        return on.isString() && RegisterFields.isDay(on.asString())
                ? Outcome.of(on.asString())
                : Outcome.failed(Problem.badValue(ON, "register.day"));
    }
}
