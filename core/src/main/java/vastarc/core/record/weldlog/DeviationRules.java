package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.Range;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.record.weldlog.RunAnalysis.MarkedTimes;

/** Holds a run against its plan. The slack of each rule is judgement: what a welder can keep and a meter can resolve. */
public final class DeviationRules {

    private static final double CUT_SHARE = 0.5;
    private static final double LEAST_CUT_A = 15;
    private static final double DROPPED_S = 3;
    private static final double UNSTEADY = 0.1;
    private static final double SLOPE_SLACK = 0.3;
    private static final double LEAST_SLACK_S = 0.4;
    private static final double RATE_SLACK = 0.15;
    private static final double BACKGROUND_SLACK = 0.12;
    private static final double GAS_S = 0.5;
    private static final double FLOWS = 1;

    private final Recording trace;
    private final RunAnalysis seen;
    private final OptionalDouble seamMm;
    private final List<Deviation> found = new ArrayList<>();

    private DeviationRules(Recording recording, RunAnalysis seen, OptionalDouble seamMm) {
        this.trace = recording;
        this.seen = seen;
        this.seamMm = seamMm;
    }

    /**
     * {@return what differs, in order of time; without a plan, what a sound weld wants anyhow}
     *
     * @param recording the recording
     * @param seen the run as measured
     * @param seamMm length of the seam, mm; empty if unknown
     * @param plan the plan
     */
    public static List<Deviation> of(
            Recording recording, RunAnalysis seen, OptionalDouble seamMm, Optional<RunPlan> plan) {
        DeviationRules rules = new DeviationRules(recording, seen, seamMm);
        if (seen.arcs().isEmpty()) {
            return List.of(Deviation.of("noArc", 0));
        }
        rules.drops();
        rules.steadiness();
        plan.ifPresentOrElse(rules::against, rules::cuts);
        rules.found.sort(Comparator.comparingDouble(Deviation::atS));
        return List.copyOf(rules.found);
    }

    /**
     * {@return what differs by the marks of the welder alone: current as read, and the time the arc burned}
     *
     * @param marked the times that were marked by hand
     * @param plan the plan
     */
    public static List<Deviation> ofMarks(MarkedTimes marked, RunPlan plan) {
        List<Deviation> found = new ArrayList<>();
        if (marked.arcS() <= 0) {
            found.add(Deviation.of("noArc", 0));
            return found;
        }
        Range range = plan.working();
        marked.amps().ifPresent(amps -> {
            if (amps > range.high()) {
                found.add(Deviation.of("currentHigh", 0, amps(amps), amps(range.value()), amps(range.high())));
            } else if (amps < range.low()) {
                found.add(Deviation.of("currentLow", 0, amps(amps), amps(range.value()), amps(range.low())));
            }
        });
        marked.travel().ifPresent(speed -> pace(speed, plan).ifPresent(found::add));
        return found;
    }

    private void say(String code, double atS, Object... arguments) {
        found.add(Deviation.of(code, atS, arguments));
    }

    private static Quantity amps(double amperes) {
        return Quantity.amperes(amperes);
    }

    private static Quantity time(double s) {
        return Quantity.seconds(Math.round(10 * s) / 10.0);
    }

    private void drops() {
        for (int i = 1; i < seen.arcs().size(); i++) {
            double out = seen.arcs().get(i - 1).toS();
            double gap = seen.arcs().get(i).fromS() - out;
            if (gap < DROPPED_S) {
                say("dropped", out, time(gap));
            }
        }
    }

    private void steadiness() {
        seen.shape()
                .filter(shape -> shape.scatter() > UNSTEADY)
                .ifPresent(shape -> say(
                        "unsteady",
                        seen.arcs().get(seen.main().orElseThrow()).fromS(),
                        Quantity.percent(Math.round(100 * shape.scatter())),
                        amps(shape.workingA())));
    }

    /** An arc that was cut off at full current, where nothing is known of how it was to end. */
    private void cuts() {
        for (int i = 0; i < seen.arcs().size(); i++) {
            ArcShape shape = seen.shapes().get(i);
            if (!seen.isTack(i)
                    && shape.endA() > Math.max(LEAST_CUT_A, CUT_SHARE * shape.workingA())
                    && shape.downS() == 0) {
                say("cut", seen.arcs().get(i).toS(), amps(shape.endA()));
            }
        }
    }

    private void against(RunPlan plan) {
        ArcShape shape = seen.shape().orElseThrow();
        RecordedArc main = seen.arcs().get(seen.main().orElseThrow());
        working(plan, shape, main);
        ends(plan);
        pulse(plan, shape, main);
        travel(plan);
        gas(plan);
        oxygen(plan);
    }

    private void working(RunPlan plan, ArcShape shape, RecordedArc main) {
        Range range = shape.pulse().isPresent() ? plan.working() : plan.mean();
        if (shape.workingA() > range.high()) {
            say("currentHigh", main.fromS(), amps(shape.workingA()), amps(range.value()), amps(range.high()));
        } else if (shape.workingA() < range.low()) {
            say("currentLow", main.fromS(), amps(shape.workingA()), amps(range.value()), amps(range.low()));
        }
        double rise = plan.working().value() - plan.startA();
        if (!plan.foot() && rise > 0 && shape.startA() > plan.startA() + CUT_SHARE * rise) {
            say("startHigh", main.fromS(), amps(shape.startA()), amps(plan.startA()));
        } else if (plan.upS() > 0 && shape.upS() < (1 - SLOPE_SLACK) * plan.upS() - LEAST_SLACK_S) {
            say("upShort", main.fromS(), time(shape.upS()), time(plan.upS()));
        }
    }

    /** Every arc but a tack should go out as planned: each that does not leaves a crater of its own. */
    private void ends(RunPlan plan) {
        double fall = plan.working().value() - plan.endA();
        for (int i = 0; i < seen.arcs().size(); i++) {
            if (seen.isTack(i)) {
                continue;
            }
            ArcShape shape = seen.shapes().get(i);
            double out = seen.arcs().get(i).toS();
            boolean high = shape.endA() > plan.endA() + CUT_SHARE * Math.max(0, fall);
            if (plan.downS() > LEAST_SLACK_S && high && shape.downS() > 0) {
                say("earlyRelease", out, amps(shape.endA()), time(plan.downS()), time(shape.downS()));
            } else if (plan.downS() > LEAST_SLACK_S && high) {
                say("noSlope", out, amps(shape.endA()), time(plan.downS()));
            } else if (shape.downS() < (1 - SLOPE_SLACK) * plan.downS() - LEAST_SLACK_S) {
                say("downShort", out, time(shape.downS()), time(plan.downS()));
            }
        }
    }

    private void pulse(RunPlan plan, ArcShape shape, RecordedArc main) {
        Optional<DetectedPulse> read = shape.pulse();
        if (plan.pulse().isEmpty()) {
            read.ifPresent(pulse -> say("pulseUnplanned", main.fromS(), Quantity.of(pulse.rateHz(), Unit.HERTZ)));
            return;
        }
        Pulse wanted = plan.pulse().get();
        boolean visible = trace.current().stepS() * PulseFinder.LEAST_READINGS < 1 / wanted.rateHz();
        if (read.isEmpty()) {
            if (visible && main.lengthS() * wanted.rateHz() > 5) {
                say("pulseMissing", main.fromS(), Quantity.of(wanted.rateHz(), Unit.HERTZ));
            }
            return;
        }
        DetectedPulse pulse = read.get();
        if (Math.abs(pulse.rateHz() / wanted.rateHz() - 1) > RATE_SLACK) {
            say(
                    "pulseRate",
                    main.fromS(),
                    Quantity.of(pulse.rateHz(), Unit.HERTZ),
                    Quantity.of(wanted.rateHz(), Unit.HERTZ));
        }
        double ratio = pulse.backgroundA() / pulse.peakA();
        if (Math.abs(ratio - wanted.backgroundRatio()) > BACKGROUND_SLACK) {
            say(
                    ratio > wanted.backgroundRatio() ? "backgroundHigh" : "backgroundLow",
                    main.fromS(),
                    amps(pulse.backgroundA()),
                    amps(wanted.backgroundRatio() * pulse.peakA()));
        }
    }

    private void travel(RunPlan plan) {
        OptionalDouble speed = seen.travel();
        if (speed.isPresent()) {
            pace(speed.getAsDouble(), plan)
                    .ifPresent(deviation -> found.add(
                            new Deviation(deviation.code(), seen.arcs().get(0).fromS(), deviation.text())));
        }
    }

    private static Optional<Deviation> pace(double speed, RunPlan plan) {
        Range travel = plan.travel();
        if (speed < travel.low()) {
            double more = 100 * (travel.value() / speed - 1);
            return Optional.of(Deviation.of(
                    "slower",
                    0,
                    Quantity.mmPerMin(speed),
                    Quantity.mmPerMin(travel.value()),
                    Quantity.percent(Math.round(more))));
        }
        return speed > travel.high()
                ? Optional.of(Deviation.of("faster", 0, Quantity.mmPerMin(speed), Quantity.mmPerMin(travel.value())))
                : Optional.empty();
    }

    private void gas(RunPlan plan) {
        Channel flow = trace.channel(MeasuredQuantity.GAS_FLOW);
        if (flow.isEmpty()) {
            return;
        }
        RecordedArc first = seen.arcs().get(0);
        RecordedArc last = seen.arcs().get(seen.arcs().size() - 1);
        double before = openBefore(flow, first.fromS());
        if (before < plan.preFlowS() - GAS_S) {
            say("preFlowShort", first.fromS(), time(Math.max(0, before)), time(plan.preFlowS()));
        }
        double after = openAfter(flow, last.toS());
        boolean watched =
                flow.endS() > last.toS() + plan.postFlowS() - GAS_S || after < flow.endS() - last.toS() - GAS_S;
        if (watched && after < plan.postFlowS() - GAS_S) {
            say("postFlowShort", last.toS() + after, time(after), time(plan.postFlowS()));
        }
        flow.mean(last.fromS(), last.toS()).ifPresent(mean -> meanFlow(plan, last.fromS(), mean));
    }

    private void meanFlow(RunPlan plan, double atS, double mean) {
        if (mean > plan.flow().high() || mean < plan.flow().low()) {
            say(
                    mean > plan.flow().high() ? "flowHigh" : "flowLow",
                    atS,
                    Quantity.litresPerMin(mean),
                    Quantity.litresPerMin(plan.flow().value()));
        }
    }

    /** How long the gas had flowed when the arc was struck, s. */
    private static double openBefore(Channel flow, double struckS) {
        int at = flow.from(struckS) - 1;
        double open = struckS;
        while (at >= 0 && flow.value(at) > FLOWS) {
            open = flow.s(at--);
        }
        return struckS - open;
    }

    /** How long it went on when the arc was out, s. */
    private static double openAfter(Channel flow, double outS) {
        int at = flow.from(outS);
        double shut = outS;
        while (at < flow.size() && flow.value(at) > FLOWS) {
            shut = flow.s(at++);
        }
        return shut - outS;
    }

    private void oxygen(RunPlan plan) {
        Channel ppm = trace.channel(MeasuredQuantity.OXYGEN);
        double struck = seen.arcs().get(0).fromS();
        OptionalDouble read = ppm.lastAt(struck);
        OptionalDouble most = plan.strikePpm();
        if (read.isPresent() && most.isPresent() && read.getAsDouble() > most.getAsDouble()) {
            say("oxygenHigh", struck, Math.round(read.getAsDouble()), Math.round(most.getAsDouble()));
        }
    }
}
