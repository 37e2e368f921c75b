package vastarc.web.rehearse;

import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.rehearsal.Film;
import vastarc.core.rehearsal.Film.Layout;
import vastarc.web.work.RehearsalRoom;
import vastarc.web.work.WorkRoom;

/**
 * Part of a film, as the page draws it: planes of bytes in base 64, each byte {@code stepC} °C.
 *
 * @param state  of the rehearsal
 * @param share  done, 0 to 1
 * @param before works that wait before it
 * @param layout how the pictures are laid out; null before the first
 * @param frames new ones
 * @param beads  the hottest of each section, once it is over
 * @param family of the metal, for its tint
 * @param faceWords what the upper picture shows
 * @param backWords what the lower one shows
 */
record FilmText(
        String state,
        double share,
        int before,
        double stepC,
        @Nullable LayoutText layout,
        List<FrameText> frames,
        List<String> beads,
        String family,
        String faceWords,
        String backWords) {

    private static final int AT_ONCE = 40;

    /** {@code metal} in base 64. */
    record LayoutText(
            int columns,
            double columnMm,
            boolean ring,
            boolean mirrored,
            double[] frontMm,
            double[] backMm,
            double[] acrossMm,
            double[] downMm,
            String metal,
            double meltC) {}

    /** One picture. */
    record FrameText(
            double s, double x, double a, double pool, double poolBack, String front, String back, String section) {}

    static FilmText of(RehearsalRoom.Show show, WorkRoom.Shown shown, int from) {
        Film film = show.film();
        List<Film.Frame> frames = film.from(from);
        List<Film.Frame> some = frames.subList(0, Math.min(AT_ONCE, frames.size()));
        boolean all = some.size() == frames.size();
        return new FilmText(
                shown.state().name(),
                shown.share(),
                shown.before(),
                Film.STEP_C,
                Optional.ofNullable(film.layout()).map(FilmText::layout).orElse(null),
                some.stream().map(FilmText::frame).toList(),
                all && shown.state().isOver()
                        ? Optional.ofNullable(film.beads()).orElse(List.of()).stream()
                                .map(FilmText::text)
                                .toList()
                        : List.of(),
                show.setup().plan().weld().joint().material().family().name(),
                faceWords(show.setup().plan().weld().joint(), show),
                backWords(show.setup().plan().weld().joint()));
    }

    private static String faceWords(Joint joint, RehearsalRoom.Show show) {
        boolean lap = joint.form() == JointForm.LAP;
        String where = joint.isCorner()
                ? lap ? "face: upper sheet above, lower below" : "face: upright above, base below"
                : "face";
        Layout layout = show.film().layout();
        return layout != null && layout.ring() ? where + ", once round" : where;
    }

    private static String backWords(Joint joint) {
        boolean upright = joint.isCorner()
                && joint.form() != JointForm.LAP
                && joint.base().inMillimetres() > joint.abutting().inMillimetres();
        return upright ? "back of the upright" : joint.isCorner() ? "back of the base" : "back";
    }

    private static LayoutText layout(Layout layout) {
        return new LayoutText(
                layout.columns(),
                layout.columnMm(),
                layout.ring(),
                layout.mirrored(),
                layout.frontMm(),
                layout.backMm(),
                layout.acrossMm(),
                layout.downMm(),
                text(layout.metal()),
                layout.meltC());
    }

    private static FrameText frame(Film.Frame frame) {
        return new FrameText(
                rounded(frame.s()),
                rounded(frame.arcXMm()),
                rounded(frame.currentA()),
                rounded(frame.poolMm()),
                rounded(frame.poolBackMm()),
                text(frame.front()),
                text(frame.back()),
                text(frame.section()));
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private static String text(byte[] bytes) {
        return Base64.getEncoder().encodeToString(bytes);
    }
}
