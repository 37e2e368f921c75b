package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleTimeline.ChangeOrigin;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.CycleTimeline.PhaseChange;
import vastarc.core.advice.cycle.TriggerMode.ArcEnding;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/**
 * What a welder's own timing did against the plan.
 *
 * @param findings in the order of the weld; one that praises where nothing is wrong
 * @param welded   time at working current, planned and done
 */
public record PracticeReview(List<PracticeFinding> findings, WorkingTimes welded) {

    /** Something the welder did that the plan did not. */
    public record PracticeFinding(String code, double atS, Phrase text) {}

    /** Time at working current, s. */
    public record WorkingTimes(double plannedS, double doneS) {}

    private static final double HOLD_SLACK_S = 1;
    private static final double WELD_SLACK = 0.25;
    private static final double LEAST_SLACK_S = 0.5;

    /**
     * Reviews a try.
     *
     * @param cycle the weld cycle
     * @param played what the machine made of the welder's touches
     * @param awayS when the torch was taken away; empty where it was left in place
     * @return the practice review
     */
    public static PracticeReview of(WeldCycle cycle, CycleTimeline played, OptionalDouble awayS) {
        ReviewBuilder review = new ReviewBuilder(cycle, played);
        review.start();
        review.slopes();
        review.weld();
        review.end(awayS);
        return review.result();
    }

    private static final class ReviewBuilder {
        private final WeldCycle score;
        private final CycleTimeline played;
        private final List<PracticeFinding> findings = new ArrayList<>();

        ReviewBuilder(WeldCycle cycle, CycleTimeline played) {
            this.score = cycle;
            this.played = played;
        }

        private void say(String code, double atS, Object... arguments) {
            findings.add(new PracticeFinding(code, atS, Phrase.of("try." + code, arguments)));
        }

        private boolean struck() {
            return played.changes().stream().anyMatch(change -> change.to() == Phase.STRIKE);
        }

        private static double time(CycleTimeline timeline, Phase phase) {
            return timeline.spans().stream()
                    .filter(span -> span.phase() == phase)
                    .mapToDouble(span -> span.endS() - span.startS())
                    .sum();
        }

        void start() {
            for (PhaseChange change : played.changes()) {
                if (change.from() == Phase.PRE_FLOW
                        && change.to() == Phase.IDLE
                        && change.cause() == ChangeOrigin.TOUCH) {
                    say("releasedInPreFlow", change.atS());
                }
            }
            if (!struck() && findings.isEmpty()) {
                say("noArc", 0);
            }
            boolean bare = played.segments().stream()
                    .anyMatch(segment -> segment.phase().isArc() && !segment.gas() && segment.lengthS() > 0);
            if (bare) {
                say("noGas", 0);
            }
            double held = time(played, Phase.START_HOLD);
            double planned = score.values().of(CycleKey.START_HOLD);
            if (score.logic().startHold() && held > 2 * planned + HOLD_SLACK_S) {
                say("missedStartRelease", 0, Quantity.seconds(held), Quantity.seconds(planned));
            }
        }

        void slopes() {
            for (PhaseChange change : played.changes()) {
                if (change.cause() == ChangeOrigin.TIME) {
                    continue;
                }
                if (change.from() == Phase.UP_SLOPE) {
                    say("releasedInUpSlope", change.atS(), Quantity.amperes(change.beforeA()));
                } else if (change.from() == Phase.DOWN_SLOPE && change.to() == Phase.ARC_OUT) {
                    say("cutInDownSlope", change.atS(), Quantity.amperes(change.beforeA()), poolAt(change.atS()));
                } else if (change.from() == Phase.DOWN_SLOPE) {
                    say("resumed", change.atS());
                } else if (change.from() == Phase.POST_FLOW && change.to() == Phase.STRIKE) {
                    say("restruck", change.atS());
                }
            }
            if (score.logic().input() == TriggerInput.FOOT) {
                snappedFoot();
            }
        }

        private Quantity poolAt(double atS) {
            return Quantity.millimetres(
                    PoolTrack.of(played, score.sheet().heat()).widthAt(atS));
        }

        /** A foot that came off before the pool had closed. */
        private void snappedFoot() {
            double planned = score.sheet().setting(ParameterKey.POOL_WIDTH).engineValue();
            played.changes().stream()
                    .filter(change -> change.to() == Phase.ARC_OUT)
                    .filter(change -> poolAt(change.atS()).value() > WeldCycle.CRATER_SHARE * planned)
                    .forEach(change -> say("footSnapped", change.atS(), poolAt(change.atS())));
        }

        void weld() {
            double planned = time(score.timeline(), Phase.WELD) + time(score.timeline(), Phase.SECOND_CURRENT);
            double done = time(played, Phase.WELD) + time(played, Phase.SECOND_CURRENT);
            boolean timed = score.logic().timed() != ArcEnding.NO;
            if (!struck() || done == 0 && !findings.isEmpty()) {
                return;
            }
            double slack = Math.max(timed ? 0.05 : LEAST_SLACK_S, WELD_SLACK * planned);
            if (done < planned - slack) {
                say(
                        timed ? "shortSpot" : "shortWeld",
                        played.arcOutS(),
                        Quantity.seconds(done),
                        Quantity.seconds(planned));
            } else if (done > planned + slack) {
                say("longWeld", played.arcOutS(), Quantity.seconds(done), Quantity.seconds(planned));
            }
        }

        void end(OptionalDouble awayS) {
            MachineState last = played.at(played.lengthS());
            if (last.phase().isArc()) {
                say("stillBurning", played.lengthS());
                return;
            }
            double gasEnds = gasEndS();
            if (struck() && awayS.isPresent() && awayS.getAsDouble() < gasEnds - 0.2) {
                say("noPostFlowWait", awayS.getAsDouble(), Quantity.seconds(gasEnds - awayS.getAsDouble()));
            }
        }

        /** When the gas that follows the arc is shut, or should be where a welder shuts it, s. */
        private double gasEndS() {
            return played.arcOutS() + score.values().of(CycleKey.POST_FLOW);
        }

        PracticeReview result() {
            if (findings.isEmpty()) {
                say("good", played.arcOutS());
            }
            double planned = time(score.timeline(), Phase.WELD) + time(score.timeline(), Phase.SECOND_CURRENT);
            double done = time(played, Phase.WELD) + time(played, Phase.SECOND_CURRENT);
            return new PracticeReview(List.copyOf(findings), new WorkingTimes(planned, done));
        }
    }
}
