package vastarc.core.physics.purge;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

/** Oxygen that may be left before the arc, and the colour inside at an oxygen. Sources: purge-targets.csv, oxygen-tints.csv [judgement]. */
public final class PurgeTargets {

    private static final Map<Family, Map<FinishRequirement, PurgeTarget>> TARGETS = targets();
    private static final List<Table.Row> TINTS =
            Table.read("oxygen-tints.csv", Set.of("family", "to_ppm", "colour", "accept"));

    private PurgeTargets() {}

    /**
     * {@return oxygen at the strike, ppm by volume: of the finish where the metal has one, else of plain work; of a
     * pair the stricter}
     *
     * @param joint the joint
     * @param finish the finish that is asked for
     */
    public static double strikePpm(Joint joint, FinishRequirement finish) {
        return Math.min(strikePpm(joint.material(), finish), strikePpm(joint.other(), finish));
    }

    /**
     * As {@link #strikePpm(Joint, FinishRequirement)}, of one metal.
     *
     * @param material the material
     * @param finish the finish that is asked for
     * @return the figure
     */
    public static double strikePpm(Material material, FinishRequirement finish) {
        return target(material.family(), finish).strikePpm();
    }

    /**
     * {@return oxygen while it runs, ppm}
     *
     * @param material the material
     * @param finish the finish that is asked for
     */
    public static double runningPpm(Material material, FinishRequirement finish) {
        return target(material.family(), finish).runningPpm();
    }

    /** Oxygen at the strike and while it runs, ppm. */
    private record PurgeTarget(double strikePpm, double runningPpm) {}

    private static Map<Family, Map<FinishRequirement, PurgeTarget>> targets() {
        Map<Family, Map<FinishRequirement, PurgeTarget>> targets = new EnumMap<>(Family.class);
        Table.read("purge-targets.csv", Set.of("family", "finish", "strike_ppm", "running_ppm"))
                .forEach(row -> targets.computeIfAbsent(
                                row.named("family", Family.class), family -> new EnumMap<>(FinishRequirement.class))
                        .put(
                                row.named("finish", FinishRequirement.class),
                                new PurgeTarget(row.number("strike_ppm"), row.number("running_ppm"))));
        return targets;
    }

    private static PurgeTarget target(Family family, FinishRequirement finish) {
        Map<FinishRequirement, PurgeTarget> own = Maps.get(TARGETS, family);
        return own.getOrDefault(finish, Maps.get(own, FinishRequirement.PLAIN));
    }

    /**
     * The colour inside if the arc were struck at an oxygen.
     *
     * @param colour what is seen
     * @param accept what is usually said of it
     */
    public record InsideColour(String colour, String accept) {}

    /**
     * {@return the colour inside; empty words for metals that are not judged so}
     *
     * @param material the material
     * @param ppm oxygen, ppm by volume
     */
    public static InsideColour inside(Material material, double ppm) {
        return TINTS.stream()
                .filter(row -> row.named("family", Family.class) == material.family() && ppm <= row.number("to_ppm"))
                .findFirst()
                .map(row -> new InsideColour(row.text("colour"), row.text("accept")))
                .orElse(new InsideColour("not judged by colour", "no purge is needed"));
    }
}
