package vastarc.core.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.joint.Access;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Service;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelSetting;
import vastarc.core.machine.ScaleUnit;
import vastarc.core.machine.Taper;
import vastarc.core.machine.TorchProfile;
import vastarc.core.material.Material;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Phase;
import vastarc.core.score.Reaction;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.SettingKey;

class WordsTest {

    @ParameterizedTest
    @EnumSource(SettingKey.class)
    void everySettingHasNameFormulaSourceAndAdvice(SettingKey key) {
        for (String part : List.of("", ".formula", ".source", ".ifWrong")) {
            assertThat(Phrasebook.find(key.words() + part))
                    .as(key.words() + part)
                    .isPresent();
        }
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void everySchoolHasItsWords(School school) {
        assertThat(Phrasebook.find(school.words())).isPresent();
    }

    @ParameterizedTest
    @EnumSource(value = ScoreKey.class, mode = EnumSource.Mode.EXCLUDE, names = "SEAM_LENGTH")
    void everyFigureOfAScoreSaysWhatTooLittleAndTooMuchDo(ScoreKey key) {
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
        words("control", Control.values());
        words("chill", Chill.values());
        words("pulse", PulsePurpose.values());
        words("finish", Finish.values());
        words("feed", WireFeed.values());
        words("matter", Matter.values());
        words("access", Access.values());
        words("service", Service.values());
        words("phase", Phase.values());
        words("reaction", Reaction.values());
        words("logic", ControlLogic.Name.values());
        words("panel", PanelSetting.values());
        words("element", PanelElement.Kind.values());
        words("scale", ScaleUnit.values());
        words("taper", Taper.values());
        words("shape", MachineProfile.Shape.values());
        words("polarity", MachineProfile.Polarity.values());
        words("cooling", TorchProfile.Cooling.values());
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
