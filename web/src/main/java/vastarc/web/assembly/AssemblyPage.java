package vastarc.web.assembly;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.assembly.RepairRate;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Pages;
import vastarc.web.store.assembly.AssemblyDrawing;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.SeamEventRow;

/**
 * An assembly, finished for display.
 *
 * @param id      of it
 * @param name    of it
 * @param counts  how many seams stand where
 * @param state   only those that stand so are listed; empty for all
 * @param seams   of this page of the list
 * @param pages   the way through the list
 * @param drawing under the marks
 * @param marks   on it
 * @param chosen  the seam that is looked at
 * @param rates   how many had to be repaired
 */
public record AssemblyPage(
        String id,
        String name,
        List<CountLine> counts,
        String state,
        List<SeamLine> seams,
        Pages pages,
        Optional<Sheet> drawing,
        List<Mark> marks,
        Optional<ChosenSeam> chosen,
        List<RateLine> rates) {

    private static final double PERCENT = 100;

    /** {@return how many seams it has, whatever is listed} */
    public long seamCount() {
        return counts.stream().mapToLong(CountLine::count).sum();
    }

    /** How many seams stand so. */
    public record CountLine(String state, String label, long count, boolean selected) {

        static List<CountLine> of(Map<SeamState, Long> counts, String selected) {
            return counts.entrySet().stream()
                    .map(count -> new CountLine(
                            count.getKey().name(),
                            AssemblyPage.label(count.getKey()),
                            count.getValue(),
                            count.getKey().name().equals(selected)))
                    .toList();
        }
    }

    /** Size of a drawing, pixels, and when its assembly changed last, for its address. */
    public record Sheet(int width, int height, long changed) {

        static Sheet of(AssemblyDrawing drawing, long changed) {
            return new Sheet(drawing.width(), drawing.height(), changed);
        }
    }

    /** A seam on the drawing; its place in pixels. */
    public record Mark(String id, String number, String state, String label, double x, double y, boolean chosen) {

        static Mark of(Seam seam, Sheet sheet, boolean chosen) {
            return new Mark(
                    seam.id().toString(),
                    seam.number(),
                    seam.state().name(),
                    AssemblyPage.label(seam.state()),
                    share(seam.x()) * sheet.width(),
                    share(seam.y()) * sheet.height(),
                    chosen);
        }

        private static double share(@Nullable Double place) {
            return place == null ? 0 : place;
        }
    }

    /** A seam of the list. */
    public record SeamLine(
            String number,
            String location,
            String hold,
            String state,
            String label,
            String job,
            String procedure,
            String welder,
            int repairs,
            boolean chosen) {}

    /**
     * A seam that is looked at.
     *
     * @param id         of it
     * @param version    it is shown at
     * @param fields     as typed: number, location, hold
     * @param jobs       to choose from
     * @param procedures to choose from
     * @param label      where it stands
     * @param marked     it is on the drawing
     * @param happened   to it, in order
     * @param next       what may be entered
     * @param entry      the entry as typed
     * @param runs       of its job, to choose from
     * @param methods    of an examination
     * @param wrong      what does not fit, by field
     */
    public record ChosenSeam(
            String id,
            long version,
            Map<String, String> fields,
            List<Choice> jobs,
            List<Choice> procedures,
            String label,
            boolean marked,
            List<SeamEventLine> happened,
            List<Choice> next,
            Map<String, String> entry,
            List<Choice> runs,
            List<Choice> methods,
            Map<String, String> wrong) {}

    /** Something that happened to a seam. */
    public record SeamEventLine(String day, String what, String by, String more, String run) {

        static SeamEventLine of(SeamEventRow row) {
            boolean examined = row.event().kind() == SeamEventKind.EXAMINED;
            String what = examined
                    ? say("seam.examined." + (row.event().accepted() ? "accepted" : "rejected"))
                    : say("seam.event." + row.event().kind());
            String method = examined && row.event().method() != Examination.NONE
                    ? say("seam.method." + row.event().method())
                    : "";
            return new SeamEventLine(
                    row.event().day(),
                    what,
                    row.event().by(),
                    String.join(
                            ", ",
                            List.of(method, row.machine(), row.event().cause()).stream()
                                    .filter(part -> !part.isEmpty())
                                    .toList()),
                    row.run().map(Object::toString).orElse(""));
        }
    }

    /** A repair rate in words. */
    public record RateLine(String of, String name, String seams, String share) {

        static RateLine of(String kind, RepairRate rate) {
            return new RateLine(
                    kind,
                    rate.name(),
                    rate.repaired() + " / " + rate.welded(),
                    UnitSystem.METRIC
                            .show(Quantity.percent(Math.rint(PERCENT * rate.share())))
                            .line());
        }
    }

    static String label(SeamState state) {
        return say("seam.state." + state);
    }

    static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
