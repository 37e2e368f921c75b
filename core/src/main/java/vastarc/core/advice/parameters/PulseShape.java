package vastarc.core.advice.parameters;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;

/** Shapes a pulse so that it brings the same mean power as a steady current. */
final class PulseShape {

    private PulseShape() {}

    /**
     * The current in time of every pass, the first one with the welder's own values.
     *
     * @param factor what the chosen method makes of a current by the heat balance
     * @param holdsA least that the tungsten holds, A, which the background is lifted to; empty before it is chosen
     */
    static List<Pulse> ofPasses(
            HeatBalance first, List<WeldPass> runs, double factor, OptionalDouble holdsA, OwnValues own) {
        List<Pulse> pulses = new ArrayList<>(runs.size());
        for (WeldPass run : runs) {
            double steady = factor * run.currentA();
            Pulse wanted = wanted(first.practice(), run.demand(), steady);
            Pulse held = holdsA.isPresent() ? heldAbove(holdsA.getAsDouble(), wanted, first.arc(), steady) : wanted;
            pulses.add(pulses.isEmpty() ? own.over(held) : held);
        }
        return List.copyOf(pulses);
    }

    /** The current in time that is wanted at a steady current, before what the tungsten holds is known. Source: bands by purpose [judgement]. */
    private static Pulse wanted(WeldingConditions conditions, FusionRequirement requirement, double steadyA) {
        PulsePurpose purpose = conditions.control() == ControlDevice.LIFT_ONLY ? PulsePurpose.NONE : conditions.pulse();
        ArcModel arc = new ArcModel(requirement.arcMm());
        double speed = requirement.speedMmPerS();
        double fastest = conditions.technique() == Technique.POSITIONER ? 10 : 3;
        return switch (purpose) {
            case NONE -> Pulse.steady(steadyA);
            case RIPPLE -> shaped(arc, steadyA, Math.min(fastest, Math.max(0.5, speed / 1.0)), 0.5, 0.4);
            case HEAT -> shaped(arc, steadyA, 2, 0.45, 0.3);
            case STIFF -> shaped(arc, steadyA, 200, 0.5, 0.4);
        };
    }

    /** A pulse with the same mean power as the steady current. */
    private static Pulse shaped(ArcModel arc, double steadyA, double rateHz, double onFraction, double ratio) {
        double heatW = ArcModel.EFFICIENCY * arc.powerW(steadyA);
        return new Pulse(rateHz, onFraction, ratio, arc.peakCurrentA(heatW, onFraction, ratio));
    }

    /** Lifts the background to what the tungsten holds, keeping the mean power. */
    private static Pulse heldAbove(double minStableA, Pulse pulse, ArcModel arc, double steadyA) {
        Pulse held = pulse;
        for (int i = 0; i < 20 && held.backgroundA() < minStableA - 1e-9 && !held.isSteady(); i++) {
            double ratio = Math.min(1, minStableA / held.peakA());
            held = shaped(arc, steadyA, pulse.rateHz(), pulse.onFraction(), Math.min(1, ratio + 1e-6));
        }
        return held;
    }
}
