package vastarc.core.coach;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/** Puts cues in the order of time, and leaves out what a person could not take in: judgement. */
final class CueOrder {

    /** So many cues are taken in within a second. */
    static final int MOST_PER_S = 6;

    /** After a cue that cannot wait, nothing is said of the pace for so long, s. */
    static final double QUIET_S = 0.8;

    private CueOrder() {}

    /**
     * {@return the cues that are heard: all that cannot wait, others as far as there is room for them}
     *
     * @param cues in any order
     */
    static List<Cue> heard(List<Cue> cues) {
        List<Cue> sorted = new ArrayList<>(cues);
        sorted.sort(
                Comparator.comparingDouble(Cue::s).thenComparing(Cue::urgency).thenComparing(Cue::kind));
        List<Cue> heard = new ArrayList<>();
        Deque<Double> lastSecond = new ArrayDeque<>();
        double urgentS = Double.NEGATIVE_INFINITY;
        for (Cue cue : sorted) {
            while (!lastSecond.isEmpty() && lastSecond.peekFirst() <= cue.s() - 1) {
                lastSecond.removeFirst();
            }
            boolean buries = cue.urgency() == Urgency.PACE && cue.s() - urgentS < QUIET_S;
            boolean full = lastSecond.size() >= MOST_PER_S;
            if (cue.urgency() != Urgency.NOW && (buries || full)) {
                continue;
            }
            urgentS = cue.urgency() == Urgency.NOW ? cue.s() : urgentS;
            lastSecond.addLast(cue.s());
            heard.add(cue);
        }
        return List.copyOf(heard);
    }
}
