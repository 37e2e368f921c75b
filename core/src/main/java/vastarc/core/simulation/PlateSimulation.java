package vastarc.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.FirstMeltRecorder;
import vastarc.core.simulation.observe.IsothermReader;
import vastarc.core.simulation.observe.LastLiquidRecorder;
import vastarc.core.simulation.observe.PlateObserver;
import vastarc.core.simulation.observe.ProbeRecorder;
import vastarc.core.simulation.observe.PulseCycleRecorder;
import vastarc.core.simulation.observe.StationRecorder;
import vastarc.core.simulation.observe.TemperatureReader;
import vastarc.core.simulation.observe.TemperatureReader.PlateFace;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.solver.FaceHeatLoss;
import vastarc.core.simulation.solver.Kernel;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.GaussianSource;
import vastarc.core.simulation.source.PlatePath;
import vastarc.core.simulation.source.PlateSource;
import vastarc.core.simulation.source.PlateSource.EndCondition;

/** One plate, from the arc's start to the end of the run. */
public final class PlateSimulation {

    private static final double SAME_S = 1e-9;

    private final PlateRequest ask;
    private final TemperatureField field;
    private final Simulator simulator;
    private final PlatePath path;
    private final TemperatureReader view;

    private final List<StationRecorder> stations;
    private final List<ProbeRecorder> probes;
    private final List<LastLiquidRecorder> liquids;
    private final Optional<PulseCycleRecorder> cycle;
    private final FirstMeltRecorder meltTop;
    private final FirstMeltRecorder meltBottom;
    private final List<PlateObserver> observers;
    private final List<PlateResult.Instant> instants = new ArrayList<>();

    private PlateSimulation(PlateRequest request, Kernel kernel) {
        PlateSize plate = request.plate();
        Grid grid = Grid.ofPlate(plate.lengthMm(), plate.widthMm() / 2, plate.thicknessMm(), request.quality());
        this.ask = request;
        this.field = new TemperatureField(
                grid,
                request.metal().melt(),
                request.initialC(),
                FaceHeatLoss.linear(request.ambientC(), request.faceLossWPerM2K()),
                kernel);
        GaussianSource spot = new GaussianSource(grid, request.source().edge() == EndCondition.REFLECT, 0);
        this.path = new PlatePath(request.source());
        this.simulator = new Simulator(field, spot, path, 0);
        this.view =
                new TemperatureReader(field, Math.min(request.initialC(), request.ambientC()), simulator::fluxPerMm2);
        this.stations = request.stationsXMm().stream()
                .map(x -> new StationRecorder(request, grid, x))
                .toList();
        this.probes = request.probes().stream().map(ProbeRecorder::new).toList();
        this.liquids = request.isothermsC().stream()
                .map(c -> new LastLiquidRecorder(c, request.source().fadesS()))
                .toList();
        this.cycle = PulseCycleRecorder.of(request);
        this.meltTop = new FirstMeltRecorder(request.metal().solidusC(), PlateFace.TOP);
        this.meltBottom = new FirstMeltRecorder(request.metal().solidusC(), PlateFace.BOTTOM);
        this.observers = Stream.of(
                        stations.stream(),
                        probes.stream(),
                        liquids.stream(),
                        cycle.stream(),
                        Stream.of(meltTop, meltBottom))
                .<PlateObserver>flatMap(recorders -> recorders)
                .toList();
    }

    /**
     * Solves a plate to its end.
     *
     * @param request the request
     * @return the plate result
     */
    public static PlateResult solve(PlateRequest request) {
        return solve(request, () -> false).orElseThrow();
    }

    /**
     * Solves a plate, or leaves off.
     *
     * @param request the request
     * @param leaveOff asked now and then; once true, nothing is answered
     * @return the plate result, or empty
     */
    public static Optional<PlateResult> solve(PlateRequest request, BooleanSupplier leaveOff) {
        return new PlateSimulation(request, Kernel.best()).run(leaveOff);
    }

    /**
     * Solves a plate to its end with a kernel of choice.
     *
     * @param request the request
     * @param kernel the kernel
     * @return the plate result
     */
    public static PlateResult solve(PlateRequest request, Kernel kernel) {
        return new PlateSimulation(request, kernel).run(() -> false).orElseThrow();
    }

    private Optional<PlateResult> run(BooleanSupplier leaveOff) {
        for (double event : events()) {
            while (path.realS() < event - SAME_S) {
                simulator.step(event);
                observers.forEach(observer -> observer.look(view, path.realS()));
                if (leaveOff.getAsBoolean()) {
                    return Optional.empty();
                }
            }
            see(event);
        }
        return Optional.of(answer());
    }

    /** Every moment that a step must end at, growing, the end of the run the last. */
    private double[] events() {
        return DoubleStream.concat(wanted(), DoubleStream.of(ask.endS()))
                .filter(s -> s <= ask.endS())
                .sorted()
                .distinct()
                .toArray();
    }

    private DoubleStream wanted() {
        PlateSource source = ask.source();
        return Stream.concat(
                        ask.atS().stream(),
                        ask.atArcXMm().stream()
                                .map(x -> (x - source.startXMm()) / source.travelMmPerS())
                                .filter(s -> s >= 0 && s <= source.haltsS()))
                .mapToDouble(s -> s);
    }

    private void see(double s) {
        if (wanted().noneMatch(value -> value == s)) {
            return;
        }
        double arcX = ask.source().x(s);
        double most = view.reached() < field.grid.columns ? ask.initialC() : Double.NEGATIVE_INFINITY;
        for (int column = 0; column < view.reached(); column++) {
            most = Math.max(most, view.seam(column, PlateFace.TOP));
        }
        instants.add(new PlateResult.Instant(
                s,
                arcX,
                most,
                ask.isothermsC().stream()
                        .map(c -> IsothermReader.of(view, c, arcX))
                        .toList()));
    }

    private PlateResult answer() {
        return new PlateResult(
                instants,
                stations.stream().map(StationRecorder::seen).toList(),
                probes.stream().map(ProbeRecorder::seen).toList(),
                cycle.flatMap(PulseCycleRecorder::seen),
                liquids.stream().map(LastLiquidRecorder::seen).toList(),
                meltTop.seen(),
                meltBottom.seen(),
                simulator.energy(),
                simulator.numerics());
    }
}
