package vastarc.core.advice.map;

import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.JointLimits.InputRange;

/** What a map goes over. */
public enum MapAxis {
    /** Working current, the peak where it is pulsed, A. */
    CURRENT(0.4, 1.8, 1, 600, Unit.AMPERE),
    /** Travel, mm/min. */
    TRAVEL(0.4, 2.2, 5, 1000, Unit.MM_PER_MIN),
    /** Gap between the members, mm. */
    GAP(0, 0, 0, 5, Unit.MILLIMETRE),
    /** Thickness of both members, as it really is while the settings stay, mm. */
    THICKNESS(0.6, 1.4, 0.1, 12, Unit.MILLIMETRE),
    /** Share of the pulse at peak current, %. */
    PULSE_ON_TIME(0, 0, 5, 95, Unit.PERCENT),
    /** Background of the pulse over its peak, %. */
    PULSE_BACKGROUND(0, 0, 5, 95, Unit.PERCENT);

    private final double usualLow;
    private final double usualHigh;
    private final InputRange range;

    MapAxis(double usualLow, double usualHigh, double low, double high, Unit unit) {
        this.usualLow = usualLow;
        this.usualHigh = usualHigh;
        this.range = new InputRange(name(), low, high, unit);
    }

    /** {@return what its values may be} */
    public InputRange range() {
        return range;
    }

    /** {@return its unit} */
    public Unit unit() {
        return range.unit();
    }

    /** {@return whether it is one of the pulse, and so needs one} */
    public boolean isOfPulse() {
        return this == PULSE_ON_TIME || this == PULSE_BACKGROUND;
    }

    /** Where a map usually begins, around the value of the sheet; a fixed range where it does not go with that value. */
    double usualLow(double ofSheet) {
        return usualHigh > 0 ? Math.max(range.low(), usualLow * ofSheet) : range.low();
    }

    /** Where it usually ends. */
    double usualHigh(double ofSheet) {
        return usualHigh > 0 ? Math.min(range.high(), usualHigh * ofSheet) : this == GAP ? 2 : range.high();
    }
}
