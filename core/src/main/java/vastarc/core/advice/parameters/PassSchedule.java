package vastarc.core.advice.parameters;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.domain.consumable.HelmetShade;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;

/**
 * The passes of a joint that takes more than one run, and what a metre of it uses. Wire and mass with 3 % loss. Source: the runs
 * ({@link WeldPass}), arithmetic.
 *
 * @param passes     in order, root first
 * @param clock      current of the chosen pass round a fixed pipe; empty for anything else
 * @param sectionMm2 section to be filled, mm²
 * @param wireMPerM  wire per metre of seam, m
 * @param gramPerM   mass of wire per metre of seam, g
 * @param arcMinPerM arc time per metre of seam, min
 * @param gasLPerM   argon per metre of seam, welding alone, L
 */
public record PassSchedule(
        List<ScheduledPass> passes,
        List<ClockPosition> clock,
        double sectionMm2,
        double wireMPerM,
        double gramPerM,
        double arcMinPerM,
        double gasLPerM) {

    /** Filler bought over filler laid: stubs and spatter. Source: [judgement]. */
    public static final double FILLER_LOSS = 1.03;

    /**
     * One pass.
     *
     * @param kind             what it is for
     * @param currentA         working current, A; the peak where it is pulsed
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
    public record ScheduledPass(
            PassKind kind,
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

    /** A place on the clock face of a fixed pipe: its position, and the current there, A. */
    public record ClockPosition(int hour, Position position, double currentA) {}

    /** Copies its collections, so that it cannot change. */
    public PassSchedule {
        passes = List.copyOf(passes);
        clock = List.copyOf(clock);
    }

    /**
     * {@return the plan of a joint that takes more than one run; empty for one that does not}
     *
     * @param plan the decisions of the sheet
     */
    public static Optional<PassSchedule> of(SheetDecisions plan) {
        List<WeldPass> runs = plan.runs();
        if (runs.size() == 1) {
            return Optional.empty();
        }
        double wire = plan.filler().map(rod -> rod.item().diameterMm()).orElse(0.0);
        List<ScheduledPass> passes = new ArrayList<>(runs.size());
        double area = 0;
        double minutes = 0;
        for (int i = 0; i < runs.size(); i++) {
            ScheduledPass pass = pass(plan, runs.get(i), plan.pulses().get(i), wire);
            passes.add(pass);
            area += pass.areaMm2();
            minutes += pass.arcSPerM() / 60;
        }
        double section = Math.PI / 4 * wire * wire;
        double gram = wire > 0 ? area * plan.heat().metal().densityKgPerM3() * FILLER_LOSS * 1e-3 : 0;
        double metres = wire > 0 ? area / section * FILLER_LOSS : 0;
        return Optional.of(new PassSchedule(
                passes,
                clock(plan),
                area,
                metres,
                gram,
                minutes,
                minutes * plan.gasFlow().value()));
    }

    private static ScheduledPass pass(SheetDecisions plan, WeldPass pass, Pulse pulse, double wireMm) {
        double current = pulse.peakA();
        double speed = pass.demand().speedMmPerS();
        Range range = plan.currentRange(current);
        Tungsten tungsten = plan.tungsten();
        return new ScheduledPass(
                pass.kind(),
                current,
                range.low(),
                range.high(),
                pass.areaMm2(),
                wireMm,
                60 * speed,
                plan.gasFlow().value(),
                ArcEnergy.of(pulse.meanPowerW(plan.heat().arc()), speed).heatInputKjPerMm(),
                HelmetShade.forCurrent(current).usual(),
                plan.position().reachFactor(plan.joint()),
                tungsten.minStableA() <= current && current <= tungsten.practicalMaxA(),
                1000 / speed);
    }

    /** Round a level pipe: overhead at six, upright at three and nine, flat at twelve. */
    private static List<ClockPosition> clock(SheetDecisions plan) {
        Position position = plan.position();
        boolean level = position == Position.PH || position == Position.PJ;
        if (!level || !plan.form().isTube() || plan.practice().rotated()) {
            return List.of();
        }
        Position side = position.isDownhill() ? Position.PG : Position.PF;
        return List.of(hour(plan, 6, Position.PE), hour(plan, 3, side), hour(plan, 12, Position.PA));
    }

    private static ClockPosition hour(SheetDecisions plan, int hour, Position there) {
        WeldingConditions conditions = plan.practice().with(draft -> draft.position = there);
        FusionRequirement requirement = plan.pass() == 1
                ? FusionRequirement.of(plan.joint(), conditions)
                : plan.runs().get(plan.pass() - 1).demand().turnedFrom(plan.joint(), plan.position(), there);
        double current = HeatBalance.currentA(plan.joint(), conditions, requirement);
        return new ClockPosition(
                hour, there, current * plan.peakA() / plan.heat().currentA());
    }
}
