package vastarc.web.request;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.material.Material;
import vastarc.core.quantity.Length;

/** Named inputs. What cannot be used is noted as a problem and answered with the usual value, so that every fault is found at once. */
public interface Fields {

    /** A choice from an enumeration; empty if not given or not usable. */
    <E extends Enum<E>> Optional<E> choice(String field, Class<E> type);

    Optional<Boolean> flag(String field);

    /** A length within a range; empty if not given or not usable. */
    Optional<Length> length(Range range);

    /** A figure in the range's own unit; empty if not given or not usable. */
    OptionalDouble number(Range range);

    /** One or two thicknesses, base member first, with the grades their gauges belong to; empty if not usable. */
    List<Length> thicknesses(Optional<Material> base, Optional<Material> abutting);

    void note(Problem problem);

    /** Every problem noted so far. */
    List<Problem> problems();
}
