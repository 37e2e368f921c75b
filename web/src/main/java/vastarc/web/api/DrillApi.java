package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.training.Exam;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.web.format.CoreJson;
import vastarc.web.request.ApiNames;
import vastarc.web.service.TrainingShops;

/** Exams for the trainer, key included. */
@RestController
@Tag(name = "drill", description = "Questions from the shop's own machines, jobs and tables")
class DrillApi {

    private static final InputRange SEED = new InputRange("seed", -9e15, 9e15, Unit.NUMBER);
    private static final InputRange COUNT = new InputRange("n", 1, Exam.MOST, Unit.NUMBER);

    private final TrainingShops shops;

    DrillApi(TrainingShops shops) {
        this.shops = shops;
    }

    /** A question with its key. */
    record QuestionText(
            String id,
            Topic topic,
            int level,
            String prompt,
            Question.@Nullable Picture picture,
            List<Question.Choice> choices,
            Map<String, Object> answer,
            String why) {

        static QuestionText of(Question question) {
            Map<String, Object> answer = new LinkedHashMap<>();
            question.answer().choice().ifPresent(place -> answer.put("choice", place));
            question.answer().figure().ifPresent(figure -> {
                answer.put("value", figure.value());
                answer.put("low", figure.low());
                answer.put("high", figure.high());
                answer.put("unit", figure.unit());
            });
            question.answer().faults().ifPresent(faults -> answer.put("faults", faults));
            return new QuestionText(
                    question.id(),
                    question.topic(),
                    question.level(),
                    question.prompt(),
                    question.picture().orElse(null),
                    question.choices(),
                    answer,
                    question.why());
        }
    }

    /** An exam. */
    record ExamAnswer(long seed, List<QuestionText> questions) {}

    @Operation(
            summary = "An exam with its key",
            description =
                    "seed: the same seed, topics, number and shop make the same exam; topics: names separated by commas, all where none is named; "
                            + "n: 1 to 100. answer holds choice (place among the choices), or value with low and high, or faults (ids of controls; empty "
                            + "where the panel is set right).")
    @RefusesBadInput
    @GetMapping("/api/v1/drill/exam")
    ResponseEntity<Object> exam(
            @RequestParam(defaultValue = "1") String seed,
            @RequestParam(defaultValue = "") String topics,
            @RequestParam(defaultValue = "20") String n) {
        List<Problem> problems = new ArrayList<>();
        double from = number(seed, SEED, problems);
        double count = number(n, COUNT, problems);
        List<Topic> asked = topics(topics, problems);
        if (!problems.isEmpty()) {
            return Calls.refusal(problems);
        }
        Exam exam = Exam.of((long) from, asked, (int) count, shops.shop());
        return ResponseEntity.ok(CoreJson.answers()
                .valueToTree(new ExamAnswer(
                        exam.seed(),
                        exam.questions().stream().map(QuestionText::of).toList())));
    }

    private static double number(String text, InputRange range, List<Problem> problems) {
        OptionalDouble number = NumberReader.read(text);
        if (number.isEmpty()) {
            problems.add(
                    Problem.badValue(range.field(), "type", "“" + ApiNames.shortened(text) + "”", "a whole number"));
            return range.low();
        }
        range.check(number.getAsDouble()).ifPresent(problems::add);
        return number.getAsDouble();
    }

    private static List<Topic> topics(String text, List<Problem> problems) {
        if (text.isBlank()) {
            return List.of(Topic.values());
        }
        List<Topic> topics = new ArrayList<>();
        for (String name : text.split(",")) {
            Arrays.stream(Topic.values())
                    .filter(topic -> topic.name().equals(name.strip()))
                    .findFirst()
                    .ifPresentOrElse(
                            topics::add,
                            () -> problems.add(Problem.badValue(
                                    "topics",
                                    "drill.topics",
                                    ApiNames.shortened(name),
                                    Arrays.stream(Topic.values())
                                            .map(Enum::name)
                                            .collect(Collectors.joining(", ")))));
        }
        return topics.isEmpty() ? List.of(Topic.values()) : topics;
    }
}
