package vastarc.web.api;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.rehearsal.Rehearsal.Along;
import vastarc.core.rehearsal.Verdict;
import vastarc.core.wording.Phrase;
import vastarc.web.work.RehearsalRoom;
import vastarc.web.work.WorkRoom;

/**
 * A rehearsal as JSON.
 *
 * @param id      of it, and of its work
 * @param state   WAITING, RUNNING, DONE, FAILED or CANCELLED
 * @param share   done, 0 to 1
 * @param before  pieces of work that wait before it
 * @param engine  that rehearses
 * @param work    where its progress is told
 * @param events  where it is told as events
 * @param outcome what came of it; null until it is done
 * @param verdict the same in words
 * @param limits  what it leaves out
 */
record RehearsalAnswer(
        UUID id,
        String state,
        double share,
        int before,
        String engine,
        String work,
        String events,
        @Nullable OutcomeText outcome,
        List<Phrase> verdict,
        List<Phrase> limits) {

    /** What came of it; lengths in mm, times in s. */
    record OutcomeText(
            List<Along> along,
            double frontMm,
            double backMm,
            double frontSpreadPercent,
            double backSpreadPercent,
            double sheetFrontMm,
            double sheetBackMm,
            boolean agreesWithSheet,
            double throughPercent,
            @Nullable Double throughFromMm,
            double widestBackMm,
            double startMm,
            double runOffMm,
            boolean meetsItsStart,
            double craterDepthMm,
            @Nullable Double ripplePitchMm,
            Rehearsal.Colour frontTint,
            Rehearsal.Colour backTint,
            double arcS,
            double touchS,
            double buildUpK,
            double meanRiseK,
            Rehearsal.Warping distortion,
            Energy energy,
            int cells,
            long steps,
            double cpuS) {}

    /** J. */
    record Energy(double absorbedJ, double storedJ, double lostJ) {}

    static RehearsalAnswer of(RehearsalRoom.Show show, WorkRoom.Shown shown) {
        return new RehearsalAnswer(
                shown.id(),
                shown.state().name(),
                shown.share(),
                shown.before(),
                shown.engine(),
                "/api/v1/work/" + shown.id(),
                "/api/v1/work/" + shown.id() + "/events",
                show.work().result().map(RehearsalAnswer::outcome).orElse(null),
                show.work().result().map(made -> Verdict.of(show.ask(), made)).orElse(List.of()),
                Verdict.limits(show.ask()));
    }

    private static OutcomeText outcome(Rehearsal made) {
        Rehearsal.Widths widths = made.widths();
        return new OutcomeText(
                made.along(),
                widths.frontMm(),
                widths.backMm(),
                widths.frontSpread(),
                widths.backSpread(),
                widths.sheetFrontMm(),
                widths.sheetBackMm(),
                Verdict.agrees(widths),
                made.throughPercent(),
                made.throughMm().isPresent() ? (Double) made.throughMm().getAsDouble() : null,
                made.widestBackMm(),
                made.ends().startMm(),
                made.ends().endMm(),
                made.ends().meets(),
                made.crater().depthMm(),
                made.rippleMm().isPresent() ? (Double) made.rippleMm().getAsDouble() : null,
                made.frontTint(),
                made.backTint(),
                made.arcS(),
                made.touchS(),
                made.buildUpK(),
                made.meanRiseK(),
                made.warping(),
                new Energy(
                        made.energy().absorbedJ(),
                        made.energy().storedJ(),
                        made.energy().lostJ()),
                made.numerics().cells(),
                made.numerics().steps(),
                made.numerics().cpuS());
    }
}
