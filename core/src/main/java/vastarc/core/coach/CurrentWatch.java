package vastarc.core.coach;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.units.Quantity;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.record.weldlog.RunPlan;

/**
 * Tells whether the current is the planned one. A slope is told from a wrong current by its going on: what leaves the band and then stays is
 * wrong, what leaves it and keeps changing as a slope does is a slope. Limits by judgement. Belongs to one run.
 */
final class CurrentWatch {

    /** A wrong current is told once it has lasted so long, s. */
    static final double LASTS_S = 0.7;

    private static final double SLOPE_SHARE = 0.4;
    private static final double PLANNED_SLACK = 0.12;
    private static final double LEAST_SLACK_A = 3;
    private static final double LEAST_SLOPE_S = 0.5;
    private static final double PERIODS = 1.3;
    private static final double READINGS_A_PERIOD = 4;
    private static final double FLAT = 0.3;
    private static final double SETTLES_S = 3;
    private static final int SMOOTHED = 3;

    private final WeldCycle cycle;
    private final RunPlan plan;
    private final RecentReadings recent = new RecentReadings();
    private final Lasting off = new Lasting(LASTS_S);
    private final Lasting flat;
    private boolean settled;
    private double leftAtA;

    CurrentWatch(WeldCycle cycle, RunPlan plan) {
        this.cycle = cycle;
        this.plan = plan;
        this.flat = new Lasting(Math.max(0, LASTS_S - keptS() / 2));
    }

    /** A new arc. */
    void struck() {
        recent.clear();
        off.over();
        flat.over();
        settled = false;
    }

    private double keptS() {
        return plan.pulse()
                .map(pulse -> Math.max(LASTS_S, PERIODS / pulse.rateHz()))
                .orElse(LASTS_S);
    }

    /**
     * {@return what is wrong with a reading of a burning arc, by what has gone before}
     *
     * @param s       time of the reading, s
     * @param cycleS  the same in the time of the weld cycle, s
     * @param arcS    since the arc was struck, s
     * @param amps    the reading, A
     */
    List<Cue> accept(double s, double cycleS, double arcS, double amps) {
        recent.add(s, amps, keptS());
        MachineState planned = cycle.timeline().at(cycleS);
        if (plan.pulse().isPresent()) {
            return pulsed(s, amps, planned, plan.pulse().get(), arcS);
        }
        return off(s, plan.working(), amps, planned, arcS).stream().toList();
    }

    private List<Cue> pulsed(double s, double amps, MachineState planned, Pulse pulse, double arcS) {
        if (recent.spanS() < keptS() / 2) {
            return List.of();
        }
        double swing = pulse.peakA() * (1 - pulse.backgroundRatio());
        boolean even = recent.most() - recent.least() < FLAT * swing;
        boolean seen = recent.stepS() * READINGS_A_PERIOD < 1 / pulse.rateHz();
        boolean welding = planned.phase().travels() && settled;
        if (flat.accept(
                s, even && seen && welding && recent.most() > plan.mean().low())) {
            return List.of(Cue.of(s, CueKind.PULSE_LOST, amps, Quantity.amperes(Math.round(amps))));
        }
        // A meter too slow for the pulse reads its mean; one that sees it is held by the peaks.
        boolean reads = seen && !even;
        Range band = reads ? plan.working() : even ? plan.mean() : wide(pulse);
        return off(s, band, reads ? recent.most() : recent.newest(SMOOTHED), planned, arcS).stream()
                .toList();
    }

    /** Single readings of a pulse that the meter cannot follow: anything between background and peak. */
    private Range wide(Pulse pulse) {
        Range working = plan.working();
        return new Range(working.value(), pulse.backgroundRatio() * working.low(), working.high());
    }

    private Optional<Cue> off(double s, Range band, double amps, MachineState planned, double arcS) {
        boolean inBand = amps >= band.low() && amps <= band.high();
        settled |= inBand || amps > band.high() || arcS > plan.upS() + SETTLES_S;
        double expected = planned.currentA();
        boolean asPlanned = Math.abs(amps - expected) <= Math.max(LEAST_SLACK_A, PLANNED_SLACK * expected)
                && !planned.phase().travels();
        boolean judged = settled || planned.phase().travels();
        boolean wrong = judged && !inBand && !asPlanned;
        if (wrong && off.sinceS().isEmpty()) {
            leftAtA = amps;
        }
        OptionalDouble since = off.sinceS();
        boolean told = off.accept(s, wrong);
        if (!told || since.isPresent() && isSlope(s - since.getAsDouble(), amps < band.low())) {
            return Optional.empty();
        }
        return Optional.of(Cue.of(
                s,
                CueKind.CURRENT_OFF,
                amps,
                Quantity.amperes(Math.round(amps)),
                Quantity.amperes(Math.round(band.value()))));
    }

    /** Whether it has gone on changing for a time as a slope of the plan would. */
    private boolean isSlope(double lastedS, boolean low) {
        double fall = (plan.working().value() - plan.endA()) / Math.max(LEAST_SLOPE_S, plan.downS());
        double rise = (plan.working().value() - plan.startA()) / Math.max(LEAST_SLOPE_S, plan.upS());
        double change = recent.newest(SMOOTHED) - leftAtA;
        return low && (-change > SLOPE_SHARE * fall * lastedS || change > SLOPE_SHARE * rise * lastedS);
    }
}
