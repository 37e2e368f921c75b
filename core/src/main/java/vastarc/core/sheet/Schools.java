package vastarc.core.sheet;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import vastarc.core.table.Complete;
import vastarc.core.table.InOrder;

/**
 * The school chosen for each matter.
 *
 * @param chosen one school for every matter
 */
public record Schools(Map<Matter, School> chosen) {

    public Schools {
        for (Matter matter : Matter.values()) {
            School school = chosen.get(matter);
            if (school == null || school.matter() != matter) {
                throw new IllegalArgumentException("school for " + matter + " was " + school);
            }
        }
        chosen = InOrder.map(chosen);
    }

    private static final Schools USUAL = defaults();

    /** The product's defaults. */
    public static Schools usual() {
        return USUAL;
    }

    private static Schools defaults() {
        Map<Matter, School> first = new EnumMap<>(Matter.class);
        Arrays.stream(School.values())
                .filter(school -> school.matter() != null)
                .forEach(school -> first.putIfAbsent(school.matter(), school));
        return new Schools(first);
    }

    public Schools with(School school) {
        Map<Matter, School> changed = new EnumMap<>(chosen);
        changed.put(school.matter(), school);
        return new Schools(changed);
    }

    /** With each of these in its matter. */
    public Schools with(Collection<School> others) {
        Schools all = this;
        for (School school : others) {
            all = all.with(school);
        }
        return all;
    }

    public School of(Matter matter) {
        return Complete.get(chosen, matter);
    }
}
