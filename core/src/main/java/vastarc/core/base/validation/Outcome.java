package vastarc.core.base.validation;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A value, or the problems that prevented it.
 *
 * @param value    present if and only if there is no problem
 * @param problems every problem found
 */
public record Outcome<T>(Optional<T> value, List<Problem> problems) {

    /** Checks its values and copies its collections, so that it cannot change. */
    public Outcome {
        problems = List.copyOf(problems);
        if (value.isPresent() != problems.isEmpty()) {
            throw new IllegalArgumentException("an outcome has either a value or problems");
        }
    }

    /**
     * {@return an outcome with a value}
     *
     * @param <T> the type of the value
     * @param value the value
     */
    public static <T> Outcome<T> of(T value) {
        return new Outcome<>(Optional.of(value), List.of());
    }

    /**
     * {@return an outcome without a value, with the problems that prevented it}
     *
     * @param <T> the type of the value
     * @param problems the problems
     */
    public static <T> Outcome<T> failed(List<Problem> problems) {
        return new Outcome<>(Optional.empty(), problems);
    }

    /**
     * {@return an outcome without a value, with the problem that prevented it}
     *
     * @param <T> the type of the value
     * @param problem the problem
     */
    public static <T> Outcome<T> failed(Problem problem) {
        return failed(List.of(problem));
    }

    /**
     * {@return a further step that may fail in its turn}
     *
     * @param <R> the type of the result
     * @param step the step
     */
    public <R> Outcome<R> then(Function<T, Outcome<R>> step) {
        return value.map(step).orElseGet(() -> failed(problems));
    }

    /**
     * {@return this outcome with its value changed; its problems where there is none}
     *
     * @param <R> the type of the result
     * @param change what to make of the value
     */
    public <R> Outcome<R> map(Function<T, R> change) {
        return new Outcome<>(value.map(change), problems);
    }
}
