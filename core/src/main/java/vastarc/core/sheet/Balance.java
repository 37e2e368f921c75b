package vastarc.core.sheet;

import java.util.List;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;

/** What no school and no shelf changes of a weld: the heat balance of its first pass, its metal warmed as it has to be, and its arc runs. */
public final class Balance {

    private final HeatSolution heat;
    private final List<Run> runs;

    private Balance(HeatSolution heat) {
        this.heat = heat;
        this.runs = List.copyOf(Run.of(heat));
    }

    /** The balance, or every reason why this joint has none. */
    public static Outcome<Balance> of(Joint joint, Practice practice) {
        List<Problem> outside = ScopeRules.problems(joint, practice);
        return outside.isEmpty() ? Outcome.of(inScope(joint, practice)) : Outcome.failed(outside);
    }

    /** Of a joint that is known to be within what is planned. */
    static Balance inScope(Joint joint, Practice practice) {
        return new Balance(HeatSolution.of(joint, Preheat.warmed(joint, practice)));
    }

    HeatSolution heat() {
        return heat;
    }

    List<Run> runs() {
        return runs;
    }

    /** The plan of the first pass in a shop. */
    Plan first(ShopWays ways, OwnValues own) {
        return Plan.of(heat, runs, 1, ways, own);
    }
}
