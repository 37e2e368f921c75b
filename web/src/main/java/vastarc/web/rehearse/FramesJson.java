package vastarc.web.rehearse;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.simulation.WeldScene;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.web.format.CueJson;
import vastarc.web.work.SimulationWork.SimulationStatus;
import vastarc.web.work.WorkRoom.WorkStatus;

/**
 * Recorded frames, as the page draws them: planes of bytes in base 64, each byte {@code stepC} °C.
 *
 * @param state  of the simulation
 * @param share  done, 0 to 1
 * @param before works that wait before it
 * @param layout how the pictures are laid out; null before the first
 * @param frames new ones
 * @param beads  the hottest of each section, once it is over
 * @param places where each of those lies along the seam, in the reader's units
 * @param family of the metal, for its tint
 * @param faceWords what the upper picture shows
 * @param backWords what the lower one shows
 * @param scene  the joint as it stood before; with the first picture only, else null
 * @param cues   what the coach says, from the strike on; with the first picture only, else null
 * @param surfaces how often the bead's surface has been worked out
 * @param surface the latest, where it is newer than the reader's; else null
 */
record FramesJson(
        String state,
        double share,
        int before,
        double stepC,
        @Nullable LayoutJson layout,
        List<FrameJson> frames,
        List<String> beads,
        List<String> places,
        String family,
        String faceWords,
        String backWords,
        @Nullable WeldScene scene,
        @Nullable List<CueJson> cues,
        int surfaces,
        @Nullable SurfaceJson surface) {

    private static final int AT_ONCE = 40;

    /** {@code metal} in base 64. */
    record LayoutJson(
            int columns,
            double columnMm,
            boolean ring,
            boolean mirrored,
            List<Double> frontMm,
            List<Double> backMm,
            List<SectionPoint> frontAt,
            List<SectionPoint> backAt,
            List<Double> acrossMm,
            List<Double> downMm,
            String metal,
            double meltC) {}

    /** One picture: when, where the arc is and whether it burns, and what is to be said of it. */
    record FrameJson(double s, double x, boolean burns, String said, String front, String back, String section) {}

    static FramesJson of(SimulationStatus show, WorkStatus shown, int from, int drawn, UnitSystem units) {
        FrameRecorder recorder = show.film();
        int surfaces = recorder.surfaces();
        List<FrameRecorder.Frame> frames = recorder.from(from);
        List<FrameRecorder.Frame> some = frames.subList(0, Math.min(AT_ONCE, frames.size()));
        boolean all = some.size() == frames.size();
        return new FramesJson(
                shown.state().name(),
                shown.share(),
                shown.before(),
                FrameRecorder.STEP_C,
                Optional.ofNullable(recorder.layout()).map(FramesJson::layout).orElse(null),
                some.stream().map(frame -> frame(frame, show, units)).toList(),
                all && shown.state().isOver()
                        ? Optional.ofNullable(recorder.beads()).orElse(List.of()).stream()
                                .map(FramesJson::text)
                                .toList()
                        : List.of(),
                places(recorder.layout(), units),
                show.setup().plan().weld().joint().material().family().name(),
                faceWords(show.setup().plan().weld().joint(), show),
                backWords(show.setup().plan().weld().joint()),
                from == 0 ? WeldScene.of(show.ask()) : null,
                from == 0 ? cues(show.ask().score(), units) : null,
                surfaces,
                surfaces > drawn
                        ? Optional.ofNullable(recorder.surface())
                                .map(SurfaceJson::of)
                                .orElse(null)
                        : null);
    }

    /** A simulation begins with the strike. */
    private static List<CueJson> cues(WeldCycle cycle, UnitSystem units) {
        double strikeS = Coach.strikeS(cycle);
        return Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty()).stream()
                .filter(cue -> cue.s() >= strikeS)
                .map(cue -> CueJson.of(cue.later(-strikeS), units))
                .toList();
    }

    private static List<String> places(FrameRecorder.@Nullable FrameLayout layout, UnitSystem units) {
        return layout == null
                ? List.of()
                : IntStream.range(0, layout.columns())
                        .mapToObj(x -> units.show(Quantity.ruled((x + 0.5) * layout.columnMm()))
                                .line())
                        .toList();
    }

    private static String faceWords(Joint joint, SimulationStatus show) {
        boolean lap = joint.form() == JointForm.LAP;
        String where = joint.isCorner()
                ? lap ? "face: upper sheet above, lower below" : "face: upright above, base below"
                : "face";
        FrameRecorder.FrameLayout layout = show.film().layout();
        return layout != null && layout.ring() ? where + ", once round" : where;
    }

    private static String backWords(Joint joint) {
        boolean upright = joint.isCorner()
                && joint.form() != JointForm.LAP
                && joint.base().inMillimetres() > joint.abutting().inMillimetres();
        return upright ? "back of the upright" : joint.isCorner() ? "back of the base" : "back";
    }

    private static LayoutJson layout(FrameRecorder.FrameLayout layout) {
        return new LayoutJson(
                layout.columns(),
                layout.columnMm(),
                layout.ring(),
                layout.mirrored(),
                layout.frontMm(),
                layout.backMm(),
                layout.frontAt(),
                layout.backAt(),
                layout.acrossMm(),
                layout.downMm(),
                text(layout.metal()),
                layout.meltC());
    }

    private static FrameJson frame(FrameRecorder.Frame frame, SimulationStatus show, UnitSystem units) {
        return new FrameJson(
                rounded(frame.s()),
                rounded(frame.arcXMm()),
                frame.currentA() > 0,
                caption(frame, show.ask(), units),
                text(frame.front()),
                text(frame.back()),
                text(frame.section()));
    }

    private static String caption(FrameRecorder.Frame frame, SimulationRequest request, UnitSystem units) {
        String current = frame.currentA() > 0
                ? units.show(Quantity.amperes(frame.currentA())).line()
                : "arc out";
        if (frame.poolMm() == 0) {
            return current + ", no pool";
        }
        String pool =
                current + ", pool " + units.show(Quantity.ruled(frame.poolMm())).line();
        if (frame.poolBackMm() > 0) {
            return pool + ", " + units.show(Quantity.ruled(frame.poolBackMm())).line() + " behind";
        }
        return goesThrough(request) ? pool + ", not melted through" : pool;
    }

    /** A fillet, and a run to a depth, are not wanted through: nothing is missing behind them. */
    private static boolean goesThrough(SimulationRequest request) {
        Penetration wanted = request.score().sheet().penetration();
        return wanted == Penetration.FULL || wanted == Penetration.THROUGH;
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static String text(ByteBuffer bytes) {
        return StandardCharsets.US_ASCII
                .decode(Base64.getEncoder().encode(bytes.duplicate()))
                .toString();
    }
}
