package vastarc.core.training;

import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.ScaleUnit;

/** What a control that is set wrong would have done. Its words: {@code harm.<setting>}, for figures with {@code .low} or {@code .high}. */
final class PanelFaultEffect {

    private PanelFaultEffect() {}

    static String of(PanelElement element, double place, WeldCycle cycle) {
        PanelSetting setting = element.setting();
        String words = "harm." + setting.name();
        if (setting == PanelSetting.START || setting == PanelSetting.PULSE) {
            words += "." + choice(element, place);
        } else if (setting.isFigure()) {
            words += isHigh(element, place, cycle) ? ".high" : ".low";
        }
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    private static String choice(PanelElement element, double place) {
        return element.stops().get((int) Math.round(place)).choice().orElse("OFF");
    }

    /** Against what the weld cycle wants, in the control's own unit: a share of the main current where it is marked in those. */
    private static boolean isHigh(PanelElement element, double place, WeldCycle cycle) {
        CycleHandle handle = element.setting().key().map(cycle.handles()::get).orElse(null);
        double there = element.valueAt(place);
        if (handle == null) {
            return element.scale()
                    .filter(scale -> there > (scale.low() + scale.high()) / 2)
                    .isPresent();
        }
        boolean shares = element.scale()
                .filter(scale -> scale.unit() == ScaleUnit.PERCENT_OF_MAIN)
                .isPresent();
        double wanted = shares ? 100 * handle.value() / cycle.values().of(CycleKey.WORKING_CURRENT) : handle.value();
        return there > wanted;
    }
}
