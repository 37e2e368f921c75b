package vastarc.web.store.job;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.units.UnitSystem;

/**
 * A job's purge as the welder typed it, and what happened to it: the text of every field by its name, and the unit system a bare number was
 * meant in.
 *
 * @param texts  field name to text; empty fields are left out
 * @param bareIn field name to the unit system that was shown when the text was typed
 */
public record PurgeText(Map<String, String> texts, Map<String, UnitSystem> bareIn) {

    /** Every field's name begins so. */
    public static final String PREFIX = "purge.";

    /** When the argon was opened. */
    public static final String STARTED = "purge.started";
    /** When the purge was confirmed. */
    public static final String CONFIRMED = "purge.confirmed";
    /** By what the purge was judged. */
    public static final String FELT = "purge.felt";
    /** The meter that was read. */
    public static final String METER = "purge.meter";
    /** The reason, where it was confirmed against the meter. */
    public static final String OVERRULED = "purge.overruled";
    /** Who confirmed. */
    public static final String BY = "purge.by";
    /** The simulated meter. */
    public static final String SIMULATED = "purge.simulated";

    /** The meter that is listened to: a name of the shop's, or {@link #SIMULATED_METER} and its fault. */
    public static final String LISTEN = "purge.listen";

    /** What the name of a simulated meter begins with. */
    public static final String SIMULATED_METER = "simulated ";

    private static final String READING = "purge.reading.";

    private static final Pattern NAME = Pattern.compile("purge\\.[a-zA-Z0-9.]{1,60}");
    private static final String PART = "purge.part.";
    private static final int MOST_FIELDS = 400;
    private static final PurgeText NONE = new PurgeText(Map.of(), Map.of());

    public PurgeText {
        texts = OrderedCollections.map(texts);
        bareIn = OrderedCollections.map(bareIn);
    }

    /** {@return nothing entered: everything follows the sheet} */
    public static PurgeText none() {
        return NONE;
    }

    /**
     * {@return the text of a field; empty where nothing is typed}
     *
     * @param name the name
     */
    public Optional<String> text(String name) {
        return Optional.ofNullable(texts.get(name));
    }

    /**
     * {@return the unit system of a bare number in a field}
     *
     * @param name the name
     */
    public UnitSystem bareUnits(String name) {
        return bareIn.getOrDefault(name, UnitSystem.METRIC);
    }

    /**
     * {@return what was sent over this text: an emptied field is emptied, one that was not sent stays as it is}
     *
     * @param sent the fields as sent, by name
     * @param shown the units that the values were shown in
     */
    public PurgeText changedTo(Map<String, String> sent, UnitSystem shown) {
        Map<String, String> stored = new TreeMap<>(texts);
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        sent.forEach((name, text) -> {
            String cut = JointText.cleaned(text);
            boolean unchanged = cut.equals(texts.get(name));
            if (NAME.matcher(name).matches() && !unchanged) {
                stored.remove(name);
                units.remove(name);
                if (!cut.isBlank() && stored.size() < MOST_FIELDS) {
                    stored.put(name, cut);
                    units.put(name, shown);
                }
            }
        });
        return new PurgeText(stored, units);
    }

    /**
     * {@return the same with one field changed, or emptied}
     *
     * @param name the name
     * @param text the text
     */
    public PurgeText with(String name, Optional<String> text) {
        return changedTo(Map.of(name, text.orElse("")), bareUnits(name));
    }

    /**
     * {@return the same with every part replaced}
     *
     * @param parts the entries of the parts by name
     */
    public PurgeText withParts(Map<String, String> parts) {
        Map<String, String> stored = new TreeMap<>(texts);
        stored.keySet().removeIf(name -> name.startsWith(PART));
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        units.keySet().removeIf(name -> name.startsWith(PART));
        return new PurgeText(stored, units).changedTo(parts, UnitSystem.METRIC);
    }

    /** {@return readings of the meter as they are stored, in order} */
    public List<String> readings() {
        return IntStream.range(0, MOST_FIELDS)
                .mapToObj(number -> texts.get(READING + number))
                .takeWhile(Objects::nonNull)
                .toList();
    }

    /**
     * {@return the same with other readings, and whether a simulated meter gave them}
     *
     * @param readings the readings as typed
     * @param simulated the simulated meter; empty for none
     */
    public PurgeText withReadings(List<String> readings, Optional<String> simulated) {
        Map<String, String> stored = new TreeMap<>(texts);
        stored.keySet().removeIf(name -> name.startsWith(READING) || name.equals(SIMULATED));
        for (int i = 0; i < readings.size(); i++) {
            stored.put(READING + i, readings.get(i));
        }
        simulated.ifPresent(fault -> stored.put(SIMULATED, fault));
        Map<String, UnitSystem> units = new TreeMap<>(bareIn);
        units.keySet().retainAll(stored.keySet());
        return new PurgeText(stored, units);
    }

    /** {@return a purge that is changed has not been waited for} */
    public PurgeText unwaited() {
        return with(STARTED, Optional.empty())
                .with(CONFIRMED, Optional.empty())
                .with(FELT, Optional.empty())
                .with(METER, Optional.empty())
                .with(OVERRULED, Optional.empty())
                .with(BY, Optional.empty())
                .with(LISTEN, Optional.empty())
                .withReadings(List.of(), Optional.empty());
    }

    /** Names of the fields that differ. */
    Set<String> differences(PurgeText other) {
        Set<String> names = new TreeSet<>(texts.keySet());
        names.addAll(other.texts.keySet());
        names.removeIf(name -> text(name).equals(other.text(name)) && bareUnits(name) == other.bareUnits(name));
        return names;
    }

    /** {@return whether an archive may hold it} */
    public boolean isSound() {
        return texts.size() <= MOST_FIELDS
                && texts.keySet().stream().allMatch(name -> NAME.matcher(name).matches())
                && texts.keySet().containsAll(bareIn.keySet())
                && texts.values().stream().allMatch(text -> text.length() <= JointText.MAX_CHARACTERS);
    }
}
