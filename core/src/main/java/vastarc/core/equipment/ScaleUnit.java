package vastarc.core.equipment;

import vastarc.core.base.units.Unit;

/** What the figures of a control count. */
public enum ScaleUnit {
    /** Ampere. */
    AMPERE(Unit.AMPERE),
    /** Second. */
    SECOND(Unit.SECOND),
    /** Hertz. */
    HERTZ(Unit.HERTZ),
    /** Per cent. */
    PERCENT(Unit.PERCENT),
    /** Per cent of the main current. */
    PERCENT_OF_MAIN(Unit.PERCENT),
    /** Litre a minute. */
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
