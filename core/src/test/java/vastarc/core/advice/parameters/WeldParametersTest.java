package vastarc.core.advice.parameters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What must hold of the numbers of any sheet, tried on joints drawn with a fixed seed; what breaks is named by its draw. */
class WeldParametersTest {

    private static final long SEED = 34;
    private static final int TRIES = 200;

    /**
     * One draw of the seed.
     *
     * @param form the joint's form, where the property is of any form
     * @param share from 0 to 1: where in its range the thickness lies
     * @param second from 0 to 1: where in its range the other number lies
     */
    private record Draw(Material material, JointForm form, PulsePurpose purpose, double share, double second) {

        static Draw of(Random random) {
            return new Draw(
                    oneOf(random, Material.values()),
                    oneOf(random, JointForm.values()),
                    oneOf(random, PulsePurpose.values()),
                    random.nextDouble(),
                    random.nextDouble());
        }

        private static <T> T oneOf(Random random, T[] values) {
            return values[random.nextInt(values.length)];
        }

        double between(double low, double high) {
            return low + share * (high - low);
        }

        double secondBetween(double low, double high) {
            return low + second * (high - low);
        }
    }

    static Stream<Draw> draws() {
        Random random = new Random(SEED);
        return Stream.generate(() -> Draw.of(random)).limit(TRIES);
    }

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

    @ParameterizedTest
    @MethodSource("draws")
    void theChosenMethodGivesTheValue(Draw draw) {
        of(draw.material(), draw.form(), draw.between(0.5, 10))
                .ifPresent(weld -> Stream.of(
                                weld.currents().working(),
                                weld.currents().ceiling(),
                                weld.gas().preFlowS(),
                                weld.gas().postFlow().figureS())
                        .filter(figure -> figure.byMethod().containsKey(figure.method()))
                        .forEach(figure -> assertThat(figure.byMethod().get(figure.method()))
                                .isCloseTo(figure.value(), within(1e-9))));
    }

    @ParameterizedTest
    @MethodSource("draws")
    void theGasStaysUntilTheTungstenIsColdAndNoLongerThanATorchIsHeld(Draw draw) {
        of(draw.material(), draw.form(), draw.between(0.5, 10))
                .map(weld -> weld.gas().postFlow())
                .ifPresent(post -> {
                    assertThat(post.figureS().value())
                            .isBetween(Math.min(post.tungstenS(), PostFlow.LONGEST_HELD_S), PostFlow.LONGEST_HELD_S);
                    assertThat(post.isTooLong()).isEqualTo(post.neededS() > PostFlow.LONGEST_HELD_S);
                });
    }

    @ParameterizedTest
    @MethodSource("draws")
    void thickerMetalOfOnePassTakesNoLessCurrent(Draw draw) {
        double thicknessMm = draw.between(0.5, 3);
        Optional<WeldParameters> thin = of(draw.material(), JointForm.T_FILLET, thicknessMm);
        Optional<WeldParameters> thick =
                of(draw.material(), JointForm.T_FILLET, thicknessMm + draw.secondBetween(0.01, 1));
        if (thin.isPresent() && thick.isPresent()) {
            assertThat(thick.get().currents().working().value())
                    .isGreaterThanOrEqualTo(thin.get().currents().working().value() * 0.999);
        }
    }

    @ParameterizedTest
    @MethodSource("draws")
    void fasterTravelTakesMoreCurrentAndLessHeatInput(Draw draw) {
        Joint joint = Joint.of(draw.material(), JointForm.T_FILLET, draw.between(0.8, 3));
        double mmPerMin = draw.secondBetween(60, 150);
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

    @ParameterizedTest
    @MethodSource("draws")
    void aPulseKeepsTheHeatOfTheSteadyCurrentAndTheTungstenAlight(Draw draw) {
        Joint joint = Joint.of(draw.material(), JointForm.T_FILLET, draw.between(0.8, 4));
        WeldingConditions machine = WeldingConditions.usual().with(draft -> draft.control = ControlDevice.TRIGGER_4T);
        Optional<WeldParameters> steady = of(joint, machine);
        Optional<WeldParameters> pulsed = of(joint, machine.with(draft -> draft.pulse = draw.purpose()));
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
