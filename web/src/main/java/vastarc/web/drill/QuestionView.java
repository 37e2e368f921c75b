package vastarc.web.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Position;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.training.Question;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.TrainingShop;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.PanelDrawing;
import vastarc.web.drawing.PositionDrawing;
import vastarc.web.drawing.SymptomDrawing;
import vastarc.web.drawing.UnmarkedDial;
import vastarc.web.drawing.WeldCurve;

/**
 * A question, finished for display.
 *
 * @param topic    in words
 * @param prompt   what is asked
 * @param drawing  shown with it; empty for none
 * @param image    of a weld, as an address that holds it; empty for none
 * @param front    a panel as somebody left it; empty for none
 * @param choices  to choose from
 * @param unit     of the figure that is typed; empty where none is
 * @param controls to tap where they are set wrong
 */
public record QuestionView(
        String topic,
        String prompt,
        Optional<Drawing> drawing,
        Optional<String> image,
        Optional<PanelDrawing> front,
        List<ChoiceView> choices,
        String unit,
        List<Control> controls) {

    /** A choice, drawn where it is something to be seen. */
    public record ChoiceView(String text, Optional<Drawing> drawing) {}

    /** A control and its setting. */
    public record Control(String id, String label, String stands) {}

    static QuestionView of(Question question, TrainingShop shop) {
        Optional<TrainingMachine> machine = question.picture()
                .filter(picture -> picture.kind() == Question.Picture.Kind.FRONT)
                .flatMap(picture -> shop.machines().stream()
                        .filter(trainingMachine ->
                                trainingMachine.name().equals(picture.words().get("machine")))
                        .findFirst());
        Map<String, Double> settings =
                question.picture().map(Question.Picture::figures).orElse(Map.of());
        return new QuestionView(
                say(question.topic().words()),
                question.prompt(),
                drawing(question),
                BeadPicture.of(question),
                machine.map(trainingMachine -> front(trainingMachine, question, shop, settings)),
                choices(question),
                question.answer().figure().map(Question.Figure::unit).orElse(""),
                machine.map(trainingMachine -> controls(trainingMachine, settings))
                        .orElse(List.of()));
    }

    /** What is drawn with a question; nothing that would give the answer away. */
    private static Optional<Drawing> drawing(Question question) {
        return question.picture().flatMap(picture -> switch (picture.kind()) {
            case SIGN -> SymptomDrawing.of(picture.words().getOrDefault("sign", ""), question.prompt());
            case DIAL ->
                Optional.of(UnmarkedDial.of(
                        shown(picture.figures().getOrDefault("low", 0.0)),
                        shown(picture.figures().getOrDefault("high", 0.0)),
                        picture.figures().getOrDefault("ticks", 10.0).intValue(),
                        picture.figures().getOrDefault("pointer", 0.0)));
            case POSITION ->
                question.id().endsWith("-W")
                        ? Optional.empty()
                        : Optional.of(PositionDrawing.of(
                                Position.valueOf(picture.words().getOrDefault("position", "PA")),
                                "the position asked for"));
            case FRONT, BEAD -> Optional.empty();
            case SCORE -> Optional.of(WeldCurve.of(picture.figures()));
        });
    }

    private static List<ChoiceView> choices(Question question) {
        Map<String, String> words =
                question.picture().map(Question.Picture::words).orElse(Map.of());
        return IntStream.range(0, question.choices().size())
                .mapToObj(i -> {
                    String text = question.choices().get(i).text();
                    return new ChoiceView(
                            text,
                            Optional.ofNullable(words.get("choice" + i))
                                    .flatMap(sign -> SymptomDrawing.of(sign, text)));
                })
                .toList();
    }

    private static PanelDrawing front(
            TrainingMachine machine, Question question, TrainingShop shop, Map<String, Double> settings) {
        String name = question.picture().orElseThrow().words().getOrDefault("job", "");
        TrainingJob job = shop.jobs().stream()
                .filter(trainingJob -> trainingJob.name().equals(name))
                .findFirst()
                .orElse(shop.jobs().get(0));
        return FoundPanelDrawing.of(machine, job, settings);
    }

    private static List<Control> controls(TrainingMachine machine, Map<String, Double> settings) {
        List<Control> controls = new ArrayList<>();
        for (PanelElement element : machine.profile().elements()) {
            Double place = settings.get(element.id());
            if (place != null) {
                controls.add(new Control(
                        element.id(),
                        element.label().isBlank() ? say(element.setting().words()) : element.label(),
                        Phrasebook.say(PanelPlan.words(element, place), UnitSystem.METRIC)));
            }
        }
        return controls;
    }

    /** What is right, in words, for the key and after an answer. */
    static String right(Question question, TrainingShop shop) {
        CorrectAnswer answer = question.answer();
        if (answer.choice().isPresent()) {
            return question.choices().get(answer.choice().getAsInt()).text();
        }
        if (answer.figure().isPresent()) {
            Question.Figure figure = answer.figure().get();
            return shown(figure.value()) + " " + figure.unit() + " (right from " + shown(figure.low()) + " to "
                    + shown(figure.high()) + ")";
        }
        Set<String> faults = Set.copyOf(answer.faults().orElse(List.of()));
        List<String> labels = of(question, shop).controls().stream()
                .filter(control -> faults.contains(control.id()))
                .map(Control::label)
                .toList();
        return labels.isEmpty() ? "all correct" : String.join(", ", labels);
    }

    private static String shown(double value) {
        return UnitSystem.METRIC.show(Quantity.number(value)).figure();
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
