package vastarc.web.drill;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.training.Drill;
import vastarc.core.training.Mastery;
import vastarc.core.training.Mastery.TopicMastery;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.core.training.TrainingShop;
import vastarc.web.layout.Labels;
import vastarc.web.service.TrainingShops;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.drill.PracticalStore;

/** Asks, explains, and remembers who knows what. */
@Controller
class DrillController {

    private static final int WELL_KNOWN = 6;
    private static final int HALF_KNOWN = 2;

    private final TrainingShops shops;
    private final DrillStore results;
    private final PracticalStore practical;
    private final Clock clock;

    DrillController(TrainingShops shops, DrillStore results, PracticalStore practical, Clock clock) {
        this.shops = shops;
        this.results = results;
        this.practical = practical;
        this.clock = clock;
    }

    /** A topic and how well it is known. */
    public record TopicLine(String id, String name, String known, int asked, int right, boolean due) {
        public TopicLine {
            name = Labels.of(name);
        }
    }

    @GetMapping("/drill")
    String start(@RequestParam(defaultValue = "") String learner, Model model) {
        String name = DrillStore.name(learner);
        Mastery mastery = results.mastery(name);
        model.addAttribute("learner", name);
        model.addAttribute("learners", results.learners());
        model.addAttribute("progress", LearningProgress.of(results.of(name)));
        model.addAttribute(
                "topics",
                mastery.inOrder().stream().map(topic -> line(topic, mastery)).toList());
        return "drill/page";
    }

    private static TopicLine line(Topic topic, Mastery mastery) {
        TopicMastery known = mastery.topics().getOrDefault(topic, new TopicMastery(0, 1, 0, 0));
        return new TopicLine(
                topic.name(),
                Phrasebook.say(Phrase.of(topic.words()), UnitSystem.METRIC),
                known.asked() == 0 ? "not asked yet" : Math.round(100 * known.recall()) + " % remembered",
                known.asked(),
                known.right(),
                known.isDue());
    }

    /** The next question: of what is due, or of a topic that was tapped. Its seed is in the address, so that it stays over a reload. */
    @GetMapping("/drill/ask")
    String ask(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String topic,
            @RequestParam(defaultValue = "") String seed,
            @RequestParam(defaultValue = "false") boolean same,
            Model model,
            RedirectAttributes back) {
        String name = DrillStore.name(learner);
        OptionalDouble number = NumberReader.read(seed);
        Optional<Topic> chosen = ExamPaper.topic(topic);
        if (number.isEmpty() || chosen.isEmpty()) {
            long drawn = QuestionSeeds.drawn(clock);
            Topic next = chosen.orElseGet(() -> results.mastery(name).next(drawn));
            back.addAttribute("learner", name);
            back.addAttribute("topic", next.name());
            back.addAttribute("seed", drawn);
            back.addAttribute("same", chosen.isPresent());
            return "redirect:/drill/ask";
        }
        DisplayedQuestion question = question(name, chosen.get(), (long) number.getAsDouble());
        show(question, same, model);
        return "drill/ask";
    }

    private record DisplayedQuestion(String learner, Topic topic, long seed, Question question, TrainingShop shop) {}

    private DisplayedQuestion question(String learner, Topic topic, long seed) {
        TopicMastery known = results.mastery(learner).topics().getOrDefault(topic, new TopicMastery(0, 1, 0, 0));
        int level = known.right() >= WELL_KNOWN ? 3 : known.right() >= HALF_KNOWN ? 2 : 1;
        return question(learner, topic, seed, level);
    }

    private DisplayedQuestion question(String learner, Topic topic, long seed, int level) {
        TrainingShop shop = shops.shop();
        return new DisplayedQuestion(learner, topic, seed, Drill.question(seed, topic, level, shop), shop);
    }

    private static void show(DisplayedQuestion asked, boolean same, Model model) {
        model.addAttribute("learner", asked.learner());
        model.addAttribute("topicId", asked.topic().name());
        model.addAttribute("seed", asked.seed());
        model.addAttribute("level", asked.question().level());
        model.addAttribute("same", same);
        model.addAttribute("question", QuestionView.of(asked.question(), asked.shop()));
    }

    /** How an answer compares with the question, a line for each choice. */
    public record ChoiceLine(String text, String why, boolean right, boolean given) {}

    /** Marks an answer, keeps it under the learner's name, and explains it. */
    @PostMapping("/drill/answer")
    String answer(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String topic,
            @RequestParam(defaultValue = "0") String seed,
            @RequestParam(defaultValue = "1") String level,
            @RequestParam(defaultValue = "") String choice,
            @RequestParam(defaultValue = "") String figure,
            @RequestParam(name = "fault", defaultValue = "") List<String> faults,
            @RequestParam(defaultValue = "false") boolean same,
            Model model) {
        Topic chosen = ExamPaper.topic(topic).orElse(Topic.WORDS);
        int asLevel = (int) Math.min(3, Math.max(1, NumberReader.read(level).orElse(1)));
        String name = DrillStore.name(learner);
        DisplayedQuestion asked =
                question(name, chosen, (long) NumberReader.read(seed).orElse(0), asLevel);
        Question question = asked.question();
        SubmittedAnswer given = new SubmittedAnswer(choice, figure, faults);
        show(asked, same, model);
        if (given.isUnread(question)) {
            model.addAttribute("wrong", "Type a number, such as 62; it was “" + figure.strip() + "”.");
            model.addAttribute("typed", figure);
            return "drill/ask";
        }
        boolean right = given.isRight(question);
        if (!name.isEmpty()) {
            results.answered(name, chosen, right);
        }
        explain(asked, right, given.place(), model);
        return "drill/answer";
    }

    private static void explain(DisplayedQuestion asked, boolean right, int given, Model model) {
        Question question = asked.question();
        model.addAttribute("right", right);
        model.addAttribute("key", QuestionView.right(question, asked.shop()));
        model.addAttribute("why", question.why());
        model.addAttribute(
                "lines",
                IntStream.range(0, question.choices().size())
                        .mapToObj(i -> new ChoiceLine(
                                question.choices().get(i).text(),
                                question.choices().get(i).why(),
                                question.answer().choice().orElse(-1) == i,
                                given == i))
                        .toList());
    }

    @PostMapping("/drill/forget")
    String forget(@RequestParam(defaultValue = "") String learner) {
        results.forget(DrillStore.name(learner));
        practical.forget(DrillStore.name(learner));
        return "redirect:/drill";
    }

    /** What a learner has answered, a line each. */
    @GetMapping(path = "/drill.csv", produces = "text/csv")
    @ResponseBody
    ResponseEntity<String> csv(@RequestParam(defaultValue = "") String learner) {
        StringBuilder table = new StringBuilder("answered,topic,right\r\n");
        results.of(DrillStore.name(learner))
                .forEach(answer -> table.append(answer.at())
                        .append(',')
                        .append(answer.topic())
                        .append(',')
                        .append(answer.right())
                        .append("\r\n"));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("drill.csv")
                                .build()
                                .toString())
                .body(table.toString());
    }
}
