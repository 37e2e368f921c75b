package vastarc.core.advice.sheet;

import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.HeatBalance;

/**
 * How the working current moves when one thing changes by a step: the heat balance solved again.
 *
 * @param what   its words: {@code sensitivity.<what>}
 * @param unit   of what changes
 * @param low    one step down
 * @param lowCurrentA current there, A
 * @param now    as it is
 * @param currentA current, A
 * @param high   one step up
 * @param highCurrentA current there, A
 */
public record Sensitivity(
        String what,
        Unit unit,
        double low,
        double lowCurrentA,
        double now,
        double currentA,
        double high,
        double highCurrentA) {

    private static final double THICKNESS_STEP = 0.1;
    private static final double TRAVEL_STEP = 0.2;
    private static final double GAP_STEP_MM = 0.5;

    /**
     * {@return thickness ± a tenth, travel ± a fifth, gap ± half a millimetre (not below closed up)} Steady currents
     * by heat balance; what does not move the current is left out.
     *
     * @param sheet the sheet
     */
    public static List<Sensitivity> of(SetupSheet sheet) {
        return Stream.of(thickness(sheet), travel(sheet), gap(sheet))
                .filter(Sensitivity::moves)
                .toList();
    }

    private boolean moves() {
        return Math.abs(highCurrentA - currentA) > 1e-6 || Math.abs(lowCurrentA - currentA) > 1e-6;
    }

    private static Sensitivity thickness(SetupSheet sheet) {
        double t = sheet.joint().thinnerMm();
        return new Sensitivity(
                "thickness",
                Unit.MILLIMETRE,
                t * (1 - THICKNESS_STEP),
                current(scaled(sheet.joint(), 1 - THICKNESS_STEP), sheet.practice()),
                t,
                sheet.heat().currentA(),
                t * (1 + THICKNESS_STEP),
                current(scaled(sheet.joint(), 1 + THICKNESS_STEP), sheet.practice()));
    }

    private static Joint scaled(Joint joint, double factor) {
        return joint.with(draft -> {
            draft.base = Length.ofMillimetres(joint.base().inMillimetres() * factor);
            draft.abutting = Length.ofMillimetres(joint.abutting().inMillimetres() * factor);
        });
    }

    private static Sensitivity travel(SetupSheet sheet) {
        double speed = sheet.heat().demand().speedMmPerS();
        return new Sensitivity(
                "travel",
                Unit.MM_PER_MIN,
                60 * speed * (1 - TRAVEL_STEP),
                current(sheet.joint(), timed(sheet.practice(), speed * (1 - TRAVEL_STEP))),
                60 * speed,
                sheet.heat().currentA(),
                60 * speed * (1 + TRAVEL_STEP),
                current(sheet.joint(), timed(sheet.practice(), speed * (1 + TRAVEL_STEP))));
    }

    private static WeldingConditions timed(WeldingConditions conditions, double speedMmPerS) {
        return conditions.with(draft -> draft.travelMmPerS = OptionalDouble.of(speedMmPerS));
    }

    private static Sensitivity gap(SetupSheet sheet) {
        double gap = sheet.joint().gap().inMillimetres();
        double less = Math.max(0, gap - GAP_STEP_MM);
        return new Sensitivity(
                "gap",
                Unit.MILLIMETRE,
                less,
                current(gapped(sheet.joint(), less), sheet.practice()),
                gap,
                sheet.heat().currentA(),
                gap + GAP_STEP_MM,
                current(gapped(sheet.joint(), gap + GAP_STEP_MM), sheet.practice()));
    }

    private static Joint gapped(Joint joint, double millimetres) {
        return joint.with(draft -> draft.gap = Length.ofMillimetres(millimetres));
    }

    private static double current(Joint joint, WeldingConditions conditions) {
        return HeatBalance.currentA(joint, conditions);
    }
}
