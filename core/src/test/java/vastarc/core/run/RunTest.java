package vastarc.core.run;

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
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrasebook;

/** A run against its score, and where it stands at the booth. */
class RunTest {

    private static Score score(Control control) {
        Weld weld = new Weld(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2),
                Practice.usual().with(draft -> draft.control = control));
        return WeldPlan.of(weld, ShopWays.usual()).score().value().orElseThrow();
    }

    private static List<String> codes(Score score, SimulatedRun.Fault fault, long seed) {
        Trace trace = SimulatedRun.weld(score, fault, seed);
        RunPlan plan = RunPlan.of(score, OptionalDouble.empty());
        OptionalDouble seam = OptionalDouble.of(score.values().of(ScoreKey.SEAM_LENGTH));
        RunAnalysis seen = RunAnalysis.of(trace, seam, Optional.of(plan));
        List<Deviation> found = DeviationRules.of(trace, seen, seam, Optional.of(plan));
        found.forEach(
                one -> assertThat(Phrasebook.say(one.text(), UnitSystem.INCH)).isNotBlank());
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
    void eachFaultOfTheHandIsNamedAndASteadyHandIsLeftAlone(Control control, SimulatedRun.Fault fault, String code) {
        Score score = score(control);
        for (long seed = 1; seed <= 20; seed++) {
            List<String> codes = codes(score, fault, seed);
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
        Score score = score(Control.TRIGGER_4T);
        RunPlan plan = RunPlan.of(score, OptionalDouble.empty());
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
        Trace trace = Trace.of(tacked);
        RunAnalysis seen = RunAnalysis.of(trace, length, Optional.of(plan));
        assertThat(seen.arcs()).hasSize(3);
        assertThat(seen.isTack(0)).isTrue();
        assertThat(seen.isTack(2)).isFalse();
        assertThat(seen.travel().orElseThrow()).isCloseTo(plan.travel().value(), withPercentage(5));
        assertThat(DeviationRules.of(trace, seen, length, Optional.of(plan)))
                .extracting(Deviation::code)
                .doesNotContain("noSlope", "downShort", "cut", "slower");
    }

    private static DoubleStream spots() {
        return IntStream.range(0, 400).mapToDouble(i -> 0.05 * i);
    }

    @Test
    void aShakyFootIsToldWithItsFigure() {
        assertThat(codes(score(Control.TRIGGER_4T), SimulatedRun.Fault.SHAKY, 4))
                .contains("unsteady");
    }

    @Test
    void withoutAPlanOnlyWhatASoundWeldWants() {
        Trace cut = Trace.of(Drawn.steady(80, 0, 80, 10, 0, 80).read(20, 0.01, 0.1, 3));
        RunAnalysis seen = RunAnalysis.of(cut, OptionalDouble.empty(), Optional.empty());
        assertThat(DeviationRules.of(cut, seen, OptionalDouble.empty(), Optional.empty()))
                .extracting(Deviation::code)
                .containsExactly("cut");
        Trace none = Trace.of(Channel.none());
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
        Booth.After after = new Booth.After(8, 60);
        List<RunEvent> events = new ArrayList<>();
        assertThat(Booth.at(events, after, 5).stage()).isEqualTo(Booth.Stage.READY);
        assertThat(Booth.fits(events, RunEvent.Kind.ARC_OFF)).isFalse();
        events.add(new RunEvent(10, RunEvent.Kind.ARC_ON));
        events.add(new RunEvent(12, RunEvent.Kind.DIPPED));
        assertThat(Booth.fits(events, RunEvent.Kind.ARC_ON)).isFalse();
        assertThat(Booth.at(events, after, 15)).isEqualTo(new Booth(Booth.Stage.ARC, 0, 5, 1, 5));
        events.add(new RunEvent(30, RunEvent.Kind.ARC_OFF));
        assertThat(Booth.at(events, after, 33)).isEqualTo(new Booth(Booth.Stage.POST_FLOW, 5, 3, 1, 20));
        assertThat(Booth.at(events, after, 50).leftS()).isCloseTo(40, within(1e-9));
        assertThat(Booth.at(events, after, 91).stage()).isEqualTo(Booth.Stage.CLEAR);
    }

    @Test
    void theSameSeedReadsTheSame() {
        Score score = score(Control.PEDAL);
        Channel one = SimulatedRun.weld(score, SimulatedRun.Fault.SHAKY, 9).current();
        Channel two = SimulatedRun.weld(score, SimulatedRun.Fault.SHAKY, 9).current();
        assertThat(one.values()).containsExactly(two.values());
    }
}
