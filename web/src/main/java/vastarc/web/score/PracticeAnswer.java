package vastarc.web.score;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.PracticeReview;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.score.ScoreDrawing.CurveSegment;
import vastarc.web.score.ScoreDrawing.PhaseSpan;

/**
 * What a machine makes of a welder's touches so far, as far ahead as it would go by itself.
 *
 * @param segments stretches of time
 * @param spans    phases with their words
 * @param endS     when the machine would be at rest; 0 while it waits for a touch
 * @param findings what the timing did, once the try is over
 * @param welded   time welded and planned, once the try is over
 */
record PracticeAnswer(
        List<CurveSegment> segments, List<PhaseSpan> spans, double endS, List<String> findings, String welded) {

    /** How far ahead a machine that waits for a touch is drawn, s. */
    private static final double AHEAD_S = 120;

    static PracticeAnswer of(
            WeldCycle cycle, List<OperatorInput> inputs, boolean over, OptionalDouble awayS, UnitSystem units) {
        double last = inputs.stream().mapToDouble(OperatorInput::atS).max().orElse(0);
        double until = over && awayS.isPresent() ? Math.max(last, awayS.getAsDouble()) : last + AHEAD_S;
        CycleTimeline ahead = CyclePlanner.played(cycle, inputs, until);
        boolean rests = ahead.lengthS() < until - 1e-6;
        if (!over) {
            return new PracticeAnswer(
                    ScoreDrawing.stretches(ahead),
                    ScoreDrawing.spans(ahead),
                    rests ? ahead.lengthS() : 0,
                    List.of(),
                    "");
        }
        PracticeReview review = PracticeReview.of(cycle, ahead, awayS);
        return new PracticeAnswer(
                ScoreDrawing.stretches(ahead),
                ScoreDrawing.spans(ahead),
                ahead.lengthS(),
                review.findings().stream()
                        .map(finding -> units.show(Quantity.seconds(finding.atS()))
                                        .line() + ": " + Phrasebook.say(finding.text(), units))
                        .toList(),
                units.show(Quantity.seconds(review.welded().doneS())).line() + " of "
                        + units.show(Quantity.seconds(review.welded().plannedS()))
                                .line());
    }
}
