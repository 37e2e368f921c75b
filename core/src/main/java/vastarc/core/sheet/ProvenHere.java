package vastarc.core.sheet;

import java.util.List;
import java.util.Optional;
import vastarc.core.joint.Joint;

/**
 * What a machine's own good runs may teach.
 *
 * @param machine by name
 * @param runs    that came out well on it
 */
public record ProvenHere(String machine, List<ProvenCurrent.Run> runs) {

    private static final ProvenHere NOTHING = new ProvenHere("", List.of());

    public ProvenHere {
        runs = List.copyOf(runs);
    }

    /** No machine, or no run. */
    public static ProvenHere nothing() {
        return NOTHING;
    }

    /** The current as proven for a joint; empty from too few runs. */
    public Optional<ProvenCurrent> of(Joint joint) {
        return runs.size() < ProvenCurrent.LEAST_RUNS
                ? Optional.empty()
                : ProvenCurrent.of(
                        runs,
                        new ProvenCurrent.Run(
                                joint.material().name(), joint.form().name(), joint.thinnerMm(), machine, 1));
    }
}
