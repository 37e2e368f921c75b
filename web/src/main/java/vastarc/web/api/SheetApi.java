package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.input.JointReading;
import vastarc.web.format.CoreJson;
import vastarc.web.request.PhraseReader;

/** From a joint to its setup sheet, as JSON. */
@RestController
@Tag(name = "sheet", description = "From a joint to its setup sheet")
class SheetApi {

    private static final String EXAMPLE = """
            {"material":"STAINLESS_316L","joint":"TUBE_BUTT","thicknessMm":[1.5,1.5],"tubeOdMm":50.8,"position":"PA","rotated":true,\
            "wire":false,"technique":"FREEHAND","control":"PEDAL","chill":"NONE","purged":true}""";
    static final String SMALLEST = "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[2]}";

    private final NamedMachine machine;

    SheetApi(NamedMachine machine) {
        this.machine = machine;
    }

    @Operation(
            summary = "The setup sheet of a joint",
            description =
                    "Only material, joint and thicknessMm are required; pass asks for a later pass. Units are fixed: A, V, s, mm, mm/min, L/min, Hz, %, "
                            + "kJ/mm, °C, degrees. workingCurrent is what the joint needs at the arc, the peak when pulsed; pedalCeiling is "
                            + "what the panel is set to when a foot controls it. machine: the name of one of the shop's; where three good runs or more are near "
                            + "the joint, schools then holds AS_PROVEN_HERE, its note the window and the runs behind it. text: the joint said in one line, as for "
                            + "/api/v1/joint/text; fields sent beside it win, and understood tells what was read.")
    @TakesJson(example = EXAMPLE, body = "SheetRequest", answers = SheetAnswer.class, says = "The sheet")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/sheet", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> sheet(HttpServletRequest request) throws IOException {
        Outcome<JsonNode> sent = Calls.body(request, SMALLEST);
        Outcome<Optional<JointReading>> line = sent.then(SheetApi::line);
        Outcome<JsonNode> body = line.then(read -> sent.map(fields -> PhraseReader.filled(fields, read)));
        Outcome<ShopDefaults> ways = body.then(machine::of).map(machine::defaults);
        Outcome<JsonPlan> plan = ways.then(found -> body).then(read -> JsonPlan.read(read, Set.of(NamedMachine.FIELD)));
        return Calls.answer(
                plan.then(read -> ways.then(read::sheet)).map(sheet -> answer(sheet, line)),
                () -> plan.value()
                        .map(read -> read.waysOut(ShopDefaults.usual()))
                        .orElse(List.of()));
    }

    /** The joint said in one line, where there is one. */
    private static Outcome<Optional<JointReading>> line(JsonNode body) {
        return body.has(PhraseReader.TEXT) ? PhraseReader.read(body).map(Optional::of) : Outcome.of(Optional.empty());
    }

    private static JsonNode answer(SetupSheet sheet, Outcome<Optional<JointReading>> line) {
        ObjectNode answer = CoreJson.answers().valueToTree(SheetAnswer.of(sheet));
        line.value()
                .flatMap(Function.identity())
                .ifPresent(read -> answer.set("understood", CoreJson.answers().valueToTree(read)));
        return answer;
    }
}
