package vastarc.web.drill;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.paper.PaperPress;
import vastarc.web.service.TrainingShops;
import vastarc.web.store.drill.DrillStore;

/** Exams: on paper with their key, or answered here and marked. */
@Controller
class ExamController {

    private static final double MINUTE_MS = 60_000;

    private final TrainingShops shops;
    private final DrillStore results;
    private final PaperPress press;
    private final Clock clock;

    ExamController(TrainingShops shops, DrillStore results, PaperPress press, Clock clock) {
        this.shops = shops;
        this.results = results;
        this.press = press;
        this.clock = clock;
    }

    private ExamPaper paper(MultiValueMap<String, String> parameters) {
        return ExamPaper.of(
                first(parameters, "seed"),
                first(parameters, "n"),
                first(parameters, "minutes"),
                parameters.getOrDefault("topic", List.of()),
                shops.shop());
    }

    /** {@code seed}, {@code topic}s, {@code n} and {@code minutes} say which exam; what cannot be read is put right. */
    @GetMapping("/drill/exam")
    String exam(@RequestParam MultiValueMap<String, String> asked, Model model) {
        model.addAttribute("exam", paper(asked));
        model.addAttribute("learner", DrillStore.name(first(asked, "learner")));
        model.addAttribute("paper", true);
        return "drill/exam";
    }

    @GetMapping("/drill/exam.pdf")
    ResponseEntity<byte[]> pdf(@RequestParam MultiValueMap<String, String> asked) {
        ExamPaper exam = paper(asked);
        String title = "Exam " + exam.seed();
        return PaperPress.answer(
                title, press.press("drill/exam-paper", title, PaperPress.Size.A4, Map.of("exam", exam)));
    }

    /** The exam to be answered here: one form, so that nothing is lost by going back and forth in it. */
    @GetMapping("/drill/sit")
    String sit(@RequestParam MultiValueMap<String, String> asked, Model model) {
        model.addAttribute("exam", paper(asked));
        model.addAttribute("learner", DrillStore.name(first(asked, "learner")));
        model.addAttribute("begun", clock.millis());
        return "drill/sit";
    }

    @PostMapping("/drill/sit")
    String mark(@RequestParam MultiValueMap<String, String> sent, Model model) {
        ExamPaper exam = paper(sent);
        MarkedExam marked = MarkedExam.of(exam, i -> given(sent, i));
        String name = DrillStore.name(first(sent, "learner"));
        if (!name.isEmpty()) {
            marked.lines().forEach(line -> results.answered(name, line.topic(), line.right()));
        }
        model.addAttribute("exam", exam);
        model.addAttribute("learner", name);
        model.addAttribute("marked", marked);
        model.addAttribute("took", took(first(sent, "begun"), exam.minutes()));
        return "drill/marked";
    }

    private static SubmittedAnswer given(MultiValueMap<String, String> sent, int i) {
        List<String> faults = sent.getOrDefault("fault" + i, List.of());
        return new SubmittedAnswer(first(sent, "choice" + i), first(sent, "figure" + i), faults);
    }

    private static String first(MultiValueMap<String, String> sent, String name) {
        String value = sent.getFirst(name);
        return value == null ? "" : value;
    }

    /** How long it took against what was allowed; empty where that is not known. */
    private String took(String begun, int minutes) {
        double from = begun.matches("\\d{1,15}") ? Long.parseLong(begun) : 0;
        double gone = (clock.millis() - from) / MINUTE_MS;
        if (from <= 0 || gone < 0 || gone > 24 * 60) {
            return "";
        }
        String text = "In " + Math.max(1, Math.round(gone)) + " min";
        if (minutes == 0) {
            return text + ".";
        }
        return gone <= minutes
                ? text + " of " + minutes + "."
                : text + ", " + Math.max(1, Math.round(gone - minutes)) + " min over the " + minutes + " allowed.";
    }
}
