package vastarc.core.simulation;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchOperator;

/**
 * How a weld is set up to be simulated: from joint and own values on, so that one thing of it can be changed.
 *
 * @param plan    joint, practice, own values, logic
 * @param operator who moves the torch
 * @param quality how finely the joint is cut
 * @param legMm   how far the members reach from the seam, mm
 * @param wireMm  another wire at the same feed, mm; the sheet's where it is empty
 * @param sinkAhead copper lies against the back from half of the way on
 */
public record SimulationSetup(
        PlanRequest plan,
        TorchOperator operator,
        MeshDetail quality,
        double legMm,
        OptionalDouble wireMm,
        boolean sinkAhead) {

    /**
     * {@return the setup of a planned weld with a steady welder}
     *
     * @param plan the plan
     * @param quality how fine the mesh is
     */
    public static SimulationSetup of(PlanRequest plan, MeshDetail quality) {
        return new SimulationSetup(
                plan, TorchOperator.steady(), quality, SimulationRequest.LEG_MM, OptionalDouble.empty(), false);
    }

    /** {@return what is simulated, or why it cannot be} */
    public Outcome<SimulationRequest> ask() {
        return WeldPlan.of(plan)
                .score()
                .then(cycle -> new SimulationRequest(cycle, operator, quality, legMm, wireMm, sinkAhead).checked());
    }

    Outcome<SetupSheet> sheet() {
        return WeldPlan.of(plan).sheet();
    }

    SimulationSetup by(TorchOperator other) {
        return new SimulationSetup(plan, other, quality, legMm, wireMm, sinkAhead);
    }

    /**
     * {@return the same at another travel}
     *
     * @param mmPerMin travel, mm/min
     */
    public SimulationSetup travelling(double mmPerMin) {
        return by(operator.travelling(mmPerMin));
    }

    SimulationSetup legs(double mm) {
        return new SimulationSetup(plan, operator, quality, mm, wireMm, sinkAhead);
    }

    /** The same, walking into a heat sink. */
    SimulationSetup intoSink() {
        return new SimulationSetup(plan, operator, quality, legMm, wireMm, true);
    }

    SimulationSetup wire(double mm) {
        return new SimulationSetup(plan, operator, quality, legMm, OptionalDouble.of(mm), sinkAhead);
    }

    /**
     * {@return this setup with another mesh detail}
     *
     * @param other how fine the mesh is
     */
    public SimulationSetup cut(MeshDetail other) {
        return new SimulationSetup(plan, operator, other, legMm, wireMm, sinkAhead);
    }

    /**
     * {@return the seam simulated where none is entered, mm: your own, that of the work, or the joint's usual one; of
     * a longer straight seam its first 100 mm, in which the weld has settled}
     *
     * @param plan the plan
     */
    public static double usualSeamMm(PlanRequest plan) {
        Joint joint = plan.weld().joint();
        double work = plan.choices().seamMm().orElse(joint.usualSeamMm());
        double seam = plan.choices().own().getOrDefault(CycleKey.SEAM_LENGTH, work);
        return joint.tubeOd().isPresent()
                ? Math.min(SimulationRequest.SEAM.high(), seam)
                : Math.max(SimulationRequest.SEAM.low(), Math.min(Joint.USUAL_SEAM_MM, seam));
    }

    /**
     * With an own value of the sheet.
     *
     * @param key the key
     * @param value the value
     * @return the simulation setup
     */
    public SimulationSetup own(ParameterKey key, double value) {
        Map<ParameterKey, Double> values = new EnumMap<>(ParameterKey.class);
        values.putAll(plan.own().values());
        values.put(key, value);
        return planned(plan.weld(), new OwnValues(values), plan.choices());
    }

    /**
     * With an own value that only a weld cycle has.
     *
     * @param key the key
     * @param value the value
     * @return the simulation setup
     */
    public SimulationSetup own(CycleKey key, double value) {
        Map<CycleKey, Double> values = new EnumMap<>(CycleKey.class);
        values.putAll(plan.choices().own());
        values.put(key, value);
        return planned(
                plan.weld(),
                plan.own(),
                new CycleChoices(plan.choices().logic(), values, plan.choices().seamMm()));
    }

    SimulationSetup practised(Consumer<WeldingConditionsBuilder> change) {
        Weld weld = new Weld(plan.weld().joint(), plan.weld().practice().with(change));
        return planned(weld, plan.own(), plan.choices());
    }

    SimulationSetup welding(Weld weld) {
        return planned(weld, plan.own(), plan.choices());
    }

    private SimulationSetup planned(Weld weld, OwnValues own, CycleChoices choices) {
        return new SimulationSetup(
                new PlanRequest(weld, plan.shop(), own, plan.purge(), choices, plan.proven(), plan.pass()),
                operator,
                quality,
                legMm,
                wireMm,
                sinkAhead);
    }

    /** The same with its working current held where the sheet has it, whatever else changes. */
    SimulationSetup held() {
        return sheet().value()
                .map(sheet -> own(
                        ParameterKey.WORKING_CURRENT,
                        sheet.setting(ParameterKey.WORKING_CURRENT).value()))
                .orElse(this);
    }
}
