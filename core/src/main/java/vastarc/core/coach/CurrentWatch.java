package vastarc.core.coach;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.cycle.WeldCycle.PedalTimes;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.units.Quantity;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.record.weldlog.RunPlan;

/**
 * Watches whether the current is the planned one. A slope differs from a wrong current by its going on: what leaves the band at a jump, or leaves
 * it and then stays, is wrong; what keeps changing as a slope does is a slope. Limits by judgement. Belongs to one run.
 */
final class CurrentWatch {

    /** A wrong current that was reached little by little is reported once it has lasted so long, s. */
    static final double LASTS_S = 0.7;

    /** One that was reached at a jump: longer than an arc takes to go out. */
    static final double JUMPED_S = 0.3;

    private static final double SLOPE_SHARE = 0.4;
    private static final double JUMP_SHARE = 0.06;
    private static final double JUMP_OF_SLOPE = 2.5;
    private static final double PLANNED_SLACK = 0.12;
    private static final double LEAST_SLACK_A = 3;
    private static final double LEAST_SLOPE_S = 0.5;
    private static final double LEAST_CHANGE = 0.03;
    private static final double LEAST_KEPT_S = 0.5;
    private static final double PERIODS = 1.15;
    private static final double READINGS_A_PERIOD = 4;
    private static final double FLAT = 0.3;
    private static final double SAME_RATIO = 0.15;
    private static final double SETTLES_S = 0.5;
    private static final double HELD = 1.15;
    private static final double HELD_BELOW = 0.6;
    private static final double PEDAL_LASTS_S = 1.5;
    private static final int SMOOTHED = 3;

    private final WeldCycle cycle;
    private final RunPlan plan;
    private final double weldS;
    private final double slopeS;
    private final RecentReadings recent = new RecentReadings();
    private final ConditionTimer jumped = new ConditionTimer(JUMPED_S);
    private final ConditionTimer drifted;
    private final ConditionTimer pulsesWrong = new ConditionTimer(JUMPED_S);
    private final ConditionTimer flat;
    private boolean settled;
    private boolean atJump;
    private double leftAtA;
    private double lastA;
    private double lastS;
    private boolean averages;

    CurrentWatch(WeldCycle cycle, RunPlan plan) {
        this.cycle = cycle;
        this.plan = plan;
        this.flat = new ConditionTimer(keptS() / 2);
        this.drifted =
                new ConditionTimer(cycle.foot().isPresent() && plan.pulse().isPresent() ? PEDAL_LASTS_S : LASTS_S);
        List<TimelineSpan> welds = cycle.timeline().spans().stream()
                .filter(span -> span.phase().travels())
                .toList();
        this.weldS = cycle.foot()
                .map(PedalTimes::inS)
                .orElse(
                        welds.isEmpty()
                                ? Double.POSITIVE_INFINITY
                                : welds.get(0).startS());
        this.slopeS = cycle.foot()
                .map(foot -> foot.outS() - cycle.values().of(CycleKey.FOOT_OUT))
                .orElse(welds.isEmpty() ? 0 : welds.get(welds.size() - 1).endS());
    }

    /** A new arc. */
    void struck() {
        recent.clear();
        jumped.over();
        pulsesWrong.over();
        drifted.over();
        flat.over();
        settled = false;
        averages = false;
    }

    private double keptS() {
        return plan.pulse()
                .map(pulse -> Math.max(LEAST_KEPT_S, PERIODS / pulse.rateHz()))
                .orElse(LEAST_KEPT_S);
    }

    /**
     * {@return what is wrong with a reading of a burning arc, by what has gone before}
     *
     * @param s       time of the reading, s
     * @param cycleS  the same in the time of the weld cycle, s
     * @param amps    the reading, A
     */
    List<Cue> accept(double s, double cycleS, double amps) {
        recent.add(s, amps, keptS());
        boolean welding = cycleS > weldS + keptS() + SETTLES_S;
        Optional<Cue> cue = plan.pulse()
                .map(pulse -> pulsed(s, cycleS, amps, pulse, welding))
                .orElseGet(() -> off(s, plan.working(), amps, cycleS, welding));
        return cue.stream().toList();
    }

    private Optional<Cue> pulsed(double s, double cycleS, double amps, Pulse pulse, boolean welding) {
        if (recent.spanS() < keptS() / 2) {
            return Optional.empty();
        }
        double swing = pulse.peakA() * (1 - pulse.backgroundRatio());
        boolean even = recent.most() - recent.least() < FLAT * swing;
        boolean seen = recent.stepS() * READINGS_A_PERIOD < 1 / pulse.rateHz();
        if (!seen) {
            return off(s, followed(pulse, even, welding), amps, cycleS, welding);
        }
        double most = recent.most();
        boolean pulses = Math.abs(recent.least() / most - pulse.backgroundRatio()) < SAME_RATIO
                && recent.greatestRise() > (most - recent.least()) / 2;
        boolean steady = isSteady(cycleS);
        if (flat.accept(s, even && welding && steady && most > plan.mean().low())) {
            return Optional.of(Cue.of(s, CueKind.PULSE_LOST, amps, Quantity.amperes(Math.round(amps))));
        }
        if (flat.sinceS().isPresent()) {
            return Optional.empty();
        }
        // Under a slope of the machine nothing pulses, under one of the foot it does; a wrong current goes on pulsing.
        Range working = plan.working();
        boolean fast = steady || cycle.foot().isEmpty();
        boolean wrong = pulses && fast && (welding && most < working.low() || most > working.high());
        if (pulsesWrong.accept(s, wrong)) {
            return Optional.of(wrong(s, most, working));
        }
        return pulses && !steady && cycle.foot().isPresent()
                ? off(s, working, most, cycleS, welding)
                : pulses || !even ? Optional.empty() : off(s, working, amps, cycleS, welding);
    }

    /**
     * A meter that cannot follow the pulse reads its mean; one that catches it now and then reads anything between background and peak, of
     * which nothing is said.
     */
    private Range followed(Pulse pulse, boolean even, boolean welding) {
        Range mean = plan.mean();
        double now = recent.newest(SMOOTHED);
        averages |= even && welding && now >= mean.low() && now <= mean.high();
        Range working = plan.working();
        return averages ? mean : new Range(working.value(), pulse.backgroundRatio() * working.low(), working.high());
    }

    /** Holds a level, A, against the band it should be in. */
    private Optional<Cue> off(double s, Range band, double amps, double cycleS, boolean welding) {
        boolean inBand = amps >= band.low() && amps <= band.high();
        settled |= inBand || welding;
        boolean wrong = (settled || amps > band.high()) && !inBand && !isPlanned(amps, cycleS);
        double scale = band.value() / plan.working().value();
        boolean leaves = wrong && drifted.sinceS().isEmpty();
        if (leaves) {
            // Where a pulse ends, a meter that read its mean jumps to the slope's own current.
            boolean toPeak =
                    averages && amps > band.high() && amps <= plan.working().high();
            atJump = !toPeak && !pedalPulses() && Math.abs(amps - lastA) > scale * leastJumpA(s - lastS);
            leftAtA = amps;
        }
        lastA = amps;
        lastS = s;
        double since = drifted.sinceS().orElse(s);
        boolean lasts = drifted.accept(s, wrong);
        boolean due = jumped.accept(s, wrong && atJump) || lasts && !atJump;
        double level = pedalPulses() ? amps : recent.newest(SMOOTHED);
        boolean slopes = averages
                ? isSlope(recent.spanS(), recent.spanS() * recent.ratePerS())
                : isSlope(s - since, (level - leftAtA) / scale);
        if (due && !atJump && slopes) {
            drifted.over();
            return Optional.empty();
        }
        return due ? Optional.of(wrong(s, amps, band)) : Optional.empty();
    }

    private static Cue wrong(double s, double amps, Range band) {
        return Cue.of(
                s,
                CueKind.CURRENT_OFF,
                amps,
                Quantity.amperes(Math.round(amps)),
                Quantity.amperes(Math.round(band.value())));
    }

    /** What is read of a pulse under the foot's slope falls once a period, which is no jump. */
    private boolean pedalPulses() {
        return cycle.foot().isPresent() && plan.pulse().isPresent() && !averages;
    }

    /** A slope or a hold of the plan, or one that comes sooner or later than planned. */
    private boolean isPlanned(double amps, double cycleS) {
        MachineState planned = cycle.timeline().at(cycleS);
        boolean held = plan.endA() < HELD_BELOW * plan.working().value() && amps <= HELD * plan.endA();
        return held || !isSteady(cycleS) && isNear(amps, planned.currentA());
    }

    /** Whether the plan holds the working current. */
    private boolean isSteady(double cycleS) {
        return cycleS >= weldS && cycleS <= slopeS;
    }

    /** Where it is pulsed, a reading may be anything between background and peak. */
    private boolean isNear(double amps, double plannedA) {
        double ratio = plan.pulse().map(Pulse::backgroundRatio).orElse(1.0);
        double slack = Math.max(LEAST_SLACK_A, PLANNED_SLACK * plannedA);
        return amps >= ratio * plannedA - slack && amps <= plannedA / ratio + slack;
    }

    /** Between two readings a slope changes less than this, A. */
    private double leastJumpA(double stepS) {
        return Math.max(JUMP_SHARE * plan.working().value(), JUMP_OF_SLOPE * stepS * fallAPerS());
    }

    private double fallAPerS() {
        return ratePerS(plan.endA(), plan.downS());
    }

    /** Of a slope between the working current and another; 0 where the plan has none. */
    private double ratePerS(double otherA, double slopeLastsS) {
        double change = Math.max(0, plan.working().value() - otherA);
        return slopeLastsS > 0 ? change / Math.max(LEAST_SLOPE_S, slopeLastsS) : 0;
    }

    /** Whether it has changed by so much in a time as a slope of the plan would. */
    private boolean isSlope(double lastedS, double changeA) {
        return goesOn(-changeA, lastedS, fallAPerS()) || goesOn(changeA, lastedS, ratePerS(plan.startA(), plan.upS()));
    }

    private boolean goesOn(double changeA, double lastedS, double rateAPerS) {
        double least = LEAST_CHANGE * plan.working().value();
        return rateAPerS > 0 && changeA > Math.max(least, SLOPE_SHARE * rateAPerS * lastedS);
    }
}
