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

    /** A choice; empty if not given or not usable. */
    <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type);

    /** {@return a yes or no; empty where it is not given} */
    Optional<Boolean> flag(InputField<Boolean> field);

    /** A length within the field's range; empty if not given or not usable. */
    Optional<Length> length(InputField<Length> field);

    /** A figure within the field's range, in its unit; empty if not given or not usable. */
    Optional<Double> figure(InputField<Double> field);

    /** Notes a problem of the input; reading goes on, so that every problem is found. */
    void note(Problem problem);

    /** Every problem noted so far. */
    List<Problem> problems();
}
