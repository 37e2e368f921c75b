package vastarc.core.advice.sequence;

import java.util.List;
import vastarc.core.advice.sheet.SetupSheet;

/** How hot a run still is, a time after its arc: each run by itself, without what others add. Source: {@link vastarc.core.physics.heat.CoolingTime}. */
public final class RemainingHeat {

    /** Red in a dark shop, oxidising, hissing under a wet finger, and safe to touch, °C (handbook). */
    public static final List<Double> STEPS_C = List.of(600.0, 300.0, 150.0, 60.0);

    private static final double NEVER_S = 900;
    private static final double CLOSE_K = 5;

    private RemainingHeat() {}

    /** Longest that is counted, s. */
    public static final double LONGEST_S = NEVER_S;

    /**
     * When a run has cooled.
     *
     * @param passS  from the end of its arc, until another pass may be welded; 0 where there is none to come, or nothing to wait for
     * @param touchS until it is safe to touch; {@link #LONGEST_S} where that takes as long or longer
     */
    public record CooledPass(double passS, double touchS) {}

    /**
     * Of the pass that a sheet is for, in a shop at a temperature, °C.
     *
     * @param sheet the sheet
     * @param ambientC temperature of the shop, °C
     * @return the cooled pass
     */
    public static CooledPass of(SetupSheet sheet, double ambientC) {
        PassFigures pass = PassFigures.of(sheet);
        boolean more = sheet.passes().filter(plan -> plan.passes().size() > 1).isPresent();
        List<Double> leaves = leavesS(pass, Math.max(ambientC, sheet.practice().metalC()));
        return new CooledPass(more ? pass.coolsS() : 0, leaves.get(leaves.size() - 1));
    }

    /** Never, as far as is calculated, where the piece itself is as warm. */
    static List<Double> leavesS(PassFigures pass, double pieceC) {
        return STEPS_C.stream()
                .map(step -> step <= pieceC + CLOSE_K ? NEVER_S : pass.cooling().timeToS(step))
                .toList();
    }
}
