package vastarc.core.advice.sequence;

import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.physics.heat.CoolingTime;

/**
 * What a route needs of one pass of a sheet.
 *
 * @param pass        from 1
 * @param mmPerS      travel
 * @param currentA    at the arc, the mean where it is pulsed, A
 * @param rmsA        for the duty, A
 * @param voltage     V
 * @param wireMmPerMm wire for a millimetre of seam; 0 without
 * @param wireMm2     its section
 * @param gasLPerMin  at the torch
 * @param preFlowS    s
 * @param postFlowS   s
 * @param interpassC  greatest temperature before it, °C
 * @param coolsS      from the end of an arc until the seam is down to that, s
 * @param cooling    of the end of an arc in still air
 */
public record PassFigures(
        int pass,
        double mmPerS,
        double currentA,
        double rmsA,
        double voltage,
        double wireMmPerMm,
        double wireMm2,
        double gasLPerMin,
        double preFlowS,
        double postFlowS,
        double interpassC,
        double coolsS,
        CoolingTime cooling) {

    private static final double USUAL_INTERPASS_C = 250;

    /**
     * Of a sheet, for its pass.
     *
     * @param sheet the sheet
     * @return the pass figures
     */
    public static PassFigures of(SetupSheet sheet) {
        double speed = sheet.setting(ParameterKey.TRAVEL_SPEED).value() / 60;
        double wire = figure(sheet, ParameterKey.WIRE_DIAMETER, 0);
        double section = Math.PI / 4 * wire * wire;
        double deposit = sheet.passes()
                .map(plan -> plan.passes().get(sheet.pass() - 1))
                .map(ScheduledPass::areaMm2)
                .orElse(sheet.heat().demand().depositedAreaMm2());
        double interpass = figure(sheet, ParameterKey.INTERPASS, USUAL_INTERPASS_C);
        double slope = sheet.setting(ParameterKey.DOWN_SLOPE).value();
        CoolingTime cooling = sheet.heat().cooling(slope, CoolingTime.STILL_AIR);
        return new PassFigures(
                sheet.pass(),
                speed,
                sheet.setting(ParameterKey.AVERAGE_CURRENT).value(),
                sheet.setting(ParameterKey.RMS_CURRENT).value(),
                sheet.setting(ParameterKey.ARC_VOLTAGE).value(),
                section > 0 ? deposit / section : 0,
                section,
                sheet.setting(ParameterKey.GAS_FLOW).value(),
                sheet.setting(ParameterKey.PRE_FLOW).value(),
                sheet.setting(ParameterKey.POST_FLOW).value(),
                interpass,
                interpass > sheet.practice().metalC() ? cooling.timeToS(interpass) : 0,
                cooling);
    }

    /** A figure of the sheet, or what is used where it has none. */
    static double figure(SetupSheet sheet, ParameterKey key, double otherwise) {
        return sheet.find(key)
                .filter(parameter -> parameter.window().isPresent())
                .map(Parameter::value)
                .orElse(otherwise);
    }
}
