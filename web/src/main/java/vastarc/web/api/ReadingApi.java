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
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.reading.Cause;
import vastarc.core.reading.Reader;
import vastarc.core.reading.Reading;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.web.format.CoreJson;
import vastarc.web.request.JsonFields;
import vastarc.web.request.ReadingReader;

/** From what is seen on a bead to what to change. */
@RestController
@Tag(name = "reading", description = "What is seen, what it comes from, what to change")
class ReadingApi {

    private static final String EXAMPLE = """
            {"sheet":{"material":"STAINLESS_304L","joint":"SQUARE_BUTT","thicknessMm":[1.5],"purged":true},"set":{"postFlow":2},\
            "seen":["TINT_END_ONLY"],"notSeen":["BEAD_GREY"],"told":{"polarity":"NEGATIVE","draught":false}}""";
    private static final String SHEET = "sheet";

    /** A cause: its share of belief, why, the change, what that costs, and how to check it. */
    record CauseText(
            String id,
            Phrase name,
            double share,
            List<Phrase> why,
            Map<String, Object> change,
            Cause.Cost cost,
            Phrase check) {

        static CauseText of(Reading.Weighed weighed) {
            Map<String, Object> change = new LinkedHashMap<>();
            weighed.remedy().move().ifPresent(move -> {
                change.put("setting", move.key().apiName());
                change.put("from", move.from());
                change.put("to", move.to());
                change.put("unit", move.key().unit());
            });
            change.put("do", weighed.remedy().act());
            return new CauseText(
                    weighed.cause().id(),
                    Phrase.of(weighed.cause().words()),
                    weighed.share(),
                    weighed.why(),
                    change,
                    weighed.cause().cost(),
                    weighed.remedy().check());
        }
    }

    /** The question worth asking next: a symptom to look for, or something to be told. */
    record AskText(@Nullable String symptom, @Nullable String told, Phrase text, double bits) {

        static AskText of(Reading.Question question) {
            return new AskText(
                    question.sign().map(sign -> sign.id()).orElse(null),
                    question.told().orElse(null),
                    question.sign()
                            .map(sign -> Phrase.of(sign.words()))
                            .orElseGet(() -> Phrase.of("told." + question.told().orElse("polarity"))),
                    question.drop());
        }
    }

    /** A bead read. */
    record ReadingAnswer(
            List<CauseText> causes, @Nullable AskText ask, List<String> tryInOrder, List<Phrase> conflicts) {}

    private static final int TRIED = 5;

    @Operation(
            summary = "What a bead comes from, and what to change",
            description =
                    "sheet: a sheet request; set: figures as they really stood, by setting key, where they differ from the sheet; seen, notSeen: ids "
                            + "of symptoms; told: polarity, process, currentType, arcStart, control, gas, and true or false for purged, draught, scaleOrOil, "
                            + "cupWalked, filterAuto, pedalPlugged. Causes come with their share of belief, the likeliest first; tryInOrder weighs what trying "
                            + "costs; ask is the question that is expected to tell most.")
    @TakesJson(example = EXAMPLE, answers = ReadingAnswer.class, says = "Causes weighed")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/reading", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> read(HttpServletRequest request) throws IOException {
        return Calls.answer(Calls.body(request, EXAMPLE)
                .then(ReadingApi::asked)
                .map(ask -> CoreJson.answers().valueToTree(answer(Reader.read(ask)))));
    }

    private static Outcome<ReadingAsk> asked(JsonNode body) {
        List<Problem> problems = new ArrayList<>(
                JsonFields.of(body, SHEET, "set", "seen", "notSeen", "told").problems());
        ReadingReader said = ReadingReader.read(body);
        problems.addAll(said.problems());
        Outcome<Sheet> sheet = JsonPlan.within(body, SHEET, plan -> plan.sheet(ShopWays.usual()));
        problems.addAll(sheet.problems());
        return problems.isEmpty()
                ? Outcome.of(new ReadingAsk(
                        sheet.value().orElseThrow(),
                        said.set(),
                        said.seen(),
                        said.notSeen(),
                        said.told(),
                        Set.of(),
                        Map.of()))
                : Outcome.failed(problems);
    }

    private static ReadingAnswer answer(Reading reading) {
        List<String> order = reading.causes().stream()
                .sorted((one, other) -> Double.compare(other.tries(), one.tries()))
                .limit(TRIED)
                .map(one -> one.cause().id())
                .toList();
        return new ReadingAnswer(
                reading.causes().stream().map(CauseText::of).toList(),
                reading.ask().map(AskText::of).orElse(null),
                order,
                reading.conflicts());
    }
}
