package vastarc.core.advice.parameters;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Family;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;

/**
 * Two options for a thin butt: fused from both sides without wire, or from one side with wire.
 *
 * <p>Shrinkage across the seam \( \delta = \frac{\alpha}{c\rho}\,\frac{q/v}{t} \) [textbook]; pull to one side
 * \( \beta = \alpha (T_m - 20)(w_f - w_b)/t \) [judgement]; the second side pulls back what the first has pulled.
 * <ul>
 *   <li>α expansion, 1/K, table {@code expansion.csv} <li>c, ρ effective capacity and density <li>q power into the plates, W <li>v
 *   travel, m/s <li>t thickness, m <li>w_f, w_b pool on face and back, m
 * </ul>
 *
 * @param way          its words: {@code butt.<way>}
 * @param possible     can be done with the access there is
 * @param chosen       is what the sheet is for
 * @param currentA     working current, A
 * @param passes       arc runs along the seam
 * @param heatInputKjPerMm  heat input of all runs, 0.6 V I/v, kJ/mm
 * @param shrinkageMm  across the seam, mm
 * @param pullDeg      out of flat, degrees
 */
public record ButtChoice(
        ButtWay way,
        boolean possible,
        boolean chosen,
        double currentA,
        int passes,
        double heatInputKjPerMm,
        double shrinkageMm,
        double pullDeg) {

    /** How a thin butt is fused. */
    public enum ButtWay {
        /** From both sides, without filler. */
        BOTH_SIDES,
        /** From one side, with filler. */
        ONE_SIDE
    }

    private static final Map<Family, Double> EXPANSION_PER_K = expansion();

    private static Map<Family, Double> expansion() {
        Map<Family, Double> table = new EnumMap<>(Family.class);
        Table.read("expansion.csv", Set.of("family", "alpha_per_k"))
                .forEach(row -> table.put(row.named("family", Family.class), row.number("alpha_per_k")));
        return table;
    }

    /**
     * {@return both options, for a square butt that one pass from one side can do; empty for any other joint}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static List<ButtChoice> compare(Joint joint, WeldingConditions conditions) {
        WeldingConditions oneSide = conditions.with(draft -> {
            draft.penetration = Optional.of(Penetration.FULL);
            draft.wire = true;
        });
        Penetration chosen = Penetration.of(joint, conditions);
        boolean thin = joint.form() == JointForm.SQUARE_BUTT
                && joint.thinnerMm() <= joint.material().onePassMm()
                && !chosen.leavesNotch();
        if (!thin) {
            return List.of();
        }
        WeldingConditions bothSides = conditions.with(draft -> {
            draft.penetration = Optional.of(Penetration.BOTH_SIDES);
            draft.wire = false;
        });
        return List.of(
                of(ButtWay.BOTH_SIDES, joint, bothSides, chosen == Penetration.BOTH_SIDES && !conditions.wire()),
                of(ButtWay.ONE_SIDE, joint, oneSide, chosen == Penetration.FULL && conditions.wire()));
    }

    private static ButtChoice of(ButtWay way, Joint joint, WeldingConditions conditions, boolean chosen) {
        HeatBalance heat = HeatBalance.of(joint, conditions, FusionRequirement.of(joint, conditions));
        boolean both = Penetration.of(joint, conditions) == Penetration.BOTH_SIDES;
        int passes = both ? 2 : 1;
        double alpha = Maps.get(EXPANSION_PER_K, joint.material().family());
        double t = joint.thinnerMm();
        double perMetre = heat.platePowerW() / (heat.demand().speedMmPerS() * 1e-3);
        double stored = heat.metal().heatCapacityJPerKgK() * heat.metal().densityKgPerM3();
        double shrinkage = alpha / stored * perMetre / (t * 1e-3) * 1000;
        double pull = alpha
                * (heat.metal().meltC() - PhysicalConstants.ROOM_C)
                * (heat.pool().frontWidthMm() - heat.pool().backWidthMm())
                / t;
        return new ButtChoice(
                way,
                !both || conditions.backAccess(),
                chosen,
                heat.currentA(),
                passes,
                passes * heat.heatInputKjPerMm(),
                passes * shrinkage,
                both ? 0 : Math.toDegrees(pull));
    }
}
