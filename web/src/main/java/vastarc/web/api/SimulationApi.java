package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.simulation.PlateSimulation;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.web.error.NotFound;
import vastarc.web.format.CoreJson;
import vastarc.web.request.PlateReader;
import vastarc.web.request.SimulationReader;
import vastarc.web.work.SimulationWork;
import vastarc.web.work.SimulationWork.SimulationStatus;
import vastarc.web.work.WorkRoom;

/** Welds simulated as long work, and the heat of a moving arc in a plate, solved while the caller waits. */
@RestController
@Tag(name = "rehearsal", description = "Heat and melting in a simulated plate")
class SimulationApi {

    private static final String EXAMPLE = """
            {"material":{"k_w_mk":30,"rho_kg_m3":7800,"c_j_kgk":692.31,"solidus_c":1450,"liquidus_c":1500,"latent_kj_kg":270},\
            "plate":{"length_mm":120,"width_mm":60,"thickness_mm":2},"initial_c":20,"ambient_c":20,"face_loss_w_m2k":0,\
            "source":{"net_power_w":650,"radius_e2_mm":2.5,"start_x_mm":10,"end_x_mm":110,"travel_mm_s":2,"edge":"REFLECT",\
            "stop":{"begin_s":40,"ramp_s":2,"motion":"STATIONARY"}},"isotherms_c":[1450,1500],"at_arc_x_mm":[50,70],\
            "stations_x_mm":[60],"probes":[{"x_mm":60,"y_mm":6,"z_mm":0}],"thresholds_c":[800,500],"end_s":75,"quality":"FINE"}""";

    private static final String WELD = """
            {"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[2],"score":{"logic":"TRIGGER_4T"},"seamMm":60,\
            "quality":"LIVE","hand":{"steadiness":"STEADY"}}""";

    private static final int AT_ONCE = 2;
    private static final long PATIENCE_S = 60;

    private final Semaphore plates = new Semaphore(AT_ONCE, true);
    private final SimulationWork room;
    private final WorkRoom works;

    SimulationApi(SimulationWork room, WorkRoom works) {
        this.room = room;
        this.works = works;
    }

    @Operation(
            summary = "A moving arc on a plate: pool, beads, peaks and cooling",
            description =
                    "The physics alone, without a job, to hold against closed solutions. x along the seam from the plate's start, y across from "
                            + "the seam, z from the arc's face. The spot's strength is 2P/(\u03c0R\u00b2)\u00b7exp(\u22122r\u00b2/R\u00b2). A width is twice the largest y "
                            + "of an isotherm at an instant; a bead the largest y a station ever saw; front and tail are measured from the arc. Between "
                            + "cells the logarithm of temperature is taken as straight. Two plates are solved at once, others wait.")
    @TakesJson(example = EXAMPLE, answers = PlateJson.class, says = "The plate")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/rehearsal/plate", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> plate(HttpServletRequest request) throws IOException, InterruptedException {
        Outcome<PlateRequest> ask = Calls.body(request, EXAMPLE).then(PlateReader::read);
        if (ask.value().isEmpty()) {
            return Calls.answer(ask);
        }
        if (!plates.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
            return busy();
        }
        try {
            return Calls.answer(ask.map(plate -> PlateJson.of(PlateSimulation.solve(plate)))
                    .map(answer -> CoreJson.answers().valueToTree(answer)));
        } finally {
            plates.release();
        }
    }

    @Operation(
            summary = "Rehearses a weld: starts it, and says where to look",
            description =
                    "Takes the fields of a sheet request and: score {logic, own}, seamMm 15 to 400, quality LIVE, FINE or PROOF, hand {steadiness "
                            + "STEADY or UNSTEADY, travelMmPerMin, arcMm, leanDeg, scatterPercent, seed}, legMm 8 to 40, wireMm. Two are rehearsed "
                            + "at once, the rest wait; one that nobody looks at for half a minute is stopped.")
    @TakesJson(
            example = WELD,
            body = "SheetRequest",
            answers = SimulationAnswer.class,
            says = "Begun, or waiting its turn",
            status = 202)
    @RefusesBadInput
    @PostMapping(path = "/api/v1/rehearsal", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> rehearse(HttpServletRequest request) throws IOException {
        Outcome<SimulationStatus> show = Calls.body(request, WELD)
                .then(SimulationReader::flat)
                .then(SimulationApi::setup)
                .then(room::start);
        return show.value()
                .<ResponseEntity<Object>>map(begun -> ResponseEntity.accepted()
                        .header(HttpHeaders.LOCATION, "/api/v1/rehearsal/" + begun.id())
                        .body(answer(begun)))
                .orElseGet(() -> Calls.refusal(show.problems()));
    }

    private static Outcome<SimulationSetup> setup(JsonNode body) {
        Outcome<JsonPlan> plan = JsonPlan.read(body, SimulationReader.FIELDS);
        Outcome<SimulationReader> simulation = SimulationReader.read(body);
        List<Problem> problems = Stream.concat(plan.problems().stream(), simulation.problems().stream())
                .toList();
        return problems.isEmpty()
                ? plan.then(read -> read.score(ShopDefaults.usual()).map(cycle -> read))
                        .map(read -> new SimulationSetup(
                                read.ask(ShopDefaults.usual()),
                                simulation.value().orElseThrow().operator(),
                                simulation.value().orElseThrow().quality(),
                                simulation.value().orElseThrow().legMm(),
                                simulation.value().orElseThrow().wireMm(),
                                false))
                : Outcome.failed(problems);
    }

    @Operation(summary = "How far a rehearsal is, and what came of it")
    @ApiResponse(
            responseCode = "200",
            description = "The rehearsal",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = SimulationAnswer.class)))
    @GetMapping("/api/v1/rehearsal/{id}")
    Object look(@PathVariable UUID id) {
        return answer(room.find(id).orElseThrow(() -> new NotFound("rehearsal")));
    }

    @Operation(summary = "Stops a rehearsal")
    @DeleteMapping("/api/v1/rehearsal/{id}")
    Object cancel(@PathVariable UUID id) {
        SimulationStatus show = room.find(id).orElseThrow(() -> new NotFound("rehearsal"));
        works.cancel(id);
        return answer(show);
    }

    private JsonNode answer(SimulationStatus show) {
        return CoreJson.answers()
                .valueToTree(
                        SimulationAnswer.of(show, works.look(show.id()).orElseThrow(() -> new NotFound("rehearsal"))));
    }

    private static ResponseEntity<Object> busy() {
        ProblemDetail detail = ProblemResponses.detail(
                HttpStatus.TOO_MANY_REQUESTS.value(), List.of(Problem.badValue("body", "busy")));
        return ResponseEntity.status(detail.getStatus())
                .header(HttpHeaders.RETRY_AFTER, Long.toString(PATIENCE_S))
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(detail);
    }
}
