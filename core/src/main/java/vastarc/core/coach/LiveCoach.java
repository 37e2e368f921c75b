package vastarc.core.coach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.record.weldlog.ArcDetector;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunPlan;

/**
 * Listens to the meters beside one run and says what is wrong while it can still be put right. Belongs to one run; not safe for several
 * threads. Limits by judgement: what a welder can hold and a meter can resolve.
 *
 * <ul>
 *   <li>arc too long: {@value #LONG_V} V over what an arc of the planned length takes at its current, for {@value #LONG_S} s (about 1.5 mm)
 *   <li>current off: outside its range for 0.7 s, slopes left out; pulse lost: no swing for a pulse and a half
 *   <li>gas lost: less than a quarter of the planned flow over a burning arc or a hot end, at once
 *   <li>gas low: below its range for {@value #LOW_S} s; oxygen inside above its target for as long
 * </ul>
 */
public final class LiveCoach {

    static final double LONG_V = 1.2;
    static final double LONG_S = 0.7;
    static final double LOW_S = 0.5;

    private static final double LOST_SHARE = 0.25;
    private static final double OPENS_S = 0.6;
    private static final double CLOSES_S = 0.3;
    private static final double FRESH_S = 0.5;

    private final WeldCycle cycle;
    private final RunPlan plan;
    private final ArcDetector detector;
    private final CurrentWatch current;
    private final ConditionTimer arcLong = new ConditionTimer(LONG_S);
    private final ConditionTimer gasLow = new ConditionTimer(LOW_S);
    private final ConditionTimer gasLost = new ConditionTimer(0);
    private final ConditionTimer oxygenHigh = new ConditionTimer(LOW_S);
    private final double firstStrikeS;

    private boolean burning;
    private double struckS = Double.NEGATIVE_INFINITY;
    private double outS = Double.NEGATIVE_INFINITY;
    private double ampsAtS = Double.NEGATIVE_INFINITY;
    private double amps;

    /**
     * Begins to listen.
     *
     * @param cycle the weld cycle
     * @param plan  what the run is meant to be
     */
    public LiveCoach(WeldCycle cycle, RunPlan plan) {
        this.cycle = cycle;
        this.plan = plan;
        this.detector = new ArcDetector(plan.leastStable(), false);
        this.current = new CurrentWatch(cycle, plan);
        this.firstStrikeS = cycle.timeline().spans().stream()
                .filter(span -> span.phase().isArc())
                .mapToDouble(TimelineSpan::startS)
                .findFirst()
                .orElse(0);
    }

    /**
     * The welder or the plan says what the readings do not show: an arc is struck, or goes out.
     *
     * @param event in the time of the readings; marks say nothing here
     */
    public void happened(RunEvent event) {
        if (!event.kind().isMark()) {
            detector.setBurning(event.kind() == EventKind.ARC_ON);
            arc(event);
        }
    }

    private void arc(RunEvent event) {
        boolean on = event.kind() == EventKind.ARC_ON;
        if (on == burning) {
            return;
        }
        burning = on;
        if (on) {
            struckS = event.atS();
            current.struck();
        } else {
            outS = event.atS();
        }
        arcLong.over();
    }

    /**
     * A reading.
     *
     * @param s        when, s, none earlier than the one before
     * @param quantity what was read
     * @param value    in the quantity's unit
     * @return what is to be said at once, most urgent first
     */
    public List<Cue> accept(double s, MeasuredQuantity quantity, double value) {
        return switch (quantity) {
            case CURRENT -> current(s, value);
            case VOLTAGE -> voltage(s, value).stream().toList();
            case GAS_FLOW -> flow(s, value).stream().toList();
            case OXYGEN -> oxygen(s, value).stream().toList();
            case TEMPERATURE -> List.of();
        };
    }

    /** The time of the weld cycle: its first strike falls on the last one of the run. */
    private double cycleS(double s) {
        return s - struckS + firstStrikeS;
    }

    private List<Cue> current(double s, double value) {
        detector.accept(s, value).ifPresent(this::arc);
        amps = value;
        ampsAtS = s;
        return burning && value > 0 ? current.accept(s, cycleS(s), value) : List.of();
    }

    private Optional<Cue> voltage(double s, double volts) {
        double at = s - ampsAtS <= FRESH_S && amps > 0
                ? amps
                : cycle.timeline().at(cycleS(s)).currentA();
        double peak = Math.max(at, plan.pulse().isPresent() ? plan.working().value() : at);
        double most = cycle.sheet().heat().arc().voltageV(peak) + LONG_V;
        boolean tooLong = burning && Math.max(plan.voltage() + LONG_V, most) < volts;
        return arcLong.accept(s, tooLong)
                ? Optional.of(Cue.of(s, CueKind.ARC_LONG, volts, Quantity.of(volts, Unit.VOLT)))
                : Optional.empty();
    }

    private Optional<Cue> flow(double s, double flow) {
        boolean open =
                burning && s - struckS > OPENS_S || !burning && s - outS > 0 && s - outS < plan.postFlowS() - CLOSES_S;
        boolean lost = open && flow < LOST_SHARE * plan.flow().value();
        if (gasLost.accept(s, lost)) {
            return Optional.of(Cue.of(s, CueKind.GAS_LOST, flow, Quantity.litresPerMin(flow)));
        }
        return gasLow.accept(s, open && !lost && flow < plan.flow().low())
                ? Optional.of(Cue.of(
                        s,
                        CueKind.GAS_LOW,
                        flow,
                        Quantity.litresPerMin(flow),
                        Quantity.litresPerMin(plan.flow().value())))
                : Optional.empty();
    }

    private Optional<Cue> oxygen(double s, double ppm) {
        OptionalDouble most = plan.strikePpm();
        boolean high = burning && most.isPresent() && ppm > most.getAsDouble();
        return oxygenHigh.accept(s, high)
                ? Optional.of(new Cue(
                        s,
                        CueKind.GAS_LOW,
                        Phrase.of("coach.OXYGEN", Math.round(ppm), Math.round(most.orElseThrow())),
                        OptionalDouble.of(ppm)))
                : Optional.empty();
    }

    /** {@return the arcs of a weld cycle as events, for readings that do not show them} */
    static List<RunEvent> plannedArcs(WeldCycle cycle) {
        List<RunEvent> events = new ArrayList<>();
        boolean burns = false;
        for (TimelineSpan span : cycle.timeline().spans()) {
            if (span.phase().isArc() != burns) {
                burns = !burns;
                events.add(new RunEvent(span.startS(), burns ? EventKind.ARC_ON : EventKind.ARC_OFF));
            }
        }
        if (burns) {
            events.add(new RunEvent(cycle.timeline().arcOutS(), EventKind.ARC_OFF));
        }
        return events;
    }
}
