package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.List;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PurgeFlows;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.physics.purge.PurgeHold;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;

/** Explains the {@link PurgeFlows}; idle where the back is not purged. */
final class PurgeRules {

    private PurgeRules() {}

    static List<Parameter> settings(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        if (!plan.practice().purged()) {
            String why = plan.joint().wantsPurge() ? "purge.missing" : "purge.notNeeded";
            return List.of(
                    figure(ParameterKey.PURGE_FLOW, Range.only(0)).idle().because(why),
                    figure(ParameterKey.PURGE_HOLD, Range.only(0)).idle().because(why));
        }
        return List.of(fill(plan, weld.purge()), hold(weld.purge()));
    }

    private static Parameter fill(SheetDecisions plan, PurgeFlows purge) {
        Length od = plan.joint().tubeOd().orElse(Length.ofMillimetres(0));
        String why = plan.joint().tubeOd().isPresent() ? "purgeFlow.tube" : "purgeFlow.open";
        return figure(ParameterKey.PURGE_FLOW, purge.fillLPerMin())
                .by(purge.method())
                .from("tubeOd", od.quantity())
                .because(plan.purge().flowLPerMin().isPresent() ? "purgeFlow.entered" : why, od);
    }

    private static Parameter hold(PurgeFlows purge) {
        PurgeHold hold = purge.hold();
        PurgeRequest request = purge.request();
        Quantity vent = Quantity.ruled(request.vent().diameterMm());
        return figure(ParameterKey.PURGE_HOLD, new Range(hold.value(), hold.low(), hold.high()))
                .by(purge.method())
                .from("purgeFlow", Quantity.litresPerMin(request.flow()))
                .from("ventDiameter", vent)
                .from("rootPressure", Quantity.of(request.root().mostPa(), Unit.PASCAL))
                .because("purgeHold." + hold.limit(), vent);
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
