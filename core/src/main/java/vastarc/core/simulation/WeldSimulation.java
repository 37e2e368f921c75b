package vastarc.core.simulation;

import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.base.progress.Progress;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.MaterialProperties;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.observe.PeakTemperatureRecorder;
import vastarc.core.simulation.observe.PeakTemperatureRecorder.PoolState;
import vastarc.core.simulation.observe.SeamResults;
import vastarc.core.simulation.observe.SurfaceRecorder;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.solver.FaceHeatLoss;
import vastarc.core.simulation.solver.Kernel;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.GaussianSource;
import vastarc.core.simulation.source.TorchAim;
import vastarc.core.simulation.source.TorchPath;

/** Simulates one weld: the weld cycle's arc, a welder's travel, a joint of metal that melts and freezes. */
public final class WeldSimulation {

    private static final double LOOK_S = 0.03;
    private static final double HALF_WAY = 0.5;
    private static final int FILM_LOOKS = 2;
    private static final int FRAMES_PER_SURFACE = 4;
    private static final double FRAMES = 160;
    private static final double LEAST_FRAME_S = 0.1;

    private final SimulationRequest ask;
    private final TemperatureField field;
    private final TorchPath stroke;
    private final PeakTemperatureRecorder watch;
    private final SeamResults story;
    private final SurfaceRecorder surface;
    private final FrameRecorder film;
    private final Simulator simulator;
    private final double meltC;

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
        if (request.sinkAhead()) {
            field.liesAgainst(
                    FaceHeatLoss.ofJoint(grid.section.back(), BackingBar.COPPER_BAR), HALF_WAY * request.goesMm());
        }
        this.stroke = new TorchPath(
                request.score(),
                request.operator(),
                request.isRing() ? 0 : SimulationRequest.INSET_MM,
                request.goesMm(),
                request.wireW());
        double coverMm = request.coverMm();
        this.simulator = new Simulator(
                field,
                new GaussianSource(
                        grid,
                        false,
                        TorchAim.of(
                                request.heat(),
                                request.operator(),
                                grid.section.shape().isMirrored())),
                stroke,
                coverMm);
        this.watch = new PeakTemperatureRecorder(
                field, conditions.metalC(), meltC, coverMm, conditions.purged(), simulator::fluxPerMm2);
        this.story = new SeamResults(request, watch, stroke, meltC);
        this.surface = new SurfaceRecorder(request, watch, meltC);
    }

    /**
     * Simulates to the end.
     *
     * @param request the request
     * @param progress is told how far it is, and may stop it
     * @param recorder takes the frames
     * @return the simulation result
     * @throws java.util.concurrent.CancellationException if nobody wants it any more
     */
    public static SimulationResult of(SimulationRequest request, Progress progress, FrameRecorder recorder) {
        return new WeldSimulation(request, recorder, Kernel.best()).run(progress);
    }

    /**
     * Simulates to the end, with nobody looking on.
     *
     * @param request the request
     * @return the simulation result
     */
    public static SimulationResult of(SimulationRequest request) {
        return of(request, Progress.UNWATCHED, new FrameRecorder());
    }

    private SimulationResult run(Progress progress) {
        film.begin(watch, meltC);
        double about = stroke.lengthS() + ask.afterS();
        double frameS = Math.max(LEAST_FRAME_S, about / FRAMES);
        double nextFrame = 0;
        double nextLook = 0;
        int looks = 0;
        while (!story.isOver() || stroke.realS() < story.outS() + ask.afterS()) {
            simulator.step(Double.POSITIVE_INFINITY);
            surface.book(stroke);
            boolean goesOut = stroke.isOut() && !story.isOver();
            if (stroke.realS() >= nextLook || goesOut) {
                nextLook = stroke.realS() + LOOK_S;
                boolean shows = stroke.realS() >= nextFrame;
                watch.look(stroke.realS(), stroke.xMm(), isGasOn(), shows);
                if (goesOut) {
                    story.arcOut();
                }
                PoolState pool = looks++ % FILM_LOOKS == 0 || shows ? story.look() : story.pool();
                if (shows) {
                    film.take(watch, stroke, pool);
                    if (film.count() % FRAMES_PER_SURFACE == 0) {
                        film.take(surface.near(stroke));
                    }
                    nextFrame += frameS;
                    progress.at(Math.min(0.99, stroke.realS() / about));
                }
                progress.orStop();
            }
        }
        watch.look(stroke.realS(), stroke.xMm(), false, true);
        film.take(watch, stroke, story.look());
        SimulationResult result = story.result(simulator.energy(), simulator.numerics());
        film.take(surface.whole(stroke, result.crater()));
        film.end(watch);
        progress.at(1);
        return result;
    }

    private boolean isGasOn() {
        return !story.isOver() || stroke.realS() < story.outS() + postFlowS();
    }

    private double postFlowS() {
        return ask.score().values().of(CycleKey.POST_FLOW);
    }
}
