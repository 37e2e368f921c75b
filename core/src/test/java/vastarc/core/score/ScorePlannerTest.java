package vastarc.core.score;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Control;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** From a sheet to its score: idle figures, warnings, pool, rhythm, comparison, trying. */
class ScorePlannerTest {

    private static Score own(Map<SettingKey, Double> values) {
        Sheet sheet = Scores.sheet(Control.TRIGGER_4T, PulsePurpose.NONE, new OwnValues(values));
        return ScorePlanner.plan(sheet, ScoreChoices.none());
    }

    private static String said(Optional<Phrase> phrase) {
        return phrase.map(text -> Phrasebook.say(text, UnitSystem.METRIC)).orElse("");
    }

    @ParameterizedTest
    @EnumSource(ControlLogic.Name.class)
    void everyLogicGivesAScoreWhoseEngineFiguresNeedNoWarning(ControlLogic.Name name) {
        for (PulsePurpose pulse : PulsePurpose.values()) {
            Score score = Scores.score(name, pulse);
            assertThat(score.problems()).isEmpty();
            assertThat(score.integrals().arcS()).isPositive();
            assertThat(score.handles().values()).allSatisfy(handle -> {
                assertThat(said(handle.warning())).as(handle.key().name()).isEmpty();
                handle.idle()
                        .ifPresent(why ->
                                assertThat(Phrasebook.say(why, UnitSystem.INCH)).isNotBlank());
            });
        }
    }

    @Test
    void withAPedalTheSlopesAreIdleAndWithATriggerTheFootIs() {
        Score pedal = Scores.score(ControlLogic.Name.PEDAL, PulsePurpose.NONE);
        Score trigger = Scores.score(ControlLogic.Name.TRIGGER_2T_SLOPES, PulsePurpose.NONE);

        assertThat(said(pedal.handle(ScoreKey.UP_SLOPE).idle())).contains("pedal is the slope");
        assertThat(pedal.handle(ScoreKey.PEDAL_CEILING).isIdle()).isFalse();
        assertThat(said(trigger.handle(ScoreKey.PEDAL_CEILING).idle())).contains("No pedal");
        assertThat(trigger.handle(ScoreKey.DOWN_SLOPE).isIdle()).isFalse();
        assertThat(said(trigger.handle(ScoreKey.END_HOLD).idle())).contains("torch switch 2T");
    }

    @Test
    void aHighEndCurrentSaysCraterAndHowWideThePoolStillIs() {
        Score calm = own(Map.of());
        Score high = own(Map.of(SettingKey.END_CURRENT, 45.0));

        double before = calm.pool().widthAt(calm.timeline().arcOutS());
        double after = high.pool().widthAt(high.timeline().arcOutS());
        assertThat(after).isGreaterThan(before + 1);
        assertThat(said(high.handle(ScoreKey.END_CURRENT).warning()))
                .contains(
                        "45 A",
                        "crater likely",
                        "still "
                                + UnitSystem.METRIC
                                        .show(vastarc.core.quantity.Quantity.millimetres(after))
                                        .line());
    }

    @Test
    void aShortDownSlopeWarnsAndACurrentTheTungstenDoesNotHoldIsNamed() {
        assertThat(said(own(Map.of(SettingKey.DOWN_SLOPE, 0.2))
                        .handle(ScoreKey.DOWN_SLOPE)
                        .warning()))
                .contains("quicker than the pool's tail can follow");
        assertThat(said(own(Map.of(SettingKey.END_CURRENT, 1.0))
                        .handle(ScoreKey.END_CURRENT)
                        .warning()))
                .contains("this tungsten holds");
    }

    @Test
    void figuresThatOnlyAScoreHasAreHeldToTheirRange() {
        Sheet sheet = Scores.sheet(Control.TRIGGER_4T, PulsePurpose.NONE, OwnValues.none());
        Score score = ScorePlanner.plan(
                sheet,
                new ScoreChoices(Optional.empty(), Map.of(ScoreKey.END_HOLD, -3.0, ScoreKey.SEAM_LENGTH, 200.0)));

        assertThat(score.problems()).extracting(Problem::field).containsExactly("endHold");
        assertThat(score.handle(ScoreKey.END_HOLD).own()).isEmpty();
        assertThat(score.values().weldS()).isCloseTo(200 / score.rhythm().travelMmPerS(), within(1e-9));
    }

    @Test
    void thePoolGrowsToThePlannedWidthAndFreezesAfterTheArc() {
        Score score = own(Map.of());
        double planned = score.sheet().setting(SettingKey.POOL_WIDTH).value();
        double out = score.timeline().arcOutS();

        assertThat(score.pool().widestMm()).isCloseTo(planned, within(0.05 * planned));
        assertThat(score.pool().widthAt(out + 4)).isLessThan(0.05 * planned);
        assertThat(score.pool().widthAt(0.1)).isZero();
    }

    @Test
    void aLogicWithoutSlopesSaysThatItLeavesACrater() {
        assertThat(Scores.score(ControlLogic.Name.TRIGGER_2T_PLAIN, PulsePurpose.NONE)
                        .notes())
                .extracting(Phrase::key)
                .containsExactly("score.note.crater");
        assertThat(Scores.score(ControlLogic.Name.TRIGGER_4T, PulsePurpose.NONE).notes())
                .isEmpty();
    }

    @Test
    void aStitchCountsItsSpotsByTheSeam() {
        Score score = Scores.score(ControlLogic.Name.STITCH, PulsePurpose.NONE);
        long spots = score.timeline().changes().stream()
                .filter(change -> change.to() == Phase.STRIKE)
                .count();

        assertThat(spots).isEqualTo((long) Math.ceil(100 / score.sheet().tacks().stitchPitchMm()));
    }

    @Test
    void dabsFollowASlowPulse() {
        Score slow = Scores.score(ControlLogic.Name.TRIGGER_4T, PulsePurpose.RIPPLE);
        Score fast = Scores.score(ControlLogic.Name.TRIGGER_4T, PulsePurpose.STIFF);

        assertThat(slow.rhythm().onPulse()).isTrue();
        assertThat(slow.rhythm().dabsPerS()).isEqualTo(slow.values().of(ScoreKey.PULSE_RATE));
        assertThat(fast.rhythm().onPulse()).isFalse();
        assertThat(fast.rhythm().dabsPerS()).isEqualTo(1.5);
    }

    // --- two scores

    @Test
    void aComparisonNamesWhatDiffers() {
        ScoreComparison comparison = ScoreComparison.of(
                own(Map.of(SettingKey.WORKING_CURRENT, 90.0, SettingKey.POST_FLOW, 25.0)), own(Map.of()));

        assertThat(comparison.figures())
                .extracting(ScoreComparison.Difference::words)
                .contains("setting.workingCurrent", "setting.postFlow")
                .doesNotContain("setting.downSlope");
        assertThat(comparison.sentences().stream().map(text -> Phrasebook.say(text, UnitSystem.METRIC)))
                .anyMatch(text -> text.contains("more arc energy"))
                .anyMatch(text -> text.contains("more gas"));
        assertThat(ScoreComparison.of(own(Map.of()), own(Map.of())).sentences())
                .extracting(Phrase::key)
                .containsExactly("compare.alike");
    }

    // --- trying

    private static List<String> review(ControlLogic.Name name, OptionalDouble away, Touch... touches) {
        Score score = Scores.score(name, PulsePurpose.NONE);
        Timeline played = ScorePlanner.played(score, List.of(touches), 100);
        return TryReview.of(score, played, away).findings().stream()
                .peek(finding -> assertThat(Phrasebook.say(finding.text(), UnitSystem.METRIC))
                        .doesNotContain("{"))
                .map(TryReview.Finding::code)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(ControlLogic.Name.class)
    void thePlanItselfIsGood(ControlLogic.Name name) {
        Score score = Scores.score(name, PulsePurpose.NONE);
        assertThat(TryReview.of(score, score.timeline(), OptionalDouble.empty()).findings())
                .extracting(TryReview.Finding::code)
                .containsExactly("good");
    }

    @Test
    void mistakesOfAFourTouchWeldAreNamed() {
        ControlLogic.Name name = ControlLogic.Name.TRIGGER_4T;
        OptionalDouble stays = OptionalDouble.empty();
        Score score = Scores.score(name, PulsePurpose.NONE);
        double up = score.touches().get(1).atS();
        double down = score.touches().get(2).atS();
        double out = score.touches().get(3).atS();

        assertThat(review(name, stays)).containsExactly("noArc");
        assertThat(review(name, stays, Touch.press(0))).contains("missedStartRelease", "stillBurning");
        assertThat(review(name, stays, Touch.press(0), Touch.release(up))).contains("longWeld", "stillBurning");
        assertThat(review(name, stays, Touch.press(0), Touch.release(up), Touch.press(up + 0.1), Touch.release(out)))
                .contains("releasedInUpSlope");
        assertThat(review(name, stays, Touch.press(0), Touch.release(up), Touch.press(down), Touch.release(down + 0.3)))
                .containsExactly("cutInDownSlope");
        assertThat(review(
                        name,
                        OptionalDouble.of(out + 1),
                        Touch.press(0),
                        Touch.release(up),
                        Touch.press(down),
                        Touch.release(out)))
                .containsExactly("noPostFlowWait");
    }

    @Test
    void mistakesOfOtherLogicsAreNamed() {
        OptionalDouble stays = OptionalDouble.empty();
        assertThat(review(ControlLogic.Name.TRIGGER_2T_SLOPES, stays, Touch.press(0), Touch.release(0.2)))
                .containsExactly("releasedInPreFlow");
        assertThat(review(ControlLogic.Name.TRIGGER_2T_PLAIN, stays, Touch.press(0), Touch.release(9)))
                .containsExactly("shortWeld");
        assertThat(review(ControlLogic.Name.LIFT_VALVE, stays, Touch.press(0), Touch.release(31)))
                .contains("noGas");
        assertThat(review(ControlLogic.Name.SPOT, stays, Touch.press(0), Touch.release(1.4)))
                .containsExactly("shortSpot");
        assertThat(review(
                        ControlLogic.Name.PEDAL,
                        stays,
                        Touch.foot(0, 0),
                        Touch.foot(2, 0.8),
                        Touch.foot(30, 0.8),
                        Touch.foot(30.05, 0)))
                .contains("footSnapped");
    }

    // --- samples

    @Test
    void samplesRunFromZeroToTheEndAndRefuseAbsurdSteps() {
        Timeline timeline = own(Map.of()).timeline();
        List<Timeline.Moment> samples = Samples.of(timeline, 0.5);

        assertThat(samples.get(0).timeS()).isZero();
        assertThat(samples.get(samples.size() - 1).timeS()).isEqualTo(timeline.lengthS());
        for (double step : new double[] {0, -1, Double.NaN, 1e9}) {
            assertThat(Samples.problem(timeline, step)).as("step " + step).isPresent();
        }
        assertThat(Samples.problem(timeline, 0.01)).isEmpty();
    }
}
