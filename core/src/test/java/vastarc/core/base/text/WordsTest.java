package vastarc.core.base.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerAction;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.material.Material;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.MachineProfile.PanelShape;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.ScaleUnit;
import vastarc.core.equipment.Taper;
import vastarc.core.equipment.TorchProfile.TorchCooling;

class WordsTest {

    @ParameterizedTest
    @EnumSource(ParameterKey.class)
    void everySettingHasNameFormulaSourceAndAdvice(ParameterKey key) {
        for (String part : List.of("", ".formula", ".source", ".ifWrong")) {
            assertThat(Phrasebook.find(key.words() + part))
                    .as(key.words() + part)
                    .isPresent();
        }
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void everySchoolHasItsWords(Method method) {
        assertThat(Phrasebook.find(method.words())).isPresent();
    }

    @ParameterizedTest
    @EnumSource(value = CycleKey.class, mode = EnumSource.Mode.EXCLUDE, names = "SEAM_LENGTH")
    void everyFigureOfAScoreSaysWhatTooLittleAndTooMuchDo(CycleKey key) {
        for (String words : List.of(key.words(), "score.below." + key.apiName(), "score.above." + key.apiName())) {
            assertThat(Phrasebook.find(words)).as(words).isPresent();
        }
    }

    @Test
    void everyChoiceHasItsWords() {
        words("material", Material.values());
        words("joint", JointForm.values());
        words("position", Position.values());
        words("technique", Technique.values());
        words("control", ControlDevice.values());
        words("chill", BackingBar.values());
        words("pulse", PulsePurpose.values());
        words("finish", FinishRequirement.values());
        words("feed", FillerFeed.values());
        words("matter", ParameterTopic.values());
        words("access", Access.values());
        words("service", ServiceRequirement.values());
        words("phase", Phase.values());
        words("reaction", TriggerAction.values());
        words("logic", TriggerModeName.values());
        words("panel", PanelSetting.values());
        words("element", ControlKind.values());
        words("scale", ScaleUnit.values());
        words("taper", Taper.values());
        words("shape", PanelShape.values());
        words("polarity", MachineProfile.Polarity.values());
        words("cooling", TorchCooling.values());
    }

    private static void words(String group, Enum<?>[] values) {
        for (Enum<?> value : values) {
            assertThat(Phrasebook.find(group + "." + value.name()))
                    .as(group + "." + value)
                    .isPresent();
        }
    }

    @Test
    void figuresInsideASentenceFollowTheReadersUnits() {
        Phrase phrase = Phrase.of("reason.stickOut.lens", Quantity.millimetres(12.7));

        assertThat(Phrasebook.say(phrase, UnitSystem.METRIC)).contains("12.7 mm");
        assertThat(Phrasebook.say(phrase, UnitSystem.INCH)).contains("0.5 in");
    }

    @Test
    void aPhraseWithoutWordsOrArgumentsIsAFaultInTheProgram() {
        assertThatThrownBy(() -> Phrasebook.say(Phrase.of("no.such"), UnitSystem.METRIC))
                .hasMessageContaining("no.such");
        assertThatThrownBy(() -> Phrasebook.say(Phrase.of("reason.stickOut.lens"), UnitSystem.METRIC))
                .hasMessageContaining("no argument 0");
    }
}
