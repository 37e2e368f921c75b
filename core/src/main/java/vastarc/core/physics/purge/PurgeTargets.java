package vastarc.core.physics.purge;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

/** Oxygen that may be left before the arc, and the colour inside at an oxygen. Sources: purge-targets.csv, oxygen-tints.csv [judgement]. */
public final class PurgeTargets {

    private static final List<Table.Row> TARGETS =
            Table.read("purge-targets.csv", Set.of("family", "finish", "strike_ppm", "running_ppm"));
    private static final List<Table.Row> TINTS =
            Table.read("oxygen-tints.csv", Set.of("family", "to_ppm", "colour", "accept"));

    private PurgeTargets() {}

    /** Oxygen at the strike, ppm by volume: of the finish where the metal has one, else of plain work; of a pair the stricter. */
    public static double strikePpm(Joint joint, FinishRequirement finish) {
        return Math.min(strikePpm(joint.material(), finish), strikePpm(joint.other(), finish));
    }

    /** As {@link #strikePpm(Joint, FinishRequirement)}, of one metal. */
    public static double strikePpm(Material material, FinishRequirement finish) {
        return row(material.family(), finish).number("strike_ppm");
    }

    /** Oxygen while it runs, ppm. */
    public static double runningPpm(Material material, FinishRequirement finish) {
        return row(material.family(), finish).number("running_ppm");
    }

    private static Table.Row row(Family family, FinishRequirement finish) {
        return TARGETS.stream()
                .filter(row -> row.named("family", Family.class) == family)
                .filter(row -> row.named("finish", FinishRequirement.class) == finish
                        || row.named("finish", FinishRequirement.class) == FinishRequirement.PLAIN)
                .reduce((plain, own) -> row(plain, finish) ? plain : own)
                .orElseThrow();
    }

    private static boolean row(Table.Row row, FinishRequirement finish) {
        return row.named("finish", FinishRequirement.class) == finish;
    }

    /**
     * The colour inside if the arc were struck at an oxygen.
     *
     * @param colour what is seen
     * @param accept what is usually said of it
     */
    public record InsideColour(String colour, String accept) {}

    /** The colour inside; empty words for metals that are not judged so. */
    public static InsideColour inside(Material material, double ppm) {
        return TINTS.stream()
                .filter(row -> row.named("family", Family.class) == material.family() && ppm <= row.number("to_ppm"))
                .findFirst()
                .map(row -> new InsideColour(row.text("colour"), row.text("accept")))
                .orElse(new InsideColour("not judged by colour", "no purge is needed"));
    }
}
