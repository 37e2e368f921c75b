package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.TorchProfile;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonInputs;
import vastarc.web.request.OwnValueReader;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.machine.Torch;

/** A sheet on a machine: where every control must be set, what to change, what does not reach. */
@RestController
@Tag(name = "panel", description = "A sheet on a machine's own panel")
class PanelApi {

    private static final String MACHINE = "machine";
    private static final String TORCH = "torch";
    private static final String CURRENT_SETTINGS = "stands";
    private static final Set<String> FIELDS = Set.of(OwnValueReader.LOGIC, MACHINE, TORCH, CURRENT_SETTINGS);

    private final MachineStore store;

    PanelApi(MachineStore store) {
        this.store = store;
    }

    /** A machine of the shop with what meters said of its dials, or one sent along. */
    private record OnBench(MachineProfile profile, Map<String, DialCurve> curves) {}

    /** The answer. */
    record PanelAnswer(
            List<ControlAnswer> controls, List<ChangeAnswer> changes, List<String> missing, List<LimitAnswer> limits) {}

    /**
     * A control.
     *
     * @param place share of the sweep for a knob, number of the stop from 0 for a switch, figure for a display; left out where it cannot be set
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record ControlAnswer(
            String id,
            String label,
            String kind,
            String setting,
            @Nullable Double place,
            @Nullable Double angleDeg,
            String words,
            @Nullable Double figure,
            @Nullable String unit,
            @Nullable String gives,
            @Nullable String idle) {}

    /** A change. */
    record ChangeAnswer(String id, String label, String from, String to) {}

    /** A limit and its ways out, nearest first. */
    record LimitAnswer(String code, String text, List<String> ways) {}

    @Operation(
            summary = "Where every control must stand",
            description =
                    "Takes the fields of a score request without touches, and: machine (an id of the shop, or a whole document of the "
                            + "published format), torch (an id), stands (current settings, by id: share of the sweep, number of the stop, figure).")
    @ApiResponse(
            responseCode = "200",
            description = "The panel",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_JSON_VALUE,
                            schema = @Schema(implementation = PanelAnswer.class)))
    @RefusesBadInput
    @PostMapping(path = "/api/v1/panel", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> panel(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, SheetApi.SMALLEST).then(this::panel));
    }

    /** The panel, or every field that is bad. */
    private Outcome<PanelAnswer> panel(JsonNode body) {
        Outcome<WeldCycle> cycle = JsonPlan.read(body, FIELDS).then(plan -> plan.score(ShopDefaults.usual()));
        Outcome<OnBench> machine = machine(body.get(MACHINE));
        Outcome<Optional<TorchProfile>> torch = torch(body.get(TORCH));
        Outcome<Map<String, Double>> settings =
                currentSettings(body.get(CURRENT_SETTINGS), machine.value().map(OnBench::profile));
        List<Problem> problems = Stream.of(cycle, machine, torch, settings)
                .flatMap(part -> part.problems().stream())
                .toList();
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        OnBench bench = machine.value().orElseThrow();
        return Outcome.of(answer(PanelPlan.of(
                cycle.value().orElseThrow(),
                bench.profile(),
                torch.value().orElseThrow(),
                bench.curves(),
                settings.value().orElseThrow())));
    }

    private Outcome<OnBench> machine(JsonNode node) {
        if (node != null && node.isObject()) {
            return ProfileReader.read(node).map(profile -> new OnBench(profile, Map.of()));
        }
        Optional<Machine> machine = id(node).flatMap(store::machine);
        return machine.map(found -> Outcome.of(new OnBench(found.profile(), store.curves(found.id()))))
                .orElseGet(() -> Outcome.failed(Problem.badValue(MACHINE, "noMachine")));
    }

    private static Optional<UUID> id(JsonNode node) {
        try {
            return node != null && node.isString() ? Optional.of(UUID.fromString(node.asString())) : Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private Outcome<Optional<TorchProfile>> torch(JsonNode node) {
        if (node == null || node.isNull()) {
            return Outcome.of(Optional.empty());
        }
        Optional<TorchProfile> torch = id(node).flatMap(store::torch).map(Torch::profile);
        return torch.isPresent()
                ? Outcome.of(torch)
                : Outcome.failed(
                        Problem.badValue(TORCH, "type", "no torch of the shop", "the id of a torch, or leave it out"));
    }

    /** How controls stand: numbers by the ids of controls, each a place of its control. */
    private static Outcome<Map<String, Double>> currentSettings(JsonNode node, Optional<MachineProfile> machine) {
        Map<String, Double> settings = new HashMap<>();
        if (node == null || node.isNull()) {
            return Outcome.of(settings);
        }
        for (String name : node.isObject() ? node.propertyNames() : Set.<String>of()) {
            JsonInputs.finite(node.get(name)).ifPresent(place -> settings.put(name, place));
        }
        boolean numbers = node.isObject() && settings.size() == node.size();
        boolean places = machine.map(profile -> settings.entrySet().stream()
                        .allMatch(entry -> profile.element(entry.getKey())
                                .filter(element -> !element.isPlace(entry.getValue()))
                                .isEmpty()))
                .orElse(true);
        return numbers && places
                ? Outcome.of(settings)
                : Outcome.failed(
                        Problem.badValue(
                                CURRENT_SETTINGS,
                                "type",
                                numbers ? "a place that the control does not have" : "not all numbers",
                                "numbers by the ids of controls: share of the sweep from 0 to 1, number of the stop from 0, or a figure on the display"));
    }

    private static PanelAnswer answer(PanelPlan plan) {
        return new PanelAnswer(
                plan.controls().stream().map(PanelApi::control).toList(),
                plan.changes().stream()
                        .map(change -> new ChangeAnswer(
                                change.elementId(),
                                change.label(),
                                SheetAnswer.say(change.from()),
                                SheetAnswer.say(change.to())))
                        .toList(),
                plan.missing().stream().map(SheetAnswer::say).toList(),
                plan.limits().stream()
                        .map(limit -> new LimitAnswer(
                                limit.code(),
                                SheetAnswer.say(limit.text()),
                                limit.options().stream().map(SheetAnswer::say).toList()))
                        .toList());
    }

    private static ControlAnswer control(ControlTarget placed) {
        PanelElement element = placed.element();
        boolean knob = element.kind() == ControlKind.KNOB;
        return new ControlAnswer(
                element.id(),
                element.label(),
                element.kind().name(),
                element.setting().name(),
                placed.target().map(CoreJson::rounded).orElse(null),
                knob
                        ? placed.target()
                                .map(place -> CoreJson.rounded(
                                        element.scale().orElseThrow().angleDeg(place)))
                                .orElse(null)
                        : null,
                SheetAnswer.say(placed.words()),
                placed.figure().map(figure -> CoreJson.rounded(figure.value())).orElse(null),
                placed.figure().map(figure -> figure.unit().symbol()).orElse(null),
                placed.gives().map(SheetAnswer::say).orElse(null),
                placed.idle().map(SheetAnswer::say).orElse(null));
    }
}
