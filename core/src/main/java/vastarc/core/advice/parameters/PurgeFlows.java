package vastarc.core.advice.parameters;

import java.util.OptionalDouble;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.purge.PurgeHold;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.RootPressure;

/**
 * Flows of the back purge; both come from the one calculation that the purge of the job shows. A weld without a purge is planned as if it
 * had one.
 *
 * @param request     the purge before its hold
 * @param fillLPerMin to fill, L/min
 * @param hold        to hold while welding
 * @param method      the shop's method
 */
public record PurgeFlows(PurgeRequest request, Range fillLPerMin, PurgeHold hold, Method method) {

    private static final double LEAST_FILL = 3;
    private static final double MOST_FILL = 12;
    private static final double OPEN_BACK_FILL = 6;
    private static final double BORE_MM_PER_LITRE = 8;
    private static final double LOW_FILL = 0.6;
    private static final double ROOT_OF_THICKNESS = 2;

    static PurgeFlows of(SheetDecisions plan) {
        Method method = plan.methods().of(ParameterTopic.PURGE_FLOW);
        double fill = fillLPerMin(plan.joint(), plan.purge().flowLPerMin(), method);
        double share = method == Method.PURGE_HIGH ? 1 : PurgeHold.USUAL_SHARE;
        PurgeRequest request = plan.purge().of(plan.joint(), plan.practice().finish(), fill, root(plan), share);
        return new PurgeFlows(
                request, Range.around(request.flow(), LEAST_FILL, MOST_FILL), PurgeHold.of(request), method);
    }

    /**
     * As entered; else \( 3 + D/8 \) within 3 to 12, D tube diameter, mm; 6 for an open back; six tenths of it by the method for a low flow.
     * {@code docs/model/purge.md (5)}. Source: [judgement].
     */
    private static double fillLPerMin(Joint joint, OptionalDouble entered, Method method) {
        double usual = joint.tubeOd()
                .map(od -> clamped(LEAST_FILL + od.inMillimetres() / BORE_MM_PER_LITRE))
                .orElse(OPEN_BACK_FILL);
        return entered.orElse(method == Method.PURGE_LOW ? clamped(LOW_FILL * usual) : usual);
    }

    private static double clamped(double flow) {
        return Math.min(MOST_FILL, Math.max(LEAST_FILL, flow));
    }

    /** The molten root of the first pass; as wide as it is thick twice where the back stays solid [judgement]. */
    private static RootPressure root(SheetDecisions plan) {
        double bead = RootBead.of(plan.first()).value();
        double thick = plan.first().pool().thicknessMm();
        double width = bead > 0 ? bead : ROOT_OF_THICKNESS * thick;
        double fits = Math.min(PurgePlan.BACK_WIDTH.high(), Math.max(PurgePlan.BACK_WIDTH.low(), width));
        return new RootPressure(plan.joint().material(), thick, fits, plan.position());
    }
}
