package vastarc.core.advice.parameters;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Family;

/**
 * How warm the metal has to be before the arc, and how warm it may be between passes, by family (chromoly if either member is) and the
 * thicker member. Source: preheat.csv [judgement].
 *
 * @param lowC       least before the arc, °C; {@link PhysicalConstants#ROOM_C} where no preheat is wanted
 * @param highC      most before the arc, °C
 * @param interpassC most between passes, °C
 */
public record Preheat(double lowC, double highC, double interpassC) {

    private static final List<Table.Row> ROWS =
            Table.read("preheat.csv", Set.of("family", "from_mm", "to_mm", "low_c", "high_c", "interpass_c"));

    /**
     * {@return what a joint needs, whether given or not}
     *
     * @param joint the joint
     */
    public static Preheat of(Joint joint) {
        Family family = isChromoly(joint) ? Family.CHROMOLY : joint.material().family();
        return ROWS.stream()
                .filter(row -> row.named("family", Family.class) == family && joint.thickerMm() <= row.number("to_mm"))
                .findFirst()
                .map(row -> new Preheat(row.number("low_c"), row.number("high_c"), row.number("interpass_c")))
                .orElseThrow();
    }

    /**
     * {@return whether either member is chromoly}
     *
     * @param joint the joint
     */
    public static boolean isChromoly(Joint joint) {
        return joint.material().family() == Family.CHROMOLY || joint.other().family() == Family.CHROMOLY;
    }

    /** {@return whether the metal must be warmed at all, not merely dry} */
    public boolean isWanted() {
        return lowC > PhysicalConstants.ROOM_C;
    }

    /** The practice with the metal warmed as it has to be, where nothing is given; a given value is used as it is. */
    static WeldingConditions warmed(Joint joint, WeldingConditions conditions) {
        double low = of(joint).lowC();
        return conditions.preheatC().isPresent() || low <= PhysicalConstants.ROOM_C
                ? conditions
                : conditions.with(draft -> draft.preheatC = OptionalDouble.of(low));
    }
}
