package vastarc.core.physics.purge;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgeProblem.PurgeProblemKind;
import vastarc.core.physics.purge.RootPressure.RootVerdict;
import vastarc.core.physics.purge.RootPressure.Vent;

/**
 * A purge calculated: the wait, the argon, the hold, and what happens to the root.
 *
 * @param ask      what was asked
 * @param purge    the gas
 * @param ventPa   pressure at the filling flow, Pa
 * @param bulgeMm  how far the root is pushed outward at the holding flow, mm: while it fills, no root is molten
 * @param verdict  what happens to it at the holding flow
 * @param hold     flow while the root is molten: value, lowest, highest, L/min
 * @param problems what prevents the purge
 */
public record PurgePlan(
        PurgeRequest ask,
        Purge purge,
        double ventPa,
        double bulgeMm,
        RootVerdict verdict,
        PurgeHold hold,
        List<PurgeProblem> problems) {

    /** Argon to fill with. */
    public static final InputRange FLOW = new InputRange("flowLPerMin", 0.5, 60, Unit.LITRE_PER_MIN);
    /** Air that leaks in. */
    public static final InputRange LEAK = new InputRange("leakLPerMin", 0, 60, Unit.LITRE_PER_MIN);
    /** Oxygen in the argon, ppm. */
    public static final InputRange ARGON = new InputRange("argonPpm", 0, 10_000, Unit.NUMBER);
    /** Oxygen to get down to, ppm. */
    public static final InputRange TARGET = new InputRange("targetPpm", 0.5, 50_000, Unit.NUMBER);
    /** Diameter of one vent hole. */
    public static final InputRange VENT = new InputRange("diameterMm", 0.5, 100, Unit.MILLIMETRE);
    /** Number of vent holes. */
    public static final InputRange VENTS = new InputRange("count", 1, 20, Unit.NUMBER);
    /** Length of the purge hose. */
    public static final InputRange HOSE_LENGTH = new InputRange("lengthM", 0, 100, Unit.METRE);
    /** Bore of the purge hose. */
    public static final InputRange HOSE_BORE = new InputRange("boreMm", 1, 50, Unit.MILLIMETRE);
    /** Thickness at the root. */
    public static final InputRange THICKNESS = new InputRange("thicknessMm", 0.1, 12, Unit.MILLIMETRE);
    /** Width of the bead on the root side. */
    public static final InputRange BACK_WIDTH = new InputRange("backWidthMm", 0.2, 30, Unit.MILLIMETRE);

    /** Most parts in a chain. */
    public static final int MOST_PARTS = 40;

    /** A plug is local within this, or within so many bores where that is more: end to end (judgement). */
    private static final double LOCAL_MM = 200;

    private static final double LOCAL_BORES = 3;

    private static final double EASY_CHANGES = 60;

    /** Fewest changes of the volume before a strike without a meter (judgement). */
    public static final double LEAST_CHANGES = 10;

    /** Shortest wait without a meter, s (judgement). */
    public static final double LEAST_S = 120;

    /** The same on titanium, s (judgement). */
    public static final double LEAST_TITANIUM_S = 180;

    /** Where argon comes in and air goes out. */
    public enum GasPort {
        /** At the lowest point. */
        LOW,
        /** At the highest point. */
        HIGH
    }

    /**
     * What is asked.
     *
     * @param parts     between the dams, one at least
     * @param flow      to fill with, L/min
     * @param leak      of air into it, L/min
     * @param argonPpm  oxygen in the argon
     * @param targetPpm oxygen to get to
     * @param inlet     where argon comes in
     * @param ventAt    where air goes out
     * @param vent      the hole
     * @param hoseL     dead volume of the hose, L
     * @param root      the molten root
     * @param holdShare hold flow over fill flow, 0–1
     */
    public record PurgeRequest(
            List<PurgePart> parts,
            double flow,
            double leak,
            double argonPpm,
            double targetPpm,
            GasPort inlet,
            GasPort ventAt,
            Vent vent,
            double hoseL,
            RootPressure root,
            double holdShare) {

        /** Copies its collections, so that it cannot change. */
        public PurgeRequest {
            parts = List.copyOf(parts);
        }

        /**
         * {@return the same filled with another flow, L/min}
         *
         * @param otherLPerMin flow, L/min
         */
        public PurgeRequest filledWith(double otherLPerMin) {
            return new PurgeRequest(
                    parts, otherLPerMin, leak, argonPpm, targetPpm, inlet, ventAt, vent, hoseL, root, holdShare);
        }

        double volumeL() {
            return parts.stream().mapToDouble(PurgePart::volumeL).sum();
        }

        double acrossMm() {
            return parts.stream().mapToDouble(PurgePart::acrossMm).min().orElseThrow();
        }
    }

    /**
     * Calculates a purge: volume, waiting time, hold flow, root pressure and cylinder. Equations: well-mixed dilution
     * and displacement, {@link Purge}.
     *
     * @param request the request
     * @return the purge plan
     */
    public static PurgePlan of(PurgeRequest request) {
        return of(request, PurgeHold.of(request));
    }

    /**
     * Calculates a purge that is held at a flow of its own.
     *
     * @param request the request
     * @param hold how it is held
     * @return the purge plan
     */
    public static PurgePlan of(PurgeRequest request, PurgeHold hold) {
        boolean layered = request.inlet() == GasPort.LOW
                && request.ventAt() == GasPort.HIGH
                && request.parts().stream().allMatch(part -> Purge.liesInLayers(request.flow(), part));
        Purge purge = new Purge(
                request.volumeL(),
                request.flow(),
                request.leak(),
                request.argonPpm(),
                request.targetPpm(),
                layered,
                request.hoseL());
        double holdPa = RootPressure.ventPa(hold.value(), request.vent());
        return new PurgePlan(
                request,
                purge,
                RootPressure.ventPa(request.flow(), request.vent()),
                request.root().bulgeMm(holdPa),
                request.root().verdict(holdPa),
                hold,
                problems(request, purge, hold));
    }

    private static List<PurgeProblem> problems(PurgeRequest request, Purge purge, PurgeHold hold) {
        List<PurgeProblem> problems = new ArrayList<>();
        if (request.argonPpm() >= request.targetPpm()) {
            problems.add(
                    PurgeProblem.of(PurgeProblemKind.ARGON, figure(request.argonPpm()), figure(request.targetPpm())));
        } else if (!purge.isReachable()) {
            problems.add(PurgeProblem.of(PurgeProblemKind.LEAK, figure(purge.floorPpm()), figure(request.targetPpm())));
        }
        if (!purge.layered()) {
            boolean ends = request.inlet() == GasPort.LOW && request.ventAt() == GasPort.HIGH;
            problems.add(PurgeProblem.of(ends ? PurgeProblemKind.FAST : PurgeProblemKind.ENDS));
        }
        double sound = RootPressure.flowLPerMin(request.root().mostPa(), request.vent());
        double against = PurgeHold.leastAgainstLeak(request);
        if (against > sound && purge.isReachable()) {
            problems.add(PurgeProblem.of(
                    PurgeProblemKind.LEAK_OR_VENT, Quantity.litresPerMin(against), Quantity.litresPerMin(sound)));
        } else if (sound < hold.low() || sound < PurgeHold.LEAST_NARROW) {
            problems.add(PurgeProblem.of(PurgeProblemKind.VENT, Quantity.litresPerMin(sound)));
        }
        request.parts().stream()
                .filter(part -> part.kind() == PurgePartKind.PLUG)
                .flatMap(part -> plug(part, request.flow()).stream())
                .forEach(problems::add);
        if (purge.mixedS().map(purge::changes).orElse(0.0) > EASY_CHANGES) {
            problems.add(PurgeProblem.of(PurgeProblemKind.LONG));
        }
        return problems;
    }

    /** A plug whose ring is too wide for its stream, so that the argon leaves its top to the air, or that ends too far from the joint. */
    private static Optional<PurgeProblem> plug(PurgePart plug, double flowLPerMin) {
        double most = Math.max(LOCAL_MM, LOCAL_BORES * plug.of("boreMm"));
        if (plug.of("lengthMm") > most) {
            return Optional.of(PurgeProblem.of(PurgeProblemKind.PLUG_FAR, Quantity.ruled(most)));
        }
        return Purge.liesInLayers(flowLPerMin, plug)
                ? Optional.of(PurgeProblem.of(PurgeProblemKind.PLUG))
                : Optional.empty();
    }

    private static Quantity figure(double ppm) {
        return Quantity.number(ppm);
    }

    /**
     * {@return the vent that would balance the root's weight at the filling flow, mm; empty where the weld is not on
     * top}
     */
    public OptionalDouble balanceVentMm() {
        return ask.root().balanceVentMm(ask.flow(), ask.vent().count());
    }

    /** What makes the wait without a meter as long as it is. Its words: {@code purge.longest.<name>}. */
    public enum LongestWait {
        /** The stirred time to the target. */
        MIXED,
        /** Ten fillings. */
        CHANGES,
        /** Two minutes, on titanium three. */
        LEAST
    }

    /**
     * The wait without a meter.
     *
     * @param s       seconds from the moment the argon is opened
     * @param longest of its three parts
     */
    public record UnmeteredWait(double s, LongestWait longest) {}

    /**
     * {@return how long the strike waits where no meter says more: the longest of the stirred time, ten fillings and
     * two minutes (titanium three)} The stirred time is that of a clean, dry, tight vessel, and no permission by
     * itself. Empty where the target is never reached. Source: bench figures [judgement].
     */
    public Optional<UnmeteredWait> waitWithoutMeter() {
        double changes = purge.hoseS() + LEAST_CHANGES * 60 * ask.volumeL() / ask.flow();
        double least = ask.root().metal().isTitanium() ? LEAST_TITANIUM_S : LEAST_S;
        return purge.mixedS()
                .map(mixed -> Stream.of(
                                new UnmeteredWait(mixed, LongestWait.MIXED),
                                new UnmeteredWait(changes, LongestWait.CHANGES),
                                new UnmeteredWait(least, LongestWait.LEAST))
                        .max(Comparator.comparingDouble(UnmeteredWait::s))
                        .orElseThrow());
    }

    /** {@return the same in seconds} */
    public Optional<Double> waitS() {
        return waitWithoutMeter().map(UnmeteredWait::s);
    }

    /** {@return flow for the closing stretch, L/min: the gap that was a vent shuts, so half the hold} */
    public double closingLPerMin() {
        return hold.value() / 2;
    }

    /** {@return pressure while holding, Pa} */
    public double holdPa() {
        return RootPressure.ventPa(hold.value(), ask.vent());
    }
}
