package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import vastarc.core.base.tables.Maps;

/**
 * Gas before and after the arc.
 *
 * @param preFlowS   gas before the arc, s
 * @param hosePurgeS in which the air is pushed out of hose and torch, s
 * @param postFlow   gas after the arc
 */
public record GasTimes(MethodFigure preFlowS, double hosePurgeS, PostFlow postFlow) {

    private static final double MIN_PRE_FLOW_S = 0.3;
    private static final double MIN_PRE_FLOW_TITANIUM_S = 1.5;
    private static final double LONG_PRE_FLOW_S = 1;
    private static final double TITANIUM_PRE_FLOW_TO_S = 5;
    private static final double TORCH_VOLUME_ML = 30;

    static GasTimes of(SheetDecisions plan) {
        double hose = hosePurgeS(plan);
        return new GasTimes(preFlow(plan, hose), hose, PostFlow.of(plan));
    }

    /**
     * Time to push the air out of hose and torch, at least 0.3 s. Other methods 0, 0.3 and 1 s. Titanium 1.5 s under every method. {@code
     * docs/model/gas.md (1)}. Source: {@link #hosePurgeS} [textbook], floors [judgement].
     */
    private static MethodFigure preFlow(SheetDecisions plan, double hose) {
        double floor = plan.isTitanium() ? MIN_PRE_FLOW_TITANIUM_S : MIN_PRE_FLOW_S;
        double least = plan.isTitanium() ? MIN_PRE_FLOW_TITANIUM_S : 0;
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.PRE_FLOW_BY_HOSE, Math.max(floor, hose));
        byMethod.put(Method.PRE_FLOW_NONE, least);
        byMethod.put(Method.PRE_FLOW_SHORT, Math.max(least, MIN_PRE_FLOW_S));
        byMethod.put(Method.PRE_FLOW_LONG, Math.max(least, LONG_PRE_FLOW_S));
        Method method = plan.methods().of(ParameterTopic.PRE_FLOW);
        double most = plan.isTitanium() ? Math.max(TITANIUM_PRE_FLOW_TO_S, 2.5 * hose) : 2.5 * hose;
        double value = Maps.get(byMethod, method);
        return new MethodFigure(Range.around(value, floor, most), method, byMethod);
    }

    /**
     * \( t = 2\,(V_{hose} + V_{torch})/Q \), s; V_hose = π/4 d² L and V_torch = 30 mL, Q flow. Source: two volumes displace the air
     * [textbook].
     */
    private static double hosePurgeS(SheetDecisions plan) {
        double bore = plan.practice().hoseBoreMm();
        double hoseMl = Math.PI / 4 * bore * bore * plan.practice().hoseLengthM();
        return 2 * (hoseMl + TORCH_VOLUME_ML) / 1000 / plan.gasFlow().value() * 60;
    }
}
