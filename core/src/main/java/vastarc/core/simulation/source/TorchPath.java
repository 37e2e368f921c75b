package vastarc.core.simulation.source;

import java.util.Optional;
import java.util.function.UnaryOperator;
import vastarc.core.advice.cycle.CurrentSegment;
import vastarc.core.advice.cycle.CurrentSegment.PulseOverlay;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.cycle.WeldCycle.PedalTimes;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.PulseRhythm;

/**
 * The arc's way along the seam as weld cycle and welder lead it: where it is, how hot, how wide. Slopes, pulses and end are the weld cycle's; the torch
 * moves while it welds and rests while it starts and ends. A welder faster or slower than the weld cycle takes less or more time for the seam.
 */
public final class TorchPath implements ArcPath {

    /** Pulses faster than this are felt as their average, 1/s (judgement). */
    public static final double FELT_BELOW_HZ = 10;

    private static final double SPREAD_PER_ARC_MM = 0.15;
    private static final double USUAL_ARC_MM = 2;
    /** Share of its beat that a dab keeps the rod in the pool (judgement). */
    public static final double DAB_SHARE = 0.3;

    private static final double FED_FROM = 0.5;
    /** What the arc gives in a step is added up in parts short beside an unsteady welder's motions. */
    private static final int PARTS = 6;

    private static final double EDGE_S = 1e-9;

    private final CycleTimeline timeline;
    private final WeldCycle score;
    private final TorchOperator operator;
    private final double wireW;
    private final double scoreMmPerS;
    private final double operatorMmPerS;
    private final double arcMm;
    private final double stopsAtMm;
    private final double workingA;
    private final double goesFromS;
    private final double goesToS;
    private final OperatorVariation pace;
    private final OperatorVariation height;
    private final double outS;

    private double s;
    private double realS;
    private double xMm;
    private double owedJ;
    private double fedJ;
    private double currentA;
    private double radiusMm;
    private int index;

    /**
     * @param cycle the weld cycle
     * @param operator how the torch is moved
     * @param startMm where the arc strikes
     * @param goesMm how far it goes
     * @param wireW what melting the wire takes while it is fed, W
     */
    public TorchPath(WeldCycle cycle, TorchOperator operator, double startMm, double goesMm, double wireW) {
        HeatBalance heat = cycle.sheet().heat();
        this.score = cycle;
        this.timeline = cycle.timeline();
        this.operator = operator;
        this.wireW = wireW;
        this.scoreMmPerS = heat.demand().speedMmPerS();
        this.operatorMmPerS = operator.travelMmPerMin().orElse(60 * scoreMmPerS) / 60;
        this.arcMm = operator.arcMm().orElse(heat.demand().arcMm());
        this.stopsAtMm = startMm + goesMm;
        this.workingA = cycle.values().of(CycleKey.WORKING_CURRENT);
        this.goesFromS = cycle.foot().map(PedalTimes::inS).orElse(0.0);
        this.goesToS = cycle.foot()
                .map(foot -> foot.outS() - cycle.values().of(CycleKey.FOOT_OUT))
                .orElse(Double.MAX_VALUE);
        this.pace = new OperatorVariation(operator.seed(), operator.scatterPercent() / 100);
        this.height = new OperatorVariation(operator.seed() + 1, operator.scatterPercent() / 100);
        this.outS = timeline.arcOutS();
        this.xMm = startMm;
        while (index < timeline.segments().size() - 1 && !segment().phase().isArc()) {
            index++;
        }
        this.s = segment().startS();
    }

    private CurrentSegment segment() {
        return timeline.segments().get(index);
    }

    @Override
    public boolean isOut() {
        return s >= outS;
    }

    /** The arc goes along the seam. */
    boolean goes() {
        return segment().phase().travels() && s >= goesFromS && s < goesToS && xMm < stopsAtMm;
    }

    @Override
    public double xMm() {
        return xMm;
    }

    @Override
    public double realS() {
        return realS;
    }

    /** {@return current now, A; 0 once the arc is out} */
    public double currentA() {
        return isOut() ? 0 : currentA;
    }

    /** {@return heat that the wire fed up to now takes to melt, J} */
    public double fedJ() {
        return fedJ;
    }

    /** e⁻² radius of the arc's heat now, a longer arc wider, mm. */
    @Override
    public double radiusMm() {
        return radiusMm;
    }

    /** {@return score time that the whole way takes, s} */
    public double lengthS() {
        return outS - s;
    }

    @Override
    public double speedMmPerS() {
        return goes() ? operatorMmPerS : 0;
    }

    @Override
    public double nextJumpS() {
        if (isOut()) {
            return Double.POSITIVE_INFINITY;
        }
        boolean going = goes();
        // The weld cycle's own clock runs with the welder's travel.
        double pace = going ? operatorMmPerS / scoreMmPerS : 1;
        double next = realS + (segment().endS() - s) / pace;
        for (double foot : new double[] {goesFromS, goesToS}) {
            next = foot > s + EDGE_S ? Math.min(next, realS + (foot - s) / pace) : next;
        }
        if (going) {
            next = Math.min(next, realS + (stopsAtMm - xMm) / operatorMmPerS);
            next = dabs().map(dab -> dab.nextEdgeS(realS + EDGE_S))
                    .map(edgeS(next))
                    .orElse(next);
        }
        return segment()
                .beat()
                .filter(beat -> beat.rateHz() <= FELT_BELOW_HZ)
                .map(beat -> beat.nextEdgeS(realS + EDGE_S))
                .map(edgeS(next))
                .orElse(next);
    }

    private static UnaryOperator<Double> edgeS(double next) {
        return edge -> Math.min(edge, next);
    }

    @Override
    public double advance(double stepS) {
        double joule = 0;
        for (int part = 0; part < PARTS; part++) {
            joule += isOut() ? rest(stepS / PARTS) : goOn(stepS / PARTS);
        }
        return joule;
    }

    private double goOn(double stepS) {
        boolean going = goes();
        double straying = operator.isSteady() ? 0 : pace.at(realS);
        double speed = operatorMmPerS * (1 + straying);
        double joule = joule(stepS, going);
        s += going ? stepS * speed / scoreMmPerS : stepS;
        xMm = going ? Math.min(stopsAtMm, xMm + speed * stepS) : xMm;
        realS += stepS;
        while (index < timeline.segments().size() - 1 && segment().endS() <= s) {
            index++;
        }
        return joule;
    }

    private double rest(double stepS) {
        realS += stepS;
        return 0;
    }

    private double joule(double stepS, boolean going) {
        if (!segment().phase().isArc()) {
            return 0;
        }
        ArcModel arc = new ArcModel(arcMm * (1 + (operator.isSteady() ? 0 : height.at(realS))));
        double middleS = realS + stepS / 2;
        double envelope = segment().envelopeA(Math.min(s, segment().endS()));
        double arcW = watts(arc, envelope, middleS);
        radiusMm = ArcModel.radiusMm(currentA) * (1 + SPREAD_PER_ARC_MM * (arc.lengthMm() - USUAL_ARC_MM));
        double fed =
                going && envelope >= FED_FROM * workingA ? wireW * lump(middleS) * Math.min(1, envelope / workingA) : 0;
        fedJ += fed * stepS;
        double want = owedJ + fed * stepS;
        double used = Math.min(want, arcW * stepS);
        owedJ = want - used;
        return arcW * stepS - used;
    }

    /** Heat of the arc at an envelope current, with the pulse added, W. */
    private double watts(ArcModel arc, double envelopeA, double atS) {
        Optional<PulseOverlay> beat = segment().beat();
        if (beat.isEmpty()) {
            currentA = envelopeA;
        } else if (beat.get().rateHz() <= FELT_BELOW_HZ) {
            currentA = beat.get().onAt(atS) ? envelopeA : beat.get().backgroundA(envelopeA);
        } else {
            double on = beat.get().onFraction();
            double low = beat.get().backgroundA(envelopeA);
            currentA = on * envelopeA + (1 - on) * low;
            return ArcModel.EFFICIENCY * (on * arc.powerW(envelopeA) + (1 - on) * arc.powerW(low));
        }
        return ArcModel.EFFICIENCY * arc.powerW(currentA);
    }

    /** Dabs take their heat in lumps; wire that is laid takes it evenly. */
    private double lump(double atS) {
        return dabs().map(dab -> dab.isOnAt(atS) ? 1 / DAB_SHARE : 0).orElse(1.0);
    }

    /** When the rod is in the pool; empty where it is laid or not used. */
    private Optional<PulseRhythm> dabs() {
        double rate = score.rhythm().dabsPerS();
        return rate > 0 ? Optional.of(new PulseRhythm(rate, DAB_SHARE)) : Optional.empty();
    }
}
