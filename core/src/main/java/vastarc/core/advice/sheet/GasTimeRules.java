package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.Locale;
import vastarc.core.advice.parameters.GasTimes;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PostFlow;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.ControlDevice;

/** Explains the {@link GasTimes}. */
final class GasTimeRules {

    private GasTimeRules() {}

    static Parameter preFlow(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        Quantity flow = Quantity.litresPerMin(plan.gasFlow().value());
        String why = plan.control() == ControlDevice.LIFT_ONLY ? "byHand" : plan.isTitanium() ? "titanium" : "hose";
        return figure(ParameterKey.PRE_FLOW, weld.gas().preFlowS())
                .from("hoseLength", Quantity.of(plan.practice().hoseLengthM(), Unit.METRE))
                .from("hoseBore", Quantity.millimetres(plan.practice().hoseBoreMm()))
                .from("gasFlow", flow)
                .because("preFlow." + why, Quantity.seconds(weld.gas().hosePurgeS()), flow);
    }

    static Parameter postFlow(WeldParameters weld) {
        PostFlow post = weld.gas().postFlow();
        return figure(ParameterKey.POST_FLOW, post.figureS())
                .from("averageCurrent", Quantity.amperes(post.averageA()))
                .from("tungstenCooling", Quantity.seconds(post.tungstenS()))
                .from("metalCooling", Quantity.seconds(post.metalS()))
                .because(
                        "postFlow." + why(post, weld.decisions().control()),
                        Quantity.seconds(post.neededS()),
                        Quantity.celsius(post.metalC()),
                        Quantity.seconds(post.byCurrentS()));
    }

    private static String why(PostFlow post, ControlDevice control) {
        if (post.isTooLong()) {
            return "tooLong";
        }
        if (control == ControlDevice.LIFT_ONLY) {
            return "byHand";
        }
        return post.figureS().method() == Method.POST_FLOW_UNTIL_COLD
                ? post.longest().name().toLowerCase(Locale.ROOT)
                : "school";
    }
}
