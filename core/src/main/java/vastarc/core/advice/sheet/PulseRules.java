package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.List;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PulseSettings;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.PulsePurpose;

/** Explains the {@link PulseSettings}; at rest and idle for a steady current. */
final class PulseRules {

    private PulseRules() {}

    static List<Parameter> settings(WeldParameters weld) {
        return weld.pulse().map(pulse -> pulsed(weld, pulse)).orElseGet(() -> steady(weld));
    }

    private static List<Parameter> steady(WeldParameters weld) {
        PulsePurpose purpose = weld.decisions().practice().pulse();
        String why = purpose == PulsePurpose.NONE ? "pulse.none" : "pulse.liftOnly";
        double current = weld.currents().working().value();
        return List.of(
                figure(ParameterKey.PULSE_RATE, Range.only(0)).idle().because(why),
                figure(ParameterKey.PULSE_ON_TIME, Range.only(100)).idle().because(why),
                figure(ParameterKey.PULSE_BACKGROUND, Range.only(100)).idle().because(why),
                figure(ParameterKey.PULSE_BACKGROUND_CURRENT, Range.only(current))
                        .idle()
                        .because(why));
    }

    private static List<Parameter> pulsed(WeldParameters weld, PulseSettings pulse) {
        PulsePurpose purpose = weld.decisions().practice().pulse();
        Quantity peak = Quantity.amperes(weld.currents().working().value());
        Quantity least = Quantity.amperes(weld.electrode().tungsten().minStableA());
        Quantity pitch = Quantity.ruled(pulse.ripplePitchMm());
        Quantity frozen = Quantity.percent(100 * pulse.frozenFraction());
        return List.of(
                figure(ParameterKey.PULSE_RATE, pulse.rateHz())
                        .from(
                                "travel",
                                Quantity.mmPerMin(weld.travel().mmPerMin().value()))
                        .from("ripplePitch", pitch)
                        .from("frozen", frozen)
                        .because("pulseRate." + purpose, pitch, frozen),
                figure(ParameterKey.PULSE_ON_TIME, pulse.onTimePercent())
                        .from("peakCurrent", peak)
                        .because("pulseOnTime." + purpose),
                figure(ParameterKey.PULSE_BACKGROUND, pulse.backgroundPercent())
                        .from("peakCurrent", peak)
                        .from("tungstenMinimum", least)
                        .because(
                                "pulseBackground",
                                Quantity.amperes(pulse.backgroundA().value())),
                figure(ParameterKey.PULSE_BACKGROUND_CURRENT, pulse.backgroundA())
                        .from("peakCurrent", peak)
                        .from("tungstenMinimum", least)
                        .because(
                                "pulseBackgroundCurrent",
                                Quantity.percent(pulse.backgroundPercent().value())));
    }
}
