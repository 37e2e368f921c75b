package vastarc.core.simulation.observe;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.distortion.DistortionIndex;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;
import vastarc.core.simulation.observe.PeakTemperatureRecorder.PoolState;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.result.PlateResult.PlateEnergy;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadColour;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;
import vastarc.core.simulation.result.SimulationResult.Crater;
import vastarc.core.simulation.result.SimulationResult.EndWidths;
import vastarc.core.simulation.result.SimulationResult.MiddleWidths;
import vastarc.core.simulation.solver.FaceHeatLoss;
import vastarc.core.simulation.solver.PiecewiseLinear;
import vastarc.core.simulation.source.TorchPath;

/** Follows a simulation while it runs, and tells afterwards the result of the seam. */
public final class SeamResults {

    private static final double EDGE_MM = 6;
    private static final double MIDDLE_FROM = 0.4;
    private static final double MIDDLE_TO = 0.75;
    private static final double STEADY_FROM = 0.25;
    private static final double STEADY_TO = 0.9;
    private static final double EARLY = 0.25;
    private static final double LATE = 0.7;
    private static final double AHEAD_MM = 15;
    private static final double HELD_MM2 = 1;
    private static final double LISTED_MM = 0.5;
    private static final double TOUCH_C = 50;

    private final SimulationRequest ask;
    private final PeakTemperatureRecorder watch;
    private final TorchPath stroke;
    private final double meltC;
    private final double startMm;
    private PoolState pool = new PoolState(0, 0, 0, 0, 0);
    private PoolState poolAtOut = pool;
    private double outS;
    private double meanRiseK;
    private double throughS = -1;
    private double throughMm = -1;
    private OptionalDouble late = OptionalDouble.empty();
    private OptionalDouble startBead = OptionalDouble.empty();
    private double widestBackMm;

    /**
     * Collects the results of one simulation.
     *
     * @param request the simulation
     * @param watch its peak temperatures
     * @param path how the torch moves
     * @param meltC temperature at which the metal counts as molten, °C
     */
    public SeamResults(SimulationRequest request, PeakTemperatureRecorder watch, TorchPath path, double meltC) {
        this.ask = request;
        this.watch = watch;
        this.stroke = path;
        this.meltC = meltC;
        this.startMm = path.xMm();
    }

    /**
     * Measures the pool.
     *
     * @return the pool state
     */
    public PoolState look() {
        pool = watch.pool(stroke.xMm(), meltC);
        if (pool.backMm() > 0 && throughS < 0) {
            throughS = stroke.realS();
            throughMm = stroke.xMm() - startMm;
        }
        widestBackMm = Math.max(widestBackMm, pool.backMm());
        double gone = (stroke.xMm() - startMm) / ask.goesMm();
        if (gone >= EARLY && startBead.isEmpty()) {
            startBead = OptionalDouble.of(most(0, EDGE_MM, this::front));
        }
        if (gone >= LATE && late.isEmpty()) {
            late = OptionalDouble.of(aheadC());
        }
        return pool;
    }

    /** {@return the pool as it was last measured} */
    public PoolState pool() {
        return pool;
    }

    /** {@return whether the arc has gone out} */
    public boolean isOver() {
        return outS > 0;
    }

    /** {@return when the arc went out, s after the strike; 0 while it burns} */
    public double outS() {
        return outS;
    }

    /** The arc has just gone out. */
    public void arcOut() {
        poolAtOut = watch.pool(stroke.xMm(), meltC);
        outS = stroke.realS();
        meanRiseK = watch.field.storedJ() / perKelvin();
    }

    /** J that warm the whole joint by a kelvin, cold. */
    private double perKelvin() {
        PiecewiseLinear enthalpy = ask.melting().melt().enthalpy();
        return (enthalpy.at(TOUCH_C) - enthalpy.at(0)) / TOUCH_C * volumeMm3();
    }

    /** °C of the seam some way before the arc. */
    private double aheadC() {
        Grid grid = watch.field.grid;
        int column = (int) ((stroke.xMm() + AHEAD_MM) / grid.dx);
        int there = grid.ring ? Math.floorMod(column, grid.columns) : Math.min(grid.columns - 1, column);
        return watch.front.celsius(there, watch.front.nearestToRoot());
    }

    private double preheatC() {
        return ask.heat().practice().metalC();
    }

    private double front(int column) {
        return watch.frontBeadMm(column, meltC);
    }

    private double back(int column) {
        return watch.backBeadMm(column, meltC);
    }

    /** Column of a place along the way, mm from the strike. */
    private int column(double mm) {
        return watch.field.grid.column(startMm + mm);
    }

    private IntStream columns(double fromMm, double toMm) {
        double dx = watch.field.grid.dx;
        int count = Math.max(1, (int) Math.round((toMm - fromMm) / dx));
        return IntStream.range(0, count).map(i -> column(fromMm + (i + 0.5) * dx));
    }

    private double most(double fromMm, double toMm, IntToDoubleFunction width) {
        return columns(fromMm, toMm).mapToDouble(width).max().orElse(0);
    }

    private double mean(double from, double to, IntToDoubleFunction width) {
        return columns(from * ask.goesMm(), to * ask.goesMm())
                .mapToDouble(width)
                .average()
                .orElse(0);
    }

    /**
     * {@return what came of the seam}
     *
     * @param energy the energies of the run
     * @param numerics what the solver needed
     */
    public SimulationResult result(PlateEnergy energy, PlateResult.Numerics numerics) {
        double goes = ask.goesMm();
        double front = mean(MIDDLE_FROM, MIDDLE_TO, this::front);
        double back = mean(MIDDLE_FROM, MIDDLE_TO, this::back);
        double through = 100
                * columns(0, goes).filter(x -> back(x) > 0).count()
                / (double) columns(0, goes).count();
        MiddleWidths widths = new MiddleWidths(
                front,
                back,
                spread(this::front, front),
                spread(this::back, back),
                PredictedBead.frontMm(ask.score().sheet()),
                PredictedBead.backMm(ask.score().sheet()),
                mean(MIDDLE_FROM, MIDDLE_TO, watch::rootMm));
        return new SimulationResult(
                along(),
                widths,
                through,
                throughS < 0 ? OptionalDouble.empty() : OptionalDouble.of(throughMm),
                widestBackMm,
                ends(),
                crater(),
                ripple(front),
                tint(true),
                tint(false),
                outS,
                touchS(energy),
                late.orElse(preheatC()) - preheatC(),
                meanRiseK,
                distortionIndex(energy, front, back),
                energy,
                numerics);
    }

    private EndWidths ends() {
        double goes = ask.goesMm();
        boolean laps = ask.isRing() && goes >= ask.lengthMm() - watch.field.grid.dx;
        double beyond = ask.isRing() ? EDGE_MM : ask.runOffMm();
        return new EndWidths(
                laps ? startBead.orElse(0) : most(-SimulationRequest.INSET_MM, EDGE_MM, this::front),
                most(goes - EDGE_MM, goes + beyond, this::front),
                most(-SimulationRequest.INSET_MM, EDGE_MM, this::back),
                most(goes - EDGE_MM, goes + beyond, this::back),
                laps);
    }

    /** Widest less narrowest where it should be even, as a share of the mean, %. */
    private double spread(IntToDoubleFunction width, double mean) {
        double goes = ask.goesMm();
        double most = columns(STEADY_FROM * goes, STEADY_TO * goes)
                .mapToDouble(width)
                .max()
                .orElse(0);
        double least = columns(STEADY_FROM * goes, STEADY_TO * goes)
                .mapToDouble(width)
                .min()
                .orElse(0);
        return mean > 0 ? 100 * (most - least) / mean : 0;
    }

    private List<BeadWidth> along() {
        List<BeadWidth> places = new ArrayList<>();
        double before = ask.isRing() ? 0 : SimulationRequest.INSET_MM;
        double end = ask.isRing() ? Math.min(ask.goesMm(), ask.lengthMm()) : ask.goesMm() + ask.runOffMm();
        for (double mm = -before + LISTED_MM / 2; mm < end; mm += LISTED_MM) {
            int column = column(mm);
            places.add(new BeadWidth(mm, front(column), back(column)));
        }
        return places;
    }

    /**
     * The bowl left by the pool that was liquid when the arc went out: it freezes from the rim inward, and what is still liquid sinks by
     * what the frozen part lacks, h = β (V/A) ln(1 + A/A₁). Source: shrinkage β [handbook], balance [derived], A₁ = 1 mm², which its surface
     * holds up [judgement].
     */
    private Crater crater() {
        double wide = poolAtOut.frontMm();
        double area = Math.PI / 4 * wide * poolAtOut.lengthMm();
        double lacks = shrinkage(ask.joint().material()) * poolAtOut.volumeMm3();
        return new Crater(area > 0 ? lacks / area * Math.log(1 + area / HELD_MM2) : 0, wide, poolAtOut.lengthMm());
    }

    private static double shrinkage(Material material) {
        return switch (material.family()) {
            case TITANIUM -> 0.025;
            case STAINLESS -> 0.04;
            default -> 0.035;
        };
    }

    /** Way between two ripples, mm; empty where neither pulse nor dabs draw any. */
    private OptionalDouble ripple(double front) {
        double pulse = ask.score().sheet().isPulsed() ? ask.score().values().of(CycleKey.PULSE_RATE) : 0;
        double felt = pulse > 0 && pulse <= TorchPath.FELT_BELOW_HZ
                ? pulse
                : ask.score().rhythm().dabsPerS();
        double speed =
                ask.operator().travelMmPerMin().orElse(60 * ask.heat().demand().speedMmPerS()) / 60;
        return felt > 0 && front > 0 ? OptionalDouble.of(speed / felt) : OptionalDouble.empty();
    }

    private BeadColour tint(boolean ahead) {
        Family family = ask.joint().material().family();
        boolean judged = family == Family.STAINLESS || family == Family.TITANIUM;
        if (!judged || !ahead && watch.back.count() == 0) {
            return BeadColour.NOT_JUDGED;
        }
        double middle = most(
                MIDDLE_FROM * ask.goesMm(), MIDDLE_TO * ask.goesMm(), column -> watch.hottestInAirC(column, ahead));
        double hottest = Math.max(preheatC(), middle);
        double end = Math.max(
                hottest, most(ask.goesMm() - EDGE_MM, ask.goesMm(), column -> watch.hottestInAirC(column, ahead)));
        return new BeadColour(true, hottest, colour(family, hottest), end, colour(family, end));
    }

    private static String colour(Family family, double celsius) {
        return Tint.of(family, Math.min(4999, celsius)).colour();
    }

    /**
     * From the arc's end until a glove is no longer needed, s: once the heat has spread through the members as they were followed, they
     * cool as one lump in still air. Source: lumped cooling [textbook].
     */
    private double touchS(PlateEnergy energy) {
        Grid grid = watch.field.grid;
        double preheat = ask.heat().practice().metalC();
        double perK = perKelvin();
        double left = preheat + energy.storedJ() / perK;
        double room = PhysicalConstants.ROOM_C;
        double face = 0;
        FaceHeatLoss faceLoss =
                FaceHeatLoss.ofJoint(grid.section.back(), ask.heat().practice().chill());
        for (BoundaryFace facet : grid.section.bare()) {
            double contact = faceLoss.perMm2K(facet);
            face += facet.lengthMm()
                    * grid.dx
                    * grid.columns
                    * grid.section.whole()
                    * (contact + FaceHeatLoss.RADIATED_COLD_PER_MM2K);
        }
        double after = stroke.realS() - outS;
        return left <= TOUCH_C ? after : after + perK / face * Math.log((left - room) / (TOUCH_C - room));
    }

    private double volumeMm3() {
        Grid grid = watch.field.grid;
        double section = 0;
        for (double cell : grid.volume) {
            section += cell;
        }
        return section * grid.columns * grid.section.whole();
    }

    private DistortionIndex distortionIndex(PlateEnergy energy, double front, double back) {
        return DistortionIndex.of(
                energy.absorbedJ() / ask.goesMm(), front, back, ask.heat().effectiveThicknessMm());
    }
}
