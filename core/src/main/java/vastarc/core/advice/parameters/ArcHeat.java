package vastarc.core.advice.parameters;

import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.physics.heat.ArcModel;

/**
 * Voltage, power and energy of the arc of a pass.
 *
 * @param voltageV      voltage at the mean current, V
 * @param powerW        mean power over a pulse, W
 * @param heatInput     0.6 P/v, kJ/mm (EN 1011-1)
 * @param arcEnergy     P/v, kJ/mm
 */
public record ArcHeat(Range voltageV, double powerW, Range heatInput, Range arcEnergy) {

    private static final double VOLTAGE_SPREAD_V = 0.8;

    /** P the mean power of the arc, W, v travel, mm/s. Ranges ±20 %. Source: voltage [textbook], 0.6 EN 1011-1 [standard]. */
    static ArcHeat of(SheetDecisions plan) {
        ArcModel arc = plan.heat().arc();
        double volts = arc.voltageV(plan.pulse().averageA());
        double power = plan.pulse().meanPowerW(arc);
        ArcEnergy energy = ArcEnergy.of(power, plan.heat().demand().speedMmPerS());
        return new ArcHeat(
                new Range(volts, volts - VOLTAGE_SPREAD_V, volts + VOLTAGE_SPREAD_V),
                power,
                spread(energy.heatInputKjPerMm()),
                spread(energy.kjPerMm()));
    }

    private static Range spread(double value) {
        return new Range(value, 0.8 * value, 1.2 * value);
    }
}
