package vastarc.core.simulation;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.source.TorchOperator;

/** One thing that is changed beside an otherwise same weld. Its words: {@code rehearsal.change.<name>}. */
public enum WeldChange {
    /** Nothing. */
    NOTHING,
    /** More or less current. */
    CURRENT,
    /** Faster or slower travel. */
    TRAVEL,
    /** With or without pulse. */
    PULSE,
    /** A thinner filler rod. */
    THINNER_WIRE,
    /** A thicker filler rod. */
    THICKER_WIRE,
    /** A copper bar on or off. */
    BAR,
    /** Without slopes. */
    NO_SLOPES,
    /** An unsteady welder. */
    UNSTEADY,
    /** A narrow coupon. */
    NARROW,
    /** The same weld in carbon steel. */
    CARBON_STEEL,
    /** The same weld in 4130. */
    CHROMOLY_4130,
    /** The same weld in 304L. */
    STAINLESS_304L,
    /** The same weld in 316L. */
    STAINLESS_316L,
    /** The same weld in titanium grade 2. */
    TITANIUM_GR2,
    /** The same weld in titanium grade 5. */
    TITANIUM_GR5;

    /** By how much, for those that ask: current and travel, %. */
    public static final InputRange AMOUNT = new InputRange("amount", -40, 40, Unit.PERCENT);

    /** The change of current or travel that is offered first, %. */
    public static final double USUAL_AMOUNT = 10;

    private static final double NARROW_MM = 12;
    private static final double SUDDEN_S = 0.1;

    /** {@return whether the change is given by an amount in %} */
    public boolean takesAmount() {
        return this == CURRENT || this == TRAVEL;
    }

    /**
     * {@return the changed weld; the same where the change does not apply to it} What is changed beside the current
     * leaves the current as it was.
     *
     * @param setup the setup
     * @param percent for those that take an amount
     */
    public SimulationSetup on(SimulationSetup setup, double percent) {
        Optional<SetupSheet> planned = setup.sheet().value();
        if (planned.isEmpty()) {
            return setup;
        }
        SetupSheet sheet = planned.get();
        double factor = 1 + percent / 100;
        return switch (this) {
            case NOTHING -> setup;
            case CURRENT ->
                setup.own(
                        ParameterKey.WORKING_CURRENT,
                        factor * sheet.setting(ParameterKey.WORKING_CURRENT).value());
            case TRAVEL ->
                setup.by(setup.operator()
                        .travelling(60 * factor * sheet.heat().demand().speedMmPerS()));
            case PULSE -> pulse(setup, sheet);
            case THINNER_WIRE, THICKER_WIRE -> wire(setup, sheet);
            case BAR -> bar(setup, sheet);
            case NO_SLOPES -> sudden(setup, sheet);
            case UNSTEADY ->
                setup.by(setup.operator()
                        .unsteady(TorchOperator.USUAL_SCATTER, setup.operator().seed()));
            case NARROW -> setup.legs(NARROW_MM);
            default -> metal(setup);
        };
    }

    /** A pulse of the same mean power, or none. */
    private static SimulationSetup pulse(SimulationSetup setup, SetupSheet sheet) {
        PulsePurpose other = sheet.isPulsed() ? PulsePurpose.NONE : PulsePurpose.HEAT;
        return setup.practised(draft -> draft.pulse = other);
    }

    private SimulationSetup wire(SimulationSetup setup, SetupSheet sheet) {
        double now = sheet.find(ParameterKey.WIRE_DIAMETER)
                .filter(parameter -> parameter.window().isPresent())
                .map(parameter -> parameter.value())
                .orElse(0.0);
        List<Double> sizes =
                FillerRod.sizes().stream().map(FillerRod::diameterMm).sorted().toList();
        return now == 0
                ? setup
                : (this == THINNER_WIRE
                                ? sizes.stream().filter(size -> size < now).reduce((a, b) -> b)
                                : sizes.stream().filter(size -> size > now).findFirst())
                        .map(setup::wire)
                        .orElse(setup);
    }

    private static SimulationSetup bar(SimulationSetup setup, SetupSheet sheet) {
        BackingBar other = sheet.practice().chill() == BackingBar.NONE ? BackingBar.COPPER_BAR : BackingBar.NONE;
        return setup.held().practised(draft -> draft.chill = other);
    }

    private static SimulationSetup sudden(SimulationSetup setup, SetupSheet sheet) {
        return setup.own(
                        ParameterKey.START_CURRENT,
                        sheet.setting(ParameterKey.WORKING_CURRENT).value())
                .own(ParameterKey.UP_SLOPE, 0)
                .own(ParameterKey.DOWN_SLOPE, 0)
                .own(CycleKey.END_HOLD, 0)
                .own(CycleKey.FOOT_IN, SUDDEN_S)
                .own(CycleKey.FOOT_OUT, SUDDEN_S);
    }

    private SimulationSetup metal(SimulationSetup setup) {
        Material material = Material.valueOf(name());
        Joint joint = setup.plan().weld().joint().with(draft -> {
            draft.material = material;
            draft.other = material;
        });
        return setup.held().welding(new Weld(joint, setup.plan().weld().practice()));
    }
}
