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
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.rehearsal.PlateAsk;
import vastarc.core.rehearsal.PlateRun;
import vastarc.web.format.CoreJson;
import vastarc.web.request.PlateReader;

/** The heat of a moving arc in a plate, solved while the caller waits. */
@RestController
@Tag(name = "rehearsal", description = "Heat and melting in a simulated plate")
class RehearsalApi {

    private static final String EXAMPLE = """
            {"material":{"k_w_mk":30,"rho_kg_m3":7800,"c_j_kgk":692.31,"solidus_c":1450,"liquidus_c":1500,"latent_kj_kg":270},\
            "plate":{"length_mm":120,"width_mm":60,"thickness_mm":2},"initial_c":20,"ambient_c":20,"face_loss_w_m2k":0,\
            "source":{"net_power_w":650,"radius_e2_mm":2.5,"start_x_mm":10,"end_x_mm":110,"travel_mm_s":2,"edge":"REFLECT",\
            "stop":{"begin_s":40,"ramp_s":2,"motion":"STATIONARY"}},"isotherms_c":[1450,1500],"at_arc_x_mm":[50,70],\
            "stations_x_mm":[60],"probes":[{"x_mm":60,"y_mm":6,"z_mm":0}],"thresholds_c":[800,500],"end_s":75,"quality":"FINE"}""";

    private static final int AT_ONCE = 2;
    private static final long PATIENCE_S = 60;

    private final Semaphore plates = new Semaphore(AT_ONCE, true);

    @Operation(
            summary = "A moving arc on a plate: pool, beads, peaks and cooling",
            description =
                    "The physics alone, without a job, to hold against closed solutions. x along the seam from the plate's start, y across from "
                            + "the seam, z from the arc's face. The spot's strength is 2P/(\u03c0R\u00b2)\u00b7exp(\u22122r\u00b2/R\u00b2). A width is twice the largest y "
                            + "of an isotherm at an instant; a bead the largest y a station ever saw; front and tail are told from the arc. Between "
                            + "cells the logarithm of temperature is taken as straight. Two plates are solved at once, others wait.")
    @RequestBody(
            required = true,
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(type = "object"),
                            examples = @ExampleObject(EXAMPLE)))
    @ApiResponse(
            responseCode = "200",
            description = "The plate",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = PlateText.class)))
    @RefusesBadInput
    @PostMapping(path = "/api/v1/rehearsal/plate", consumes = MediaType.ALL_VALUE)
    ResponseEntity<Object> plate(HttpServletRequest request) throws IOException, InterruptedException {
        Outcome<PlateAsk> ask = Calls.body(request, EXAMPLE).then(PlateReader::read);
        if (ask.value().isEmpty()) {
            return Calls.answer(ask);
        }
        if (!plates.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
            return busy();
        }
        try {
            return Calls.answer(ask.map(plate -> PlateText.of(PlateRun.solve(plate)))
                    .map(answer -> CoreJson.answers().valueToTree(answer)));
        } finally {
            plates.release();
        }
    }

    private static ResponseEntity<Object> busy() {
        ProblemDetail detail =
                Refusals.detail(HttpStatus.TOO_MANY_REQUESTS.value(), List.of(Problem.badValue("body", "busy")));
        return ResponseEntity.status(detail.getStatus())
                .header(HttpHeaders.RETRY_AFTER, Long.toString(PATIENCE_S))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
