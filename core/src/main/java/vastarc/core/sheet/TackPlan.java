package vastarc.core.sheet;

import java.util.List;
import java.util.Set;
import vastarc.core.heat.Arc;
import vastarc.core.heat.HeatSolution;
import vastarc.core.heat.StandingArc;
import vastarc.core.joint.JointForm;
import vastarc.core.table.Table;
import vastarc.core.wording.Phrase;

/**
 * Fusion tacks, made by a standing arc without wire: single spots, and spots in a row (stitch).
 *
 * <p>Current 1.5 times the working current, so that the spot melts before the heat has spread, within what the tungsten carries
 * (judgement); time on until the standing arc's pool is as wide as the seam's [textbook]; pause one and a half freezing times
 * (judgement). Spacing, count and length: table {@code tacks.csv}.
 *
 * @param fusion        a spot without wire is quick enough here; otherwise tack with wire
 * @param currentA      of the spot, A
 * @param onS           time on, s
 * @param pauseS        between the spots of a stitch, s
 * @param preFlowS      gas before, s
 * @param postFlowS     gas after, torch held still, s
 * @param stitchPitchMm from spot to spot in a stitch, mm
 * @param lengthLowMm   length of a tack made with wire, mm
 * @param lengthHighMm  length of a tack made with wire, mm
 * @param spacingLowMm  between tacks, mm; 0 where tacks are counted
 * @param spacingHighMm between tacks, mm; 0 where tacks are counted
 * @param count         round a tube; 0 where tacks are spaced
 * @param order         in which they are made
 */
public record TackPlan(
        boolean fusion,
        double currentA,
        double onS,
        double pauseS,
        double preFlowS,
        double postFlowS,
        double stitchPitchMm,
        double lengthLowMm,
        double lengthHighMm,
        double spacingLowMm,
        double spacingHighMm,
        int count,
        Phrase order) {

    private static final double CURRENT_FACTOR = 1.5;
    private static final double SLOWEST_SPOT_S = 3;
    private static final double PAUSE_FACTOR = 1.5;
    private static final double SHORTEST_PAUSE_S = 0.3;
    private static final double PITCH_OF_POOL = 0.7;
    private static final double THIN_MM = 1.5;
    private static final List<Table.Row> TABLE =
            Table.read("tacks.csv", Set.of("form", "to_mm", "spacing_low_mm", "spacing_high_mm", "count"));

    static TackPlan of(Plan plan, Setting preFlow, Setting postFlow) {
        HeatSolution heat = plan.heat();
        double current =
                Math.min(CURRENT_FACTOR * heat.currentA(), plan.tungsten().practicalMaxA());
        double power = Arc.EFFICIENCY * heat.arc().powerW(current);
        double half = heat.pool().frontWidthMm() / 2;
        boolean edge = plan.form() == JointForm.EDGE || plan.form() == JointForm.OUTSIDE_CORNER;
        double on = StandingArc.puddleTimeS(
                heat.metal(),
                heat.effectiveThicknessMm(),
                power,
                half,
                edge,
                plan.practice().metalC());
        double freeze = heat.pool().freezeTimeS(heat.metal(), power, 0);
        double t = plan.joint().thinnerMm();
        boolean tube = plan.form().isTube() && plan.joint().tubeOd().isPresent();
        Table.Row row = tube ? row("TUBE", plan.joint().tubeOd().get().inMillimetres()) : row("PLATE", t);
        return new TackPlan(
                on <= SLOWEST_SPOT_S,
                current,
                on,
                Math.max(SHORTEST_PAUSE_S, PAUSE_FACTOR * freeze),
                preFlow.value(),
                postFlow.value(),
                PITCH_OF_POOL * heat.pool().frontWidthMm(),
                2 * t,
                4 * t,
                row.number("spacing_low_mm"),
                row.number("spacing_high_mm"),
                (int) row.number("count"),
                Phrase.of("tack.order." + (tube ? "TUBE" : t <= THIN_MM ? "THIN" : "PLATE")));
    }

    private static Table.Row row(String form, double size) {
        return TABLE.stream()
                .filter(row -> row.text("form").equals(form) && size <= row.number("to_mm"))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("table tacks.csv lacks " + form + " at " + size + " mm"));
    }
}
