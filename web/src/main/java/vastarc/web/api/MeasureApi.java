package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.vision.MeasureRequest;
import vastarc.web.request.JsonObjects;
import vastarc.web.request.MeasureReader;
import vastarc.web.store.run.PhotoPixels;
import vastarc.web.store.run.PictureRefused;

/** Measures the bead in a photograph. */
@RestController
@Tag(name = "measure", description = "What a photograph of a bead says in numbers")
class MeasureApi {

    private static final String IMAGE = "image";
    private static final String ASK = "ask";
    private static final int MOST_ASK = 64 * 1024;

    @Operation(
            summary = "Width, ripples and tint of a bead in a photograph",
            description =
                    "A form in parts: image, a JPEG or PNG of up to 20 MB and 40 megapixels, and ask, JSON. scale is two places of known "
                            + "distance in mm, a tube's outline with tubeOdMm, or {\"strip\":true} for the printed strip. Places are pixels [x, y] from the "
                            + "upper left. Every plusMinus is half of a 90 % interval. A picture that cannot be measured answers refused and words; nothing "
                            + "here inspects a weld.")
    @ApiResponse(
            responseCode = "200",
            description = "The measures, or why there are none",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = MeasureAnswer.class)))
    @RefusesBadInput
    @PostMapping(path = "/api/v1/measure", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ResponseEntity<Object> measure(@Parameter(hidden = true) MultipartHttpServletRequest request) throws IOException {
        Outcome<MeasureRequest> asked =
                JsonObjects.read(ask(request), MeasureReader.EXAMPLE).then(MeasureReader::read);
        MultipartFile image = request.getFile(IMAGE);
        if (image == null || image.isEmpty()) {
            return Calls.refusal(Stream.concat(asked.problems().stream(), Stream.of(noImage("it is missing")))
                    .toList());
        }
        return Calls.answer(asked.then(wanted -> measured(image, wanted)));
    }

    /** The ask is a field or a file of its own. */
    private static byte[] ask(MultipartHttpServletRequest request) throws IOException {
        MultipartFile file = request.getFile(ASK);
        String text = request.getParameter(ASK);
        byte[] ask = file == null ? String.valueOf(text).getBytes(StandardCharsets.UTF_8) : file.getBytes();
        return ask.length > MOST_ASK ? new byte[0] : ask;
    }

    private static Outcome<MeasureAnswer> measured(MultipartFile image, MeasureRequest asked) {
        try {
            return Outcome.of(MeasureAnswer.of(PhotoPixels.measure(image.getBytes(), asked)));
        } catch (PictureRefused e) {
            return Outcome.failed(noImage(String.valueOf(e.getMessage())));
        } catch (IOException e) {
            return Outcome.failed(List.of(noImage("it did not come whole")));
        }
    }

    private static Problem noImage(String why) {
        return Problem.badValue(IMAGE, "measure.image", why);
    }
}
