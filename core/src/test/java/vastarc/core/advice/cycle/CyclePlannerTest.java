package vastarc.core.advice.cycle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.PracticeReview.PracticeFinding;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.PulsePurpose;

/** From a sheet to its score: idle figures, warnings, pool, rhythm, comparison, trying. */
class CyclePlannerTest {

    private static WeldCycle own(Map<ParameterKey, Double> values) {
        SetupSheet sheet = Scores.sheet(ControlDevice.TRIGGER_4T, PulsePurpose.NONE, new OwnValues(values));
        return CyclePlanner.plan(sheet, CycleChoices.none());
    }

    private static String said(Optional<Phrase> phrase) {
        return phrase.map(text -> Phrasebook.say(text, UnitSystem.METRIC)).orElse("");
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void everyLogicGivesAScoreWhoseEngineFiguresNeedNoWarning(TriggerModeName name) {
        for (PulsePurpose pulse : PulsePurpose.values()) {
            WeldCycle cycle = Scores.score(name, pulse);
            assertThat(cycle.problems()).isEmpty();
            assertThat(cycle.integrals().arcS()).isPositive();
            assertThat(cycle.handles().values()).allSatisfy(handle -> {
                assertThat(said(handle.warning())).as(handle.key().name()).isEmpty();
                handle.idle()
                        .ifPresent(why ->
                                assertThat(Phrasebook.say(why, UnitSystem.INCH)).isNotBlank());
            });
        }
    }

    @Test
    void withAPedalTheSlopesAreIdleAndWithATriggerTheFootIs() {
        WeldCycle pedal = Scores.score(TriggerModeName.PEDAL, PulsePurpose.NONE);
        WeldCycle trigger = Scores.score(TriggerModeName.TRIGGER_2T_SLOPES, PulsePurpose.NONE);

        assertThat(said(pedal.handle(CycleKey.UP_SLOPE).idle())).contains("pedal is the slope");
        assertThat(pedal.handle(CycleKey.PEDAL_CEILING).isIdle()).isFalse();
        assertThat(said(trigger.handle(CycleKey.PEDAL_CEILING).idle())).contains("No pedal");
        assertThat(trigger.handle(CycleKey.DOWN_SLOPE).isIdle()).isFalse();
        assertThat(said(trigger.handle(CycleKey.END_HOLD).idle())).contains("torch switch 2T");
    }

    @Test
    void aHighEndCurrentSaysCraterAndHowWideThePoolStillIs() {
        WeldCycle calm = own(Map.of());
        WeldCycle high = own(Map.of(ParameterKey.END_CURRENT, 45.0));

        double before = calm.pool().widthAt(calm.timeline().arcOutS());
        double after = high.pool().widthAt(high.timeline().arcOutS());
        assertThat(after).isGreaterThan(before + 1);
        assertThat(said(high.handle(CycleKey.END_CURRENT).warning()))
                .contains(
                        "45 A",
                        "Crater likely",
                        "still "
                                + UnitSystem.METRIC
                                        .show(vastarc.core.base.units.Quantity.millimetres(after))
                                        .line());
    }

    @Test
    void aShortDownSlopeWarnsAndACurrentTheTungstenDoesNotHoldIsNamed() {
        assertThat(said(own(Map.of(ParameterKey.DOWN_SLOPE, 0.2))
                        .handle(CycleKey.DOWN_SLOPE)
                        .warning()))
                .contains("quicker than the pool can freeze");
        assertThat(said(own(Map.of(ParameterKey.END_CURRENT, 1.0))
                        .handle(CycleKey.END_CURRENT)
                        .warning()))
                .contains("this tungsten holds");
    }

    @Test
    void figuresThatOnlyAScoreHasAreHeldToTheirRange() {
        SetupSheet sheet = Scores.sheet(ControlDevice.TRIGGER_4T, PulsePurpose.NONE, OwnValues.none());
        WeldCycle cycle = CyclePlanner.plan(
                sheet,
                new CycleChoices(Optional.empty(), Map.of(CycleKey.END_HOLD, -3.0, CycleKey.SEAM_LENGTH, 200.0)));

        assertThat(cycle.problems()).extracting(Problem::field).containsExactly("endHold");
        assertThat(cycle.handle(CycleKey.END_HOLD).own()).isEmpty();
        assertThat(cycle.values().weldS()).isCloseTo(200 / cycle.rhythm().travelMmPerS(), within(1e-9));
    }

    @Test
    void thePoolGrowsToThePlannedWidthAndFreezesAfterTheArc() {
        WeldCycle cycle = own(Map.of());
        double planned = cycle.sheet().setting(ParameterKey.POOL_WIDTH).value();
        double out = cycle.timeline().arcOutS();

        assertThat(cycle.pool().widestMm()).isCloseTo(planned, within(0.05 * planned));
        assertThat(cycle.pool().widthAt(out + 4)).isLessThan(0.05 * planned);
        assertThat(cycle.pool().widthAt(0.1)).isZero();
    }

    @Test
    void aLogicWithoutSlopesSaysThatItLeavesACrater() {
        assertThat(Scores.score(TriggerModeName.TRIGGER_2T_PLAIN, PulsePurpose.NONE)
                        .notes())
                .extracting(Phrase::key)
                .containsExactly("score.note.crater");
        assertThat(Scores.score(TriggerModeName.TRIGGER_4T, PulsePurpose.NONE).notes())
                .isEmpty();
    }

    @Test
    void aStitchCountsItsSpotsByTheSeam() {
        WeldCycle cycle = Scores.score(TriggerModeName.STITCH, PulsePurpose.NONE);
        long spots = cycle.timeline().changes().stream()
                .filter(change -> change.to() == Phase.STRIKE)
                .count();

        assertThat(spots).isEqualTo((long) Math.ceil(100 / cycle.sheet().tacks().stitchPitchMm()));
    }

    @Test
    void dabsFollowASlowPulse() {
        WeldCycle slow = Scores.score(TriggerModeName.TRIGGER_4T, PulsePurpose.RIPPLE);
        WeldCycle fast = Scores.score(TriggerModeName.TRIGGER_4T, PulsePurpose.STIFF);

        assertThat(slow.rhythm().onPulse()).isTrue();
        assertThat(slow.rhythm().dabsPerS()).isEqualTo(slow.values().of(CycleKey.PULSE_RATE));
        assertThat(fast.rhythm().onPulse()).isFalse();
        assertThat(fast.rhythm().dabsPerS()).isEqualTo(1.5);
    }

    // --- two weld cycles

    @Test
    void aComparisonNamesWhatDiffers() {
        CycleComparison comparison = CycleComparison.of(
                own(Map.of(ParameterKey.WORKING_CURRENT, 90.0, ParameterKey.POST_FLOW, 25.0)), own(Map.of()));

        assertThat(comparison.figures())
                .extracting(CycleComparison.Difference::words)
                .contains("setting.workingCurrent", "setting.postFlow")
                .doesNotContain("setting.downSlope");
        assertThat(comparison.sentences().stream().map(text -> Phrasebook.say(text, UnitSystem.METRIC)))
                .anyMatch(text -> text.contains("more arc energy"))
                .anyMatch(text -> text.contains("more gas"));
        assertThat(CycleComparison.of(own(Map.of()), own(Map.of())).sentences())
                .extracting(Phrase::key)
                .containsExactly("compare.alike");
    }

    // --- trying

    private static List<String> review(TriggerModeName name, OptionalDouble away, OperatorInput... inputs) {
        WeldCycle cycle = Scores.score(name, PulsePurpose.NONE);
        CycleTimeline played = CyclePlanner.played(cycle, List.of(inputs), 100);
        return PracticeReview.of(cycle, played, away).findings().stream()
                .peek(finding -> assertThat(Phrasebook.say(finding.text(), UnitSystem.METRIC))
                        .doesNotContain("{"))
                .map(PracticeFinding::code)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void thePlanItselfIsGood(TriggerModeName name) {
        WeldCycle cycle = Scores.score(name, PulsePurpose.NONE);
        assertThat(PracticeReview.of(cycle, cycle.timeline(), OptionalDouble.empty())
                        .findings())
                .extracting(PracticeFinding::code)
                .containsExactly("good");
    }

    @Test
    void mistakesOfAFourTouchWeldAreNamed() {
        TriggerModeName name = TriggerModeName.TRIGGER_4T;
        OptionalDouble stays = OptionalDouble.empty();
        WeldCycle cycle = Scores.score(name, PulsePurpose.NONE);
        double up = cycle.touches().get(1).atS();
        double down = cycle.touches().get(2).atS();
        double out = cycle.touches().get(3).atS();

        assertThat(review(name, stays)).containsExactly("noArc");
        assertThat(review(name, stays, OperatorInput.press(0))).contains("missedStartRelease", "stillBurning");
        assertThat(review(name, stays, OperatorInput.press(0), OperatorInput.release(up)))
                .contains("longWeld", "stillBurning");
        assertThat(review(
                        name,
                        stays,
                        OperatorInput.press(0),
                        OperatorInput.release(up),
                        OperatorInput.press(up + 0.1),
                        OperatorInput.release(out)))
                .contains("releasedInUpSlope");
        assertThat(review(
                        name,
                        stays,
                        OperatorInput.press(0),
                        OperatorInput.release(up),
                        OperatorInput.press(down),
                        OperatorInput.release(down + 0.3)))
                .containsExactly("cutInDownSlope");
        assertThat(review(
                        name,
                        OptionalDouble.of(out + 1),
                        OperatorInput.press(0),
                        OperatorInput.release(up),
                        OperatorInput.press(down),
                        OperatorInput.release(out)))
                .containsExactly("noPostFlowWait");
    }

    @Test
    void mistakesOfOtherLogicsAreNamed() {
        OptionalDouble stays = OptionalDouble.empty();
        assertThat(review(TriggerModeName.TRIGGER_2T_SLOPES, stays, OperatorInput.press(0), OperatorInput.release(0.2)))
                .containsExactly("releasedInPreFlow");
        assertThat(review(TriggerModeName.TRIGGER_2T_PLAIN, stays, OperatorInput.press(0), OperatorInput.release(9)))
                .containsExactly("shortWeld");
        assertThat(review(TriggerModeName.LIFT_VALVE, stays, OperatorInput.press(0), OperatorInput.release(31)))
                .contains("noGas");
        assertThat(review(TriggerModeName.SPOT, stays, OperatorInput.press(0), OperatorInput.release(1.4)))
                .containsExactly("shortSpot");
        assertThat(review(
                        TriggerModeName.PEDAL,
                        stays,
                        OperatorInput.foot(0, 0),
                        OperatorInput.foot(2, 0.8),
                        OperatorInput.foot(30, 0.8),
                        OperatorInput.foot(30.05, 0)))
                .contains("footSnapped");
    }

    // --- samples

    @Test
    void samplesRunFromZeroToTheEndAndRefuseAbsurdSteps() {
        CycleTimeline timeline = own(Map.of()).timeline();
        List<MachineState> samples = CycleSamples.of(timeline, 0.5);

        assertThat(samples.get(0).timeS()).isZero();
        assertThat(samples.get(samples.size() - 1).timeS()).isEqualTo(timeline.lengthS());
        for (double step : new double[] {0, -1, Double.NaN, 1e9}) {
            assertThat(CycleSamples.problem(timeline, step)).as("step " + step).isPresent();
        }
        assertThat(CycleSamples.problem(timeline, 0.01)).isEmpty();
    }
}
