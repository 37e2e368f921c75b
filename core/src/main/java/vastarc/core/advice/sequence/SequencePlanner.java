package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.sequence.SeamSplitter.UntimedSegment;
import vastarc.core.advice.sequence.WeldSequence.SegmentEnd;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.advice.sequence.WeldSequence.WaitReason;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.advice.sheet.TackPlan;

/** Gives the runs of a job their time, with every wait and its reason, and adds up what they take. */
public final class SequencePlanner {

    /** Clean, clamp and turn a tube to the next place, s (judgement). */
    static final double TURN_S = 10;

    /** Arc between two grinds of a tungsten, and the grinding, s (judgement). */
    static final double GRIND_EVERY_S = 1800;

    static final double GRIND_S = 60;
    static final double PREHEAT_S = 300;

    /** Setting the members of a seam together and clamping them, s (judgement). */
    static final double FIT_UP_S = 90;

    /** Brushing a run before the next goes over it, s (judgement). */
    static final double BRUSH_S = 20;

    /** Grinding a stop or a tack to a feather before the next run ties into it, s (judgement). */
    static final double DRESS_S = 25;

    /** Looking a finished seam over, s (judgement). */
    static final double INSPECT_S = 30;

    private static final double WARM_K = 15;
    private static final double HELD_INSIDE_C = 300;
    private static final double HELD_INSIDE_TITANIUM_C = 200;
    private static final double MAINS_EFFICIENCY = 0.8;

    private final SequenceRequest ask;
    private final DutyCycle duty = new DutyCycle();
    private final Map<Integer, Double> lastEnd = new HashMap<>();
    private final Map<Integer, Integer> lastPass = new HashMap<>();
    private final List<WeldSegment> runs = new ArrayList<>();
    private final Set<Integer> begun = new HashSet<>();
    private double sinceGrindS;
    private int grinds;

    private SequencePlanner(SequenceRequest request) {
        this.ask = request;
    }

    /**
     * {@return the way through a job, in the welder's own order where there is one}
     *
     * @param request the request
     */
    public static WeldSequence plan(SequenceRequest request) {
        List<UntimedSegment> planned = SeamSplitter.of(request);
        return new SequencePlanner(request)
                .timed(
                        request.isOrdered()
                                ? request.order().stream()
                                        .map(number -> planned.get(number - 1))
                                        .toList()
                                : planned);
    }

    private WeldSequence timed(List<UntimedSegment> stretches) {
        for (UntimedSegment segment : stretches) {
            add(segment);
        }
        return new WeldSequence(runs, totals(), ask.seamMm(), distortionIndex(), SequenceNotes.of(ask));
    }

    private PassFigures figures(UntimedSegment segment) {
        return ask.passes().get(Math.max(1, segment.pass()) - 1);
    }

    private double arcS(UntimedSegment segment) {
        TackPlan tacks = ask.sheet().tacks();
        return segment.kind() == SegmentKind.TACK && tacks.fusion()
                ? tacks.onS()
                : segment.lengthMm() / figures(segment).mmPerS();
    }

    private double rmsA(UntimedSegment segment) {
        boolean spot = segment.kind() == SegmentKind.TACK && ask.sheet().tacks().fusion();
        return spot ? ask.sheet().tacks().currentA() : figures(segment).rmsA();
    }

    private void add(UntimedSegment segment) {
        PassFigures figures = figures(segment);
        double arc = arcS(segment);
        double perS = ask.dutyPerS(rmsA(segment));
        double before = runs.isEmpty() ? 0 : runs.get(runs.size() - 1).endS();
        Map<WaitReason, Double> waits = inHand(segment);
        double welderS = waits.values().stream().mapToDouble(s -> s).sum() + figures.preFlowS();
        double ready = before + welderS;
        double cool = coolAt(segment, figures);
        double dutied = duty.earliest(Math.max(ready, cool), arc, perS);
        if (cool > before) {
            waits.put(WaitReason.COOLING, cool - before);
        }
        if (dutied > Math.max(ready, cool) + 1e-6) {
            waits.put(WaitReason.DUTY, dutied - before);
        }
        WaitReason reason = dutied > Math.max(ready, cool) + 1e-6
                ? WaitReason.DUTY
                : cool > ready ? WaitReason.COOLING : longest(waits);
        runs.add(new WeldSegment(
                runs.size() + 1,
                segment.seam(),
                segment.pass(),
                segment.fromMm(),
                segment.toMm(),
                segment.kind(),
                segment.end(),
                dutied,
                arc,
                dutied - before,
                reason,
                waits,
                rmsA(segment)));
        duty.burn(dutied, arc, perS);
        lastEnd.put(segment.seam(), dutied + arc);
        lastPass.put(segment.seam(), segment.pass());
        sinceGrindS += arc;
    }

    private static WaitReason longest(Map<WaitReason, Double> waits) {
        return waits.entrySet().stream()
                .filter(entry -> entry.getKey() != WaitReason.COOLING)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(WaitReason.NONE);
    }

    /** What the welder does one after the other before a run, s. */
    private Map<WaitReason, Double> inHand(UntimedSegment segment) {
        Map<WaitReason, Double> waits = new EnumMap<>(WaitReason.class);
        if (begun.add(segment.seam())) {
            waits.put(WaitReason.FIT_UP, FIT_UP_S);
        }
        if (runs.isEmpty()) {
            first(waits);
            return waits;
        }
        WeldSegment last = runs.get(runs.size() - 1);
        waits.put(
                WaitReason.POST_FLOW,
                last.kind() == SegmentKind.TACK
                        ? ask.sheet().tacks().postFlowS()
                        : ask.passes().get(last.pass() - 1).postFlowS());
        boolean tacking =
                last.kind() == SegmentKind.TACK && segment.kind() == SegmentKind.TACK && last.seam() == segment.seam();
        if (!tacking && last.end() != SegmentEnd.DIPS) {
            waits.put(WaitReason.HANDLING, ask.work().handlingS());
        }
        if (last.end() == SegmentEnd.TURN && segment.kind() == SegmentKind.WELD) {
            waits.put(WaitReason.ROTATION, TURN_S);
        }
        if (segment.kind() == SegmentKind.WELD && last.end() != SegmentEnd.DIPS) {
            tieIn(segment, waits);
        }
        if (sinceGrindS > GRIND_EVERY_S) {
            waits.put(WaitReason.GRIND, GRIND_S);
            sinceGrindS = 0;
            grinds++;
        }
        return waits;
    }

    /** What a run that ties into another, or goes over one, has to wait for: a feathered stop or tack, a brushed bead. */
    private void tieIn(UntimedSegment segment, Map<WaitReason, Double> waits) {
        Integer under = lastPass.get(segment.seam());
        boolean over = under != null && under > 0 && under < segment.pass();
        boolean restarts = under != null && under == segment.pass();
        if (over) {
            waits.put(WaitReason.BRUSH, BRUSH_S);
        }
        if (restarts || under != null && under == 0) {
            waits.put(WaitReason.DRESS, DRESS_S);
        }
    }

    private void first(Map<WaitReason, Double> waits) {
        if (ask.sheet().practice().metalC() > ask.ambientC() + WARM_K) {
            waits.put(WaitReason.PREHEAT, PREHEAT_S);
        }
        if (ask.sheet().practice().purged()) {
            waits.put(WaitReason.PURGE, ask.purgeS());
        }
    }

    /** When the seam is cool enough for another pass, s. */
    private double coolAt(UntimedSegment segment, PassFigures figures) {
        Double last = lastEnd.get(segment.seam());
        Integer pass = lastPass.get(segment.seam());
        if (last == null || pass == null) {
            return 0;
        }
        boolean another = segment.pass() > 1 && segment.pass() != pass;
        return another ? last + figures.coolsS() : 0;
    }

    private SequenceTotals totals() {
        double arc = 0;
        double wire = 0;
        double gram = 0;
        double gas = 0;
        double joule = 0;
        double density = ask.sheet().joint().material().properties().densityKgPerM3() * 1e-6;
        for (WeldSegment segment : runs) {
            PassFigures figures = ask.passes().get(Math.max(1, segment.pass()) - 1);
            boolean tack = segment.kind() == SegmentKind.TACK;
            double mm = tack ? 0 : segment.lengthMm() * figures.wireMmPerMm() * PassSchedule.FILLER_LOSS;
            double still = tack
                    ? ask.sheet().tacks().preFlowS() + ask.sheet().tacks().postFlowS()
                    : figures.preFlowS() + figures.postFlowS();
            arc += segment.arcS();
            wire += mm / 1000;
            gram += mm * figures.wireMm2() * density;
            gas += (segment.arcS() + still) * figures.gasLPerMin() / 60;
            joule += figures.voltage()
                    * (tack ? segment.rmsA() : figures.currentA())
                    * segment.arcS()
                    / MAINS_EFFICIENCY;
        }
        double wall = runs.isEmpty() ? 0 : honest(arc, runs.get(runs.size() - 1).endS() + afterLastS());
        return new SequenceTotals(
                arc,
                wall,
                wire,
                gram,
                gas,
                purge(wall),
                joule / 3.6e6,
                (int) Math.ceil(wire * 1000 / SeamSplitter.ROD_MM - 1e-9),
                grinds);
    }

    /** The last post-flow, the argon behind until the inside is cool, and a look at every seam, s. */
    private double afterLastS() {
        WeldSegment last = runs.get(runs.size() - 1);
        PassFigures figures = ask.passes().get(Math.max(1, last.pass()) - 1);
        double coolC = ask.sheet().joint().isTitanium() ? HELD_INSIDE_TITANIUM_C : HELD_INSIDE_C;
        double held = ask.sheet().practice().purged() ? figures.cooling().timeToS(coolC) : 0;
        return Math.max(figures.postFlowS(), held) + INSPECT_S * ask.work().seams();
    }

    /** The arc is on no more of the time than the shop's own share of it: what else a day takes is not planned run by run. */
    private double honest(double arcS, double plannedS) {
        return Math.max(plannedS, arcS / ask.work().arcShare());
    }

    private double purge(double wall) {
        if (!ask.sheet().practice().purged()) {
            return 0;
        }
        double fill = ask.purgeS();
        double fills = PassFigures.figure(ask.sheet(), ParameterKey.PURGE_FLOW, 0);
        double holds = PassFigures.figure(ask.sheet(), ParameterKey.PURGE_HOLD, 0);
        return (fill * fills + Math.max(0, wall - fill) * holds) / 60;
    }

    /**
     * What pulls, to compare one order with another: heat a millimetre over the square of the thickness, by the root of the longest stretch
     * welded at one go over the seam. Source: judgement.
     */
    private double distortionIndex() {
        PassFigures first = ask.passes().get(0);
        double perMm = first.voltage() * first.currentA() / first.mmPerS();
        double thick = ask.sheet().heat().effectiveThicknessMm();
        double longest = runs.stream()
                .filter(segment -> segment.kind() == SegmentKind.WELD)
                .mapToDouble(WeldSegment::lengthMm)
                .max()
                .orElse(0);
        return perMm / (thick * thick) * Math.sqrt(longest / ask.seamMm());
    }
}
