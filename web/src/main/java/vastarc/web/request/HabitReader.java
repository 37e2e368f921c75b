package vastarc.web.request;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Schools;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Stock;

/**
 * Which ways a job goes by: the shop's, with what was chosen for this job; or, for a proven job, those it was proven with.
 */
public final class HabitReader {

    /** A job's own choice of a school, by matter. */
    public static final String SCHOOL = "school.";

    /** When a job was proven; and, by matter, what it was proven with. */
    public static final String PROVEN = "proven";

    private static final String FROZEN = PROVEN + ".";
    private static final String FROZEN_STOCK = FROZEN + "stock.";

    /** Names of a job's own choices. */
    public static final Set<String> FIELDS = Arrays.stream(Matter.values())
            .map(matter -> SCHOOL + matter.name())
            .collect(Collectors.toUnmodifiableSet());

    private HabitReader() {}

    public static boolean isProvenField(String name) {
        return name.equals(PROVEN) || name.startsWith(FROZEN);
    }

    /** The ways of a job in a shop. */
    public static ShopWays ways(TypedForm form, ShopWays shop) {
        return form.text(PROVEN).isPresent() ? frozen(form) : own(form, shop);
    }

    private static ShopWays own(TypedForm form, ShopWays shop) {
        ShopWays ways = shop;
        for (Matter matter : Matter.values()) {
            Optional<School> school = school(form.text(SCHOOL + matter.name()), matter);
            if (school.isPresent()) {
                ways = ways.with(school.get());
            }
        }
        return ways;
    }

    private static Optional<School> school(Optional<String> name, Matter matter) {
        return Arrays.stream(School.values())
                .filter(school -> school.matter() == matter
                        && name.filter(school.name()::equals).isPresent())
                .findFirst();
    }

    private static ShopWays frozen(TypedForm form) {
        Schools schools = Schools.usual();
        for (Matter matter : Matter.values()) {
            Optional<School> school = school(form.text(FROZEN + matter.name()), matter);
            if (school.isPresent()) {
                schools = schools.with(school.get());
            }
        }
        return new ShopWays(
                schools,
                new Stock(
                        numbers(form, "tungstens", Double::valueOf),
                        numbers(form, "cups", Integer::valueOf),
                        numbers(form, "wires", Double::valueOf)));
    }

    private static <T> Set<T> numbers(TypedForm form, String name, Function<String, T> read) {
        return form.text(FROZEN_STOCK + name)
                .map(text -> Arrays.stream(text.split(" ")).map(read).collect(Collectors.toSet()))
                .orElse(Set.of());
    }

    /** The job as proven on a day, with the ways it goes by now. */
    public static TypedForm proven(TypedForm form, ShopWays shop, String day) {
        ShopWays ways = ways(form, shop);
        Map<String, String> marks = new HashMap<>();
        marks.put(PROVEN, day);
        ways.schools().chosen().forEach((matter, school) -> marks.put(FROZEN + matter.name(), school.name()));
        marks.put(FROZEN_STOCK + "tungstens", joined(ways.stock().tungstensMm()));
        marks.put(FROZEN_STOCK + "cups", joined(ways.stock().cups()));
        marks.put(FROZEN_STOCK + "wires", joined(ways.stock().wiresMm()));
        TypedForm proven = unproven(form);
        for (Map.Entry<String, String> mark : marks.entrySet()) {
            proven = proven.with(mark.getKey(), Optional.of(mark.getValue()).filter(text -> !text.isEmpty()));
        }
        return proven;
    }

    private static String joined(Set<?> numbers) {
        return numbers.stream().sorted().map(String::valueOf).collect(Collectors.joining(" "));
    }

    /** The job without the mark: it goes by the shop's ways again. */
    public static TypedForm unproven(TypedForm form) {
        TypedForm open = form;
        for (String name : new TreeSet<>(form.texts().keySet())) {
            if (isProvenField(name)) {
                open = open.with(name, Optional.empty());
            }
        }
        return open;
    }
}
