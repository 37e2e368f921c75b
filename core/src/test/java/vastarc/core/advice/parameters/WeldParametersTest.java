package vastarc.core.advice.parameters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What must hold of the numbers of any sheet; a joint that breaks it is shrunk to the simplest that does. */
class WeldParametersTest {

    private static final String SEED = "34";
    private static final int TRIES = 200;

    private static Optional<WeldParameters> of(Joint joint, WeldingConditions conditions) {
        return ThermalPlan.of(joint, conditions)
                .value()
                .map(thermal -> thermal.first(SheetChoices.of(ShopDefaults.usual())))
                .filter(plan -> ScopeRules.currentProblem(plan).isEmpty())
                .map(WeldParameters::of);
    }

    private static Optional<WeldParameters> of(Material material, JointForm form, double thicknessMm) {
        return of(Joint.of(material, form, thicknessMm), WeldingConditions.usual());
    }

    @Property(seed = SEED, tries = TRIES)
    void theChosenMethodGivesTheValue(
            @ForAll Material material, @ForAll JointForm form, @ForAll @DoubleRange(min = 0.5, max = 10) double t) {
        of(material, form, t)
                .ifPresent(weld -> Stream.of(
                                weld.currents().working(),
                                weld.currents().ceiling(),
                                weld.gas().preFlowS(),
                                weld.gas().postFlow().figureS())
                        .filter(figure -> figure.byMethod().containsKey(figure.method()))
                        .forEach(figure -> assertThat(figure.byMethod().get(figure.method()))
                                .isCloseTo(figure.value(), within(1e-9))));
    }

    @Property(seed = SEED, tries = TRIES)
    void theGasStaysUntilTheTungstenIsColdAndNoLongerThanATorchIsHeld(
            @ForAll Material material, @ForAll JointForm form, @ForAll @DoubleRange(min = 0.5, max = 10) double t) {
        of(material, form, t).map(weld -> weld.gas().postFlow()).ifPresent(post -> {
            assertThat(post.figureS().value())
                    .isBetween(Math.min(post.tungstenS(), PostFlow.LONGEST_HELD_S), PostFlow.LONGEST_HELD_S);
            assertThat(post.isTooLong()).isEqualTo(post.neededS() > PostFlow.LONGEST_HELD_S);
        });
    }

    @Property(seed = SEED, tries = TRIES)
    void thickerMetalOfOnePassTakesNoLessCurrent(
            @ForAll Material material,
            @ForAll @DoubleRange(min = 0.5, max = 3) double t,
            @ForAll @DoubleRange(min = 0.01, max = 1) double more) {
        Optional<WeldParameters> thin = of(material, JointForm.T_FILLET, t);
        Optional<WeldParameters> thick = of(material, JointForm.T_FILLET, t + more);
        if (thin.isPresent() && thick.isPresent()) {
            assertThat(thick.get().currents().working().value())
                    .isGreaterThanOrEqualTo(thin.get().currents().working().value() * 0.999);
        }
    }

    @Property(seed = SEED, tries = TRIES)
    void fasterTravelTakesMoreCurrentAndLessHeatInput(
            @ForAll Material material,
            @ForAll @DoubleRange(min = 0.8, max = 3) double t,
            @ForAll @DoubleRange(min = 60, max = 150) double mmPerMin) {
        Joint joint = Joint.of(material, JointForm.T_FILLET, t);
        Optional<WeldParameters> slow = of(joint, at(mmPerMin));
        Optional<WeldParameters> fast = of(joint, at(1.3 * mmPerMin));
        if (slow.isPresent() && fast.isPresent()) {
            assertThat(fast.get().currents().working().value())
                    .isGreaterThan(slow.get().currents().working().value());
            assertThat(fast.get().heat().heatInput().value())
                    .isLessThan(slow.get().heat().heatInput().value());
        }
    }

    private static WeldingConditions at(double mmPerMin) {
        return WeldingConditions.usual().with(draft -> draft.travelMmPerS = OptionalDouble.of(mmPerMin / 60));
    }

    @Property(seed = SEED, tries = TRIES)
    void aPulseKeepsTheHeatOfTheSteadyCurrentAndTheTungstenAlight(
            @ForAll Material material,
            @ForAll PulsePurpose purpose,
            @ForAll @DoubleRange(min = 0.8, max = 4) double t) {
        Joint joint = Joint.of(material, JointForm.T_FILLET, t);
        WeldingConditions machine = WeldingConditions.usual().with(draft -> draft.control = ControlDevice.TRIGGER_4T);
        Optional<WeldParameters> steady = of(joint, machine);
        Optional<WeldParameters> pulsed = of(joint, machine.with(draft -> draft.pulse = purpose));
        if (steady.isPresent() && pulsed.isPresent() && pulsed.get().pulse().isPresent()) {
            assertThat(pulsed.get().heat().powerW())
                    .isCloseTo(
                            steady.get().heat().powerW(),
                            within(0.01 * steady.get().heat().powerW()));
            assertThat(pulsed.get().pulse().get().backgroundA().value())
                    .isGreaterThanOrEqualTo(pulsed.get().electrode().tungsten().minStableA() - 1e-9);
        }
    }
}
