package vastarc.web.api;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.text.Phrase;
import vastarc.core.physics.distortion.DistortionIndex;
import vastarc.core.simulation.SimulationVerdict;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadColour;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;
import vastarc.core.simulation.result.SimulationResult.MiddleWidths;
import vastarc.web.work.SimulationWork.SimulationStatus;
import vastarc.web.work.WorkRoom.WorkStatus;

/**
 * A simulation as JSON.
 *
 * @param id      of it, and of its work
 * @param state   WAITING, RUNNING, DONE, FAILED or CANCELLED
 * @param share   done, 0 to 1
 * @param before  pieces of work that wait before it
 * @param engine  that simulates
 * @param work    where its progress is given
 * @param events  where it is given as events
 * @param outcome its result; null until it is done
 * @param verdict the same in words
 * @param limits  what it leaves out
 */
record SimulationAnswer(
        UUID id,
        String state,
        double share,
        int before,
        String engine,
        String work,
        String events,
        @Nullable OutcomeJson outcome,
        List<Phrase> verdict,
        List<Phrase> limits) {

    /** The result of it; lengths in mm, times in s. */
    record OutcomeJson(
            List<BeadWidth> along,
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
            BeadColour frontTint,
            BeadColour backTint,
            double arcS,
            double touchS,
            double buildUpK,
            double meanRiseK,
            DistortionIndex distortion,
            SimulationEnergy energy,
            int cells,
            long steps,
            double cpuS) {}

    /** J. */
    record SimulationEnergy(double absorbedJ, double storedJ, double lostJ) {}

    static SimulationAnswer of(SimulationStatus show, WorkStatus shown) {
        return new SimulationAnswer(
                shown.id(),
                shown.state().name(),
                shown.share(),
                shown.before(),
                shown.engine(),
                "/api/v1/work/" + shown.id(),
                "/api/v1/work/" + shown.id() + "/events",
                show.work().result().map(SimulationAnswer::outcome).orElse(null),
                show.work()
                        .result()
                        .map(made -> SimulationVerdict.of(show.ask(), made))
                        .orElse(List.of()),
                SimulationVerdict.limits(show.ask()));
    }

    private static OutcomeJson outcome(SimulationResult made) {
        MiddleWidths widths = made.widths();
        return new OutcomeJson(
                made.along(),
                widths.frontMm(),
                widths.backMm(),
                widths.frontSpread(),
                widths.backSpread(),
                widths.sheetFrontMm(),
                widths.sheetBackMm(),
                SimulationVerdict.agrees(widths),
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
                new SimulationEnergy(
                        made.energy().absorbedJ(),
                        made.energy().storedJ(),
                        made.energy().lostJ()),
                made.numerics().cells(),
                made.numerics().steps(),
                made.numerics().cpuS());
    }
}
