package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.diagnosis.Cause.TrialCost;
import vastarc.core.record.diagnosis.Diagnoser;
import vastarc.core.record.diagnosis.Diagnosis;
import vastarc.core.record.diagnosis.Diagnosis.NextQuestion;
import vastarc.core.record.diagnosis.Diagnosis.RankedCause;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.web.format.CoreJson;
import vastarc.web.request.DiagnosisReader;
import vastarc.web.request.JsonFields;

/** From what is seen on a bead to what to change. */
@RestController
@Tag(name = "reading", description = "What is seen, what it comes from, what to change")
class DiagnosisApi {

    private static final String EXAMPLE = """
            {"sheet":{"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[1.5],"purged":true},"set":{"postFlow":2},\
            "seen":["TINT_END_ONLY"],"notSeen":["BEAD_GREY"],"told":{"polarity":"NEGATIVE","draught":false}}""";
    private static final String SHEET = "sheet";

    /** A cause: its share of belief, why, the change, what that costs, and how to check it. */
    record CauseJson(
            String id,
            Phrase name,
            double share,
            List<Phrase> why,
            Map<String, Object> change,
            TrialCost cost,
            Phrase check) {

        static CauseJson of(RankedCause weighed) {
            Map<String, Object> change = new LinkedHashMap<>();
            weighed.remedy().move().ifPresent(move -> {
                change.put("setting", move.key().apiName());
                change.put("from", move.from());
                change.put("to", move.to());
                change.put("unit", move.key().unit());
            });
            change.put("do", weighed.remedy().act());
            return new CauseJson(
                    weighed.cause().id(),
                    Phrase.of(weighed.cause().words()),
                    weighed.share(),
                    weighed.why(),
                    change,
                    weighed.cause().cost(),
                    weighed.remedy().check());
        }
    }

    /** The question worth asking next: a symptom to look for, or a question. */
    record NextQuestionJson(
            @Nullable String symptom, @Nullable String told, Phrase text, double bits) {

        static NextQuestionJson of(NextQuestion question) {
            return new NextQuestionJson(
                    question.sign().map(symptom -> symptom.id()).orElse(null),
                    question.question().orElse(null),
                    question.sign()
                            .map(symptom -> Phrase.of(symptom.words()))
                            .orElseGet(() ->
                                    Phrase.of("told." + question.question().orElse("polarity"))),
                    question.drop());
        }
    }

    /** A bead read. */
    record DiagnosisAnswer(
            List<CauseJson> causes, @Nullable NextQuestionJson ask, List<String> tryInOrder, List<Phrase> conflicts) {}

    private static final int TRIED = 5;

    @Operation(
            summary = "What a bead comes from, and what to change",
            description =
                    "sheet: a sheet request; set: values really used, by setting key, where they differ from the sheet; seen, notSeen: ids "
                            + "of symptoms; told: polarity, process, currentType, arcStart, control, gas, and true or false for purged, draught, scaleOrOil, "
                            + "cupWalked, filterAuto, pedalPlugged. Causes come with their share of belief, the likeliest first; tryInOrder weighs what trying "
                            + "costs; ask is the question that is expected to tell most.")
    @TakesJson(example = EXAMPLE, answers = DiagnosisAnswer.class, says = "Causes weighed")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/reading", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> read(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE)
                .then(DiagnosisApi::request)
                .map(ask -> CoreJson.answers().valueToTree(answer(Diagnoser.read(ask)))));
    }

    private static Outcome<DiagnosisRequest> request(JsonNode body) {
        List<Problem> problems = new ArrayList<>(
                JsonFields.of(body, SHEET, "set", "seen", "notSeen", "told").problems());
        DiagnosisReader said = DiagnosisReader.read(body);
        problems.addAll(said.problems());
        Outcome<SetupSheet> sheet = JsonPlan.within(body, SHEET, plan -> plan.sheet(ShopDefaults.usual()));
        problems.addAll(sheet.problems());
        return problems.isEmpty()
                ? Outcome.of(new DiagnosisRequest(
                        sheet.value().orElseThrow(),
                        said.set(),
                        said.seen(),
                        said.notSeen(),
                        said.answers(),
                        Set.of(),
                        Map.of()))
                : Outcome.failed(problems);
    }

    private static DiagnosisAnswer answer(Diagnosis reading) {
        List<String> order = reading.causes().stream()
                .sorted((ranked, other) -> Double.compare(other.tries(), ranked.tries()))
                .limit(TRIED)
                .map(ranked -> ranked.cause().id())
                .toList();
        return new DiagnosisAnswer(
                reading.causes().stream().map(CauseJson::of).toList(),
                reading.ask().map(NextQuestionJson::of).orElse(null),
                order,
                reading.conflicts());
    }
}
