package vastarc.core.advice.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.StationaryArc;

/**
 * Tacks: spots without filler made by a standing arc, spots in a row (stitch), and the spot near the machine's top for tight thin sheet.
 *
 * <p>Current 1.1 times the working current, within what the tungsten carries (judgement); time on until the standing arc's pool is seven
 * tenths as wide as the seam's [textbook], 0.5 to 2 s; pause one and a half freezing times (judgement). A spot that would take longer is made with filler
 * instead. Spacing, count and length: table {@code tacks.csv}.
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
 * @param quick         the short spot with the cup set down as a stop; empty where the sheet is thick or its edges do not touch
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
        TackOrder order,
        Optional<TackSpot> quick) {

    /** The order in which tacks are made. Its words: {@code tack.order.<name>}. */
    public enum TackOrder {
        /** Thin sheet: ends first, then the middle. */
        THIN,
        /** Plate: middle first, then the ends. */
        PLATE,
        /** Opposite ones, round a tube. */
        TUBE;

        /** {@return its name as a phrase} */
        public Phrase phrase() {
            return Phrase.of("tack.order." + name());
        }
    }

    /** A spot with the cup set down as a stop: current, A, and time on, s. */
    public record TackSpot(double currentA, double onS) {}

    private static final double CURRENT_FACTOR = 1.1;
    private static final double QUICK_FACTOR = 2.5;
    private static final double QUICKEST_SPOT_S = 0.5;
    private static final double SLOWEST_SPOT_S = 2;
    private static final double SHORTEST_GAS_S = 1;
    private static final double LONGEST_GAS_S = 5;
    private static final double GAS_SHARE = 1.0 / 3;
    private static final double TOUCHING_MM = 0.1;
    private static final double PAUSE_FACTOR = 1.5;
    private static final double SHORTEST_PAUSE_S = 0.3;
    private static final double TACK_OF_POOL = 0.7;
    private static final double PITCH_OF_POOL = 0.7;
    private static final double THIN_MM = 1.5;
    private static final List<Table.Row> TABLE =
            Table.read("tacks.csv", Set.of("form", "to_mm", "spacing_low_mm", "spacing_high_mm", "count"));

    static TackPlan of(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        HeatBalance heat = plan.heat();
        double current =
                Math.min(CURRENT_FACTOR * heat.currentA(), plan.tungsten().practicalMaxA());
        double power = ArcModel.EFFICIENCY * heat.arc().powerW(current);
        double on = spotS(plan, current);
        double freeze = heat.pool().freezeTimeS(heat.metal(), power, 0);
        double t = plan.joint().thinnerMm();
        boolean tube = plan.form().isTube() && plan.joint().tubeOd().isPresent();
        Table.Row row = tube ? row("TUBE", plan.joint().tubeOd().get().inMillimetres()) : row("PLATE", t);
        return new TackPlan(
                on <= SLOWEST_SPOT_S,
                current,
                Math.max(QUICKEST_SPOT_S, on),
                Math.max(SHORTEST_PAUSE_S, PAUSE_FACTOR * freeze),
                weld.gas().preFlowS().value(),
                Math.max(
                        SHORTEST_GAS_S,
                        Math.min(
                                LONGEST_GAS_S,
                                GAS_SHARE * weld.gas().postFlow().figureS().value())),
                PITCH_OF_POOL * heat.pool().frontWidthMm(),
                2 * t,
                4 * t,
                row.number("spacing_low_mm"),
                row.number("spacing_high_mm"),
                (int) row.number("count"),
                tube ? TackOrder.TUBE : t <= THIN_MM ? TackOrder.THIN : TackOrder.PLATE,
                quick(plan, t));
    }

    /** Time until the pool of a standing arc is seven tenths as wide as the seam's, s. */
    private static double spotS(SheetDecisions plan, double currentA) {
        HeatBalance heat = plan.heat();
        return StationaryArc.puddleTimeS(
                heat.metal(),
                heat.effectiveThicknessMm(),
                ArcModel.EFFICIENCY * heat.arc().powerW(currentA),
                TACK_OF_POOL * heat.pool().frontWidthMm() / 2,
                plan.form() == JointForm.EDGE || plan.form() == JointForm.OUTSIDE_CORNER,
                plan.practice().metalC());
    }

    private static Optional<TackSpot> quick(SheetDecisions plan, double t) {
        double current =
                Math.min(QUICK_FACTOR * plan.heat().currentA(), plan.tungsten().practicalMaxA());
        boolean tight = t <= THIN_MM && plan.joint().gap().inMillimetres() <= TOUCHING_MM;
        return tight ? Optional.of(new TackSpot(current, spotS(plan, current))) : Optional.empty();
    }

    private static Table.Row row(String form, double size) {
        return TABLE.stream()
                .filter(row -> row.text("form").equals(form) && size <= row.number("to_mm"))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("table tacks.csv lacks " + form + " at " + size + " mm"));
    }
}
