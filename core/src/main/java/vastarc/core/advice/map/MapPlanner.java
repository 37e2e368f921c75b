package vastarc.core.advice.map;

import java.util.List;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import vastarc.core.advice.map.MapRequest.AxisRange;
import vastarc.core.advice.map.WeldMap.MapPoint;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/** Makes the map of a sheet. */
public final class MapPlanner {

    private static final double CURRENT_STEP_A = 0.25;
    private static final double TRAVEL_STEP = 0.005;
    private static final double FARTHEST_A = 0.9;

    /** Beyond it the model of a moving source says little of what a hand does. */
    private static final double FARTHEST_TRAVEL = SettingTolerance.MOST_TRAVEL_PERCENT / 100;

    private final SetupSheet sheet;
    private final double currentA;
    private final double travel;

    private MapPlanner(SetupSheet sheet) {
        this.sheet = sheet;
        this.currentA = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        this.travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();
    }

    /**
     * {@return the map of a sheet, or why there is none}
     *
     * @param sheet   the sheet
     * @param request what is to be shown
     */
    public static Outcome<WeldMap> of(SetupSheet sheet, MapRequest request) {
        return request.axis().isOfPulse() && !sheet.isPulsed()
                ? Outcome.failed(Problem.badValue("y", "map.noPulse"))
                : Outcome.of(new MapPlanner(sheet).map(request));
    }

    private WeldMap map(MapRequest request) {
        double ofSheet = ofSheet(request.axis());
        AxisRange xs = request.xRange()
                .orElse(new AxisRange(MapAxis.CURRENT.usualLow(currentA), MapAxis.CURRENT.usualHigh(currentA)));
        AxisRange ys = request.yRange()
                .orElse(new AxisRange(
                        request.axis().usualLow(ofSheet), request.axis().usualHigh(ofSheet)));
        List<Double> x = IntStream.range(0, request.nx())
                .mapToObj(i -> xs.at(i, request.nx()))
                .toList();
        List<Double> y = IntStream.range(0, request.ny())
                .mapToObj(j -> ys.at(j, request.ny()))
                .toList();
        List<List<WeldZone>> zones = y.stream()
                .map(value -> MapRow.of(sheet, request.axis(), value))
                .map(row -> x.stream().map(row::zone).toList())
                .toList();
        WeldZone here = MapRow.of(sheet, MapAxis.TRAVEL, travel).zone(currentA);
        return new WeldMap(x, request.axis(), y, zones, new MapPoint(currentA, ofSheet, here), tolerance());
    }

    private double ofSheet(MapAxis axis) {
        return switch (axis) {
            case CURRENT -> currentA;
            case TRAVEL -> travel;
            case GAP -> sheet.joint().gap().inMillimetres();
            case THICKNESS -> sheet.joint().thinnerMm();
            case PULSE_ON_TIME, PULSE_BACKGROUND ->
                sheet.setting(
                                axis == MapAxis.PULSE_ON_TIME
                                        ? ParameterKey.PULSE_ON_TIME
                                        : ParameterKey.PULSE_BACKGROUND)
                        .value();
        };
    }

    private SettingTolerance tolerance() {
        MapRow row = MapRow.of(sheet, MapAxis.TRAVEL, travel);
        DoublePredicate byCurrent = step -> row.zone(currentA + step) == WeldZone.GOOD;
        DoublePredicate byTravel =
                share -> MapRow.of(sheet, MapAxis.TRAVEL, travel * (1 + share)).zone(currentA) == WeldZone.GOOD;
        return new SettingTolerance(
                slips(byCurrent, -CURRENT_STEP_A, FARTHEST_A * currentA),
                slips(byCurrent, CURRENT_STEP_A, FARTHEST_A * currentA),
                100 * slips(byTravel, -TRAVEL_STEP, FARTHEST_TRAVEL),
                100 * slips(byTravel, TRAVEL_STEP, FARTHEST_TRAVEL));
    }

    /** How far one may go by steps before it is no longer right; at most so far. */
    private static double slips(DoublePredicate right, double step, double most) {
        int gone = 0;
        while ((gone + 1) * Math.abs(step) <= most && right.test((gone + 1) * step)) {
            gone++;
        }
        return gone * Math.abs(step);
    }
}
