package vastarc.core.coach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.core.record.weldlog.RunState.AfterArc;

/** What is heard of a weld: the cues of its plan and, where meters read along, what they show to be wrong. */
public final class Coach {

    private Coach() {}

    /**
     * What a meter read.
     *
     * @param s        in the time of the weld cycle, s
     * @param quantity what
     * @param value    in the quantity's unit
     */
    public record MeterReading(double s, MeasuredQuantity quantity, double value) {}

    /**
     * {@return the planned cues that are heard at a level, in order of time}
     *
     * @param cycle    the weld cycle
     * @param level    how much is heard
     * @param dutyPerS what a second of arc takes of the ten minutes; empty where machine and torch are not known
     */
    public static List<Cue> planned(WeldCycle cycle, CoachLevel level, OptionalDouble dutyPerS) {
        return CueOrder.heard(heardAt(level, PlannedCues.of(cycle, AfterArc.of(cycle.sheet()), dutyPerS)));
    }

    /**
     * {@return planned cues and those that readings raise, in order of time}
     *
     * @param cycle    the weld cycle
     * @param level    how much is heard
     * @param readings in any order; where none is of the current, the arc burns as planned
     */
    public static List<Cue> of(WeldCycle cycle, CoachLevel level, List<MeterReading> readings) {
        List<Cue> cues = new ArrayList<>(PlannedCues.of(cycle, AfterArc.of(cycle.sheet()), OptionalDouble.empty()));
        cues.addAll(live(cycle, readings));
        return CueOrder.heard(heardAt(level, cues));
    }

    /**
     * {@return when the arc is struck, in the time of the weld cycle, s; 0 where it never is}
     *
     * @param cycle the weld cycle
     */
    public static double strikeS(WeldCycle cycle) {
        return PlannedCues.of(cycle, AfterArc.of(cycle.sheet()), OptionalDouble.empty()).stream()
                .filter(cue -> cue.kind() == CueKind.STRIKE)
                .mapToDouble(Cue::s)
                .findFirst()
                .orElse(0);
    }

    private static List<Cue> heardAt(CoachLevel level, List<Cue> cues) {
        return cues.stream().filter(cue -> level.hears(cue.kind())).toList();
    }

    private static List<Cue> live(WeldCycle cycle, List<MeterReading> readings) {
        LiveCoach coach = new LiveCoach(cycle, RunPlan.of(cycle));
        boolean shown = readings.stream().anyMatch(reading -> reading.quantity() == MeasuredQuantity.CURRENT);
        List<RunEvent> events = shown ? List.of() : LiveCoach.plannedArcs(cycle);
        List<Cue> cues = new ArrayList<>();
        int next = 0;
        for (MeterReading reading : readings.stream()
                .sorted(Comparator.comparingDouble(MeterReading::s))
                .toList()) {
            while (next < events.size() && events.get(next).atS() <= reading.s()) {
                coach.happened(events.get(next++));
            }
            cues.addAll(coach.accept(reading.s(), reading.quantity(), reading.value()));
        }
        return cues;
    }
}
