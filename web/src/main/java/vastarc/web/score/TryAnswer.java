package vastarc.web.score;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Score;
import vastarc.core.score.ScorePlanner;
import vastarc.core.score.Timeline;
import vastarc.core.score.Touch;
import vastarc.core.score.TryReview;
import vastarc.core.wording.Phrasebook;
import vastarc.web.score.ScoreDrawing.PhaseSpan;
import vastarc.web.score.ScoreDrawing.Stretch;

/**
 * What a machine makes of a hand's touches so far, as far ahead as it would go by itself.
 *
 * @param segments stretches of time
 * @param spans    phases with their words
 * @param endS     when the machine would be at rest; 0 while it waits for a touch
 * @param findings what the timing did, once the try is over
 * @param welded   time welded and planned, once the try is over
 */
record TryAnswer(List<Stretch> segments, List<PhaseSpan> spans, double endS, List<String> findings, String welded) {

    /** How far ahead a machine that waits for a touch is drawn, s. */
    private static final double AHEAD_S = 120;

    static TryAnswer of(Score score, List<Touch> touches, boolean over, OptionalDouble awayS, UnitSystem units) {
        double last = touches.stream().mapToDouble(Touch::atS).max().orElse(0);
        double until = over && awayS.isPresent() ? Math.max(last, awayS.getAsDouble()) : last + AHEAD_S;
        Timeline ahead = ScorePlanner.played(score, touches, until);
        boolean rests = ahead.lengthS() < until - 1e-6;
        if (!over) {
            return new TryAnswer(
                    ScoreDrawing.stretches(ahead),
                    ScoreDrawing.spans(ahead),
                    rests ? ahead.lengthS() : 0,
                    List.of(),
                    "");
        }
        TryReview review = TryReview.of(score, ahead, awayS);
        return new TryAnswer(
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
