package vastarc.core.simulation.observe;

import java.nio.ByteBuffer;
import java.nio.FloatBuffer;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.domain.joint.Attitude;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.WeldPool;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.BeadSurface;
import vastarc.core.simulation.result.BeadSurface.SurfaceStrip;
import vastarc.core.simulation.result.SimulationResult.Crater;
import vastarc.core.simulation.shape.BeadSection;
import vastarc.core.simulation.shape.BeadSection.BeadMakeup;
import vastarc.core.simulation.shape.BeadSection.BeadShape;
import vastarc.core.simulation.shape.BeadSection.Toes;
import vastarc.core.simulation.source.TorchPath;

/**
 * Follows the metal that is laid and tells the surface of the bead: as high as the metal makes it, as wide as was molten, with a ripple wherever
 * the pool's edge froze at another level. Source: {@code docs/model/simulation.md (5)}.
 */
public final class SurfaceRecorder {

    private static final int MOST_LINES = 600;
    private static final double LINES_PER_RIPPLE = 6;
    private static final double COARSEST_MM = 0.5;
    private static final double GAP_FILLED = 0.5;
    private static final double BEHIND_MM = 25;
    private static final double AHEAD_MM = 12;

    private final PeakTemperatureRecorder watch;
    private final double meltC;
    private final Grid grid;
    private final BeadSection section;
    private final Attitude attitude;
    private final boolean held;
    private final double widestBackMm;
    private final RippleModel ripples;
    private final LaidMetal laid;
    private final ArcPassage passage;
    private final int lines;
    private final double stepMm;
    private final Line[] drawn;

    /** A line across the seam as it was last worked out. */
    private record Line(BeadShape shape, double laidMm2, float meltedS, boolean hole) {}

    /**
     * Follows one simulation.
     *
     * @param request what is simulated
     * @param watch   its peak temperatures
     * @param meltC   temperature at which the metal counts as molten, °C
     */
    public SurfaceRecorder(SimulationRequest request, PeakTemperatureRecorder watch, double meltC) {
        Joint joint = request.joint();
        this.watch = watch;
        this.meltC = meltC;
        this.grid = watch.field.grid;
        this.section = section(request, grid);
        this.attitude = Attitude.of(joint, request.heat().practice());
        this.held = request.heat().practice().chill() != BackingBar.NONE || !joint.hasOpenBack();
        this.widestBackMm = widestBackMm(request);
        this.ripples = new RippleModel(request);
        this.laid = new LaidMetal(request, watch, meltC, ripples.pitchMm());
        this.passage = new ArcPassage(grid, Math.max(ripples.pitchMm(), grid.dx));
        double length = grid.columns * grid.dx;
        double fine = ripples.pitchMm() > 0 ? ripples.pitchMm() / LINES_PER_RIPPLE : COARSEST_MM;
        this.lines =
                (int) Math.min(MOST_LINES, Math.max(grid.columns, Math.ceil(length / Math.min(COARSEST_MM, fine))));
        this.stepMm = length / lines;
        this.drawn = new Line[lines];
        Arrays.fill(
                drawn, new Line(section.shape(new BeadMakeup(Toes.NONE, Toes.NONE, 0, 0, true)), 0, Float.NaN, false));
    }

    private static BeadSection section(SimulationRequest request, Grid grid) {
        Joint joint = request.joint();
        double capillaryMm = 1000 * joint.material().properties().capillaryLengthM();
        return new BeadSection(
                grid.section.shape(),
                capillaryMm * capillaryMm,
                joint.thinnerMm(),
                gapMm2(request),
                joint.isCorner(),
                rim(joint));
    }

    /** The edges that a bead does not run over. */
    private static Toes rim(Joint joint) {
        return switch (joint.form()) {
            case EDGE ->
                new Toes(-joint.abutting().inMillimetres(), joint.base().inMillimetres());
            case LAP -> new Toes(-joint.abutting().inMillimetres(), Double.POSITIVE_INFINITY);
            default -> Toes.NONE;
        };
    }

    /** The widest back that holds, mm; any where it is not open. */
    private static double widestBackMm(SimulationRequest request) {
        return request.joint().hasOpenBack()
                ? WeldPool.widestBackMm(
                        request.joint().material().properties(),
                        request.joint().thinnerMm(),
                        request.score()
                                .sheet()
                                .setting(ParameterKey.WORKING_CURRENT)
                                .value())
                : Double.POSITIVE_INFINITY;
    }

    /** Section of a gap that is closed before anything stands above the old face, mm². */
    private static double gapMm2(SimulationRequest request) {
        Joint joint = request.joint();
        double gap = joint.gap().inMillimetres();
        if (joint.groove().isPresent()) {
            Groove groove = joint.groove().get();
            double face = Math.min(joint.thinnerMm(), groove.rootFace().inMillimetres());
            return request.score().sheet().pass() == 1 ? groove.gap().inMillimetres() * face : 0;
        }
        double deep = FusionRequirement.depthMm(joint, request.heat().practice());
        return gap * (joint.isCorner() ? GAP_FILLED * joint.thinnerMm() : Math.max(deep, 0));
    }

    /**
     * Books the wire that has been melted, and where the arc has gone, since it was last asked.
     *
     * @param path the path of the torch
     */
    public void book(TorchPath path) {
        laid.book(path);
        passage.see(path);
    }

    /**
     * {@return the surface up to now}
     *
     * @param path the path of the torch: only lines near it are worked out anew
     */
    public BeadSurface near(TorchPath path) {
        return surface(path.xMm() - BEHIND_MM, path.xMm() + AHEAD_MM, null, path);
    }

    /**
     * {@return the surface once all of it is frozen, with its crater}
     *
     * @param path   the path of the torch
     * @param crater what is left at the end
     */
    public BeadSurface whole(TorchPath path, Crater crater) {
        return surface(0, grid.columns * grid.dx, crater, path);
    }

    private BeadSurface surface(double fromMm, double toMm, @Nullable Crater crater, TorchPath path) {
        double[] mixed = laid.mixedMm2();
        int from = (int) Math.floor(fromMm / stepMm);
        int to = (int) Math.ceil(toMm / stepMm);
        for (int i = Math.max(from, to - lines); i < to; i++) {
            if (grid.ring || i >= 0 && i < lines) {
                int line = Math.floorMod(i, lines);
                drawn[line] = line(line, mixed);
            }
        }
        return new Drawing(crater, path).drawn();
    }

    private Line line(int number, double[] mixed) {
        double at = (number + 0.5) * stepMm / grid.dx - 0.5;
        int low = (int) Math.floor(at);
        double share = at - low;
        int one = grid.index(low);
        int other = grid.index(low + 1);
        Toes front = between(watch.frontToes(one, meltC), watch.frontToes(other, meltC), share);
        Toes back = between(watch.backToes(one, meltC), watch.backToes(other, meltC), share);
        double runsOut = watch.frontToes(one, meltC).isNone()
                ? share
                : watch.frontToes(other, meltC).isNone() ? 1 - share : 1;
        double area = runsOut * (mixed[one] + share * (mixed[other] - mixed[one]));
        double pull = attitude.pullInto((number + 0.5) / lines);
        BeadShape shape = section.shape(new BeadMakeup(front, back, area, pull, held));
        float melted = watch.frontTimes.firstMeltedS(share < 0.5 ? one : other, watch.front.count());
        boolean hole = back.rightMm() - back.leftMm() > widestBackMm;
        return new Line(shape, front.isNone() ? 0 : area, melted, hole);
    }

    /** Between two columns of which one has not melted the bead runs out to nothing. */
    private static Toes between(Toes one, Toes other, double share) {
        return new Toes(
                one.leftMm() + share * (other.leftMm() - one.leftMm()),
                one.rightMm() + share * (other.rightMm() - one.rightMm()));
    }

    /** Draws all lines as points. */
    private final class Drawing {

        private final @Nullable Crater crater;
        private final double endMm;
        private final int across = BeadSection.FRONT_POINTS;
        private final int acrossBack = BeadSection.BACK_POINTS;
        private final float[][] front = new float[4][lines * BeadSection.FRONT_POINTS];
        private final float[][] back = new float[4][lines * BeadSection.BACK_POINTS];
        private final float[] melted = new float[lines];
        private final float[] wide = new float[lines];
        private final float[] wideBack = new float[lines];
        private final byte[] holes = new byte[lines];
        private double added;

        Drawing(@Nullable Crater crater, TorchPath path) {
            this.crater = crater;
            this.endMm = path.xMm();
        }

        BeadSurface drawn() {
            for (int line = 0; line < lines; line++) {
                draw(line, drawn[line]);
            }
            return new BeadSurface(
                    lines,
                    stepMm,
                    strip(across, front),
                    strip(acrossBack, back),
                    FloatBuffer.wrap(melted),
                    FloatBuffer.wrap(wide),
                    FloatBuffer.wrap(wideBack),
                    ByteBuffer.wrap(holes),
                    laid.volumeMm3(),
                    added,
                    ripples.everyS());
        }

        private static SurfaceStrip strip(int across, float[][] figures) {
            return new SurfaceStrip(
                    across,
                    FloatBuffer.wrap(figures[0]),
                    FloatBuffer.wrap(figures[1]),
                    FloatBuffer.wrap(figures[2]),
                    FloatBuffer.wrap(figures[3]));
        }

        private void draw(int number, Line line) {
            BeadShape shape = line.shape();
            melted[number] = line.meltedS();
            wide[number] = (float) (shape.fused().rightMm() - shape.fused().leftMm());
            wideBack[number] = (float) (shape.back().rightMm() - shape.back().leftMm());
            holes[number] = (byte) (line.hole() ? 1 : 0);
            double xMm = (number + 0.5) * stepMm;
            Toes wetted = shape.wetted();
            float middle =
                    watch.frontTimes.frozenS(watch.front, grid, passage, xMm, (wetted.leftMm() + wetted.rightMm()) / 2);
            double ripple = ripples.heightMm(
                    line.laidMm2(), wetted.rightMm() - wetted.leftMm(), shape.riseMm(), middle - line.meltedS());
            for (int point = 0; point < across; point++) {
                double place = BeadSection.frontPlace(shape, point);
                float frozen = watch.frontTimes.frozenS(watch.front, grid, passage, xMm, place);
                double higher = ripple * ripples.level(frozen) - sunkMm(xMm, place);
                put(front, number * across + point, section.front(shape, point, higher), place, frozen);
            }
            for (int point = 0; point < acrossBack; point++) {
                double place = BeadSection.backPlace(shape, point);
                float frozen = wideBack[number] > 0
                        ? watch.backTimes.frozenS(watch.back, grid, passage, xMm, place)
                        : Float.NaN;
                put(back, number * acrossBack + point, section.back(shape, point), place, frozen);
            }
            added += section.addedMm2(shape) * stepMm;
        }

        private static void put(float[][] into, int at, SectionPoint point, double place, float frozen) {
            into[0][at] = (float) point.y();
            into[1][at] = (float) point.z();
            into[2][at] = (float) place;
            into[3][at] = frozen;
        }

        /** How far the crater sinks a place: a bowl as wide and long as the pool was when the arc went out, mm. */
        private double sunkMm(double xMm, double placeMm) {
            if (crater == null || crater.widthMm() <= 0 || crater.lengthMm() <= 0) {
                return 0;
            }
            double middle = endMm + crater.widthMm() / 2 - crater.lengthMm() / 2;
            double away = xMm - middle;
            if (grid.ring) {
                double girth = grid.columns * grid.dx;
                away = away - girth * Math.rint(away / girth);
            }
            double square = Math.pow(2 * away / crater.lengthMm(), 2) + Math.pow(2 * placeMm / crater.widthMm(), 2);
            return square < 1 ? crater.depthMm() * (1 - square) : 0;
        }
    }
}
