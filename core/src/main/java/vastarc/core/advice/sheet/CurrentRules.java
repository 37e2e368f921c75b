package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.Currents;
import vastarc.core.advice.parameters.Currents.SaddleCurrents;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.advice.sheet.Parameter.ParameterBuilder;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;

/** Explains the {@link Currents}: working current, the pedal's ceiling, start and end, and those of laps and saddles. */
final class CurrentRules {

    private CurrentRules() {}

    static Parameter working(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        HeatBalance heat = plan.heat();
        Method method = weld.currents().working().method();
        Quantity thickness = Quantity.millimetres(plan.joint().thinnerMm());
        Quantity travel = Quantity.mmPerMin(weld.travel().mmPerMin().value());
        ParameterBuilder draft = figure(
                        ParameterKey.WORKING_CURRENT, weld.currents().working())
                .from("platePower", Quantity.watts(heat.platePowerW()))
                .from("wirePower", Quantity.watts(heat.wirePowerW()))
                .from("arcEfficiency", Quantity.percent(ArcModel.EFFICIENCY * 100))
                .from("travel", travel)
                .from("thickness", thickness);
        if (weld.pulse().isPresent()) {
            return draft.because(
                    "workingCurrent.peak",
                    Quantity.amperes(weld.currents().working().value()),
                    Quantity.amperes(weld.currents().averageA()));
        }
        if (method == Method.AS_PROVEN_HERE) {
            return draft.because(
                    "workingCurrent.proven", plan.proven().orElseThrow().runs());
        }
        return method == Method.HEAT_BALANCE
                ? draft.because(
                        heat.wirePowerW() > 0 ? "workingCurrent.wire" : "workingCurrent.fusion",
                        Quantity.watts(heat.platePowerW()),
                        Quantity.watts(heat.wirePowerW()),
                        travel)
                : draft.because("workingCurrent.rule", thickness);
    }

    /** Idle without a pedal. */
    static Parameter ceiling(WeldParameters weld) {
        Currents currents = weld.currents();
        if (weld.decisions().control() != ControlDevice.PEDAL) {
            return figure(ParameterKey.PEDAL_CEILING, currents.ceiling().range())
                    .idle()
                    .because("pedalCeiling.noFoot", working(currents));
        }
        Quantity hottest = Quantity.amperes(weld.decisions().hottestA());
        return figure(ParameterKey.PEDAL_CEILING, currents.ceiling())
                .from("workingCurrent", hottest)
                .because(
                        currents.ceiling().method() == Method.CEILING_AT_WORKING
                                ? "pedalCeiling.atWorking"
                                : "pedalCeiling.above",
                        hottest,
                        Quantity.percent(
                                100 * hottest.value() / currents.ceiling().value()));
    }

    /** Idle where a foot or nothing sets it. */
    static Parameter start(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        Currents currents = weld.currents();
        if (!plan.control().runsSlopes()) {
            return figure(ParameterKey.START_CURRENT, currents.start().range())
                    .idle()
                    .because("startCurrent." + plan.control());
        }
        return figure(ParameterKey.START_CURRENT, currents.start())
                .from("workingCurrent", working(currents))
                .from("tungstenMinimum", least(weld))
                .because(
                        currents.start().method() == Method.START_BY_EDGE
                                ? plan.startsAtEdge() ? "startCurrent.edge" : "startCurrent.closed"
                                : "startCurrent.school",
                        working(currents),
                        diameter(weld),
                        least(weld));
    }

    static Parameter end(WeldParameters weld) {
        Currents currents = weld.currents();
        ControlDevice control = weld.decisions().control();
        if (!control.runsSlopes()) {
            return figure(ParameterKey.END_CURRENT, currents.end()).idle().because("endCurrent." + control);
        }
        boolean byTungsten = currents.end().value() <= least(weld).value();
        return figure(ParameterKey.END_CURRENT, currents.end())
                .from("workingCurrent", working(currents))
                .from("tungstenMinimum", least(weld))
                .because(byTungsten ? "endCurrent.tungsten" : "endCurrent.fifth", working(currents), diameter(weld));
    }

    static Optional<Parameter> endOfLap(WeldParameters weld) {
        return weld.currents().lap().map(lap -> {
            Quantity rise = Quantity.of(lap.riseK(), Unit.KELVIN);
            return figure(ParameterKey.END_OF_LAP_CURRENT, lap.current())
                    .from("workingCurrent", working(weld.currents()))
                    .from("wrapRise", rise)
                    .because(
                            "endOfLapCurrent",
                            weld.decisions().joint().tubeOd().orElseThrow(),
                            rise,
                            working(weld.currents()));
        });
    }

    static List<Parameter> heelAndToe(WeldParameters weld) {
        List<Parameter> ends = new ArrayList<>(2);
        Optional<SaddleCurrents> saddle = weld.currents().saddle();
        if (saddle.isPresent()) {
            double angle = weld.decisions().joint().copeAngleDeg();
            ends.add(saddleEnd(ParameterKey.HEEL_CURRENT, saddle.get().heel(), weld, angle));
            ends.add(saddleEnd(ParameterKey.TOE_CURRENT, saddle.get().toe(), weld, 180 - angle));
        }
        return ends;
    }

    private static Parameter saddleEnd(ParameterKey key, Range current, WeldParameters weld, double angleDeg) {
        return figure(key, current)
                .from("workingCurrent", working(weld.currents()))
                .from("copeAngle", Quantity.of(weld.decisions().joint().copeAngleDeg(), Unit.DEGREE))
                .because(key.apiName(), Quantity.of(angleDeg, Unit.DEGREE), working(weld.currents()));
    }

    /** Average and RMS of the current in time. */
    static List<Parameter> means(WeldParameters weld) {
        Currents currents = weld.currents();
        String how = weld.pulse().isEmpty() ? "steady" : "pulsed";
        return List.of(
                figure(ParameterKey.AVERAGE_CURRENT, Range.only(currents.averageA()))
                        .from("peakCurrent", working(currents))
                        .because(
                                "averageCurrent." + how,
                                Quantity.watts(weld.heat().powerW())),
                figure(ParameterKey.RMS_CURRENT, Range.only(currents.rmsA()))
                        .from("peakCurrent", working(currents))
                        .because("rmsCurrent." + how));
    }

    private static Quantity working(Currents currents) {
        return Quantity.amperes(currents.working().value());
    }

    private static Quantity least(WeldParameters weld) {
        return Quantity.amperes(weld.electrode().tungsten().minStableA());
    }

    private static Quantity diameter(WeldParameters weld) {
        return Quantity.stockMillimetres(weld.electrode().tungsten().diameterMm());
    }
}
