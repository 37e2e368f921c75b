package vastarc.core.advice.parameters;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.Map;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.OrderedCollections;

/**
 * The method chosen for each topic.
 *
 * @param chosen one method for every topic
 */
public record ChosenMethods(Map<ParameterTopic, Method> chosen) {

    /** Checks its values; throws {@link IllegalArgumentException} where one is out of range. */
    public ChosenMethods {
        for (ParameterTopic matter : ParameterTopic.values()) {
            Method school = chosen.get(matter);
            if (school == null || school.matter() != matter) {
                throw new IllegalArgumentException("school for " + matter + " was " + school);
            }
        }
        chosen = OrderedCollections.map(chosen);
    }

    private static final ChosenMethods USUAL = defaults();

    /** {@return the product's defaults} */
    public static ChosenMethods usual() {
        return USUAL;
    }

    private static ChosenMethods defaults() {
        Map<ParameterTopic, Method> first = new EnumMap<>(ParameterTopic.class);
        Arrays.stream(Method.values())
                .filter(method -> method.matter() != null)
                .forEach(method -> first.putIfAbsent(method.matter(), method));
        return new ChosenMethods(first);
    }

    /**
     * {@return these methods with another one for its topic}
     *
     * @param method the method
     */
    public ChosenMethods with(Method method) {
        Map<ParameterTopic, Method> changed = new EnumMap<>(chosen);
        changed.put(method.matter(), method);
        return new ChosenMethods(changed);
    }

    /**
     * {@return these methods, each for its topic, the rest unchanged}
     *
     * @param others the other ones
     */
    public ChosenMethods with(Collection<Method> others) {
        ChosenMethods all = this;
        for (Method method : others) {
            all = all.with(method);
        }
        return all;
    }

    /**
     * {@return the method chosen for a topic}
     *
     * @param topic the topic
     */
    public Method of(ParameterTopic topic) {
        return Maps.get(chosen, topic);
    }
}
