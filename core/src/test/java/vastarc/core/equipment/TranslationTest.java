package vastarc.core.equipment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;

/** From a setting to the place of a control and back, for every kind of control. Seeds are fixed. */
class TranslationTest {

    private static Scale random(Random random, Taper taper) {
        double low = taper == Taper.LOGARITHMIC ? 0.2 + 5 * random.nextDouble() : 10 * random.nextDouble() - 2;
        double high = low + 0.5 + 400 * random.nextDouble();
        double step = random.nextInt(3) == 0 ? (high - low) / (2 + random.nextInt(300)) : 0;
        return new Scale(
                ScaleUnit.AMPERE,
                low,
                high,
                step,
                random.nextInt(14),
                random.nextBoolean(),
                -180 + 360 * random.nextDouble(),
                30 + 300 * random.nextDouble(),
                random.nextBoolean(),
                taper,
                false);
    }

    @ParameterizedTest
    @EnumSource(Taper.class)
    void aKnobGoesThereAndBackWithinHalfItsStep(Taper taper) {
        for (int seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            Scale scale = random(random, taper);
            PanelElement knob = Machines.knob("k", PanelSetting.MAIN_CURRENT, scale);
            double value = scale.low() + (scale.high() - scale.low()) * random.nextDouble();

            double place = knob.placeOf(value);
            assertThat(place).as("seed " + seed).isBetween(0.0, 1.0);
            assertThat(knob.valueAt(place))
                    .as("seed " + seed)
                    .isCloseTo(value, within(knob.resolution(value) + 1e-6 * scale.high()));
            assertThat(knob.valueAt(knob.placeOf(knob.valueAt(place))))
                    .as("seed %d settles", seed)
                    .isCloseTo(knob.valueAt(place), within(1e-6 * scale.high()));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = ControlKind.class,
            names = {"DISPLAY", "VALVE"})
    void aShownFigureGoesThereAndBackWithinHalfItsStep(ControlKind kind) {
        for (int seed = 0; seed < 500; seed++) {
            Random random = new Random(seed);
            double high = 1 + 300 * random.nextDouble();
            Scale scale = Scale.display(ScaleUnit.AMPERE, 0, high, high / (1 + random.nextInt(400)));
            PanelElement element = new PanelElement(
                    "d", kind, PanelSetting.MAIN_CURRENT, "d", 0, 0, 1, Optional.of(scale), List.of(), List.of());
            double value = high * random.nextDouble();

            assertThat(element.valueAt(element.placeOf(value)))
                    .as("seed " + seed)
                    .isCloseTo(value, within(element.resolution(value) + 1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = ControlKind.class,
            names = {"SELECTOR", "BUTTON", "TOGGLE"})
    void aSwitchGoesToItsNearestStopAndBack(ControlKind kind) {
        for (int seed = 0; seed < 200; seed++) {
            Random random = new Random(seed);
            List<SwitchStop> stops = new ArrayList<>();
            double at = random.nextDouble();
            for (int i = 0; i < (kind == ControlKind.TOGGLE ? 2 : 2 + random.nextInt(9)); i++) {
                stops.add(SwitchStop.figure("s" + i, at));
                at += 0.1 + 20 * random.nextDouble();
            }
            PanelElement element =
                    Machines.switched("s", kind, PanelSetting.POST_FLOW, stops.toArray(SwitchStop[]::new));
            double first = stops.get(0).value().orElseThrow();
            double last = stops.get(stops.size() - 1).value().orElseThrow();
            double value = first + (last - first) * random.nextDouble();

            assertThat(element.valueAt(element.placeOf(value)))
                    .as("seed " + seed)
                    .isCloseTo(value, within(element.resolution(value) + 1e-9));
        }
    }

    @Test
    void aChoiceGoesToItsStopOrSaysThatThereIsNone() {
        PanelElement process = Machines.switched(
                "p",
                ControlKind.TOGGLE,
                PanelSetting.PROCESS,
                SwitchStop.choice("rod", "STICK"),
                SwitchStop.choice("needle", "TIG"));

        assertThat(process.stopOf("TIG")).contains(1);
        assertThat(process.stopOf("AC")).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "0, on the lowest mark",
        "0.2, on the second mark",
        "0.213, just past the second mark",
        "0.285, just before the third mark",
        "0.235, a third of the way from the second mark to the third",
        "0.25, halfway between the second mark and the third",
        "0.265, two thirds of the way from the second mark to the third",
        "1, on the tenth mark",
    })
    void aPointerIsSaidByItsMarks(double share, String words) {
        Scale scale = Scale.knob(ScaleUnit.AMPERE, 0, 100, 10, false);

        assertThat(Phrasebook.say(DialWords.of(scale, share), UnitSystem.METRIC))
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"0, 7:00", "0.5, 12:00", "1, 5:00", "0.75, 2:30"})
    void aDialWithoutMarksIsSaidByTheClock(double share, String clock) {
        Scale scale = Scale.knob(ScaleUnit.AMPERE, 0, 100, 0, false);

        assertThat(Phrasebook.say(DialWords.of(scale, share), UnitSystem.METRIC))
                .contains("at " + clock);
    }

    @Test
    void aKnobMayTurnTheOtherWay() {
        Scale scale = new Scale(ScaleUnit.AMPERE, 0, 10, 0, 10, true, 150, 300, false, Taper.LINEAR, false);

        assertThat(scale.angleDeg(0)).isEqualTo(150);
        assertThat(scale.angleDeg(1)).isEqualTo(-150);
    }
}
