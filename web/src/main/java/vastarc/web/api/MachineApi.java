package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
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
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.error.NotFound;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.MachineStore.MachineEditResult;
import vastarc.web.store.machine.ProfileReader;

/**
 * The shop's machines, in the published format. What changes the shop is taken as {@code application/json} only, so that no foreign page
 * can send it unasked.
 */
@RestController
@Tag(name = "machines", description = "The shop's machines, in the format of /api/formats/machine.schema.json")
class MachineApi {

    private final MachineStore store;

    MachineApi(MachineStore store) {
        this.store = store;
    }

    /** A machine of the shop. */
    record MachineAnswer(String id, String name, JsonNode profile) {

        static MachineAnswer of(Machine machine) {
            return new MachineAnswer(
                    machine.id().toString(), machine.name(), ProfileReader.document(machine.profile()));
        }
    }

    @Operation(summary = "Every machine of the shop")
    @GetMapping("/api/v1/machines")
    List<MachineAnswer> machines() {
        return store.machines().stream().map(MachineAnswer::of).toList();
    }

    @Operation(summary = "One machine")
    @GetMapping("/api/v1/machines/{id}")
    ResponseEntity<Object> machine(@PathVariable UUID id) {
        return store.machine(id)
                .map(machine -> answer(HttpStatus.OK, machine))
                .orElseThrow(() -> new NotFound("machine"));
    }

    @Operation(
            summary = "Takes a machine into the shop",
            description = "The body is a document of the published format; every fault is named.")
    @PostMapping(path = "/api/v1/machines", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> create(HttpServletRequest request) throws IOException {
        Outcome<MachineProfile> read = read(request);
        return read.value().isEmpty()
                ? Calls.refusal(read.problems())
                : store.create(read.value().get())
                        .map(machine -> answer(HttpStatus.CREATED, machine))
                        .orElseGet(() -> Calls.refusal(
                                List.of(Problem.badValue("machines", "tooManyMachines", MachineStore.MOST))));
    }

    @Operation(
            summary = "Puts another profile in a machine's place",
            description =
                    "One that does not fit leaves the kept one untouched. With If-Match and the ETag of the machine as it was read, "
                            + "one that was changed meanwhile is left alone: 412.")
    @PutMapping(path = "/api/v1/machines/{id}", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> replace(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) @Nullable String seen,
            HttpServletRequest request)
            throws IOException {
        store.machine(id).orElseThrow(() -> new NotFound("machine"));
        Outcome<MachineProfile> read = read(request);
        if (read.value().isEmpty()) {
            return Calls.refusal(read.problems());
        }
        MachineEditResult edited = store.edit(
                        id,
                        machine -> isStale(machine, seen)
                                ? Outcome.failed(Problem.badValue("If-Match", "changedMeanwhile"))
                                : read)
                .orElseThrow(() -> new NotFound("machine"));
        return edited.problems().isEmpty()
                ? answer(HttpStatus.OK, edited.machine())
                : ResponseEntity.status(HttpStatus.PRECONDITION_FAILED)
                        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                        .body(ProblemDetail.forStatusAndDetail(
                                HttpStatus.PRECONDITION_FAILED,
                                edited.problems().get(0).message(UnitSystem.METRIC)));
    }

    private static boolean isStale(Machine machine, @Nullable String seen) {
        return seen != null && !seen.equals(tag(machine)) && !seen.equals("*");
    }

    private static String tag(Machine machine) {
        return "\"" + machine.version() + "\"";
    }

    private static ResponseEntity<Object> answer(HttpStatus status, Machine machine) {
        return ResponseEntity.status(status).eTag(tag(machine)).body(MachineAnswer.of(machine));
    }

    @Operation(summary = "Takes a machine off the shop's list")
    @DeleteMapping("/api/v1/machines/{id}")
    ResponseEntity<Void> delete(@PathVariable UUID id) {
        store.delete(id).orElseThrow(() -> new NotFound("machine"));
        return ResponseEntity.noContent().build();
    }

    private static Outcome<MachineProfile> read(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            byte[] body = in.readNBytes(ProfileReader.MAX_BYTES + 1);
            return body.length > ProfileReader.MAX_BYTES
                    ? Outcome.failed(Problem.badValue(
                            "body", "textTooLong", "more than " + ProfileReader.MAX_BYTES, ProfileReader.MAX_BYTES))
                    : ProfileReader.read(new String(body, StandardCharsets.UTF_8));
        }
    }
}
