package vastarc.core.equipment;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * A leak found by the fall of pressure with the cylinder shut and the torch closed.
 *
 * <p>\( Q = V\,\Delta p / (p_0 t) \); V volume between cylinder valve and torch, L; Δp fall, bar; p_0 1 bar; t time, s. Isothermal. Source:
 * gas law [textbook]; a tight line loses under 0.05 L/min (judgement).
 *
 * @param volumeL V, L
 * @param dropBar Δp, bar
 * @param seconds t, s
 */
public record LeakCheck(double volumeL, double dropBar, double seconds) {

    /** Above this the leak is worth finding, L/min. Judgement. */
    public static final double TIGHT_L_PER_MIN = 0.05;

    private static final double ATMOSPHERE_BAR = 1.01325;

    /** Volume of hose and regulator under pressure. */
    public static final InputRange VOLUME = new InputRange("volumeL", 0.01, 50, Unit.LITRE);
    /** Fall of the pressure, bar. */
    public static final InputRange DROP = new InputRange("dropBar", 0, 200, Unit.NUMBER);
    /** Time over which it falls. */
    public static final InputRange TIME = new InputRange("seconds", 5, 7200, Unit.SECOND);

    /**
     * {@return the check, or what is wrong with its figures}
     *
     * @param volumeL volume, L
     * @param dropBar fall of the pressure, bar
     * @param seconds time, s
     */
    public static Outcome<LeakCheck> of(double volumeL, double dropBar, double seconds) {
        List<Problem> problems = new ArrayList<>();
        VOLUME.check(volumeL).ifPresent(problems::add);
        DROP.check(dropBar).ifPresent(problems::add);
        TIME.check(seconds).ifPresent(problems::add);
        return problems.isEmpty() ? Outcome.of(new LeakCheck(volumeL, dropBar, seconds)) : Outcome.failed(problems);
    }

    /**
     * {@return volume of a hose, L, with 0.03 L for torch and fittings}
     *
     * @param lengthM length, m
     * @param boreMm inside diameter, mm
     */
    public static double hoseVolumeL(double lengthM, double boreMm) {
        return Math.PI / 4 * boreMm * boreMm * lengthM / 1000 + 0.03;
    }

    /** {@return the leak at atmospheric pressure, L/min} */
    public double litresPerMin() {
        return volumeL * dropBar / ATMOSPHERE_BAR / seconds * 60;
    }

    /** {@return whether the leak is small enough to weld} */
    public boolean isTight() {
        return litresPerMin() <= TIGHT_L_PER_MIN;
    }
}
