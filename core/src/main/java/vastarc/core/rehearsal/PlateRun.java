package vastarc.core.rehearsal;

import java.lang.management.ManagementFactory;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import vastarc.core.rehearsal.PlateView.Face;

/** One plate, from the arc's start to the end of the run. */
public final class PlateRun {

    private final PlateAsk ask;
    private final Field field;
    private final Spot spot;
    private final PlateView view;

    private final List<StationWatch> stations;
    private final List<ProbeWatch> probes;
    private final List<LiquidWatch> liquids;
    private final Optional<CycleWatch> cycle;
    private final MeltWatch meltTop;
    private final MeltWatch meltBottom;
    private final List<PlateAnswer.Instant> instants = new ArrayList<>();
    private double absorbedJ;

    private PlateRun(PlateAsk ask, Kernel kernel) {
        PlateAsk.Plate plate = ask.plate();
        Grid grid = Grid.ofPlate(plate.lengthMm(), plate.widthMm() / 2, plate.thicknessMm(), ask.quality());
        this.ask = ask;
        this.field = new Field(
                grid, ask.metal().melt(), ask.initialC(), Loss.linear(ask.ambientC(), ask.faceLossWPerM2K()), kernel);
        this.spot = new Spot(grid, ask.source().edge() == PlateAsk.Edge.REFLECT, 0);
        spot.open(ask.source().radiusE2Mm());
        this.view = new PlateView(field, Math.min(ask.initialC(), ask.ambientC()));
        this.stations = ask.stationsXMm().stream()
                .map(x -> new StationWatch(ask, grid, x))
                .toList();
        this.probes = ask.probes().stream().map(ProbeWatch::new).toList();
        this.liquids = ask.isothermsC().stream()
                .map(c -> new LiquidWatch(c, ask.source().fadesS()))
                .toList();
        this.cycle = CycleWatch.of(ask);
        this.meltTop = new MeltWatch(ask.metal().solidusC(), Face.TOP);
        this.meltBottom = new MeltWatch(ask.metal().solidusC(), Face.BOTTOM);
    }

    /** Solves a plate to its end. */
    public static PlateAnswer solve(PlateAsk ask) {
        return solve(ask, () -> false).orElseThrow();
    }

    /**
     * Solves a plate, or leaves off.
     *
     * @param leaveOff asked now and then; once true, nothing is answered
     */
    public static Optional<PlateAnswer> solve(PlateAsk ask, BooleanSupplier leaveOff) {
        return new PlateRun(ask, Kernel.best()).run(leaveOff);
    }

    static PlateAnswer solve(PlateAsk ask, Kernel kernel) {
        return new PlateRun(ask, kernel).run(() -> false).orElseThrow();
    }

    /** How many cells a plate is cut into, counted without cutting it. */
    static double cells(PlateAsk ask) {
        PlateAsk.Plate plate = ask.plate();
        double cell = ask.quality().cellMm(plate.thicknessMm());
        return plate.lengthMm()
                / cell
                * Cuts.count(plate.widthMm() / 2, cell)
                * ask.quality().layers(plate.thicknessMm());
    }

    /** How many cell updates a plate takes at most: cells times steps. */
    static double effort(PlateAsk ask) {
        PlateAsk.Plate plate = ask.plate();
        double cell = ask.quality().cellMm(plate.thicknessMm());
        double layer = plate.thicknessMm() / ask.quality().layers(plate.thicknessMm());
        double connected = 4 / (cell * cell) + 2 / (layer * layer);
        return cells(ask) * Field.stages(connected, ask.metal().melt(), ask.endS());
    }

    private Optional<PlateAnswer> run(BooleanSupplier leaveOff) {
        long cpu = cpuNanos();
        double longest = field.longestStepS();
        double[] events = events();
        double s = 0;
        for (double event : events) {
            while (s < event) {
                double left = event - s;
                double step = left <= longest ? left : Math.min(longest, left / 2);
                advance(s, step);
                s = left <= longest ? event : s + step;
                look(s);
                if (leaveOff.getAsBoolean()) {
                    return Optional.empty();
                }
            }
            see(s);
        }
        return Optional.of(answer(longest, (cpuNanos() - cpu) / 1e9));
    }

    private void advance(double s, double step) {
        double joule = ask.source().energyJ(s, s + step);
        if (joule > 0) {
            absorbedJ += joule * spot.aim(ask.source().x(s + step / 2));
            field.step(step, spot, joule);
        } else {
            field.step(step);
        }
    }

    /** Every moment that a step must end at, growing, the end of the run the last. */
    private double[] events() {
        PlateAsk.Source source = ask.source();
        return DoubleStream.concat(
                        wanted(), DoubleStream.of(source.fadesS(), source.haltsS(), source.outS(), ask.endS()))
                .filter(s -> s <= ask.endS())
                .sorted()
                .distinct()
                .toArray();
    }

    private DoubleStream wanted() {
        PlateAsk.Source source = ask.source();
        return Stream.concat(
                        ask.atS().stream(),
                        ask.atArcXMm().stream()
                                .map(x -> (x - source.startXMm()) / source.travelMmPerS())
                                .filter(s -> s >= 0 && s <= source.haltsS()))
                .mapToDouble(s -> s);
    }

    private void look(double s) {
        stations.forEach(one -> one.look(view, s));
        probes.forEach(one -> one.look(view, s));
        liquids.forEach(one -> one.look(view, s));
        cycle.ifPresent(one -> one.look(view, s));
        meltTop.look(view, s);
        meltBottom.look(view, s);
    }

    private void see(double s) {
        if (wanted().noneMatch(one -> one == s)) {
            return;
        }
        double arcX = ask.source().x(s);
        double most = view.reached() < field.grid.columns ? ask.initialC() : Double.NEGATIVE_INFINITY;
        for (int column = 0; column < view.reached(); column++) {
            most = Math.max(most, view.seam(column, Face.TOP));
        }
        instants.add(new PlateAnswer.Instant(
                s,
                arcX,
                most,
                ask.isothermsC().stream().map(c -> Outline.of(view, c, arcX)).toList()));
    }

    private PlateAnswer answer(double step, double cpuS) {
        return new PlateAnswer(
                instants,
                stations.stream().map(StationWatch::seen).toList(),
                probes.stream().map(ProbeWatch::seen).toList(),
                cycle.flatMap(CycleWatch::seen),
                liquids.stream().map(LiquidWatch::seen).toList(),
                meltTop.seen(),
                meltBottom.seen(),
                new PlateAnswer.Energy(absorbedJ, field.storedJ(), field.lostJ()),
                new PlateAnswer.Numerics(
                        field.grid.cells(), field.steps(), step, field.updates(), cpuS, field.kernelName()));
    }

    private static long cpuNanos() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }
}
