package vastarc.core.input;

import java.util.List;
import java.util.Optional;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Problem;

/**
 * Where the values of {@link InputField}s come from: JSON in fixed units, texts as the welder typed them. What cannot be used is noted as a
 * problem and answered as not given, so that every fault is found at once.
 */
public interface InputSource {

    /**
     * {@return a choice; empty if not given or not usable}
     *
     * @param <E> the type of the elements
     * @param field the input
     * @param type the type
     */
    <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type);

    /**
     * {@return a yes or no; empty where it is not given}
     *
     * @param field the input
     */
    Optional<Boolean> flag(InputField<Boolean> field);

    /**
     * {@return a length within the field's range; empty if not given or not usable}
     *
     * @param field the input
     */
    Optional<Length> length(InputField<Length> field);

    /**
     * {@return a figure within the field's range, in its unit; empty if not given or not usable}
     *
     * @param field the input
     */
    Optional<Double> figure(InputField<Double> field);

    /**
     * Notes a problem of the input; reading goes on, so that every problem is found.
     *
     * @param problem the problem
     */
    void note(Problem problem);

    /** {@return every problem noted so far} */
    List<Problem> problems();
}
