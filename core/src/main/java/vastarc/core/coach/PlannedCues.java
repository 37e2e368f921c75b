package vastarc.core.coach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.sequence.DutyCycle;
import vastarc.core.base.units.Quantity;
import vastarc.core.record.weldlog.RunState.AfterArc;

/** The cues of a weld cycle, at its own times. */
public final class PlannedCues {

    /** Travel is announced every so many millimetres of seam. */
    public static final double TRAVEL_MM = 10;

    /** Dips of a titanium rod are counted by so many, up to where the weld is left to cool. */
    static final int DIPS_COUNTED = 5;

    static final int MOST_DIPS = 15;

    /** The duty is announced so long before it is used up, s. */
    static final double DUTY_AHEAD_S = 10;

    private static final double COUNT_BY_S = 5;
    private static final int COUNTED_S = 3;
    private static final double NEARLY = 1e-9;

    private final WeldCycle cycle;
    private final AfterArc after;
    private final List<TimelineSpan> spans;
    private final List<Cue> cues = new ArrayList<>();

    private PlannedCues(WeldCycle cycle, AfterArc after) {
        this.cycle = cycle;
        this.after = after;
        this.spans = cycle.timeline().spans();
    }

    /**
     * {@return every cue of a weld cycle, in order of time, at whatever level}
     *
     * @param cycle    the weld cycle
     * @param after    what follows its arc
     * @param dutyPerS what a second of arc takes of the ten minutes, at least 1; empty where neither machine nor torch is known
     */
    public static List<Cue> of(WeldCycle cycle, AfterArc after, OptionalDouble dutyPerS) {
        PlannedCues planned = new PlannedCues(cycle, after);
        planned.arcs();
        planned.dabs();
        planned.travel();
        planned.end();
        dutyPerS.ifPresent(planned::duty);
        planned.cues.sort(Comparator.comparingDouble(Cue::s));
        return List.copyOf(planned.cues);
    }

    private void arcs() {
        boolean gas = false;
        for (var segment : cycle.timeline().segments()) {
            if (segment.gas() && !gas) {
                cues.add(Cue.of(segment.startS(), CueKind.GAS_ON));
            }
            gas = segment.gas();
        }
        boolean burns = false;
        for (TimelineSpan span : spans) {
            if (span.phase().isArc() && !burns) {
                cues.add(Cue.of(span.startS(), CueKind.STRIKE));
            }
            if (!span.phase().isArc() && burns) {
                cues.add(Cue.of(span.startS(), CueKind.BREAK_ARC));
            }
            burns = span.phase().isArc();
            if (span.phase() == Phase.DOWN_SLOPE) {
                cues.add(Cue.of(span.startS(), CueKind.EASE_OFF));
            }
        }
        if (burns) {
            cues.add(Cue.of(cycle.timeline().arcOutS(), CueKind.BREAK_ARC));
        }
        if (cycle.logic().input() == TriggerInput.FOOT) {
            cycle.foot()
                    .ifPresent(foot ->
                            cues.add(Cue.of(foot.outS() - cycle.values().of(CycleKey.FOOT_OUT), CueKind.EASE_OFF)));
        }
    }

    private void dabs() {
        List<Double> dabs = cycle.dabTimes();
        boolean counted = cycle.sheet().joint().isTitanium();
        for (int i = 0; i < dabs.size(); i++) {
            cues.add(Cue.of(dabs.get(i), CueKind.DAB));
            int dips = i % MOST_DIPS + 1;
            if (counted && dips % DIPS_COUNTED == 0) {
                cues.add(Cue.of(dabs.get(i), CueKind.DIP, dips, dips));
            }
        }
    }

    /** At an even travel through the phases in which the torch moves on. */
    private void travel() {
        double speed = cycle.rhythm().travelMmPerS();
        double seam = cycle.values().of(CycleKey.SEAM_LENGTH);
        double half = seam / 2;
        double done = 0;
        double next = TRAVEL_MM;
        for (TimelineSpan span : spans) {
            if (cycle.logic().isTack() || !span.phase().travels()) {
                continue;
            }
            double way = speed * (span.endS() - span.startS());
            if (done < half && half <= done + way + NEARLY) {
                cues.add(Cue.of(
                        span.startS() + (half - done) / speed, CueKind.HALFWAY, half, Quantity.millimetres(half)));
            }
            while (next <= Math.min(seam, done + way) + NEARLY) {
                cues.add(Cue.of(
                        span.startS() + (next - done) / speed, CueKind.TRAVEL, next, Quantity.millimetres(next)));
                next += TRAVEL_MM;
            }
            done += way;
        }
    }

    /** Post-flow is counted down, then the torch is lifted; what is still too hot is waited for. */
    private void end() {
        double out = cycle.timeline().arcOutS();
        double shut = cycle.timeline().lengthS();
        if (out <= 0 || shut <= out) {
            return;
        }
        double left = shut - out;
        hold(out, left);
        for (double count = Math.ceil(left - NEARLY) - 1; count > 0; count--) {
            if (count <= COUNTED_S || count % COUNT_BY_S == 0) {
                hold(shut - count, count);
            }
        }
        cues.add(Cue.of(shut, CueKind.LIFT));
        double wait = out + after.coolS() - shut;
        if (wait > 0) {
            cues.add(Cue.of(shut, CueKind.WAIT, wait, Quantity.seconds(Math.ceil(wait))));
            cues.add(Cue.of(shut + wait, CueKind.COLD_ENOUGH));
        }
    }

    private void hold(double s, double left) {
        cues.add(Cue.of(s, CueKind.HOLD, left, Quantity.seconds(Math.ceil(left - NEARLY))));
    }

    private void duty(double perS) {
        double left = new DutyCycle().leftS(0, perS);
        double from = cues.stream()
                .filter(cue -> cue.kind() == CueKind.STRIKE)
                .mapToDouble(Cue::s)
                .findFirst()
                .orElse(0);
        double warnS = from + Math.max(0, left - DUTY_AHEAD_S);
        if (warnS < cycle.timeline().arcOutS()) {
            double rest = Math.min(DUTY_AHEAD_S, left);
            cues.add(Cue.of(warnS, CueKind.DUTY, rest, Quantity.seconds(rest)));
        }
    }
}
