package vastarc.web.store.job;

import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.base.notation.GaugeScale;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;

/**
 * A joint as the welder typed it: the text of every field, and the unit system in which a bare number was meant when it was typed.
 *
 * @param texts  field name to text; empty fields are left out
 * @param bareIn field name to the unit system that was shown when the text was typed
 */
public record JointText(Map<String, String> texts, Map<String, UnitSystem> bareIn) {

    /** Longest text kept for one field. */
    public static final int MAX_CHARACTERS = 200;

    /** Every field of a joint and a practice. */
    public static final Set<String> FIELDS =
            WeldFields.ALL.stream().map(InputField::name).collect(Collectors.toUnmodifiableSet());

    /** How much there is to weld, and in which order, as typed on the Route place. */
    public static final Set<String> WORK = Set.of(
            "work.seams", "work.seamMm", "work.piece", "work.rotation", "work.handlingS", "work.purgeS", "work.order");

    private static final Set<String> ALL =
            Stream.concat(FIELDS.stream(), WORK.stream()).collect(Collectors.toUnmodifiableSet());

    private static final Pattern UNPRINTABLE = Pattern.compile("[\\p{Cc}\\p{Cs}]");

    public JointText {
        texts = OrderedCollections.map(texts);
        bareIn = OrderedCollections.map(bareIn);
    }

    /** {@return a new job's joint: sensible defaults and a full sheet at once} */
    public static JointText fresh() {
        Map<String, String> texts = new TreeMap<>();
        texts.put(WeldFields.MATERIAL.name(), "CARBON_STEEL");
        texts.put(WeldFields.JOINT.name(), "SQUARE_BUTT");
        texts.put(WeldFields.BASE.name(), "2 mm");
        texts.put(WeldFields.POSITION.name(), "PA");
        texts.put(WeldFields.WIRE.name(), "true");
        texts.put(WeldFields.TECHNIQUE.name(), "FREEHAND");
        texts.put(WeldFields.CONTROL.name(), "PEDAL");
        return new JointText(texts, Map.of());
    }

    /**
     * {@return what was sent, over this text: over-long texts are cut, and a text that has not changed keeps the unit
     * system it was typed in}
     *
     * @param sent the fields as sent, by name
     * @param fields the fields the page answers for: one of them that was not sent is emptied, any other stays as it
     *     is
     * @param shown the units that the values were shown in
     */
    public JointText changedTo(Map<String, String> sent, Set<String> fields, UnitSystem shown) {
        Map<String, String> stored = new TreeMap<>(texts);
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        stored.keySet().removeAll(fields);
        units.keySet().removeAll(fields);
        sent.forEach((name, text) -> {
            if (fields.contains(name) && ALL.contains(name) && !text.isBlank()) {
                String cut = cleaned(text);
                stored.put(name, cut);
                units.put(name, cut.equals(texts.get(name)) ? bareIn.getOrDefault(name, shown) : shown);
            }
        });
        return new JointText(stored, units);
    }

    /**
     * {@return the same text with one field emptied or changed}
     *
     * @param field the input
     * @param text the text
     */
    public JointText with(InputField<?> field, Optional<String> text) {
        Map<String, String> stored = new TreeMap<>(texts);
        stored.remove(field.name());
        text.ifPresent(value -> stored.put(field.name(), value));
        return new JointText(stored, bareIn);
    }

    /**
     * {@return the same text with fields set by their values: a length in mm, a figure in the field's unit, a name;
     * an empty one is emptied}
     *
     * @param values the values by field
     */
    public JointText changedBy(Map<String, Object> values) {
        JointText changed = this;
        for (InputField<?> field : WeldFields.ALL) {
            Object value = values.get(field.name());
            if (value != null) {
                changed = changed.with(field, Optional.of(typed(field, value)).filter(text -> !text.isEmpty()));
            }
        }
        return changed;
    }

    private static String typed(InputField<?> field, Object value) {
        return value instanceof Double figure
                ? field.range()
                        .map(range -> UnitSystem.METRIC
                                .show(Quantity.of(figure, range.unit()))
                                .line())
                        .orElseThrow()
                : value.toString();
    }

    /** Cut to what is stored, without control characters and broken characters, which no shop writes and no database wants. */
    static String cleaned(String text) {
        String cut = text.length() > MAX_CHARACTERS ? text.substring(0, MAX_CHARACTERS) : text;
        return UNPRINTABLE.matcher(cut).replaceAll(" ");
    }

    /**
     * {@return text of the work}
     *
     * @param name the name
     */
    public Optional<String> work(String name) {
        return Optional.ofNullable(texts.get(name));
    }

    /** {@return the same joint, whatever there is of it to weld} */
    public JointText withoutWork() {
        Map<String, String> stored = new TreeMap<>(texts);
        stored.keySet().removeAll(WORK);
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        units.keySet().removeAll(WORK);
        return new JointText(stored, units);
    }

    /**
     * {@return the text of a field; empty where nothing is typed}
     *
     * @param field the input
     */
    public Optional<String> text(InputField<?> field) {
        return Optional.ofNullable(texts.get(field.name()));
    }

    /**
     * {@return the unit system of a bare number in a field}
     *
     * @param field the input
     */
    public UnitSystem bareUnits(InputField<?> field) {
        return bareIn.getOrDefault(field.name(), UnitSystem.METRIC);
    }

    /** {@return the joint's form; empty where none is chosen} */
    public Optional<JointForm> form() {
        return text(WeldFields.JOINT)
                .flatMap(text -> Arrays.stream(JointForm.values())
                        .filter(form -> form.name().equals(text))
                        .findFirst());
    }

    /**
     * {@return the metal of a member; that of the other one where nothing else is given}
     *
     * @param field the input of the member's metal
     */
    public Optional<Material> metal(InputField<Material> field) {
        Optional<String> name = text(field).or(() -> text(WeldFields.MATERIAL));
        return field.choices().stream()
                .filter(material -> name.filter(material.name()::equals).isPresent())
                .findFirst();
    }

    /**
     * {@return how a length of a field is read: with the gauges of its metal or of tube, where it may be given in them}
     *
     * @param field the input
     */
    public LengthReader reader(InputField<?> field) {
        Optional<GaugeScale> gauges = field.gauged().isPresent() && isTubeWall(field)
                ? Optional.of(GaugeScale.TUBE)
                : field.gauged().flatMap(this::metal).flatMap(Material::gauges);
        return new LengthReader(bareUnits(field), gauges);
    }

    private boolean isTubeWall(InputField<?> field) {
        boolean plate = field == WeldFields.BASE
                && form().filter(form -> form == JointForm.TUBE_TO_PLATE).isPresent();
        return !plate && form().filter(JointForm::isTube).isPresent();
    }

    /** {@return whether an archive may hold it} */
    public boolean isSound() {
        return ALL.containsAll(texts.keySet())
                && ALL.containsAll(bareIn.keySet())
                && texts.values().stream().allMatch(text -> text.length() <= MAX_CHARACTERS);
    }
}
