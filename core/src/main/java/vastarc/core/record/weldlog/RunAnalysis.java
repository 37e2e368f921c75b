package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.record.weldlog.ArcFinder.SampleSpan;

/**
 * What the readings of a run say.
 *
 * @param arcs   in order of time
 * @param shapes how each rose, held and fell
 * @param main   the longest of them, as an index; empty without an arc
 * @param arcS   time with an arc, s
 * @param travel seam over the time at working current, slopes and tacks left out, mm/min; empty without an arc or a length
 * @param heat   empty likewise
 * @param gasL   argon at the torch over the whole trace, L; empty where flow was not read
 */
public record RunAnalysis(
        List<RecordedArc> arcs,
        List<ArcShape> shapes,
        Optional<Integer> main,
        double arcS,
        OptionalDouble travel,
        Optional<HeatInput> heat,
        OptionalDouble gasL) {

    /** Volts assumed where neither a meter nor a sheet gives them: a usual argon arc. */
    static final double USUAL_VOLTS = 11;

    /** A part of an arc's life as read. */
    public record ArcPart(Name name, double fromS, double toS) {

        /** Which. */
        public enum Name {
            /** The rise to the working current. */
            UP_SLOPE,
            /** Working current. */
            WORK,
            /** The fall to the end current. */
            DOWN_SLOPE
        }
    }

    /** Copies its collections, so that it cannot change. */
    public RunAnalysis {
        arcs = List.copyOf(arcs);
        shapes = List.copyOf(shapes);
    }

    /**
     * Reads a trace.
     *
     * @param recording the recording
     * @param seamMm length welded in it, mm; empty where it was not measured
     * @param plan what it was meant to be; empty where nothing is given
     * @return the run analysis
     */
    public static RunAnalysis of(Recording recording, OptionalDouble seamMm, Optional<RunPlan> plan) {
        Channel current = recording.current();
        List<SampleSpan> found =
                ArcFinder.find(current, plan.map(RunPlan::leastStable).orElse(0.0));
        List<RecordedArc> arcs = new ArrayList<>();
        List<ArcShape> shapes = new ArrayList<>();
        for (SampleSpan span : found) {
            Channel part = current.part(span.first(), span.last());
            arcs.add(arc(current, part, span));
            shapes.add(ArcShape.of(part, span.fromS(), span.toS()));
        }
        double arcS = arcs.stream().mapToDouble(RecordedArc::lengthS).sum();
        boolean known = seamMm.isPresent() && arcS > 0;
        double workS = IntStream.range(0, arcs.size())
                .filter(i -> !isTack(arcs, i))
                .mapToDouble(i -> shapes.get(i).workS())
                .sum();
        double volts = plan.map(RunPlan::voltage).orElse(USUAL_VOLTS);
        return new RunAnalysis(
                arcs,
                shapes,
                longest(arcs),
                arcS,
                known && workS > 0 ? OptionalDouble.of(seamMm.getAsDouble() / workS * 60) : OptionalDouble.empty(),
                known ? Optional.of(HeatInput.of(recording, arcs, seamMm.getAsDouble(), volts)) : Optional.empty(),
                litres(recording.channel(MeasuredQuantity.GAS_FLOW)));
    }

    /** Longest arc that is still a tack where a far longer one follows, s. */
    private static final double TACK_S = 4;

    private static final double TACK_OF_MAIN = 0.2;

    /**
     * {@return whether an arc is a tack: a few seconds beside one at least five times as long}
     *
     * @param arc number of the arc, from 0
     */
    public boolean isTack(int arc) {
        return isTack(arcs, arc);
    }

    private static boolean isTack(List<RecordedArc> arcs, int arc) {
        double most = arcs.stream().mapToDouble(RecordedArc::lengthS).max().orElse(0);
        double own = arcs.get(arc).lengthS();
        return own <= TACK_S && own <= TACK_OF_MAIN * most;
    }

    private static Optional<Integer> longest(List<RecordedArc> arcs) {
        return IntStream.range(0, arcs.size())
                .boxed()
                .max(Comparator.comparingDouble(i -> arcs.get(i).lengthS()));
    }

    private static RecordedArc arc(Channel current, Channel part, SampleSpan span) {
        double peak = part.value(0);
        double least = part.value(0);
        for (int i = 1; i < part.size(); i++) {
            peak = Math.max(peak, part.value(i));
            least = Math.min(least, part.value(i));
        }
        return new RecordedArc(
                span.fromS(),
                span.toS(),
                current.mean(span.fromS(), span.toS()).orElseThrow(),
                peak,
                current.rms(span.fromS(), span.toS()).orElseThrow(),
                least);
    }

    private static OptionalDouble litres(Channel flow) {
        if (flow.size() < 2) {
            return OptionalDouble.empty();
        }
        double minutes = (flow.endS() - flow.s(0)) / 60;
        return OptionalDouble.of(flow.mean(flow.s(0), flow.endS()).orElseThrow() * minutes);
    }

    /** What is known of a run without readings: how long the arc burned, by the marks of the welder. */
    public record MarkedTimes(double arcS, OptionalDouble amps, OptionalDouble travel, Optional<HeatInput> heat) {}

    /**
     * {@return a run by the marks of the welder; travel with the planned slopes left out}
     *
     * @param arcS time the arc burns, s
     * @param seamMm length of the seam, mm; empty if unknown
     * @param amps read off a clamp meter; empty where nobody did
     * @param plan the plan
     */
    public static MarkedTimes marked(double arcS, OptionalDouble seamMm, OptionalDouble amps, RunPlan plan) {
        boolean known = seamMm.isPresent() && arcS > 0;
        double heat = known && amps.isPresent()
                ? ArcEnergy.of(plan.voltage() * amps.getAsDouble() * arcS, seamMm.getAsDouble())
                        .heatInputKjPerMm()
                : 0;
        return new MarkedTimes(
                arcS,
                amps,
                known ? OptionalDouble.of(seamMm.getAsDouble() / workS(arcS, plan) * 60) : OptionalDouble.empty(),
                heat > 0 ? Optional.of(new HeatInput(heat, heat, false)) : Optional.empty());
    }

    /** What is left of an arc's time when its planned slopes are taken off; all of it where they do not fit in. */
    private static double workS(double arcS, RunPlan plan) {
        double slopes = plan.upS() + plan.downS();
        return arcS > 2 * slopes ? arcS - slopes : arcS;
    }

    /** {@return the shape of the longest arc} */
    public Optional<ArcShape> shape() {
        return main.map(shapes::get);
    }

    /** {@return mean over all arcs, A} */
    public double meanA() {
        return over(RecordedArc::meanA);
    }

    /** {@return root of the mean square over all arcs, A} */
    public double rmsA() {
        return Math.sqrt(over(arc -> arc.rmsA() * arc.rmsA()));
    }

    /** {@return greatest reading of all arcs, A} */
    public double peakA() {
        return arcs.stream().mapToDouble(RecordedArc::peakA).max().orElse(0);
    }

    private double over(ToDoubleFunction<RecordedArc> figure) {
        return arcS <= 0
                ? 0
                : arcs.stream()
                                .mapToDouble(arc -> figure.applyAsDouble(arc) * arc.lengthS())
                                .sum()
                        / arcS;
    }

    /** {@return slopes and work of every arc, in order of time} */
    public List<ArcPart> parts() {
        List<ArcPart> parts = new ArrayList<>();
        for (int i = 0; i < arcs.size(); i++) {
            RecordedArc arc = arcs.get(i);
            ArcShape shape = shapes.get(i);
            double workFrom = Math.min(arc.toS(), arc.fromS() + shape.upS());
            double workTo = Math.max(workFrom, arc.toS() - shape.downS());
            part(parts, ArcPart.Name.UP_SLOPE, arc.fromS(), workFrom);
            part(parts, ArcPart.Name.WORK, workFrom, workTo);
            part(parts, ArcPart.Name.DOWN_SLOPE, workTo, arc.toS());
        }
        return parts;
    }

    private static void part(List<ArcPart> parts, ArcPart.Name name, double fromS, double toS) {
        if (toS > fromS) {
            parts.add(new ArcPart(name, fromS, toS));
        }
    }
}
