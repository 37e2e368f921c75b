package vastarc.web.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.base.validation.Problem.ProblemKind;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.WeldFields;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointIcon;
import vastarc.web.drawing.PositionDrawing;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Labels;
import vastarc.web.layout.QuantityFields;
import vastarc.web.layout.TypedField;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JointText;

/**
 * The left of the sheet: the joint as typed, every choice and every message beside its field.
 *
 * @param selects  choices by field name
 * @param joints   the joint forms with their pictures
 * @param lengths  typed lengths by field name that this joint form asks for
 * @param work     how much there is to weld; the rest of it is asked on the Route
 * @param flags    boxes by field name
 * @param hidden   what was typed for another joint form, kept
 * @param messages problems by field name
 * @param schools  for each matter, the shop's shop default and the methods a job may choose instead
 * @param positions the positions a joint of this form can be welded in, with their pictures
 */
public record JointPanel(
        Map<String, List<Choice>> selects,
        List<JointTile> joints,
        List<TypedField> lengths,
        List<TypedField> fitUp,
        List<TypedField> work,
        Map<String, Boolean> flags,
        Map<String, String> hidden,
        Map<String, String> messages,
        List<MethodField> schools,
        List<SeamTile> positions) {

    /** Something is given of how much there is to weld. */
    public boolean workTold() {
        return work.stream().anyMatch(field -> !field.text().isEmpty());
    }

    /** A joint form to choose by picture. */
    public record JointTile(String value, String label, boolean selected, String metal, String weld) {
        public JointTile {
            label = Labels.of(label);
        }
    }

    /**
     * A position to choose by picture.
     *
     * @param value what the form sends
     * @param label the field's word, such as {@code vertical up}
     * @param letters the letters of the position and the number with its letter
     * @param words the whole sentence about it
     * @param selected the joint is welded in it
     * @param picture how the seam lies
     */
    public record SeamTile(
            String value, String label, String letters, String words, boolean selected, Drawing picture) {
        public SeamTile {
            label = Labels.of(label);
        }
    }

    /** A matter on which this job may go another way than the shop. */
    public record MethodField(String field, String matter, List<Choice> choices) {
        public MethodField {
            matter = Labels.of(matter);
        }
    }

    private static final List<InputField<?>> LENGTHS =
            List.of(WeldFields.BASE, WeldFields.ABUTTING, WeldFields.TUBE_OD);

    /** Every other length and figure, but for the depth, which is asked for beside its penetration. */
    private static final List<InputField<?>> FIT_UP = WeldFields.ALL.stream()
            .filter(field -> field.kind() == InputKind.LENGTH || field.kind() == InputKind.FIGURE)
            .filter(field -> !LENGTHS.contains(field) && field != WeldFields.DEPTH)
            .toList();

    /** Choices with a place of their own on the form; a new one joins the rest, {@link #moreSelects()}. */
    private static final List<InputField<?>> PLACED_SELECTS = List.of(
            WeldFields.MATERIAL,
            WeldFields.JOINT,
            WeldFields.PENETRATION,
            WeldFields.PREPARATION,
            WeldFields.POSITION,
            WeldFields.WIRE,
            WeldFields.CONTROL,
            WeldFields.TECHNIQUE,
            WeldFields.CHILL,
            WeldFields.PULSE,
            WeldFields.FINISH);

    /** Boxes with a place of their own on the form; a new one joins the rest, {@link #moreFlags()}. */
    private static final List<InputField<?>> PLACED_FLAGS = List.of(WeldFields.PURGED, WeldFields.ROTATED);

    static JointPanel of(JobContent content, List<Problem> problems, ShopDefaults shop, UnitSystem units) {
        JointText typed = content.joint();
        Map<String, String> messages = new TreeMap<>();
        problems.forEach(problem -> messages.putIfAbsent(place(problem.field()), besideField(problem, units)));
        JointForm joint = chosen(WeldFields.JOINT, typed).orElse(JointForm.SQUARE_BUTT);
        TypedFields fields = new TypedFields(typed, joint, messages, units);
        Map<String, Boolean> flags = flags(typed, joint);
        Map<String, List<Choice>> selects = selects(typed, joint);
        List<TypedField> lengths = fields.of(lengths(typed, joint));
        List<TypedField> fitUp = fields.of(FIT_UP);
        List<TypedField> work = QuantityFields.first(typed, WeldQuantityText.of(typed), joint.isTube(), units);
        Map<String, String> hidden = new TreeMap<>(typed.texts());
        hidden.keySet().removeAll(flags.keySet());
        hidden.keySet().removeAll(selects.keySet());
        lengths.forEach(field -> hidden.remove(field.name()));
        fitUp.forEach(field -> hidden.remove(field.name()));
        work.forEach(field -> hidden.remove(field.name()));
        return new JointPanel(
                selects,
                tiles(joint),
                lengths,
                fitUp,
                work,
                flags,
                hidden,
                messages,
                schools(content, shop),
                positions(typed, joint));
    }

    /** The depth is asked for where it is to stop at one. */
    private static List<InputField<?>> lengths(JointText typed, JointForm joint) {
        boolean partial = chosen(WeldFields.PENETRATION, typed)
                .filter(entered -> entered == Penetration.PARTIAL
                        && WeldFields.PENETRATION.choicesFor(joint).contains(entered))
                .isPresent();
        List<InputField<?>> lengths = new ArrayList<>(LENGTHS);
        if (partial) {
            lengths.add(WeldFields.DEPTH);
        }
        return lengths;
    }

    /** Beside the field the whole message; where the middle of the page explains what is out of scope, its first sentence. */
    private static String besideField(Problem problem, UnitSystem units) {
        return problem.kind() == ProblemKind.OUT_OF_SCOPE
                ? Phrasebook.say(problem.wrong(), units)
                : problem.message(units);
    }

    /** Where on the page a problem's field is. */
    private static String place(String field) {
        return field.equals(WeldFields.THICKNESSES) ? WeldFields.BASE.name() : field;
    }

    private static <E> Optional<E> chosen(InputField<E> field, JointText typed) {
        return field.choices().stream()
                .filter(value ->
                        typed.text(field).filter(value.toString()::equals).isPresent())
                .findFirst();
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    /** Every choice, and every flag that is shown as a choice of two because both its sides have words. */
    private static Map<String, List<Choice>> selects(JointText typed, JointForm joint) {
        Map<String, List<Choice>> selects = new LinkedHashMap<>();
        WeldFields.choices().forEach(field -> selects.put(field.name(), choices(field, typed, joint)));
        WeldFields.ALL.stream()
                .filter(field -> field.kind() == InputKind.FLAG && !isBox(field))
                .forEach(field -> selects.put(field.name(), sides(field, typed)));
        return selects;
    }

    private static boolean isBox(InputField<?> field) {
        return Phrasebook.find(field.name() + ".true").isEmpty();
    }

    private static <T> List<Choice> choices(InputField<T> field, JointText typed, JointForm joint) {
        List<T> offered = field.choicesFor(joint);
        String selected = typed.text(field)
                .filter(text ->
                        offered.stream().anyMatch(value -> value.toString().equals(text)))
                .or(() -> follows(field, typed))
                .orElse(field.usual().map(Object::toString).orElse(""));
        Stream<Choice> usual = field == WeldFields.PENETRATION || field == WeldFields.PREPARATION
                ? Stream.of(Choice.labelled("", say("penetration.usual"), selected.isEmpty()))
                : Stream.of();
        Stream<Choice> choices = offered.stream()
                .map(value -> Choice.labelled(
                        value.toString(),
                        say(field.words(value)),
                        value.toString().equals(selected)));
        return Stream.concat(usual, choices).toList();
    }

    /** What a field has where nothing is entered, and depends on another. */
    private static Optional<String> follows(InputField<?> field, JointText typed) {
        return field == WeldFields.OTHER_MATERIAL ? typed.text(WeldFields.MATERIAL) : Optional.empty();
    }

    private static List<Choice> sides(InputField<?> field, JointText typed) {
        String selected =
                typed.text(field).orElse(field.usual().map(Object::toString).orElse("false"));
        return List.of(
                Choice.labelled("true", say(field.name() + ".true"), !selected.equals("false")),
                Choice.labelled("false", say(field.name() + ".false"), selected.equals("false")));
    }

    private static List<JointTile> tiles(JointForm chosen) {
        return Arrays.stream(JointForm.values())
                .map(form -> new JointTile(
                        form.name(),
                        say(WeldFields.JOINT.words(form)),
                        form == chosen,
                        JointIcon.metal(form),
                        JointIcon.weld(form)))
                .toList();
    }

    private static List<SeamTile> positions(JointText typed, JointForm joint) {
        Position chosen = chosen(WeldFields.POSITION, typed)
                .orElse(WeldFields.POSITION.usual().orElseThrow());
        return WeldFields.POSITION.choicesFor(joint).stream()
                .filter(position -> position == chosen || position.suits(joint))
                .map(position -> {
                    String words = say("position." + position.name());
                    return new SeamTile(
                            position.name(),
                            say("position.short." + position.name()),
                            position.letters() + " · " + position.numberLetterName(joint),
                            words,
                            position == chosen,
                            PositionDrawing.of(position, words));
                })
                .toList();
    }

    /** Only boxes that apply to this joint form. */
    private static Map<String, Boolean> flags(JointText typed, JointForm joint) {
        Map<String, Boolean> flags = new LinkedHashMap<>();
        WeldFields.ALL.stream()
                .filter(field -> field.kind() == InputKind.FLAG && isBox(field) && field.appliesTo(joint))
                .filter(field -> field != WeldFields.BOTH_SIDES)
                .forEach(field -> flags.put(
                        field.name(), typed.text(field).filter("true"::equals).isPresent()));
        return flags;
    }

    private static List<MethodField> schools(JobContent content, ShopDefaults shop) {
        return Arrays.stream(ParameterTopic.values())
                .map(topic -> {
                    Method own = content.schools().get(topic);
                    List<Choice> choices = new ArrayList<>();
                    String habit = say(shop.methods().of(topic).words());
                    choices.add(Choice.labelled("", "shop default: " + habit, own == null));
                    Arrays.stream(Method.values())
                            .filter(method -> method.matter() == topic)
                            .forEach(method ->
                                    choices.add(Choice.labelled(method.name(), say(method.words()), method == own)));
                    return new MethodField(JobContent.SCHOOL + topic.name(), say("matter." + topic.name()), choices);
                })
                .toList();
    }

    /** Some matter goes another way here than in the shop. */
    public boolean isOtherMethod() {
        return schools.stream().anyMatch(field -> !field.choices().get(0).selected());
    }

    /** {@return the names of the choices that stand among "more"} */
    public List<String> moreSelects() {
        return without(selects.keySet(), PLACED_SELECTS);
    }

    /** {@return the names of the boxes that stand among "more"} */
    public List<String> moreFlags() {
        return without(flags.keySet(), PLACED_FLAGS);
    }

    private static List<String> without(Set<String> names, List<InputField<?>> placed) {
        return names.stream()
                .filter(name -> placed.stream().noneMatch(field -> field.name().equals(name)))
                .toList();
    }

    /** What a field is called. */
    public String label(String field) {
        return Labels.of(say("field." + field));
    }

    public String message(String field) {
        return messages.getOrDefault(field, "");
    }

    /** A choice as the form shows it: its name, label, options and what is wrong with it. */
    public record ChoiceField(String name, String label, List<Choice> choices, String message) {}

    /** {@return a choice of the joint}
     *
     * @param field its name
     */
    public ChoiceField field(String field) {
        return new ChoiceField(field, label(field), select(field), message(field));
    }

    public List<Choice> select(String field) {
        return selects.getOrDefault(field, List.of());
    }

    public String selectedLabel(String field) {
        return select(field).stream()
                .filter(Choice::selected)
                .map(Choice::label)
                .findFirst()
                .orElse("");
    }

    /** Whether anything in the fit-up drawer differs from closed-up square edges of one metal, or has a message. */
    public boolean fitUpInUse() {
        boolean typed = fitUp.stream()
                .anyMatch(field -> !field.text().isEmpty() || !field.message().isEmpty());
        boolean pair = !selectedLabel("material").equals(selectedLabel("otherMaterial"));
        return typed
                || pair
                || moreFlags().stream().anyMatch(name -> flags.getOrDefault(name, false))
                || !message("otherMaterial").isEmpty();
    }
}
