package vastarc.core.simulation.request;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.JointSection;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.solver.MeltingTable;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.TorchOperator;

/**
 * What is simulated.
 *
 * @param score   the weld in time, its sheet with it
 * @param operator who moves the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam; narrower ones warm up as a whole, mm
 * @param wireMm  another wire at the same feed; the sheet's where it is not given, mm
 * @param sinkAhead copper lies against the back from half of the way on
 */
public record SimulationRequest(
        WeldCycle score,
        TorchOperator operator,
        MeshDetail quality,
        double legMm,
        OptionalDouble wireMm,
        boolean sinkAhead) {

    /** Members are followed no further than this, mm. */
    public static final double LEG_MM = SectionMesh.LEG_MM;

    /** Width of plate simulated on either side of the seam. */
    public static final InputRange LEG = new InputRange("legMm", 8, LEG_MM, Unit.MILLIMETRE);
    /** Diameter of the filler rod. */
    public static final InputRange WIRE = new InputRange("wireMm", 0.5, 6, Unit.MILLIMETRE);
    /** Length of seam simulated. */
    public static final InputRange SEAM = new InputRange("seamMm", 15, 400, Unit.MILLIMETRE);

    /** The arc strikes so far inside the edge, mm. */
    public static final double INSET_MM = 2;

    /** A tube longer round than this is simulated as a straight stretch, mm. */
    static final double RING_MM = 330;

    /** Cell updates, at most: some two minutes. */
    static final double MOST_UPDATES = 2e10;

    /**
     * {@return a weld as its sheet and a steady welder have it}
     *
     * @param cycle the weld cycle
     * @param quality how fine the mesh is
     */
    public static SimulationRequest of(WeldCycle cycle, MeshDetail quality) {
        return new SimulationRequest(cycle, TorchOperator.steady(), quality, LEG_MM, OptionalDouble.empty(), false);
    }

    /**
     * {@return this request with another welder}
     *
     * @param other the other one
     */
    public SimulationRequest by(TorchOperator other) {
        return new SimulationRequest(score, other, quality, legMm, wireMm, sinkAhead);
    }

    /**
     * {@return this request with members of another width, mm}
     *
     * @param mm length, mm
     */
    public SimulationRequest legs(double mm) {
        return new SimulationRequest(score, operator, quality, mm, wireMm, sinkAhead);
    }

    /**
     * {@return this request with another filler diameter, mm}
     *
     * @param mm length, mm
     */
    public SimulationRequest wire(double mm) {
        return new SimulationRequest(score, operator, quality, legMm, OptionalDouble.of(mm), sinkAhead);
    }

    /**
     * {@return this request with another mesh detail}
     *
     * @param other how fine the mesh is
     */
    public SimulationRequest cut(MeshDetail other) {
        return new SimulationRequest(score, operator, other, legMm, wireMm, sinkAhead);
    }

    /**
     * {@return this request with another weld cycle}
     *
     * @param other the other one
     */
    public SimulationRequest score(WeldCycle other) {
        return new SimulationRequest(other, operator, quality, legMm, wireMm, sinkAhead);
    }

    /**
     * Itself, or what is in the way of rehearsing it.
     *
     * @return the simulation request, or what prevents it
     */
    public Outcome<SimulationRequest> checked() {
        List<Problem> problems = new ArrayList<>(operator.problems());
        LEG.check(legMm).ifPresent(problems::add);
        wireMm.ifPresent(mm -> WIRE.check(mm).ifPresent(problems::add));
        if (score.logic().isTack()) {
            problems.add(Problem.outOfScope("logic", "rehearsal.tack"));
        } else {
            SEAM.check(askedMm()).ifPresent(problems::add);
        }
        if (problems.isEmpty() && effort() > MOST_UPDATES) {
            problems.add(Problem.badValue("quality", "rehearsal.tooLong", quality.name()));
        }
        return problems.isEmpty() ? Outcome.of(this) : Outcome.failed(problems);
    }

    private double askedMm() {
        double seam = score.values().of(CycleKey.SEAM_LENGTH);
        return joint().tubeOd().isPresent() ? Math.min(seam, SEAM.high()) : seam;
    }

    /** {@return the joint that is welded} */
    public Joint joint() {
        return score.sheet().joint();
    }

    /** {@return the heat balance of the sheet} */
    public HeatBalance heat() {
        return score.sheet().heat();
    }

    /** {@return whether it is laid out as a ring: a tube that is short enough round} */
    public boolean isRing() {
        return girthMm() > 0 && girthMm() <= RING_MM;
    }

    double girthMm() {
        return joint().tubeOd().map(od -> Math.PI * od.inMillimetres()).orElse(0.0);
    }

    /** {@return how far the arc goes, mm} */
    public double goesMm() {
        return askedMm();
    }

    /** {@return length of the joint along its seam, mm} */
    public double lengthMm() {
        return isRing() ? girthMm() : INSET_MM + goesMm() + runOffMm();
    }

    /**
     * {@return the arc stops a pool's length before the edge, as the welder does that slopes out there, mm; on a ring
     * there is none}
     */
    public double runOffMm() {
        return Math.max(INSET_MM, heat().pool().lengthMm());
    }

    /** {@return the joint cut into cells} */
    public Grid grid() {
        SectionMesh mesh = JointSection.of(joint(), quality, filledMm2(), legMm);
        return new Grid(mesh, lengthMm(), quality.cellMm(joint().thinnerMm()), isRing());
    }

    /** {@return how the joint's metal takes up heat and melts} */
    public MeltingTable melting() {
        return MeltingTable.of(joint().material());
    }

    /** Metal laid in a groove by the runs before this one, mm². */
    private double filledMm2() {
        List<ScheduledPass> passes =
                score.sheet().passes().map(PassSchedule::passes).orElse(List.of());
        return passes.stream()
                .limit(score.sheet().pass() - 1L)
                .mapToDouble(ScheduledPass::areaMm2)
                .sum();
    }

    /** {@return how far the gas covers the seam behind the arc, a trailing shield with it, mm} */
    public double coverMm() {
        double trail = score.sheet()
                .find(ParameterKey.TRAIL_LENGTH)
                .map(parameter -> parameter.value())
                .orElse(0.0);
        return Math.max(trail, score.sheet().gasCoverMm());
    }

    /** {@return what melting the wire takes while it is fed, W} */
    public double wireW() {
        double usual = score.rhythm().wire() ? heat().wirePowerW() : 0;
        double sheets = score.sheet()
                .find(ParameterKey.WIRE_DIAMETER)
                .filter(parameter -> parameter.window().isPresent())
                .map(parameter -> parameter.engineValue())
                .orElse(0.0);
        double other = wireMm.orElseGet(() -> score.sheet()
                .find(ParameterKey.WIRE_DIAMETER)
                .filter(parameter -> parameter.window().isPresent())
                .map(parameter -> parameter.value())
                .orElse(sheets));
        return sheets > 0 ? usual * (other / sheets) * (other / sheets) : usual;
    }

    /** {@return how far current and travel may slip before this weld is no longer right, by the map of its sheet; none where it is not right} */
    public SettingTolerance tolerance() {
        double usual = heat().wirePowerW();
        return MapPlanner.tolerance(score.sheet(), currentA(), travelMmPerMin(), usual > 0 ? wireW() / usual : 1);
    }

    /** {@return the working current, a pulse's peak, A} */
    public double currentA() {
        return score.sheet().setting(ParameterKey.WORKING_CURRENT).value();
    }

    private double travelMmPerMin() {
        return operator.travelMmPerMin().orElse(60 * heat().demand().speedMmPerS());
    }

    /** {@return time after the arc is out that is still followed: the gas, and some seconds} */
    public double afterS() {
        return Math.max(4, Math.min(30, 2 + score.values().of(CycleKey.POST_FLOW)));
    }

    /** {@return how many cell updates it takes at most} */
    public double effort() {
        Grid grid = grid();
        double seconds = goesMm() / (travelMmPerMin() / 60);
        double whole = seconds + score.timeline().lengthS() - score.values().weldS() + afterS();
        return grid.cells()
                * TemperatureField.stages(grid.mostConnected(), melting().melt(), whole);
    }
}
