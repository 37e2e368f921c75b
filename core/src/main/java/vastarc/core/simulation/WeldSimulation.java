package vastarc.core.simulation;

import java.lang.management.ManagementFactory;
import vastarc.core.advice.sheet.ParameterKey;
import vastarc.core.base.progress.Progress;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.MaterialProperties;
import vastarc.core.simulation.PeakTemperatureRecorder.PoolState;
import vastarc.core.simulation.PlateResult.PlateEnergy;

/** Simulates one weld: the weld cycle's arc, a welder's travel, a joint of metal that melts and freezes. */
public final class WeldSimulation {

    private static final double LOOK_S = 0.03;
    private static final int FILM_LOOKS = 2;
    private static final int PARTS = 6;
    private static final double FRAMES = 160;
    private static final double LEAST_FRAME_S = 0.1;

    private final SimulationRequest ask;
    private final TemperatureField field;
    private final GaussianSource spot;
    private final TorchPath stroke;
    private final PeakTemperatureRecorder watch;
    private final SeamResults story;
    private final FrameRecorder film;
    private final double coverMm;
    private final double meltC;
    private double absorbedJ;

    private WeldSimulation(SimulationRequest request, FrameRecorder recorder, Kernel kernel) {
        this.ask = request;
        this.film = recorder;
        WeldingConditions conditions = request.heat().practice();
        MaterialProperties metal = request.joint().material().properties();
        Grid grid = request.grid();
        this.meltC = metal.meltC();
        this.field = new TemperatureField(
                grid,
                request.melting().melt(),
                conditions.metalC(),
                FaceHeatLoss.ofJoint(grid.section.back(), conditions.chill()),
                kernel);
        this.spot = new GaussianSource(grid, false, TorchAim.of(request));
        this.stroke = new TorchPath(
                request.score(),
                request.operator(),
                request.isRing() ? 0 : SimulationRequest.INSET_MM,
                request.goesMm(),
                request.wireW());
        this.coverMm = request.coverMm();
        this.watch = new PeakTemperatureRecorder(field, conditions.metalC(), meltC, coverMm, conditions.purged());
        this.story = new SeamResults(request, watch, stroke, meltC);
    }

    /**
     * Simulates to the end.
     *
     * @throws java.util.concurrent.CancellationException if nobody wants it any more
     */
    public static SimulationResult of(SimulationRequest request, Progress progress, FrameRecorder recorder) {
        return new WeldSimulation(request, recorder, Kernel.best()).run(progress);
    }

    /** Simulates to the end, with nobody looking on. */
    public static SimulationResult of(SimulationRequest request) {
        return of(request, Progress.UNWATCHED, new FrameRecorder());
    }

    private SimulationResult run(Progress progress) {
        long cpu = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        film.begin(watch, meltC);
        double step = field.longestStepS();
        int every = Math.max(1, (int) Math.round(LOOK_S / step));
        double about = stroke.lengthS() + ask.afterS();
        double frameS = Math.max(LEAST_FRAME_S, about / FRAMES);
        double endS = Double.MAX_VALUE;
        double nextFrame = 0;
        int looks = 0;
        while (stroke.realS() < endS) {
            boolean burning = !stroke.isOut();
            for (int i = 0; i < every; i++) {
                advance(step);
            }
            if (burning && stroke.isOut()) {
                endS = stroke.realS() + ask.afterS();
                story.arcOut();
            }
            boolean shows = stroke.realS() >= nextFrame;
            boolean gas = stroke.realS() < endS - ask.afterS() + postFlowS();
            watch.look(stroke.xMm(), gas, shows);
            PoolState pool = looks++ % FILM_LOOKS == 0 || shows ? story.look() : story.pool();
            if (shows) {
                film.take(watch, stroke, pool);
                nextFrame += frameS;
                progress.at(Math.min(0.99, stroke.realS() / about));
            }
            progress.orStop();
        }
        watch.look(stroke.xMm(), false, true);
        film.take(watch, stroke, story.look());
        film.end(watch);
        double cpuS = (ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime() - cpu) / 1e9;
        progress.at(1);
        return story.result(
                new PlateEnergy(absorbedJ, field.storedJ(), field.lostJ()),
                new PlateResult.Numerics(
                        field.grid.cells(), field.steps(), step, field.updates(), cpuS, field.kernelName()));
    }

    private double postFlowS() {
        return ask.score().sheet().setting(ParameterKey.POST_FLOW).value();
    }

    /** One step: what the arc gives in it is added up in parts short beside a pulse or a dab. */
    private void advance(double step) {
        double x = stroke.xMm();
        field.sweep(x - coverMm, x + coverMm);
        double joule = 0;
        for (int part = 0; part < PARTS; part++) {
            joule += stroke.isOut() ? stroke.rest(step / PARTS) : stroke.advance(step / PARTS);
        }
        if (joule > 0) {
            spot.open(stroke.radiusMm());
            absorbedJ += joule * spot.aim((x + stroke.xMm()) / 2);
            field.step(step, spot, joule);
        } else {
            field.step(step);
        }
    }
}
