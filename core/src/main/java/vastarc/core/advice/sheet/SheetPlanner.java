package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ScopeRules;
import vastarc.core.advice.parameters.SheetChoices;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.parameters.ThermalPlan;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.advice.parameters.WeldPass;
import vastarc.core.advice.sheet.OwnValueRules.CheckedValues;
import vastarc.core.advice.sheet.SetupSheet.PedalRamps;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.HeatBalance;

/** From a joint to its setup sheet. */
public final class SheetPlanner {

    private SheetPlanner() {}

    /**
     * {@return the sheet by the product's default methods}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static Outcome<SetupSheet> plan(Joint joint, WeldingConditions conditions) {
        return plan(joint, conditions, ChosenMethods.usual());
    }

    /**
     * {@return the sheet by other methods}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param methods the methods
     */
    public static Outcome<SetupSheet> plan(Joint joint, WeldingConditions conditions, ChosenMethods methods) {
        return plan(joint, conditions, new ShopDefaults(methods, Stock.everything()));
    }

    /**
     * {@return the sheet, or every reason why this joint has none}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param shop the defaults of the shop
     */
    public static Outcome<SetupSheet> plan(Joint joint, WeldingConditions conditions, ShopDefaults shop) {
        return plan(joint, conditions, shop, OwnValues.none());
    }

    /**
     * {@return the sheet of the first pass with the welder's own values}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param shop the defaults of the shop
     * @param own the own values
     */
    public static Outcome<SetupSheet> plan(
            Joint joint, WeldingConditions conditions, ShopDefaults shop, OwnValues own) {
        return ThermalPlan.of(joint, conditions)
                .then(thermal -> plan(thermal, SheetChoices.of(shop).with(own)));
    }

    /**
     * {@return the sheet of the first pass with the welder's own values, which were made for it} What follows from an
     * own current or pulse (tungsten, cup, ceiling, averages) follows; a value that cannot be used is left out and
     * named in {@link SetupSheet#ownProblems()}.
     *
     * @param thermal the heat balance and what it was made for
     * @param choices the sheet choices
     */
    public static Outcome<SetupSheet> plan(ThermalPlan thermal, SheetChoices choices) {
        SheetDecisions plan = thermal.first(choices.with(OwnValues.none()));
        Optional<Problem> current = ScopeRules.currentProblem(plan);
        if (current.isPresent()) {
            return Outcome.failed(current.get());
        }
        SetupSheet engine = sheet(plan);
        return Outcome.of(choices.own().isEmpty() ? engine : withOwn(thermal, engine, choices));
    }

    /**
     * {@return the sheet of a later pass, as the engine has it}
     *
     * @param thermal the heat balance and what it was made for
     * @param choices with the own values that the first pass could use: its torch is the weld's
     * @param pass from 2; one beyond the last is refused
     */
    public static Outcome<SetupSheet> later(ThermalPlan thermal, SheetChoices choices, int pass) {
        List<WeldPass> runs = thermal.runs();
        if (pass < 1 || pass > runs.size()) {
            return Outcome.failed(Problem.badValue("pass", "pass.range", pass, runs.size()));
        }
        HeatBalance first = thermal.heat();
        HeatBalance heat = HeatBalance.of(
                first.joint(), first.practice(), runs.get(pass - 1).demand());
        return Outcome.of(sheet(SheetDecisions.of(first, heat, runs, pass, choices)));
    }

    private static SetupSheet withOwn(ThermalPlan thermal, SetupSheet engine, SheetChoices choices) {
        CheckedValues checked = OwnValueRules.check(engine, choices.own());
        SheetDecisions plan = thermal.first(choices.with(checked.own()));
        Optional<Problem> current = ScopeRules.currentProblem(plan);
        if (current.isPresent()) {
            SetupSheet without =
                    withOwn(thermal, engine, choices.with(choices.own().without(ParameterKey.WORKING_CURRENT)));
            Problem named = current.get().inField(ParameterKey.WORKING_CURRENT.apiName());
            return without.withOwn(without.settings(), without.own(), joined(List.of(named), without.ownProblems()));
        }
        SetupSheet followed = sheet(plan);
        Map<ParameterKey, Parameter> settings = new LinkedHashMap<>(followed.settings());
        checked.own()
                .values()
                .forEach((key, value) -> settings.put(key, engine.setting(key).at(value)));
        return followed.withOwn(Collections.unmodifiableMap(settings), checked.own(), checked.problems());
    }

    private static List<Problem> joined(List<Problem> first, List<Problem> rest) {
        return Stream.concat(first.stream(), rest.stream()).toList();
    }

    private static SetupSheet sheet(SheetDecisions plan) {
        WeldParameters weld = WeldParameters.of(plan);
        Map<ParameterKey, Parameter> settings = new LinkedHashMap<>(64);
        explained(weld).forEach(parameter -> settings.put(parameter.key(), parameter));
        return new SetupSheet(
                plan.heat(),
                plan.pass(),
                Collections.unmodifiableMap(settings),
                MethodCurrent.explained(plan),
                plan.practice().wire() ? FillerChoice.compare(plan) : List.of(),
                weld.passes(),
                TackPlan.of(weld),
                CautionRules.cautions(weld),
                new PedalRamps(
                        weld.slopes().easeInS(), plan.taperS(), plan.tungsten().minStableA()),
                plan.cup(),
                weld.tint().coverMm(),
                weld.purge().request(),
                OwnValues.none(),
                List.of());
    }

    /** Every parameter, in the order the welder meets them: panel, torch, filler and gas, weld. */
    private static List<Parameter> explained(WeldParameters weld) {
        List<Parameter> parameters = new ArrayList<>(64);
        parameters.add(CurrentRules.working(weld));
        parameters.add(CurrentRules.ceiling(weld));
        parameters.add(CurrentRules.start(weld));
        parameters.add(SlopeRules.upSlope(weld));
        parameters.add(SlopeRules.downSlope(weld));
        parameters.add(CurrentRules.end(weld));
        parameters.add(GasTimeRules.preFlow(weld));
        parameters.add(GasTimeRules.postFlow(weld));
        parameters.addAll(PulseRules.settings(weld));
        parameters.addAll(TorchRules.settings(weld));
        parameters.addAll(FillerRules.settings(weld));
        parameters.addAll(PurgeRules.settings(weld));
        parameters.addAll(TintRules.trailing(weld));
        parameters.addAll(WeldRules.settings(weld));
        return parameters;
    }
}
