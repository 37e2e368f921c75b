package vastarc.web.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Access;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Service;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;
import vastarc.core.material.Material;
import vastarc.core.notation.LengthReader;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.AttitudeDrawing;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointIcon;
import vastarc.web.request.HabitReader;
import vastarc.web.request.JobReader;
import vastarc.web.request.TypedForm;
import vastarc.web.ui.Choice;

/**
 * The left of the sheet: the joint as typed, every choice and every message beside its field.
 *
 * @param selects  choices by field name
 * @param joints   the joint forms with their pictures
 * @param lengths  typed lengths by field name that this joint form asks for
 * @param flags    boxes by field name
 * @param hidden   what was typed for another joint form, kept
 * @param messages problems by field name
 * @param schools  for each matter, the shop's habit and the schools a job may choose instead
 * @param attitude how the seam stands in its position
 * @param attitudeWords the same in words
 */
public record JointPanel(
        Map<String, List<Choice>> selects,
        List<JointTile> joints,
        List<LengthField> lengths,
        List<LengthField> fitUp,
        Map<String, Boolean> flags,
        Map<String, String> hidden,
        Map<String, String> messages,
        List<SchoolField> schools,
        Drawing attitude,
        String attitudeWords) {

    /** A joint form to choose by picture. */
    public record JointTile(String value, String label, boolean selected, String metal, String weld) {}

    /**
     * A field to type into.
     *
     * @param echo how it was read, in both unit systems; empty where it could not be
     */
    public record LengthField(String name, String label, String text, String echo, String hint, String message) {}

    /** A matter on which this job may go another way than the shop. */
    public record SchoolField(String field, String matter, List<Choice> choices) {}

    private static List<SchoolField> schools(TypedForm form, ShopWays shop, UnitSystem units) {
        return Arrays.stream(Matter.values())
                .map(matter -> {
                    String field = HabitReader.SCHOOL + matter.name();
                    String own = form.text(field).orElse("");
                    List<Choice> choices = new ArrayList<>();
                    String habit =
                            Phrasebook.say(Phrase.of(shop.schools().of(matter).words()), units);
                    choices.add(new Choice("", "as the shop: " + habit, own.isEmpty()));
                    Arrays.stream(School.values())
                            .filter(school -> school.matter() == matter)
                            .forEach(school -> choices.add(new Choice(
                                    school.name(),
                                    Phrasebook.say(Phrase.of(school.words()), units),
                                    school.name().equals(own))));
                    return new SchoolField(field, Phrasebook.say(Phrase.of("matter." + matter.name()), units), choices);
                })
                .toList();
    }

    /** Some matter goes another way here than in the shop. */
    public boolean isAnotherSchool() {
        return schools.stream().anyMatch(field -> !field.choices().get(0).selected());
    }

    private static final List<String> SELECTED = List.of(
            "material",
            "otherMaterial",
            "joint",
            "position",
            "technique",
            "control",
            "chill",
            "pulse",
            "finish",
            "wireFeed",
            "wire",
            "access",
            "service",
            "backAccess");
    private static final Set<String> BOXES = Set.of("rotated", "purged", "bothSides", "smallTab");

    static JointPanel of(TypedForm form, List<Problem> problems, ShopWays shop, UnitSystem units) {
        Map<String, String> messages = new TreeMap<>();
        problems.forEach(problem -> messages.putIfAbsent(place(problem.field()), besideField(problem, units)));
        JointForm joint = enumOf(JointForm.class, form.text(JobReader.JOINT)).orElse(JointForm.SQUARE_BUTT);
        Position position = enumOf(Position.class, form.text("position")).orElse(Position.PA);
        String words = Phrasebook.find("position." + position.name()).orElseThrow();
        Builder builder = new Builder(form, messages, units);
        List<LengthField> lengths = builder.thicknesses(joint);
        List<LengthField> fitUp = builder.fitUp(joint);
        return new JointPanel(
                selects(form),
                tiles(joint),
                lengths,
                fitUp,
                flags(form, joint),
                builder.hidden(lengths, fitUp, joint),
                messages,
                schools(form, shop, units),
                AttitudeDrawing.of(position, words),
                words);
    }

    /** Beside the field the whole message; where the middle of the page explains what is out of scope, its first sentence. */
    private static String besideField(Problem problem, UnitSystem units) {
        return problem.kind() == Problem.Kind.OUT_OF_SCOPE
                ? Phrasebook.say(problem.wrong(), units)
                : problem.message(units);
    }

    /** Where on the page a problem's field stands. */
    private static String place(String field) {
        return field.equals(JobReader.THICKNESS) ? TypedForm.BASE : field;
    }

    private static <E extends Enum<E>> Optional<E> enumOf(Class<E> type, Optional<String> name) {
        return Arrays.stream(type.getEnumConstants())
                .filter(value -> name.filter(value.name()::equals).isPresent())
                .findFirst();
    }

    private static Map<String, List<Choice>> selects(TypedForm form) {
        Map<String, List<Choice>> selects = new LinkedHashMap<>();
        selects.put(
                "material",
                Choice.of(Material.values(), "material", form.text("material").orElse("")));
        String own = form.text("otherMaterial").orElse(form.text("material").orElse(""));
        selects.put("otherMaterial", Choice.of(Material.values(), "material", own));
        String position = form.text("position").orElse("PA");
        selects.put(
                "position",
                Arrays.stream(Position.values())
                        .map(value -> new Choice(
                                value.name(),
                                value.letters() + " · " + value.numberLetterName(),
                                value.name().equals(position)))
                        .toList());
        selects.put(
                "technique",
                Choice.of(
                        Technique.values(), "technique", form.text("technique").orElse("FREEHAND")));
        selects.put(
                "control",
                Choice.of(Control.values(), "control", form.text("control").orElse("PEDAL")));
        selects.put(
                "chill", Choice.of(Chill.values(), "chill", form.text("chill").orElse("NONE")));
        selects.put(
                "pulse",
                Choice.of(PulsePurpose.values(), "pulse", form.text("pulse").orElse("NONE")));
        selects.put(
                "finish",
                Choice.of(Finish.values(), "finish", form.text("finish").orElse("PLAIN")));
        selects.put(
                "access",
                Choice.of(Access.values(), "access", form.text("access").orElse("OPEN")));
        selects.put(
                "service",
                Choice.of(Service.values(), "service", form.text("service").orElse("GENERAL")));
        boolean back = !form.text("backAccess").filter("false"::equals).isPresent();
        selects.put(
                "backAccess", List.of(new Choice("true", "within reach", back), new Choice("false", "closed", !back)));
        selects.put(
                "wireFeed",
                Choice.of(WireFeed.values(), "feed", form.text("wireFeed").orElse("DAB")));
        boolean wire = !form.text("wire").filter("false"::equals).isPresent();
        selects.put("wire", List.of(new Choice("true", "wire", wire), new Choice("false", "fusion", !wire)));
        return selects;
    }

    private static List<JointTile> tiles(JointForm chosen) {
        return Arrays.stream(JointForm.values())
                .map(form -> new JointTile(
                        form.name(),
                        Phrasebook.find("joint." + form.name()).orElseThrow(),
                        form == chosen,
                        JointIcon.metal(form),
                        JointIcon.weld(form)))
                .toList();
    }

    /** Only boxes that mean something for this joint form. */
    private static Map<String, Boolean> flags(TypedForm form, JointForm joint) {
        Map<String, Boolean> flags = new LinkedHashMap<>();
        flags.put("purged", ticked(form, "purged"));
        if (joint.isTube()) {
            flags.put("rotated", ticked(form, "rotated"));
        }
        if (joint == JointForm.SQUARE_BUTT) {
            flags.put("bothSides", ticked(form, "bothSides"));
        }
        if (!joint.isTube()) {
            flags.put("smallTab", ticked(form, "smallTab"));
        }
        return flags;
    }

    private static boolean ticked(TypedForm form, String name) {
        return form.text(name).filter("true"::equals).isPresent();
    }

    public String message(String field) {
        return messages.getOrDefault(field, "");
    }

    public List<Choice> select(String field) {
        return selects.get(field);
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
                || flags.getOrDefault("bothSides", false)
                || flags.getOrDefault("smallTab", false)
                || !message("otherMaterial").isEmpty();
    }

    /** Builds the typed fields. */
    private record Builder(TypedForm form, Map<String, String> messages, UnitSystem units) {

        List<LengthField> thicknesses(JointForm joint) {
            LengthField base = length(TypedForm.BASE, "member.base." + joint.name(), "2 mm · 1/8 · .065 · 16 ga");
            LengthField abutting = length(TypedForm.ABUTTING, "member.abutting." + joint.name(), "same");
            return joint.isTube()
                    ? List.of(base, abutting, length("tubeOdMm", "field.tubeOd", "not needed"))
                    : List.of(base, abutting);
        }

        List<LengthField> fitUp(JointForm joint) {
            List<LengthField> fields = new ArrayList<>();
            if (joint == JointForm.V_BUTT || joint == JointForm.TUBE_BUTT) {
                fields.add(
                        plain("grooveAngleDeg", "field.grooveAngle", joint == JointForm.V_BUTT ? "60" : "square", "°"));
                fields.add(length("rootFaceMm", "field.rootFace", "1.5 mm"));
            }
            fields.add(length("gapMm", "field.gap", joint == JointForm.V_BUTT ? "2.4 mm" : "none"));
            if (joint == JointForm.TUBE_SADDLE) {
                fields.add(plain("copeAngleDeg", "field.copeAngle", "90", "°"));
            }
            fields.add(plain("travelMmPerMin", "field.travel", "by technique", ""));
            fields.add(plain("preheatC", "field.preheat", "20", "°C"));
            return fields;
        }

        Map<String, String> hidden(List<LengthField> lengths, List<LengthField> fitUp, JointForm joint) {
            Map<String, String> rest = new TreeMap<>(form.texts());
            lengths.forEach(field -> rest.remove(field.name()));
            fitUp.forEach(field -> rest.remove(field.name()));
            SELECTED.forEach(rest::remove);
            flags(form, joint).keySet().forEach(rest::remove);
            rest.entrySet()
                    .removeIf(entry ->
                            BOXES.contains(entry.getKey()) && entry.getValue().isBlank());
            return rest;
        }

        private LengthField length(String name, String label, String hint) {
            String text = form.text(name).orElse("");
            return new LengthField(name, said(label), text, echo(name, text), hint, messages.getOrDefault(name, ""));
        }

        private LengthField plain(String name, String label, String hint, String unit) {
            String text = form.text(name).orElse("");
            return new LengthField(
                    name,
                    said(label) + (unit.isEmpty() ? "" : " (" + unit + ")"),
                    text,
                    "",
                    hint,
                    messages.getOrDefault(name, ""));
        }

        private String echo(String name, String text) {
            if (text.isBlank() || messages.containsKey(name)) {
                return "";
            }
            String metal = name.equals(TypedForm.ABUTTING)
                    ? form.text("otherMaterial").or(() -> form.text("material")).orElse("")
                    : form.text("material").orElse("");
            LengthReader reader = new LengthReader(
                    form.bareUnits(name),
                    enumOf(Material.class, Optional.of(metal)).flatMap(Material::gauges));
            return reader.read(text, name).value().map(this::bothUnits).orElse("");
        }

        private String bothUnits(Length length) {
            Quantity quantity = length.quantity();
            UnitSystem other = units == UnitSystem.METRIC ? UnitSystem.INCH : UnitSystem.METRIC;
            return units.show(quantity).line() + " = " + other.show(quantity).line();
        }

        private static String said(String key) {
            return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
        }
    }
}
