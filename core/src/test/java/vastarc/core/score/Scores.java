package vastarc.core.score;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.material.Material;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.SheetPlanner;
import vastarc.core.sheet.ShopWays;

/** Scores for tests: of a known joint, of round figures, and drawn at random from a seed. */
final class Scores {

    private Scores() {}

    static Sheet sheet(Control control, PulsePurpose pulse, OwnValues own) {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        Practice practice = Practice.usual().with(draft -> {
            draft.control = control;
            draft.pulse = pulse;
            draft.purged = true;
        });
        return SheetPlanner.plan(joint, practice, ShopWays.usual(), own).value().orElseThrow();
    }

    static Score score(ControlLogic.Name name, PulsePurpose pulse) {
        ControlLogic logic = ControlLogic.of(name);
        Control control = logic.control().orElse(Control.TRIGGER_4T);
        return ScorePlanner.plan(
                sheet(control, pulse, OwnValues.none()), new ScoreChoices(Optional.of(logic), Map.of()));
    }

    /**
     * Round figures: pre-flow 1 s, start 20 A for 0.5 s, up-slope 2 s, 100 A for 10 s, second 60 A, down-slope 4 s, end 10 A for 1 s,
     * post-flow 5 s; foot 1 s up, 2 s down, ceiling 125 A; spots of 80 A for 0.6 s every 0.4 s; no pulse; least 5 A.
     */
    static ScoreValues round() {
        Map<ScoreKey, Double> values = new EnumMap<>(ScoreKey.class);
        values.put(ScoreKey.PRE_FLOW, 1.0);
        values.put(ScoreKey.START_CURRENT, 20.0);
        values.put(ScoreKey.START_HOLD, 0.5);
        values.put(ScoreKey.UP_SLOPE, 2.0);
        values.put(ScoreKey.WORKING_CURRENT, 100.0);
        values.put(ScoreKey.PEDAL_CEILING, 125.0);
        values.put(ScoreKey.PULSE_RATE, 0.0);
        values.put(ScoreKey.PULSE_ON_TIME, 50.0);
        values.put(ScoreKey.PULSE_BACKGROUND, 40.0);
        values.put(ScoreKey.SECOND_CURRENT, 60.0);
        values.put(ScoreKey.DOWN_SLOPE, 4.0);
        values.put(ScoreKey.END_CURRENT, 10.0);
        values.put(ScoreKey.END_HOLD, 1.0);
        values.put(ScoreKey.POST_FLOW, 5.0);
        values.put(ScoreKey.SEAM_LENGTH, 20.0);
        values.put(ScoreKey.FOOT_IN, 1.0);
        values.put(ScoreKey.FOOT_OUT, 2.0);
        values.put(ScoreKey.SPOT_CURRENT, 80.0);
        values.put(ScoreKey.SPOT_TIME, 0.6);
        values.put(ScoreKey.SPOT_PAUSE, 0.4);
        return new ScoreValues(values, 5, 3, 10);
    }

    /** Figures anywhere a panel could stand, end and start not above the peak. */
    static ScoreValues random(Random random) {
        ScoreValues values = round();
        double peak = 5 + 300 * random.nextDouble();
        for (ScoreKey key : ScoreKey.values()) {
            if (key.unit() == vastarc.core.quantity.Unit.SECOND) {
                boolean none = random.nextInt(6) == 0 && key.range().low() == 0;
                values = values.with(key, none ? 0 : key.range().low() + 4 * random.nextDouble());
            }
        }
        return new ScoreValues(
                values.with(ScoreKey.WORKING_CURRENT, peak)
                        .with(ScoreKey.START_CURRENT, peak * random.nextDouble())
                        .with(ScoreKey.END_CURRENT, peak * random.nextDouble())
                        .with(ScoreKey.SECOND_CURRENT, 5 + peak * random.nextDouble())
                        .with(ScoreKey.PEDAL_CEILING, peak * (1 + 0.5 * random.nextDouble()))
                        .with(ScoreKey.SPOT_CURRENT, peak)
                        .with(ScoreKey.PULSE_RATE, random.nextBoolean() ? 0 : 0.3 + 12 * random.nextDouble())
                        .with(ScoreKey.PULSE_ON_TIME, 10 + 80 * random.nextDouble())
                        .with(ScoreKey.PULSE_BACKGROUND, 5 + 90 * random.nextDouble())
                        .values(),
                2 + 5 * random.nextDouble(),
                1 + random.nextInt(5),
                0.5 + 6 * random.nextDouble());
    }
}
