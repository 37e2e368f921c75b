package vastarc.web.request;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.quantity.UnitSystem;

/**
 * A joint as the hand typed it: the text of every field, and the unit system in which a bare number was meant when it was typed.
 *
 * @param texts  field name to text; empty fields are left out
 * @param bareIn field name to the unit system that was shown when the text was typed
 */
public record TypedForm(Map<String, String> texts, Map<String, UnitSystem> bareIn) {

    public static final String BASE = JobReader.THICKNESS + "[0]";
    public static final String ABUTTING = JobReader.THICKNESS + "[1]";

    /** Longest text kept for one field. */
    public static final int MAX_CHARACTERS = 200;

    private static final Pattern UNPRINTABLE = Pattern.compile("[\\p{Cc}\\p{Cs}]");

    /** The fields of the joint, as the sheet's page sends them. */
    public static final Set<String> JOINT_FIELDS = Stream.concat(
                    JobReader.FIELDS.stream().filter(name -> !name.equals(JobReader.THICKNESS)),
                    Stream.concat(Stream.of(BASE, ABUTTING), HabitReader.FIELDS.stream()))
            .collect(Collectors.toUnmodifiableSet());

    /** The fields of the score: how the machine answers, the pulse wanted, and the hand's own values. */
    public static final Set<String> SCORE_FIELDS = Stream.concat(
                    OwnReader.FIELDS.stream(), Stream.of(OwnReader.LOGIC, JobReader.PULSE))
            .collect(Collectors.toUnmodifiableSet());

    /** The machine and the torch a job is welded with. */
    public static final String MACHINE = "machine";

    public static final String TORCH = "torch";

    public static final Set<String> PANEL_FIELDS = Set.of(MACHINE, TORCH);

    public TypedForm {
        texts = Map.copyOf(texts);
        bareIn = Map.copyOf(bareIn);
    }

    /** A new job's joint: sensible defaults and a full sheet at once. */
    public static TypedForm fresh() {
        return new TypedForm(
                Map.of(
                        JobReader.MATERIAL,
                        "CARBON_STEEL",
                        JobReader.JOINT,
                        "SQUARE_BUTT",
                        BASE,
                        "2 mm",
                        "position",
                        "PA",
                        "wire",
                        "true",
                        "technique",
                        "FREEHAND",
                        "control",
                        "PEDAL"),
                Map.of());
    }

    /**
     * What was sent, over this form: over-long texts are cut, and a text that has not changed keeps the unit system it was typed in.
     *
     * <p>What changes the weld takes the mark of a proven job away; another machine or torch does not.
     *
     * @param fields the fields the page answers for: one of them that was not sent is emptied, any other stays as it is
     */
    public TypedForm changedTo(Map<String, String> sent, Set<String> fields, UnitSystem shown) {
        Map<String, String> kept = new TreeMap<>(texts);
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        kept.keySet().removeAll(fields);
        units.keySet().removeAll(fields);
        sent.forEach((name, text) -> {
            if (fields.contains(name) && !text.isBlank()) {
                String cut = cleaned(text);
                kept.put(name, cut);
                boolean same = cut.equals(texts.get(name));
                units.put(name, same ? bareIn.getOrDefault(name, shown) : shown);
            }
        });
        TypedForm changed = new TypedForm(kept, units);
        boolean same = PANEL_FIELDS.containsAll(changed.changedFields(this));
        return same ? changed : HabitReader.unproven(changed);
    }

    /** Only texts of known fields, none too long: what an archive may hold. */
    public boolean isSound() {
        return texts.size() <= 200
                && bareIn.size() <= 200
                && bareIn.keySet().stream().allMatch(name -> name.length() <= 60)
                && texts.entrySet().stream()
                        .allMatch(entry -> entry.getKey().length() <= 60
                                && entry.getValue().length() <= MAX_CHARACTERS)
                && texts.keySet().stream()
                        .allMatch(name -> JOINT_FIELDS.contains(name)
                                || SCORE_FIELDS.contains(name)
                                || PANEL_FIELDS.contains(name)
                                || HabitReader.isProvenField(name));
    }

    /** The same form with one field emptied or told anew. */
    public TypedForm with(String name, Optional<String> text) {
        Map<String, String> kept = new TreeMap<>(texts);
        kept.remove(name);
        text.ifPresent(value -> kept.put(name, value));
        return new TypedForm(kept, bareIn);
    }

    /** The names of the fields in which two forms differ. */
    public Set<String> changedFields(TypedForm before) {
        Set<String> names = new TreeSet<>(texts.keySet());
        names.addAll(before.texts.keySet());
        names.removeIf(name -> text(name).equals(before.text(name)));
        return names;
    }

    /** Cut to what is kept, without control characters and broken characters, which no shop writes and no database wants. */
    private static String cleaned(String text) {
        String cut = text.length() > MAX_CHARACTERS ? text.substring(0, MAX_CHARACTERS) : text;
        return UNPRINTABLE.matcher(cut).replaceAll(" ");
    }

    public Optional<String> text(String name) {
        return Optional.ofNullable(texts.get(name));
    }

    /** The unit system of a bare number in a field. */
    public UnitSystem bareUnits(String name) {
        return bareIn.getOrDefault(name, UnitSystem.METRIC);
    }
}
