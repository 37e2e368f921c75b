package vastarc.core.route;

import vastarc.core.heat.Cooling;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

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
        Cooling cooling) {

    private static final double USUAL_INTERPASS_C = 250;

    /** Of a sheet, for its pass. */
    public static PassFigures of(Sheet sheet) {
        double speed = sheet.setting(SettingKey.TRAVEL_SPEED).value() / 60;
        double wire = figure(sheet, SettingKey.WIRE_DIAMETER, 0);
        double section = Math.PI / 4 * wire * wire;
        double deposit = sheet.passes()
                .map(plan -> plan.passes().get(sheet.pass() - 1))
                .map(PassPlan.Pass::areaMm2)
                .orElse(sheet.heat().demand().depositMm2());
        double interpass = figure(sheet, SettingKey.INTERPASS, USUAL_INTERPASS_C);
        double slope = sheet.setting(SettingKey.DOWN_SLOPE).value();
        Cooling cooling = sheet.heat().cooling(slope, Cooling.STILL_AIR);
        return new PassFigures(
                sheet.pass(),
                speed,
                sheet.setting(SettingKey.AVERAGE_CURRENT).value(),
                sheet.setting(SettingKey.RMS_CURRENT).value(),
                sheet.setting(SettingKey.ARC_VOLTAGE).value(),
                section > 0 ? deposit / section : 0,
                section,
                sheet.setting(SettingKey.GAS_FLOW).value(),
                sheet.setting(SettingKey.PRE_FLOW).value(),
                sheet.setting(SettingKey.POST_FLOW).value(),
                interpass,
                interpass > sheet.practice().metalC() ? cooling.timeToS(interpass) : 0,
                cooling);
    }

    /** A figure of the sheet, or what stands where it has none. */
    static double figure(Sheet sheet, SettingKey key, double otherwise) {
        return sheet.find(key)
                .filter(setting -> setting.window().isPresent())
                .map(Setting::value)
                .orElse(otherwise);
    }
}
