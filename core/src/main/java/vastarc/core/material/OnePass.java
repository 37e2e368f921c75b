package vastarc.core.material;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import vastarc.core.table.Complete;
import vastarc.core.table.Table;

/** Thickest square edge that one run melts through, by family. Source: table {@code one-pass.csv} [judgement]. */
final class OnePass {

    private static final Map<Family, Double> LIMITS_MM = limits();

    private OnePass() {}

    private static Map<Family, Double> limits() {
        Map<Family, Double> limits = new EnumMap<>(Family.class);
        Table.read("one-pass.csv", Set.of("family", "limit_mm"))
                .forEach(row -> limits.put(row.named("family", Family.class), row.number("limit_mm")));
        return limits;
    }

    static double limitMm(Family family) {
        return Complete.get(LIMITS_MM, family);
    }
}
