package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/** Holds a route, made or changed by a welder, against everything a route has to keep. */
public final class SequenceCheck {

    private static final double SLACK = 1e-6;

    private SequenceCheck() {}

    /**
     * {@return what it breaks, in words; empty where it breaks nothing}
     *
     * @param request the request
     * @param sequence the weld sequence
     */
    public static List<Phrase> check(SequenceRequest request, WeldSequence sequence) {
        List<Phrase> broken = new ArrayList<>();
        order(sequence, broken);
        time(request, sequence, broken);
        duty(request, sequence, broken);
        covered(request, sequence, broken);
        lengths(request, sequence, broken);
        return List.copyOf(broken);
    }

    /** Tacks before runs, passes one upon the other where they lie. */
    private static void order(WeldSequence sequence, List<Phrase> broken) {
        Map<Integer, Boolean> welded = new HashMap<>();
        for (WeldSegment segment : sequence.runs()) {
            if (segment.kind() == SegmentKind.TACK && welded.getOrDefault(segment.seam(), false)) {
                broken.add(Phrase.of("route.broken.tack", segment.n(), segment.seam()));
            }
            if (segment.kind() == SegmentKind.WELD) {
                welded.put(segment.seam(), true);
                boolean under = sequence.runs().stream()
                        .filter(other -> other.seam() == segment.seam() && other.kind() == SegmentKind.WELD)
                        .anyMatch(other ->
                                other.pass() < segment.pass() && other.n() > segment.n() && meets(other, segment));
                if (under) {
                    broken.add(Phrase.of("route.broken.pass", segment.n(), segment.pass()));
                }
            }
        }
    }

    private static boolean meets(WeldSegment weldSegment, WeldSegment other) {
        return Math.max(low(weldSegment), low(other)) < Math.min(high(weldSegment), high(other)) - SLACK;
    }

    private static double low(WeldSegment segment) {
        return Math.min(segment.fromMm(), segment.toMm());
    }

    private static double high(WeldSegment segment) {
        return Math.max(segment.fromMm(), segment.toMm());
    }

    /** One arc at a time, and no pass on metal that is too hot. */
    private static void time(SequenceRequest request, WeldSequence sequence, List<Phrase> broken) {
        Map<Integer, WeldSegment> last = new HashMap<>();
        WeldSegment before = null;
        for (WeldSegment segment : sequence.runs()) {
            if (before != null && segment.startS() < before.endS() - SLACK) {
                broken.add(Phrase.of("route.broken.twoArcs", before.n(), segment.n()));
            }
            WeldSegment under = last.get(segment.seam());
            if (under != null && segment.pass() > 1 && segment.pass() != under.pass()) {
                double cools = request.passes().get(segment.pass() - 1).coolsS();
                if (segment.startS() < under.endS() + cools - SLACK) {
                    broken.add(Phrase.of("route.broken.hot", segment.n(), Quantity.seconds(cools)));
                }
            }
            last.put(segment.seam(), segment);
            before = segment;
        }
    }

    private static void duty(SequenceRequest request, WeldSequence sequence, List<Phrase> broken) {
        DutyCycle duty = new DutyCycle();
        sequence.runs()
                .forEach(segment -> duty.burn(segment.startS(), segment.arcS(), request.dutyPerS(segment.rmsA())));
        if (duty.most() > DutyCycle.WINDOW_S + 1e-3) {
            broken.add(Phrase.of("route.broken.duty", Quantity.seconds(duty.most() - DutyCycle.WINDOW_S)));
        }
    }

    /** Every seam welded in every pass from end to end. */
    private static void covered(SequenceRequest request, WeldSequence sequence, List<Phrase> broken) {
        for (int seam = 1; seam <= request.work().seams(); seam++) {
            for (PassFigures pass : request.passes()) {
                int which = seam;
                List<WeldSegment> along = sequence.runs().stream()
                        .filter(segment -> segment.seam() == which
                                && segment.pass() == pass.pass()
                                && segment.kind() == SegmentKind.WELD)
                        .sorted((a, b) -> Double.compare(low(a), low(b)))
                        .toList();
                double to = 0;
                for (WeldSegment segment : along) {
                    to = low(segment) <= to + SLACK ? Math.max(to, high(segment)) : to;
                }
                if (to < request.seamMm() - SLACK) {
                    broken.add(Phrase.of("route.broken.gap", seam, pass.pass(), Quantity.ruled(to)));
                }
            }
        }
    }

    private static void lengths(SequenceRequest request, WeldSequence sequence, List<Phrase> broken) {
        for (WeldSegment segment : sequence.runs()) {
            if (segment.kind() == SegmentKind.WELD) {
                double most = SeamSplitter.most(request, request.passes().get(segment.pass() - 1))
                        .mm();
                double over = 2 * request.overlapMm() + SeamSplitter.STAGGER_MM;
                if (segment.lengthMm() > most + over + SLACK) {
                    broken.add(Phrase.of("route.broken.long", segment.n(), Quantity.ruled(most)));
                }
            }
        }
    }
}
