package vastarc.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.PanelPlan.PanelChange;
import vastarc.core.equipment.TorchProfile.TorchCooling;
import vastarc.core.physics.duty.DutyPoint;

/** A weld cycle on a panel: targets, changes, limits, rank, check. */
class PanelPlanTest {

    private static ControlTarget placed(PanelPlan plan, String id) {
        return plan.controls().stream()
                .filter(control -> control.element().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String said(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    private static List<String> codes(List<CapabilityGap> limits) {
        return limits.stream().map(CapabilityGap::code).toList();
    }

    @Test
    void everyControlStandsWhereTheScoreWantsIt() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2);
        PanelPlan plan = Machines.plan(cycle, Machines.knobs(), Map.of());
        double amps = cycle.values().of(CycleKey.WORKING_CURRENT);

        assertThat(placed(plan, "amps").target().orElseThrow()).isCloseTo((amps - 5) / 195, within(1e-9));
        assertThat(placed(plan, "control").target()).contains(2.0);
        assertThat(placed(plan, "process").target()).contains(1.0);
        assertThat(said(placed(plan, "down").words())).contains(" s, ").contains("mark");
        assertThat(said(placed(plan, "amps").gives().orElseThrow())).contains("from the marks alone");
    }

    @Test
    void withAPedalTheDialIsTheCeilingAndTheSlopesAreIdleAtTheirLowest() {
        WeldCycle cycle = Machines.score(ControlDevice.PEDAL, 2);
        PanelPlan plan = Machines.plan(cycle, Machines.knobs(), Map.of("down", 0.9));

        assertThat(placed(plan, "amps").figure().orElseThrow().value())
                .isEqualTo(cycle.sheet().setting(ParameterKey.PEDAL_CEILING).value());
        assertThat(said(placed(plan, "down").idle().orElseThrow())).contains("pedal is the slope");
        assertThat(placed(plan, "down").target()).contains(0.0);
        assertThat(plan.changes()).extracting(PanelChange::elementId).doesNotContain("down");
    }

    @Test
    void theChangesAreTheFewestInTheOrderOfTheHand() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2);
        PanelPlan right = Machines.plan(cycle, Machines.knobs(), Map.of());
        double down = placed(right, "down").target().orElseThrow();
        PanelPlan plan = Machines.plan(
                cycle,
                Machines.knobs(),
                Map.of("down", down, "process", 0.0, "amps", 0.95, "control", 0.0, "post", 0.0));

        assertThat(plan.changes())
                .extracting(PanelChange::elementId)
                .containsExactly("process", "control", "amps", "post");
        assertThat(said(plan.changes().get(0).from())).contains("stick");
        assertThat(said(plan.changes().get(0).to())).contains("TIG");
        assertThat(right.changes()).isEmpty();
    }

    @Test
    void whatThePanelLacksIsAStepForTheHandWithWhatTheJobWants() {
        PanelPlan plan = Machines.plan(Machines.score(ControlDevice.TRIGGER_4T, 2), Machines.knobs(), Map.of());

        assertThat(plan.missing().stream().map(PanelPlanTest::said))
                .anyMatch(text -> text.startsWith("Before, by hand: gas on first, count "))
                .noneMatch(text -> text.contains("pulse"));
    }

    @Test
    void aGeneratorTakesTheBandInWhoseMiddleTheCurrentLies() {
        PanelPlan plan = Machines.plan(Machines.score(ControlDevice.LIFT_ONLY, 1.6), Machines.generator(), Map.of());
        double amps = placed(plan, "fine").figure().orElseThrow().value();

        assertThat(placed(plan, "band").target()).contains(1.0);
        assertThat(placed(plan, "fine").target().orElseThrow()).isCloseTo((amps - 60) / 80, within(1e-9));
    }

    @Test
    void aReadDialGoesByItsCurveOfThatBand() {
        WeldCycle cycle = Machines.score(ControlDevice.LIFT_ONLY, 1.6);
        DialCurve curve = DialCurve.of(List.of(new DialReading(0, 50), new DialReading(1, 170)))
                .orElseThrow();
        PanelPlan plan = PanelPlan.of(
                cycle, Machines.generator(), Optional.empty(), Map.of(PanelPlan.curveKey("fine", 1), curve), Map.of());
        double amps = placed(plan, "fine").figure().orElseThrow().value();

        assertThat(placed(plan, "fine").target().orElseThrow()).isCloseTo((amps - 50) / 120, within(1e-6));
        assertThat(said(placed(plan, "fine").gives().orElseThrow())).contains("±", "by the meter");
    }

    @Test
    void backgroundInAmperesAndPercentOfMainFollowThePanel() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2, PulsePurpose.RIPPLE);
        double peak = cycle.values().of(CycleKey.WORKING_CURRENT);
        PanelPlan plan = Machines.plan(
                cycle,
                Machines.knobs(
                        Machines.display(
                                "pulseAmps", PanelSetting.PULSE_BACKGROUND, Scale.display(ScaleUnit.AMPERE, 1, 200, 1)),
                        Machines.display(
                                "end", PanelSetting.END_CURRENT, Scale.display(ScaleUnit.PERCENT_OF_MAIN, 5, 90, 1))),
                Map.of());

        assertThat(placed(plan, "pulseAmps").target().orElseThrow()).isCloseTo(0.4 * peak, within(0.51));
        assertThat(placed(plan, "end").target().orElseThrow()).isCloseTo(20, within(0.51));
        assertThat(said(placed(plan, "end").words())).contains("menu › end: 20%");
    }

    @Test
    void wherePeakHasAControlOfItsOwnTheMainDialIsTheBackground() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2, PulsePurpose.RIPPLE);
        PanelPlan plan = Machines.plan(
                cycle,
                Machines.knobs(
                        Machines.knob("peak", PanelSetting.PULSE_PEAK, Scale.knob(ScaleUnit.AMPERE, 5, 200, 10, true))),
                Map.of());

        double peak = placed(plan, "peak").figure().orElseThrow().value();
        assertThat(placed(plan, "amps").figure().orElseThrow().value()).isCloseTo(0.4 * peak, within(1e-6));
    }

    @Test
    void aSteppedSelectorSaysWhatItsNearestStopGives() {
        PanelElement stepped = Machines.switched(
                "pre",
                ControlKind.SELECTOR,
                PanelSetting.PRE_FLOW,
                SwitchStop.figure("0", 0),
                SwitchStop.figure("3", 3),
                SwitchStop.figure("6", 6));
        PanelPlan plan = Machines.plan(Machines.score(ControlDevice.TRIGGER_4T, 2), Machines.knobs(stepped), Map.of());

        assertThat(said(placed(plan, "pre").gives().orElseThrow())).contains("the nearest it can be set to is 0 s");
    }

    @Test
    void gasTheMachineTimesByItselfIsHeldAgainstWhatTheJobWants() {
        Scale auto = new Scale(ScaleUnit.SECOND, 0, 60, 0.5, 0, true, -150, 300, true, Taper.LINEAR, true);
        MachineProfile machine = Machines.generator();
        PanelPlan plan = Machines.plan(
                Machines.score(ControlDevice.TRIGGER_4T, 2),
                new MachineProfile(
                        "Auto",
                        machine.shape(),
                        5,
                        200,
                        false,
                        Machines.knobs().logics(),
                        Machines.knobs().starts(),
                        false,
                        machine.polarity(),
                        false,
                        List.of(),
                        1.5,
                        List.of(Machines.display("post", PanelSetting.POST_FLOW, auto)),
                        0),
                Map.of());

        assertThat(said(placed(plan, "post").gives().orElseThrow())).contains("“auto” would give about");
    }

    // --- limits

    @ParameterizedTest
    @CsvSource({"TRIGGER_4T, 8, aboveMachine", "LIFT_ONLY, 2, logic"})
    void aJobBeyondTheMachineIsToldWithTheNearestWayOut(ControlDevice control, double millimetres, String code) {
        List<CapabilityGap> limits =
                MachineLimits.of(Machines.score(control, millimetres), Machines.knobs(), Optional.empty());

        assertThat(codes(limits)).contains(code);
        assertThat(limits).allSatisfy(limit -> {
            assertThat(said(limit.text())).doesNotContain("{");
            assertThat(limit.options())
                    .isNotEmpty()
                    .allSatisfy(option -> assertThat(said(option)).isNotBlank());
        });
    }

    @Test
    void aJobBelowTheMachineIsToldToPulseOrToTakeABarBehind() {
        List<CapabilityGap> limits =
                MachineLimits.of(Machines.score(ControlDevice.LIFT_ONLY, 0.2), Machines.generator(), Optional.empty());

        assertThat(codes(limits)).contains("belowMachine");
        assertThat(limits.get(0).options().stream().map(PanelPlanTest::said)).anyMatch(way -> way.contains("pulse"));
    }

    @Test
    void dutyOfMachineAndTorchIsHeldAgainstRunAfterRun() {
        TorchProfile light =
                new TorchProfile("t", "Light torch", TorchCooling.AIR, List.of(new DutyPoint(100, 35)), 4, 4, false);
        List<CapabilityGap> limits =
                MachineLimits.of(Machines.score(ControlDevice.TRIGGER_4T, 3), Machines.knobs(), Optional.of(light));

        assertThat(codes(limits)).contains("torchDuty");
        CapabilityGap duty = limits.stream()
                .filter(limit -> limit.code().equals("torchDuty"))
                .findFirst()
                .orElseThrow();
        assertThat(duty.options().stream().map(PanelPlanTest::said))
                .anyMatch(way -> way.contains("wait"))
                .anyMatch(way -> way.contains("water-cooled"));
    }

    @ParameterizedTest
    @CsvSource({"200, 35", "100, 100", "120, 100", "150, 60", "175, 45.7", "250, 22.4", "140, 68.9"})
    void dutyFollowsTheSquareOfTheCurrentAndTheMoreCarefulPoint(double amps, double percent) {
        List<DutyPoint> plate = List.of(new DutyPoint(200, 35), new DutyPoint(150, 60), new DutyPoint(120, 100));

        assertThat(DutyPoint.percentAt(plate, amps)).isCloseTo(percent, within(0.1));
    }

    @Test
    void theShopsMachinesAreRankedBySuitability() {
        WeldCycle cycle = Machines.score(ControlDevice.TRIGGER_4T, 2);
        List<MachineChoice> choices = MachineChoice.ranked(cycle, List.of(Machines.generator(), Machines.knobs()));

        assertThat(choices.get(0).index()).isEqualTo(1);
        assertThat(choices.get(1).marks()).isGreaterThan(choices.get(0).marks());
        assertThat(choices.get(1).reasons().stream().map(PanelPlanTest::said))
                .anyMatch(text -> text.contains("This machine has no torch switch"));
    }

    // --- profiles
}
