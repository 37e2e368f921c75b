package vastarc.core.advice.parameters;

import java.util.Optional;

/**
 * Every number of a pass, each by its own calculator. The sheet explains them, and puts the welder's own values in their place.
 *
 * @param decisions    what was decided before: heat, methods, pulse, tungsten, cup, gas, filler
 * @param currents     currents
 * @param slopes       how the current comes and goes
 * @param pulse        the pulse; empty for a steady current
 * @param gas          gas before and after the arc
 * @param electrode    tungsten
 * @param torch        the rest of the torch
 * @param filler       filler rod; empty without
 * @param purge        back purge, as it would be
 * @param travel       travel
 * @param passes       the passes of a joint that takes more than one; empty for one that does not
 * @param heat         voltage and energy of the arc
 * @param temperatures metal before the arc and between passes
 * @param bead         what to expect of the bead
 * @param tint         what to expect of its colour
 */
public record WeldParameters(
        SheetDecisions decisions,
        Currents currents,
        Slopes slopes,
        Optional<PulseSettings> pulse,
        GasTimes gas,
        Electrode electrode,
        TorchSetup torch,
        Optional<FillerSettings> filler,
        PurgeFlows purge,
        TravelSettings travel,
        Optional<PassSchedule> passes,
        ArcHeat heat,
        MetalTemperatures temperatures,
        ExpectedBead bead,
        TintForecast tint) {

    /**
     * {@return the numbers that follow from what was decided}
     *
     * @param plan the decisions of the sheet
     */
    public static WeldParameters of(SheetDecisions plan) {
        return new WeldParameters(
                plan,
                Currents.of(plan),
                Slopes.of(plan),
                PulseSettings.of(plan),
                GasTimes.of(plan),
                Electrode.of(plan),
                TorchSetup.of(plan),
                FillerSettings.of(plan),
                PurgeFlows.of(plan),
                TravelSettings.of(plan),
                PassSchedule.of(plan),
                ArcHeat.of(plan),
                MetalTemperatures.of(plan),
                ExpectedBead.of(plan),
                TintForecast.of(plan));
    }
}
