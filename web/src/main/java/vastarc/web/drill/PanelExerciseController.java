package vastarc.web.drill;

import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.advice.parameters.ParameterKey.ParameterGroup;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.Scale;
import vastarc.core.training.PanelExercise;
import vastarc.core.training.PanelExercise.MarkedControl;
import vastarc.core.training.Topic;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.service.TrainingShops;
import vastarc.web.store.drill.DrillStore;

/** A panel in disorder to be set for a job, marked control by control. */
@Controller
class PanelExerciseController {

    private static final String STAND = "stand.";
    private static final int DIAL_STEPS = 200;

    private final TrainingShops shops;
    private final DrillStore results;
    private final Clock clock;

    PanelExerciseController(TrainingShops shops, DrillStore results, Clock clock) {
        this.shops = shops;
        this.results = results;
        this.clock = clock;
    }

    /**
     * A control to be set: stops of a switch, or a range to turn through.
     *
     * @param words its setting
     */
    public record ExerciseLine(
            String id,
            String label,
            String words,
            List<Choice> stops,
            double low,
            double high,
            double step,
            double at) {}

    /** What each control was and had to be. */
    public record MarkedSetting(String label, boolean right, String stands, String wanted, String does) {}

    @GetMapping("/drill/set")
    String page(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String seed,
            @RequestParam(defaultValue = "1") String level,
            Model model,
            RedirectAttributes back) {
        String name = DrillStore.name(learner);
        OptionalDouble number = NumberReader.read(seed);
        if (number.isEmpty()) {
            back.addAttribute("learner", name);
            back.addAttribute("level", level(level));
            back.addAttribute("seed", QuestionSeeds.drawn(clock));
            return "redirect:/drill/set";
        }
        Optional<PanelExercise> task = PanelExercise.of((long) number.getAsDouble(), level(level), shops.shop());
        model.addAttribute("learner", name);
        model.addAttribute("seed", (long) number.getAsDouble());
        model.addAttribute("level", level(level));
        model.addAttribute("bare", task.isEmpty());
        task.ifPresent(panelExercise -> show(panelExercise, panelExercise.disorder(), model));
        return "drill/set";
    }

    private static int level(String text) {
        return (int) Math.min(3, Math.max(1, NumberReader.read(text).orElse(1)));
    }

    private static void show(PanelExercise task, Map<String, Double> settings, Model model) {
        model.addAttribute("machine", task.machine().name());
        model.addAttribute("job", task.job().name());
        model.addAttribute("front", FoundPanelDrawing.of(task.machine(), task.job(), settings));
        model.addAttribute("asked", wantedFigures(task.job().score().sheet()));
        model.addAttribute(
                "lines",
                task.controls().stream()
                        .filter(element -> !element.kind().isPlugged())
                        .map(element -> line(element, settings.getOrDefault(element.id(), 0.0)))
                        .toList());
    }

    private static List<FigureLine> wantedFigures(SetupSheet sheet) {
        return sheet.settings().values().stream()
                .filter(parameter -> parameter.key().group() == ParameterGroup.PANEL && !parameter.idle())
                .map(parameter ->
                        new FigureLine(say(Phrase.of(parameter.key().words())), parameter.shown(UnitSystem.METRIC)))
                .toList();
    }

    private static ExerciseLine line(PanelElement element, double at) {
        List<Choice> stops = element.kind().isSwitched()
                ? IntStream.range(0, element.stops().size())
                        .mapToObj(i -> new Choice(
                                String.valueOf(i), element.stops().get(i).label(), Math.round(at) == i))
                        .toList()
                : List.of();
        Optional<Scale> scale = element.scale().filter(own -> element.kind() != ControlKind.KNOB);
        return new ExerciseLine(
                element.id(),
                label(element),
                say(PanelPlan.words(element, at)),
                stops,
                scale.map(Scale::low).orElse(0.0),
                scale.map(Scale::high).orElse(1.0),
                scale.map(Scale::step).filter(step -> step > 0).orElse(1.0 / DIAL_STEPS),
                at);
    }

    private static String label(PanelElement element) {
        return element.label().isBlank() ? say(Phrase.of(element.setting().words())) : element.label();
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    private PanelExercise task(String seed, String level) {
        return PanelExercise.of((long) NumberReader.read(seed).orElse(0), level(level), shops.shop())
                .orElseThrow(() -> new NotFound("panel"));
    }

    /** Where the welder has put the controls; what is no place of a control is passed over. */
    private static Map<String, Double> settings(PanelExercise task, Map<String, String> sent) {
        Map<String, Double> settings = new HashMap<>(task.disorder());
        for (PanelElement element : task.controls()) {
            NumberReader.read(sent.getOrDefault(STAND + element.id(), "")).stream()
                    .filter(place -> !element.kind().isPlugged())
                    .map(place -> settable(element, place))
                    .filter(element::isPlace)
                    .forEach(place -> settings.put(element.id(), place));
        }
        return settings;
    }

    private static double settable(PanelElement element, double place) {
        return element.kind() == ControlKind.KNOB || element.kind().isSwitched()
                ? place
                : element.scale().map(scale -> scale.settable(place)).orElse(place);
    }

    /** The front as it is after a turn. */
    @PostMapping("/drill/set/front")
    String front(
            @RequestParam(defaultValue = "") String seed,
            @RequestParam(defaultValue = "1") String level,
            @RequestParam Map<String, String> sent,
            Model model) {
        PanelExercise task = task(seed, level);
        model.addAttribute("front", FoundPanelDrawing.of(task.machine(), task.job(), settings(task, sent)));
        return "ui/front :: front";
    }

    @PostMapping("/drill/set")
    String mark(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String seed,
            @RequestParam(defaultValue = "1") String level,
            @RequestParam Map<String, String> sent,
            Model model) {
        PanelExercise task = task(seed, level);
        Map<String, Double> settings = settings(task, sent);
        List<MarkedControl> marked = task.mark(settings);
        boolean all = marked.stream().allMatch(MarkedControl::right);
        String name = DrillStore.name(learner);
        if (!name.isEmpty()) {
            results.answered(name, Topic.PANEL_CHECK, all);
        }
        show(task, settings, model);
        model.addAttribute("learner", name);
        model.addAttribute("level", level(level));
        model.addAttribute("all", all);
        model.addAttribute("right", marked.stream().filter(MarkedControl::right).count());
        model.addAttribute("moved", marked.stream().filter(MarkedControl::moved).count());
        model.addAttribute(
                "marked",
                marked.stream()
                        .map(control -> new MarkedSetting(
                                label(control.element()),
                                control.right(),
                                control.setTo(),
                                control.target(),
                                control.does()))
                        .toList());
        model.addAttribute(
                "shortest",
                task.shortest().stream()
                        .map(change -> change.label() + ": " + say(change.from()) + " → " + say(change.to()))
                        .toList());
        return "drill/set-marked";
    }
}
