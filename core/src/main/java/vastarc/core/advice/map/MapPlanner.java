package vastarc.core.advice.map;

import java.util.List;
import java.util.Optional;
import java.util.function.DoublePredicate;
import java.util.stream.IntStream;
import vastarc.core.advice.map.MapRequest.AxisRange;
import vastarc.core.advice.map.WeldMap.MapPlace;
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
    private static final int EDGE_STEPS = 10;

    /** Beyond it the model of a moving source says little of what a hand does. */
    private static final double FARTHEST_TRAVEL = SettingTolerance.MOST_TRAVEL_PERCENT / 100;

    private final SetupSheet sheet;
    private final double currentA;
    private final double travel;
    private final double wireShare;

    private MapPlanner(SetupSheet sheet) {
        this(
                sheet,
                sheet.setting(ParameterKey.WORKING_CURRENT).value(),
                sheet.setting(ParameterKey.TRAVEL_SPEED).value(),
                1);
    }

    private MapPlanner(SetupSheet sheet, double currentA, double travel, double wireShare) {
        this.sheet = sheet;
        this.currentA = currentA;
        this.travel = travel;
        this.wireShare = wireShare;
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

    /**
     * {@return what becomes of the weld at one setting}
     *
     * @param sheet    the sheet
     * @param currentA current, A
     * @param travel   mm/min
     */
    public static MapPlace at(SetupSheet sheet, double currentA, double travel) {
        MapRow row = MapRow.of(sheet, MapAxis.TRAVEL, travel);
        WeldZone here = row.zone(currentA);
        boolean unsure = IntStream.rangeClosed(-EDGE_STEPS, EDGE_STEPS)
                .mapToObj(step -> row.zone(currentA * (1 + WeldMap.EDGE_SHARE * step / EDGE_STEPS)))
                .anyMatch(zone -> zone.side() != here.side());
        return new MapPlace(here, unsure, row.figures(currentA));
    }

    /**
     * {@return the zone of one setting alone}
     *
     * @param sheet    the sheet
     * @param currentA current, A
     * @param travel   mm/min
     */
    public static WeldZone zone(SetupSheet sheet, double currentA, double travel) {
        return MapRow.of(sheet, MapAxis.TRAVEL, travel).zone(currentA);
    }

    /**
     * {@return the most forgiving setting: of all that are right within the sheet's range of travel, the one that lies farthest from every one that is
     * not; empty on a map over anything but travel}
     *
     * @param sheet of the map
     * @param map   the map
     */
    public static Optional<MapPoint> mostForgiving(SetupSheet sheet, WeldMap map) {
        return ForgivingPoint.of(sheet, map);
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
        List<MapRow> rows =
                y.stream().map(value -> MapRow.of(sheet, request.axis(), value)).toList();
        List<List<WeldZone>> zones =
                rows.stream().map(row -> x.stream().map(row::zone).toList()).toList();
        WeldZone here = zone(sheet, currentA, travel);
        return new WeldMap(
                x,
                request.axis(),
                y,
                zones,
                ZoneEdges.of(x, rows, zones),
                new MapPoint(currentA, ofSheet, here),
                tolerance());
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

    /**
     * {@return how far the setting of a sheet may slip}
     *
     * @param sheet the sheet
     */
    public static SettingTolerance tolerance(SetupSheet sheet) {
        return new MapPlanner(sheet).tolerance();
    }

    /**
     * {@return how far another setting of the same joint may slip; none where it is not right as it is}
     *
     * @param sheet     the sheet, whose pulse it keeps
     * @param currentA  current, A
     * @param travel    mm/min
     * @param wireShare heat that its rod takes, as a share of what the sheet's own takes; 1 for the same rod
     */
    public static SettingTolerance tolerance(SetupSheet sheet, double currentA, double travel, double wireShare) {
        return new MapPlanner(sheet, currentA, travel, wireShare).tolerance();
    }

    private SettingTolerance tolerance() {
        MapRow row = MapRow.of(sheet, travel, wireShare);
        if (row.zone(currentA) != WeldZone.GOOD) {
            return SettingTolerance.NONE;
        }
        DoublePredicate byCurrent = step -> row.zone(currentA + step) == WeldZone.GOOD;
        DoublePredicate byTravel =
                share -> MapRow.of(sheet, travel * (1 + share), wireShare).zone(currentA) == WeldZone.GOOD;
        return new SettingTolerance(
                slips(byCurrent, -CURRENT_STEP_A, FARTHEST_A * currentA),
                slips(byCurrent, CURRENT_STEP_A, FARTHEST_A * currentA),
                100 * slips(byTravel, -TRAVEL_STEP, FARTHEST_TRAVEL),
                100 * slips(byTravel, TRAVEL_STEP, FARTHEST_TRAVEL));
    }

    /** How far one may go by steps, at most so far, before it is no longer right: what is right ends once, so that halving finds the end. */
    private static double slips(DoublePredicate right, double step, double most) {
        int good = 0;
        int bad = (int) (most / Math.abs(step)) + 1;
        while (bad - good > 1) {
            int middle = (good + bad) / 2;
            if (right.test(middle * step)) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good * Math.abs(step);
    }
}
