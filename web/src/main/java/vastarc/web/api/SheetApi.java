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
import java.util.List;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import vastarc.core.finding.Outcome;
import vastarc.core.sheet.ShopWays;
import vastarc.web.format.CoreJson;

/** From a joint to its setup sheet, as JSON. */
@RestController
@Tag(name = "sheet", description = "From a joint to its setup sheet")
class SheetApi {

    private static final String EXAMPLE = """
            {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5,1.5],"tubeOdMm":50.8,"position":"PA","rotated":true,\
            "wire":false,"technique":"FREEHAND","control":"PEDAL","chill":"NONE","purged":true}""";
    static final String SMALLEST = "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[2]}";

    @Operation(
            summary = "The setup sheet of a joint",
            description =
                    "Only material, joint and thicknessMm are required; pass asks for a later pass. Units are fixed: A, V, s, mm, mm/min, L/min, Hz, %, "
                            + "kJ/mm, °C, degrees. workingCurrent is what the joint needs at the arc, the peak when pulsed; pedalCeiling is "
                            + "what the panel is set to when a foot controls it.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(ref = "SheetRequest"),
                            examples = @ExampleObject(EXAMPLE)))
    @ApiResponse(
            responseCode = "200",
            description = "The sheet",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = SheetAnswer.class)))
    @RefusesBadInput
    @PostMapping(path = "/api/v1/sheet", consumes = MediaType.ALL_VALUE)
    ResponseEntity<Object> sheet(HttpServletRequest request) throws IOException {
        Outcome<JsonPlan> plan = Calls.body(request, SMALLEST).then(body -> JsonPlan.read(body, Set.of()));
        return Calls.answer(
                plan.then(read -> read.sheet(ShopWays.usual()))
                        .map(sheet -> CoreJson.answers().valueToTree(SheetAnswer.of(sheet))),
                () -> plan.value().map(read -> read.waysOut(ShopWays.usual())).orElse(List.of()));
    }
}
