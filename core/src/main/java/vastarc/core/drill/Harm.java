package vastarc.core.drill;

import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelSetting;
import vastarc.core.machine.ScaleUnit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Handle;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** What a control that stands wrong would have done. Spoken by {@code harm.<setting>}, for figures with {@code .low} or {@code .high}. */
final class Harm {

    private Harm() {}

    static String of(PanelElement element, double place, Score score) {
        PanelSetting setting = element.setting();
        String words = "harm." + setting.name();
        if (setting == PanelSetting.START || setting == PanelSetting.PULSE) {
            words += "." + choice(element, place);
        } else if (setting.isFigure()) {
            words += isHigh(element, place, score) ? ".high" : ".low";
        }
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    private static String choice(PanelElement element, double place) {
        return element.stops().get((int) Math.round(place)).choice().orElse("OFF");
    }

    /** Against what the score wants, in the control's own unit: a share of the main current where it is marked in those. */
    private static boolean isHigh(PanelElement element, double place, Score score) {
        Handle handle = element.setting().key().map(score.handles()::get).orElse(null);
        double there = element.valueAt(place);
        if (handle == null) {
            return element.scale()
                    .filter(scale -> there > (scale.low() + scale.high()) / 2)
                    .isPresent();
        }
        boolean shares = element.scale()
                .filter(scale -> scale.unit() == ScaleUnit.PERCENT_OF_MAIN)
                .isPresent();
        double wanted = shares ? 100 * handle.value() / score.values().of(ScoreKey.WORKING_CURRENT) : handle.value();
        return there > wanted;
    }
}
