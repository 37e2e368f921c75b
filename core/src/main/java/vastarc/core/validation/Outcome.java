package vastarc.core.validation;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A value, or the problems that stood in its way.
 *
 * @param value    present if and only if there is no problem
 * @param problems every problem found
 */
public record Outcome<T>(Optional<T> value, List<Problem> problems) {

    public Outcome {
        problems = List.copyOf(problems);
        if (value.isPresent() != problems.isEmpty()) {
            throw new IllegalArgumentException("an outcome has either a value or problems");
        }
    }

    public static <T> Outcome<T> of(T value) {
        return new Outcome<>(Optional.of(value), List.of());
    }

    public static <T> Outcome<T> failed(List<Problem> problems) {
        return new Outcome<>(Optional.empty(), problems);
    }

    public static <T> Outcome<T> failed(Problem problem) {
        return failed(List.of(problem));
    }

    /** A further step that may fail in its turn. */
    public <R> Outcome<R> then(Function<T, Outcome<R>> step) {
        return value.map(step).orElseGet(() -> failed(problems));
    }

    public <R> Outcome<R> map(Function<T, R> change) {
        return new Outcome<>(value.map(change), problems);
    }
}
