package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Arrays;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import vastarc.web.error.NotFound;
import vastarc.web.format.Format;

/** The published formats. */
@RestController
@Tag(name = "formats", description = "What the files and documents look like")
class FormatApi {

    @Operation(
            summary = "A published format, as a JSON Schema",
            description =
                    "file: machine, sheet, job, shop (shop-1 to shop-7 for older archives), run, trace, purge, route or exam, each with .schema.json.")
    @GetMapping(path = "/api/formats/{file}", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema(@PathVariable String file) {
        return Arrays.stream(Format.values())
                .filter(format -> format.file().equals(file))
                .findFirst()
                .orElseThrow(() -> new NotFound("format"))
                .text();
    }
}
