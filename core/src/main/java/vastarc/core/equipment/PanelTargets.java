package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;

/**
 * What every setting of a panel must be for a weld cycle.
 *
 * @param mode    the trigger mode it runs in
 * @param figures by setting, in A, s, Hz, % or L/min
 * @param choices by setting
 * @param idle    why a setting does nothing for this job
 * @param missing settings the job wants and the panel has no control for
 */
record PanelTargets(
        TriggerModeName mode,
        Map<PanelSetting, Double> figures,
        Map<PanelSetting, String> choices,
        Map<PanelSetting, Phrase> idle,
        List<PanelSetting> missing) {

    static PanelTargets of(WeldCycle cycle, MachineProfile machine) {
        Builder builder = new Builder(cycle, machine);
        builder.choices();
        builder.figures();
        return new PanelTargets(
                builder.logic.name(), builder.figures, builder.choices, builder.idle, builder.missing());
    }

    private static final class Builder {
        private final WeldCycle score;
        private final MachineProfile machine;
        private final TriggerMode logic;
        private final Map<PanelSetting, Double> figures = new EnumMap<>(PanelSetting.class);
        private final Map<PanelSetting, String> choices = new EnumMap<>(PanelSetting.class);
        private final Map<PanelSetting, Phrase> idle = new EnumMap<>(PanelSetting.class);

        Builder(WeldCycle cycle, MachineProfile machine) {
            this.score = cycle;
            this.machine = machine;
            this.logic = machine.logic(cycle.logic().name()).orElse(cycle.logic());
        }

        void choices() {
            choices.put(PanelSetting.POWER, "ON");
            choices.put(PanelSetting.POLARITY, "TORCH_NEGATIVE");
            choices.put(PanelSetting.PROCESS, "TIG");
            choices.put(PanelSetting.CURRENT_TYPE, "DC");
            boolean lift = logic.gasByHand() || !machine.starts().contains("HF");
            choices.put(PanelSetting.START, lift ? "LIFT" : "HF");
            choices.put(PanelSetting.CONTROL, logic.name().name());
            choices.put(PanelSetting.PULSE, score.sheet().isPulsed() ? "ON" : "OFF");
        }

        void figures() {
            for (PanelSetting setting : PanelSetting.values()) {
                setting.key().ifPresent(key -> figure(setting, key));
            }
            double working = value(logic.isTack() ? CycleKey.SPOT_CURRENT : CycleKey.WORKING_CURRENT);
            boolean foot = logic.input() == TriggerInput.FOOT
                    && machine.logic(score.logic().name()).isPresent();
            boolean pulsed = score.sheet().isPulsed();
            boolean ownPeak = machine.control(PanelSetting.PULSE_PEAK).isPresent();
            double backgroundA = value(CycleKey.PULSE_BACKGROUND) / 100 * working;
            figures.put(
                    PanelSetting.MAIN_CURRENT,
                    pulsed && ownPeak ? backgroundA : foot ? value(CycleKey.PEDAL_CEILING) : working);
            idle.remove(PanelSetting.MAIN_CURRENT);
            if (!pulsed || !ownPeak) {
                idle.put(PanelSetting.PULSE_PEAK, Phrase.of("score.idle.steady"));
            }
            figures.put(
                    PanelSetting.GAS_FLOW,
                    score.sheet().setting(ParameterKey.GAS_FLOW).value());
        }

        private double value(CycleKey key) {
            return score.values().of(key);
        }

        private void figure(PanelSetting setting, CycleKey key) {
            CycleHandle handle = score.handle(key);
            figures.put(setting, handle.value());
            Optional<Phrase> why = handle.isIdle() ? handle.idle() : passedOver(setting);
            why.ifPresent(phrase -> idle.put(setting, phrase));
        }

        /** The weld cycle's logic honours it, but this machine's does not. */
        private Optional<Phrase> passedOver(PanelSetting setting) {
            boolean passed = setting.key()
                    .flatMap(CycleKey::supportedSetting)
                    .filter(honour -> !logic.honours(honour))
                    .isPresent();
            boolean byHand =
                    logic.gasByHand() && (setting == PanelSetting.PRE_FLOW || setting == PanelSetting.POST_FLOW);
            return byHand
                    ? Optional.of(Phrase.of("panel.idle.byHand"))
                    : passed ? Optional.of(Phrase.of("panel.idle.machine", machine.name())) : Optional.empty();
        }

        List<PanelSetting> missing() {
            List<PanelSetting> missing = new ArrayList<>();
            boolean pulsed = score.sheet().isPulsed();
            for (PanelSetting setting : figures.keySet()) {
                boolean beside = setting == PanelSetting.GAS_FLOW || setting == PanelSetting.PULSE_PEAK;
                boolean onTime = !pulsed && setting.isPulse();
                if (!beside
                        && !onTime
                        && !idle.containsKey(setting)
                        && machine.control(setting).isEmpty()) {
                    missing.add(setting);
                }
            }
            return missing;
        }
    }
}
