package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.core.JacksonException;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.web.request.JobReader;
import vastarc.web.request.JsonFields;
import vastarc.web.request.SheetInput;

/** From a joint to its setup sheet, as JSON. */
@RestController
@Tag(name = "sheet", description = "From a joint to its setup sheet")
class SheetApi {

    private static final int MAX_BODY_BYTES = 64 * 1024;
    private static final String EXAMPLE = """
            {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5,1.5],"tubeOdMm":50.8,"position":"PA","rotated":true,\
            "wire":false,"technique":"FREEHAND","control":"PEDAL","chill":"NONE","purged":true}""";
    private static final String SMALLEST = "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[2]}";

    /** NaN and infinity are read as numbers, so that the answer can name the field instead of a place in the text. */
    private final JsonMapper json = JsonMapper.builder()
            .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
            .build();

    @Operation(
            summary = "The setup sheet of a joint",
            description =
                    "Only material, joint and thicknessMm are required. Units are fixed: A, V, s, mm, mm/min, L/min, Hz, %, "
                            + "kJ/mm, °C, degrees. workingCurrent is what the joint needs at the arc, the peak when pulsed; pedalCeiling is "
                            + "what the panel is set to when a foot controls it.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = SheetRequest.class),
                            examples = @ExampleObject(EXAMPLE)))
    @ApiResponse(
            responseCode = "200",
            description = "The sheet",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = SheetAnswer.class)))
    @ApiResponse(
            responseCode = "400",
            description = "Bad input: every bad field is named at once, with what would work",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = ProblemAnswer.class)))
    @ApiResponse(
            responseCode = "422",
            description = "Understood, but out of scope, such as aluminium or a square edge too thick for one pass",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                            schema = @Schema(implementation = ProblemAnswer.class)))
    @PostMapping(path = "/api/v1/sheet", consumes = MediaType.ALL_VALUE)
    ResponseEntity<Object> sheet(HttpServletRequest request) throws IOException {
        Outcome<Sheet> outcome = plan(read(request));
        return outcome.value()
                .<ResponseEntity<Object>>map(sheet -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_JSON)
                        .body(SheetAnswer.of(sheet)))
                .orElseGet(() -> refusal(outcome.problems()));
    }

    private static byte[] read(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes(MAX_BODY_BYTES + 1);
        }
    }

    private Outcome<Sheet> plan(byte[] body) {
        if (body.length > MAX_BODY_BYTES) {
            return Outcome.failed(
                    Problem.badValue("body", "textTooLong", "more than " + MAX_BODY_BYTES, MAX_BODY_BYTES));
        }
        try {
            JsonNode node = json.readTree(body);
            if (!node.isObject()) {
                return Outcome.failed(Problem.badValue("body", "json", "it is not an object", SMALLEST));
            }
            Outcome<SheetInput> input = JobReader.read(new JsonFields(node));
            return input.value()
                    .map(given -> SheetPlanner.plan(given.joint(), given.practice()))
                    .orElseGet(() -> Outcome.failed(input.problems()));
        } catch (JacksonException e) {
            String place = e.getLocation() == null
                    ? "it is broken"
                    : "broken at line " + e.getLocation().getLineNr() + ", column "
                            + e.getLocation().getColumnNr();
            return Outcome.failed(Problem.badValue("body", "json", place, SMALLEST));
        }
    }

    /** 422 where everything is understood and out of scope, 400 where anything is bad. */
    private static ResponseEntity<Object> refusal(List<Problem> problems) {
        boolean outOfScope = problems.stream().allMatch(problem -> problem.kind() == Problem.Kind.OUT_OF_SCOPE);
        ProblemDetail detail = Refusals.detail(outOfScope ? 422 : 400, problems);
        return ResponseEntity.status(detail.getStatus())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
