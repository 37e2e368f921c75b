package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import vastarc.core.input.JointReading;
import vastarc.web.request.PhraseReader;

/** A joint said in one line becomes the fields of a sheet request. */
@RestController
@Tag(name = "sheet")
class JointTextApi {

    private static final String EXAMPLE = "{\"text\":\"1/8 304 lap 4T pulse\",\"units\":\"METRIC\"}";

    @Operation(
            summary = "A joint said in one line",
            description =
                    "Metal, thickness, form, position and what else a sheet request holds, in any order, metric or inch. fields is a "
                            + "sheet request; read says which words gave which field (no words: it follows from the joint); doubts are words that may "
                            + "mean several things, of which the first was taken; unknown are words that mean nothing here. units is METRIC or INCH, "
                            + "for numbers without a unit.")
    @TakesJson(example = EXAMPLE, answers = JointReading.class, says = "What was understood")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/joint/text", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> read(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE).then(PhraseReader::read));
    }
}
