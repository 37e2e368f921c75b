package vastarc.core.rehearsal;

import java.lang.management.ManagementFactory;
import vastarc.core.joint.Practice;
import vastarc.core.material.Properties;
import vastarc.core.progress.Progress;
import vastarc.core.sheet.SettingKey;

/** Rehearses one weld: the score's arc, a hand's travel, a joint of metal that melts and freezes. */
public final class RehearsalRun {

    private static final double LOOK_S = 0.03;
    private static final int FILM_LOOKS = 2;
    private static final int PARTS = 6;
    private static final double FRAMES = 160;
    private static final double LEAST_FRAME_S = 0.1;

    private final RehearsalAsk ask;
    private final Field field;
    private final Spot spot;
    private final Stroke stroke;
    private final SeamWatch watch;
    private final SeamStory story;
    private final Film film;
    private final double coverMm;
    private final double meltC;
    private double absorbedJ;

    private RehearsalRun(RehearsalAsk ask, Film film, Kernel kernel) {
        this.ask = ask;
        this.film = film;
        Practice practice = ask.heat().practice();
        Properties metal = ask.joint().material().properties();
        Grid grid = ask.grid();
        this.meltC = metal.meltC();
        this.field = new Field(
                grid,
                ask.melting().melt(),
                practice.metalC(),
                Loss.ofJoint(grid.section.back(), practice.chill()),
                kernel);
        this.spot = new Spot(grid, false, Aim.of(ask));
        this.stroke = new Stroke(
                ask.score(), ask.hand(), ask.isRing() ? 0 : RehearsalAsk.INSET_MM, ask.goesMm(), ask.wireW());
        this.coverMm = ask.coverMm();
        this.watch = new SeamWatch(field, practice.metalC(), meltC, coverMm, practice.purged());
        this.story = new SeamStory(ask, watch, stroke, meltC);
    }

    /**
     * Rehearses to the end.
     *
     * @throws java.util.concurrent.CancellationException if nobody wants it any more
     */
    public static Rehearsal of(RehearsalAsk ask, Progress progress, Film film) {
        return new RehearsalRun(ask, film, Kernel.best()).run(progress);
    }

    /** Rehearses to the end, with nobody looking on. */
    public static Rehearsal of(RehearsalAsk ask) {
        return of(ask, Progress.UNWATCHED, new Film());
    }

    private Rehearsal run(Progress progress) {
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
            SeamWatch.Pool pool = looks++ % FILM_LOOKS == 0 || shows ? story.look() : story.pool();
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
        return story.told(
                new PlateAnswer.Energy(absorbedJ, field.storedJ(), field.lostJ()),
                new PlateAnswer.Numerics(
                        field.grid.cells(), field.steps(), step, field.updates(), cpuS, field.kernelName()));
    }

    private double postFlowS() {
        return ask.score().sheet().setting(SettingKey.POST_FLOW).value();
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
