package vastarc.core.domain.material;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;

/** Thickest square edge that one run melts through, by family. Source: table {@code one-pass.csv} [judgement]. */
final class SinglePassThickness {

    private static final Map<Family, Double> LIMITS_MM = limits();

    private SinglePassThickness() {}

    private static Map<Family, Double> limits() {
        Map<Family, Double> limits = new EnumMap<>(Family.class);
        Table.read("one-pass.csv", Set.of("family", "limit_mm"))
                .forEach(row -> limits.put(row.named("family", Family.class), row.number("limit_mm")));
        return limits;
    }

    static double limitMm(Family family) {
        return Maps.get(LIMITS_MM, family);
    }
}
