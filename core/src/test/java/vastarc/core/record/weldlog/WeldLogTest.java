package vastarc.core.record.weldlog;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.RunState.AfterArc;
import vastarc.core.record.weldlog.RunState.RunStage;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;

/** A run against its score, and where it is at the booth. */
class WeldLogTest {

    private static WeldCycle score(ControlDevice control) {
        Weld weld = new Weld(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2),
                WeldingConditions.usual().with(draft -> draft.control = control));
        return WeldPlan.of(weld, ShopDefaults.usual()).score().value().orElseThrow();
    }

    private static List<String> codes(WeldCycle cycle, OperatorFault fault, long seed) {
        Recording recording = SyntheticRecording.weld(cycle, fault, seed);
        RunPlan plan = RunPlan.of(cycle, OptionalDouble.empty());
        OptionalDouble seam = OptionalDouble.of(cycle.values().of(CycleKey.SEAM_LENGTH));
        RunAnalysis seen = RunAnalysis.of(recording, seam, Optional.of(plan));
        List<Deviation> found = DeviationRules.of(recording, seen, seam, Optional.of(plan));
        found.forEach(deviation ->
                assertThat(Phrasebook.say(deviation.text(), UnitSystem.INCH)).isNotBlank());
        return found.stream().map(Deviation::code).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "TRIGGER_4T,NONE,",
        "TRIGGER_4T,EARLY_RELEASE,earlyRelease",
        "TRIGGER_4T,NO_SLOPE,noSlope",
        "TRIGGER_4T,SLOW,slower",
        "TRIGGER_4T,TOO_HOT,currentHigh",
        "TRIGGER_4T,GAS_SHUT_EARLY,postFlowShort",
        "PEDAL,NONE,",
        "PEDAL,NO_SLOPE,noSlope",
        "PEDAL,SLOW,slower",
        "PEDAL,TOO_HOT,currentHigh"
    })
    void eachFaultOfTheHandIsNamedAndASteadyHandIsLeftAlone(ControlDevice control, OperatorFault fault, String code) {
        WeldCycle cycle = score(control);
        for (long seed = 1; seed <= 20; seed++) {
            List<String> codes = codes(cycle, fault, seed);
            if (code == null) {
                assertThat(codes).as("seed " + seed).isEmpty();
            } else {
                assertThat(codes).as("seed " + seed).contains(code);
            }
        }
    }

    /** Two spots of a second at the seam's current, then the seam: the spots have no slope and lay no seam. */
    @Test
    void tacksBeforeASeamAreNoArcsThatWereCutOff() {
        WeldCycle cycle = score(ControlDevice.TRIGGER_4T);
        RunPlan plan = RunPlan.of(cycle, OptionalDouble.empty());
        double amps = plan.working().value();
        Drawn seam = Drawn.steady(plan.startA(), plan.upS(), amps, 30, plan.downS(), plan.endA());
        Channel alone = seam.read(20, 0.01, 0.1, 3);
        Channel tacked = Channel.of(
                DoubleStream.concat(spots(), DoubleStream.of(alone.times()).map(s -> s + 20))
                        .toArray(),
                DoubleStream.concat(
                                spots().map(s -> s % 5 >= 1 && s % 5 < 2 && s < 10 ? amps : 0),
                                DoubleStream.of(alone.values()))
                        .toArray());
        OptionalDouble length = OptionalDouble.of(30 * plan.travel().value() / 60);
        Recording recording = Recording.of(tacked);
        RunAnalysis seen = RunAnalysis.of(recording, length, Optional.of(plan));
        assertThat(seen.arcs()).hasSize(3);
        assertThat(seen.isTack(0)).isTrue();
        assertThat(seen.isTack(2)).isFalse();
        assertThat(seen.travel().orElseThrow()).isCloseTo(plan.travel().value(), withPercentage(5));
        assertThat(DeviationRules.of(recording, seen, length, Optional.of(plan)))
                .extracting(Deviation::code)
                .doesNotContain("noSlope", "downShort", "cut", "slower");
    }

    private static DoubleStream spots() {
        return IntStream.range(0, 400).mapToDouble(i -> 0.05 * i);
    }

    @Test
    void aShakyFootIsToldWithItsFigure() {
        assertThat(codes(score(ControlDevice.TRIGGER_4T), OperatorFault.SHAKY, 4))
                .contains("unsteady");
    }

    @Test
    void withoutAPlanOnlyWhatASoundWeldWants() {
        Recording cut = Recording.of(Drawn.steady(80, 0, 80, 10, 0, 80).read(20, 0.01, 0.1, 3));
        RunAnalysis seen = RunAnalysis.of(cut, OptionalDouble.empty(), Optional.empty());
        assertThat(DeviationRules.of(cut, seen, OptionalDouble.empty(), Optional.empty()))
                .extracting(Deviation::code)
                .containsExactly("cut");
        Recording none = Recording.of(Channel.none());
        assertThat(DeviationRules.of(
                        none,
                        RunAnalysis.of(none, OptionalDouble.empty(), Optional.empty()),
                        OptionalDouble.empty(),
                        Optional.empty()))
                .extracting(Deviation::code)
                .containsExactly("noArc");
    }

    @Test
    void theBoothGoesThroughItsStages() {
        AfterArc after = new AfterArc(8, 60);
        List<RunEvent> events = new ArrayList<>();
        assertThat(RunState.at(events, after, 5).stage()).isEqualTo(RunStage.READY);
        assertThat(RunState.fits(events, EventKind.ARC_OFF)).isFalse();
        events.add(new RunEvent(10, EventKind.ARC_ON));
        events.add(new RunEvent(12, EventKind.DIPPED));
        assertThat(RunState.fits(events, EventKind.ARC_ON)).isFalse();
        assertThat(RunState.at(events, after, 15)).isEqualTo(new RunState(RunStage.ARC, 0, 5, 1, 5));
        events.add(new RunEvent(30, EventKind.ARC_OFF));
        assertThat(RunState.at(events, after, 33)).isEqualTo(new RunState(RunStage.POST_FLOW, 5, 3, 1, 20));
        assertThat(RunState.at(events, after, 50).leftS()).isCloseTo(40, within(1e-9));
        assertThat(RunState.at(events, after, 91).stage()).isEqualTo(RunStage.CLEAR);
    }

    @Test
    void theSameSeedReadsTheSame() {
        WeldCycle cycle = score(ControlDevice.PEDAL);
        Channel channel = SyntheticRecording.weld(cycle, OperatorFault.SHAKY, 9).current();
        Channel two = SyntheticRecording.weld(cycle, OperatorFault.SHAKY, 9).current();
        assertThat(channel.values()).containsExactly(two.values());
    }
}
