package vastarc.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PreWeldCheck.CheckAnswer;
import vastarc.core.equipment.PreWeldCheck.CheckItem;
import vastarc.core.equipment.TorchProfile.TorchCooling;

/** Profiles held against their rules, the check before the strike, the leak check. */
class ProfileAndCheckTest {

    private static String said(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    @Test
    void aSoundProfileHasNoFaults() {
        assertThat(ProfileRules.problems(Machines.knobs())).isEmpty();
        assertThat(ProfileRules.problems(Machines.generator())).isEmpty();
    }

    @Test
    void everyFaultOfAProfileIsNamedAtItsPlace() {
        MachineProfile broken = Machines.knobs(
                Machines.knob("amps", PanelSetting.PRE_FLOW, Scale.knob(ScaleUnit.SECOND, 5, 1, 5, true)),
                Machines.knob(
                        "log",
                        PanelSetting.END_CURRENT,
                        new Scale(ScaleUnit.HERTZ, 0, 5, 0, 0, true, 0, 300, true, Taper.LOGARITHMIC, false)),
                Machines.knob("twice", PanelSetting.UP_SLOPE, Scale.knob(ScaleUnit.SECOND, 0, 5, 5, true)),
                Machines.knob("choice", PanelSetting.START, Scale.knob(ScaleUnit.SECOND, 0, 5, 5, true)),
                Machines.switched(
                        "one", ControlKind.SELECTOR, PanelSetting.CURRENT_TYPE, SwitchStop.choice("DC", "dc")));

        assertThat(ProfileRules.problems(broken))
                .extracting(Problem::field)
                .contains(
                        "elements[6].id",
                        "elements[6].scale",
                        "elements[7].scale.low",
                        "elements[7].scale.unit",
                        "elements[8].setting",
                        "elements[9].kind",
                        "elements[10].stops",
                        "elements[10].stops[0].choice");
        assertThat(ProfileRules.problems(broken))
                .allSatisfy(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).doesNotContain("{"));
    }

    // --- check before the strike

    @ParameterizedTest
    @EnumSource(ControlDevice.class)
    void theCheckHasOneRightAnswerForEachItemAndEachWrongOneSaysWhatItWouldHaveDone(ControlDevice control) {
        TorchProfile water = new TorchProfile("w", "Water torch", TorchCooling.WATER, List.of(), 4, 4, false);
        List<CheckItem> items = PreWeldCheck.of(Machines.score(control, 2), Machines.knobs(), Optional.of(water));

        assertThat(items)
                .extracting(CheckItem::code)
                .startsWith("power", "polarity")
                .contains("cooler", "leak", "flow", "panel");
        assertThat(items).allSatisfy(item -> {
            assertThat(said(item.text())).doesNotContain("{");
            assertThat(item.answers().stream().filter(CheckAnswer::isRight)).hasSize(1);
            item.answers().forEach(answer -> {
                assertThat(said(answer.text())).isNotBlank();
                answer.stops().ifPresent(stops -> assertThat(said(stops)).hasSizeGreaterThan(30));
            });
        });
    }

    @Test
    void electrodePositiveStopsTheCheck() {
        CheckItem polarity =
                PreWeldCheck.of(Machines.score(ControlDevice.PEDAL, 2), Machines.knobs(), Optional.empty()).stream()
                        .filter(item -> item.code().equals("polarity"))
                        .findFirst()
                        .orElseThrow();

        assertThat(said(polarity.answers().get(1).stops().orElseThrow())).contains("melts within seconds");
    }

    @ParameterizedTest
    @CsvSource({"0.08, 1, 60, 0.079, false", "0.08, 0.2, 600, 0.00158, true", "10, 0, 300, 0, true"})
    void aLeakIsCalculatedFromVolumeFallAndTime(
            double litres, double bar, double seconds, double expected, boolean tight) {
        LeakCheck check = LeakCheck.of(litres, bar, seconds).value().orElseThrow();

        assertThat(check.litresPerMin()).isCloseTo(expected, within(0.0005));
        assertThat(check.isTight()).isEqualTo(tight);
        assertThat(LeakCheck.of(-1, Double.NaN, 0).problems()).hasSize(3);
    }
}
