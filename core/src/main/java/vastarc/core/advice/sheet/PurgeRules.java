package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.RootBead;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.purge.PurgeHold;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.RootPressure;

/** Flows of the back purge; both come from the one calculation that the purge of the job shows. */
final class PurgeRules {

    private static final double LEAST_FILL = 3;
    private static final double MOST_FILL = 12;
    private static final double OPEN_BACK_FILL = 6;
    private static final double BORE_MM_PER_LITRE = 8;
    private static final double LOW_FILL = 0.6;
    private static final double ROOT_OF_THICKNESS = 2;

    private PurgeRules() {}

    /**
     * Purge fill, L/min: as entered; else \( 3 + D/8 \) within 3 to 12, D tube diameter, mm; 6 for an open back; six tenths of it by the method for a low
     * flow. {@code docs/model/purge.md (5)}. Source: [judgement].
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

    /** The purge of a weld before its hold; a weld without one is planned as if it had one. */
    static PurgeRequest request(SheetDecisions plan) {
        Joint joint = plan.joint();
        Method method = plan.methods().of(ParameterTopic.PURGE_FLOW);
        double fill = fillLPerMin(joint, plan.purge().flowLPerMin(), method);
        double share = method == Method.PURGE_HIGH ? 1 : PurgeHold.USUAL_SHARE;
        return plan.purge().of(joint, plan.practice().finish(), fill, root(plan), share);
    }

    /** The molten root of the first pass; as wide as it is thick twice where the back stays solid [judgement]. */
    private static RootPressure root(SheetDecisions plan) {
        double bead = RootBead.of(plan.first()).value();
        double thick = plan.first().pool().thicknessMm();
        double width = bead > 0 ? bead : ROOT_OF_THICKNESS * thick;
        double fits = Math.min(PurgePlan.BACK_WIDTH.high(), Math.max(PurgePlan.BACK_WIDTH.low(), width));
        return new RootPressure(plan.joint().material(), thick, fits, plan.position());
    }

    /** Fill and hold; idle where the back is not purged. */
    static List<Parameter> settings(SheetDecisions plan) {
        if (!plan.practice().purged()) {
            String why = plan.joint().wantsPurge() ? "purge.missing" : "purge.notNeeded";
            return List.of(
                    figure(ParameterKey.PURGE_FLOW, Range.only(0)).idle().because(why),
                    figure(ParameterKey.PURGE_HOLD, Range.only(0)).idle().because(why));
        }
        PurgeRequest request = request(plan);
        Method method = plan.methods().of(ParameterTopic.PURGE_FLOW);
        return List.of(fill(plan, request.flow(), method), hold(request, method));
    }

    private static Parameter fill(SheetDecisions plan, double fill, Method method) {
        Length od = plan.joint().tubeOd().orElse(Length.ofMillimetres(0));
        String why = plan.joint().tubeOd().isPresent() ? "purgeFlow.tube" : "purgeFlow.open";
        return figure(ParameterKey.PURGE_FLOW, Range.around(fill, LEAST_FILL, MOST_FILL))
                .by(method)
                .from("tubeOd", od.quantity())
                .because(plan.purge().flowLPerMin().isPresent() ? "purgeFlow.entered" : why, od);
    }

    private static Parameter hold(PurgeRequest request, Method method) {
        PurgeHold hold = PurgeHold.of(request);
        return figure(ParameterKey.PURGE_HOLD, new Range(hold.value(), hold.low(), hold.high()))
                .by(method)
                .from("purgeFlow", Quantity.litresPerMin(request.flow()))
                .from("ventDiameter", Quantity.ruled(request.vent().diameterMm()))
                .from("rootPressure", Quantity.of(request.root().mostPa(), Unit.PASCAL))
                .because(
                        "purgeHold." + hold.limit(),
                        Quantity.ruled(request.vent().diameterMm()));
    }

    /** The purge of a sheet, with the flows that are on it. */
    static PurgePlan plan(SetupSheet sheet) {
        Parameter fill = sheet.setting(ParameterKey.PURGE_FLOW);
        Parameter hold = sheet.setting(ParameterKey.PURGE_HOLD);
        if (fill.idle() || hold.idle()) {
            return PurgePlan.of(sheet.purgeRequest());
        }
        PurgeRequest request = sheet.purgeRequest().filledWith(fill.value());
        Range range = hold.window().orElseThrow();
        return PurgePlan.of(
                request,
                new PurgeHold(
                        hold.value(),
                        range.low(),
                        range.high(),
                        PurgeHold.of(request).limit()));
    }
}
