package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.consumable.HelmetShade;
import vastarc.core.consumable.Tungsten;
import vastarc.core.heat.Arc;
import vastarc.core.heat.Demand;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;

/**
 * The passes of a joint that takes more than one run, and what a metre of it uses. Wire and mass with 3 % loss. Source: the runs
 * ({@link Run}), arithmetic.
 *
 * @param passes     in order, root first
 * @param clock      current of the chosen pass round a pipe that stands still; empty for anything else
 * @param sectionMm2 section to be laid, mm²
 * @param wireMPerM  wire per metre of seam, m
 * @param gramPerM   mass of wire per metre of seam, g
 * @param arcMinPerM arc time per metre of seam, min
 * @param gasLPerM   argon per metre of seam, welding alone, L
 */
public record PassPlan(
        List<Pass> passes,
        List<Hour> clock,
        double sectionMm2,
        double wireMPerM,
        double gramPerM,
        double arcMinPerM,
        double gasLPerM) {

    private static final double LOSS = 1.03;

    /**
     * One pass.
     *
     * @param kind             spoken by {@code pass.<kind>}
     * @param currentA         steady current, A
     * @param lowA             lowest that still fuses, A
     * @param highA            highest that still holds, A
     * @param areaMm2          section it lays, mm²
     * @param wireDiameterMm   wire, mm; 0 without
     * @param travelMmPerMin   mm/min
     * @param gasLPerMin       torch gas, L/min
     * @param heatInputKjPerMm 0.6 V I/v, kJ/mm
     * @param shade            hood shade
     * @param reachFactor      share of its flat reach that it keeps in this position
     * @param tungstenHolds    the sheet's tungsten holds and carries it
     * @param arcSPerM         arc time for a metre, s
     */
    public record Pass(
            String kind,
            double currentA,
            double lowA,
            double highA,
            double areaMm2,
            double wireDiameterMm,
            double travelMmPerMin,
            double gasLPerMin,
            double heatInputKjPerMm,
            double shade,
            double reachFactor,
            boolean tungstenHolds,
            double arcSPerM) {}

    /** A place on the clock face of a pipe that stands still: its position, and the current there, A. */
    public record Hour(int hour, Position position, double currentA) {}

    public PassPlan {
        passes = List.copyOf(passes);
        clock = List.copyOf(clock);
    }

    /** The plan of a joint that takes more than one run; empty for one that does not. */
    static Optional<PassPlan> of(Plan plan) {
        List<Run> runs = plan.runs();
        if (runs.size() == 1) {
            return Optional.empty();
        }
        double wire = plan.practice().wire() || plan.joint().groove().isPresent() ? wireMm(plan) : 0;
        List<Pass> passes = new ArrayList<>(runs.size());
        double area = 0;
        double minutes = 0;
        for (Run run : runs) {
            Pass pass = pass(plan, run, wire);
            passes.add(pass);
            area += pass.areaMm2();
            minutes += pass.arcSPerM() / 60;
        }
        double section = Math.PI / 4 * wire * wire;
        double gram = wire > 0 ? area * plan.heat().metal().densityKgPerM3() * LOSS * 1e-3 : 0;
        double metres = wire > 0 ? area / section * LOSS : 0;
        return Optional.of(new PassPlan(
                passes,
                clock(plan),
                area,
                metres,
                gram,
                minutes,
                minutes * plan.gasFlow().value()));
    }

    private static Pass pass(Plan plan, Run run, double wireMm) {
        double current = run.currentA() * plan.schoolFactor();
        double speed = run.demand().speedMmPerS();
        Window window = CurrentRules.window(plan, current);
        Tungsten tungsten = plan.tungsten();
        return new Pass(
                run.kind(),
                current,
                window.low(),
                window.high(),
                run.areaMm2(),
                wireMm,
                60 * speed,
                plan.gasFlow().value(),
                Arc.STANDARD_EFFICIENCY * plan.heat().arc().powerW(current) / speed / 1000,
                HelmetShade.forCurrent(current).usual(),
                plan.position().reachFactor(plan.joint()),
                tungsten.minStableA() <= current && current <= tungsten.practicalMaxA(),
                1000 / speed);
    }

    /** Round a level pipe: overhead at six, upright at three and nine, flat at twelve. */
    private static List<Hour> clock(Plan plan) {
        Position position = plan.position();
        boolean level = position == Position.PH || position == Position.PJ;
        if (!level || !plan.form().isTube() || plan.practice().rotated()) {
            return List.of();
        }
        Position side = position.isDownhill() ? Position.PG : Position.PF;
        return List.of(hour(plan, 6, Position.PE), hour(plan, 3, side), hour(plan, 12, Position.PA));
    }

    private static Hour hour(Plan plan, int hour, Position there) {
        Practice practice = plan.practice().with(draft -> draft.position = there);
        Demand demand = plan.pass() == 1
                ? Demand.of(plan.joint(), practice)
                : plan.runs().get(plan.pass() - 1).demand().turnedFrom(plan.joint(), plan.position(), there);
        double current = HeatSolution.currentA(plan.joint(), practice, demand);
        return new Hour(hour, there, current * plan.schoolFactor());
    }

    private static double wireMm(Plan plan) {
        return WireChoice.usual(plan.heat(), plan.joint().isTitanium()).diameterMm();
    }
}
