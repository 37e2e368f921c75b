package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.service.JointList;
import vastarc.web.service.JointList.ListLine;
import vastarc.web.service.JointList.ListReport;

/** A list of joints becomes jobs on the bench. */
@RestController
@Tag(name = "sheet")
class JointsApi {

    private static final String EXAMPLE =
            "name,metal,thickness,form,wire\nRail post,mild steel,3 mm,tee,yes\nTank lid,304L,1.5,corner,no\n";

    private final JointList list;

    JointsApi(JointList list) {
        this.list = list;
    }

    /** The result of a list: row by row, a job with its current, or why it was refused. */
    record ListAnswer(long taken, long refused, List<ListLine> rows, List<String> unknownColumns) {}

    @Operation(
            summary = "A list of joints onto the bench",
            description =
                    "CSV (commas, semicolons or tabs) under a line that names the columns, or a JSON list of objects: metal, thickness and form are wanted, "
                            + "any other field of a sheet request may be given by its name or one of its aliases; name and notes besides. A column text may say the whole joint in words; other columns win. Up to 200 rows; a "
                            + "row that cannot be read is refused by itself.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = "text/csv",
                            schema = @Schema(type = "string"),
                            examples = @ExampleObject(EXAMPLE)))
    @RefusesBadInput
    @PostMapping(
            path = "/api/v1/joints",
            consumes = {MediaType.APPLICATION_JSON_VALUE, "text/csv"})
    ResponseEntity<Object> take(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            String text = new String(in.readNBytes(JointList.MOST_CHARACTERS + 1), StandardCharsets.UTF_8);
            ListReport report = list.take(text, UnitSystem.METRIC);
            return report.wrong().isEmpty()
                    ? ResponseEntity.ok(new ListAnswer(
                            report.taken(), report.lines().size() - report.taken(), report.lines(), report.unknown()))
                    : Calls.refusal(List.of(Problem.badValue("body", "joints", report.wrong())));
        }
    }
}
