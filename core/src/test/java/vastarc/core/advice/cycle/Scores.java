package vastarc.core.advice.cycle;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Scores for tests: of a known joint, of round figures, and drawn at random from a seed. */
final class Scores {

    private Scores() {}

    static SetupSheet sheet(ControlDevice control, PulsePurpose pulse, OwnValues own) {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = control;
            draft.pulse = pulse;
            draft.purged = true;
        });
        return SheetPlanner.plan(joint, conditions, ShopDefaults.usual(), own)
                .value()
                .orElseThrow();
    }

    static WeldCycle score(TriggerModeName name, PulsePurpose pulse) {
        TriggerMode mode = TriggerMode.of(name);
        ControlDevice control = mode.control().orElse(ControlDevice.TRIGGER_4T);
        return CyclePlanner.plan(
                sheet(control, pulse, OwnValues.none()), new CycleChoices(Optional.of(mode), Map.of()));
    }

    /**
     * Round figures: pre-flow 1 s, start 20 A for 0.5 s, up-slope 2 s, 100 A for 10 s, second 60 A, down-slope 4 s, end 10 A for 1 s,
     * post-flow 5 s; foot 1 s up, 2 s down, ceiling 125 A; spots of 80 A for 0.6 s every 0.4 s; no pulse; least 5 A.
     */
    static CycleValues round() {
        Map<CycleKey, Double> values = new EnumMap<>(CycleKey.class);
        values.put(CycleKey.PRE_FLOW, 1.0);
        values.put(CycleKey.START_CURRENT, 20.0);
        values.put(CycleKey.START_HOLD, 0.5);
        values.put(CycleKey.UP_SLOPE, 2.0);
        values.put(CycleKey.WORKING_CURRENT, 100.0);
        values.put(CycleKey.PEDAL_CEILING, 125.0);
        values.put(CycleKey.PULSE_RATE, 0.0);
        values.put(CycleKey.PULSE_ON_TIME, 50.0);
        values.put(CycleKey.PULSE_BACKGROUND, 40.0);
        values.put(CycleKey.SECOND_CURRENT, 60.0);
        values.put(CycleKey.DOWN_SLOPE, 4.0);
        values.put(CycleKey.END_CURRENT, 10.0);
        values.put(CycleKey.END_HOLD, 1.0);
        values.put(CycleKey.POST_FLOW, 5.0);
        values.put(CycleKey.SEAM_LENGTH, 20.0);
        values.put(CycleKey.FOOT_IN, 1.0);
        values.put(CycleKey.FOOT_OUT, 2.0);
        values.put(CycleKey.SPOT_CURRENT, 80.0);
        values.put(CycleKey.SPOT_TIME, 0.6);
        values.put(CycleKey.SPOT_PAUSE, 0.4);
        return new CycleValues(values, 5, 3, 10);
    }

    /** Figures anywhere a panel could stand, end and start not above the peak. */
    static CycleValues random(Random random) {
        CycleValues values = round();
        double peak = 5 + 300 * random.nextDouble();
        for (CycleKey key : CycleKey.values()) {
            if (key.unit() == vastarc.core.base.units.Unit.SECOND) {
                boolean none = random.nextInt(6) == 0 && key.range().low() == 0;
                values = values.with(key, none ? 0 : key.range().low() + 4 * random.nextDouble());
            }
        }
        return new CycleValues(
                values.with(CycleKey.WORKING_CURRENT, peak)
                        .with(CycleKey.START_CURRENT, peak * random.nextDouble())
                        .with(CycleKey.END_CURRENT, peak * random.nextDouble())
                        .with(CycleKey.SECOND_CURRENT, 5 + peak * random.nextDouble())
                        .with(CycleKey.PEDAL_CEILING, peak * (1 + 0.5 * random.nextDouble()))
                        .with(CycleKey.SPOT_CURRENT, peak)
                        .with(CycleKey.PULSE_RATE, random.nextBoolean() ? 0 : 0.3 + 12 * random.nextDouble())
                        .with(CycleKey.PULSE_ON_TIME, 10 + 80 * random.nextDouble())
                        .with(CycleKey.PULSE_BACKGROUND, 5 + 90 * random.nextDouble())
                        .values(),
                2 + 5 * random.nextDouble(),
                1 + random.nextInt(5),
                0.5 + 6 * random.nextDouble());
    }
}
