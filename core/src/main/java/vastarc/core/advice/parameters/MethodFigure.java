package vastarc.core.advice.parameters;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A number that practitioners set in different ways: what the chosen method gives, with its range, and what each of the methods gives.
 *
 * @param range    the chosen value inside its range
 * @param method   the chosen method
 * @param byMethod the value of each method, in the order they are shown
 */
public record MethodFigure(Range range, Method method, Map<Method, Double> byMethod) {

    /** Copies its values, so that it cannot change. */
    public MethodFigure {
        byMethod = Collections.unmodifiableMap(new LinkedHashMap<>(byMethod));
    }

    /** {@return the chosen value} */
    public double value() {
        return range.value();
    }
}
