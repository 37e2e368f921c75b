package vastarc.core.equipment;

import vastarc.core.base.units.Unit;

/** What the figures of a control count. */
public enum ScaleUnit {
    AMPERE(Unit.AMPERE),
    SECOND(Unit.SECOND),
    HERTZ(Unit.HERTZ),
    PERCENT(Unit.PERCENT),
    PERCENT_OF_MAIN(Unit.PERCENT),
    LITRE_PER_MIN(Unit.LITRE_PER_MIN);

    private final Unit unit;

    ScaleUnit(Unit unit) {
        this.unit = unit;
    }

    /** {@return the unit of its values} */
    public Unit unit() {
        return unit;
    }
}
