package vastarc.core.advice.sheet;

import java.util.List;
import vastarc.core.advice.parameters.CurrentByMethod;
import vastarc.core.advice.parameters.MachineCalibration;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.heat.HeatBalance;

/**
 * The working current one method would set, and how far that is from the calculated current.
 *
 * @param school   the method
 * @param currentA its steady current, A
 * @param note     where it holds or breaks here
 */
public record MethodCurrent(Method school, double currentA, Phrase note) {

    private static final double THICK_MM = 4;
    private static final double NEAR = 0.12;

    static List<MethodCurrent> explained(SheetDecisions plan) {
        return plan.comparison().stream()
                .map(current -> new MethodCurrent(current.method(), current.currentA(), note(current, plan)))
                .toList();
    }

    private static Phrase note(CurrentByMethod current, SheetDecisions plan) {
        return switch (current.method()) {
            case HEAT_BALANCE -> Phrase.of("school.note.balance");
            case AS_PROVEN_HERE ->
                proven(plan.proven().orElseThrow(), plan.heat().currentA());
            default -> linear(current, plan.heat());
        };
    }

    private static Phrase proven(MachineCalibration learned, double balance) {
        return Phrase.of(
                "school.note.proven",
                learned.runs(),
                Quantity.amperes(learned.usualLow() * balance),
                Quantity.amperes(learned.usualHigh() * balance));
    }

    private static Phrase linear(CurrentByMethod current, HeatBalance heat) {
        double off = current.currentA() / heat.currentA() - 1;
        String code = Math.abs(off) <= NEAR ? "near" : off > 0 ? "over" : "under";
        long percent = Math.round(Math.abs(off) * 100);
        return Phrase.of("school.note." + code, percent, Phrase.of("school.cause." + cause(heat)));
    }

    /** What most sets this joint apart from the flat butt the linear rules were made on. */
    private static String cause(HeatBalance heat) {
        Joint joint = heat.joint();
        if (heat.practice().chill().contactWPerM2K() > 0) {
            return "chill";
        }
        if (Penetration.of(joint, heat.practice()) != Penetration.FULL && !joint.isCorner()) {
            return "depth";
        }
        if (joint.isCorner()) {
            return "paths";
        }
        if (joint.isTitanium()) {
            return "titanium";
        }
        if (joint.form().reachFactor() < 1) {
            return "edge";
        }
        if (joint.thinnerMm() > THICK_MM) {
            return "thick";
        }
        return joint.material().isStainless() ? "stainless" : "speed";
    }
}
