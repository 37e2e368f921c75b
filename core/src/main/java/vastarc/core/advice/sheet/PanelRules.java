package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.advice.parameters.SheetDecisions;

/** Settings of the machine's panel, in the order the welder meets them. */
final class PanelRules {

    private PanelRules() {}

    static List<Parameter> settings(SheetDecisions plan) {
        List<Parameter> settings = new ArrayList<>(16);
        settings.add(CurrentRules.working(plan));
        settings.add(CurrentRules.ceiling(plan));
        settings.add(CurrentRules.start(plan));
        settings.add(SlopeRules.upSlope(plan));
        settings.add(SlopeRules.downSlope(plan));
        settings.add(CurrentRules.end(plan));
        settings.add(GasTimeRules.preFlow(plan));
        settings.add(GasTimeRules.postFlow(plan));
        settings.addAll(PulseRules.settings(plan));
        return settings;
    }
}
