package vastarc.core.advice.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.SheetDocument.ChangedFigure;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.PurgeSetup;

/** One weld's plan: made once, under the logic that was chosen, and held where it was proven. */
class WeldPlanTest {

    private static final Weld LAP = weld(2);
    private static final TriggerMode PEDAL = TriggerMode.of(TriggerModeName.PEDAL);

    private static Weld weld(double thicknessMm) {
        return new Weld(
                Joint.of(Material.STAINLESS_304L, JointForm.LAP, thicknessMm),
                WeldingConditions.usual().with(draft -> draft.control = ControlDevice.TRIGGER_4T));
    }

    private static PlanRequest ask(Weld weld, OwnValues own, CycleChoices choices, Optional<SheetDocument> proven) {
        return new PlanRequest(weld, ShopDefaults.usual(), own, PurgeSetup.usual(), choices, proven, 1);
    }

    private static SetupSheet sheet(WeldPlan plan) {
        return plan.sheet().value().orElseThrow();
    }

    private static double current(SetupSheet sheet) {
        return sheet.setting(ParameterKey.WORKING_CURRENT).value();
    }

    @Test
    void sheetAndScoreAreMadeOnceAndTheScoreIsThatOfTheSheet() {
        WeldPlan plan = WeldPlan.of(LAP, ShopDefaults.usual());

        assertThat(plan.score()).isSameAs(plan.score());
        assertThat(plan.sheet()).isSameAs(plan.sheet());
        assertThat(plan.today()).isSameAs(plan.today());
        assertThat(plan.score().value().orElseThrow().sheet()).isSameAs(sheet(plan));
        assertThat(plan.changedFigures()).isEmpty();
    }

    @Test
    void aLogicOfAnotherArcControlDecidesTheControl() {
        WeldPlan told = WeldPlan.of(LAP, ShopDefaults.usual());
        WeldPlan pedal = WeldPlan.of(told.ask().with(PEDAL));

        assertThat(sheet(told).practice().control()).isEqualTo(ControlDevice.TRIGGER_4T);
        assertThat(sheet(pedal).practice().control()).isEqualTo(ControlDevice.PEDAL);
        assertThat(pedal.score().value().orElseThrow().logic()).isEqualTo(PEDAL);
    }

    /** What is not calculated twice comes out as if it were. */
    @ParameterizedTest
    @EnumSource(JointForm.class)
    void laterPassesAndOtherShopsAreAsIfPlannedAfresh(JointForm form) {
        Weld weld = DoubleStream.of(7, 2)
                .mapToObj(mm -> Joint.of(Material.CARBON_STEEL, form, mm))
                .map(joint -> new Weld(form.isTube() ? joint.tubeOd(90) : joint, WeldingConditions.usual()))
                .filter(one ->
                        WeldPlan.of(one, ShopDefaults.usual()).sheet().value().isPresent())
                .findFirst()
                .orElseThrow();
        ShopDefaults others = Arrays.stream(Method.values())
                .filter(method -> method.matter() != null)
                .reduce(ShopDefaults.usual(), ShopDefaults::with, (shopDefaults, other) -> other);
        OwnValues own = new OwnValues(Map.of(ParameterKey.WORKING_CURRENT, 90.0));
        PlanRequest request = ask(weld, own, CycleChoices.none(), Optional.empty());
        WeldPlan plan = WeldPlan.of(request);

        assertThat(plan.in(others).sheet().value())
                .isEqualTo(WeldPlan.of(request.in(others)).sheet().value());
        List<SetupSheet> passes = plan.passes().value().orElseThrow();
        assertThat(passes.get(0)).isEqualTo(sheet(plan));
        assertThat(passes)
                .hasSize(sheet(plan)
                        .passes()
                        .map(PassSchedule::passes)
                        .map(List::size)
                        .orElse(1));
        for (SetupSheet pass : passes) {
            assertThat(pass).isEqualTo(sheet(WeldPlan.of(request.onPass(pass.pass()))));
            assertThat(plan.onPass(pass.pass()).in(others).sheet().value())
                    .isEqualTo(WeldPlan.of(request.in(others).onPass(pass.pass()))
                            .sheet()
                            .value());
        }
    }

    @Test
    void aPlanWithoutTheHandsValuesKeepsItsLogic() {
        OwnValues own = new OwnValues(Map.of(ParameterKey.WORKING_CURRENT, 50.0));
        PlanRequest request = ask(
                LAP, own, new CycleChoices(Optional.of(PEDAL), Map.of(CycleKey.values()[0], 1.0)), Optional.empty());

        assertThat(current(sheet(WeldPlan.of(request)))).isEqualTo(50);
        assertThat(request.withoutOwn().own()).isEqualTo(OwnValues.none());
        assertThat(request.withoutOwn().choices()).isEqualTo(new CycleChoices(Optional.of(PEDAL), Map.of()));
        assertThat(request.with(PEDAL).own()).isEqualTo(own);
        assertThat(request.in(ShopDefaults.usual()).choices()).isEqualTo(request.choices());
    }

    @Test
    void aJointThatCannotBePlannedHasNoSheetAndNoScoreButSaysWhy() {
        WeldPlan plan = WeldPlan.of(weld(0.001), ShopDefaults.usual());

        assertThat(plan.sheet().value()).isEmpty();
        assertThat(plan.score().problems()).isNotEmpty().isEqualTo(plan.today().problems());
    }

    @Test
    void aProvenWeldIsWeldedAsItWasAndTellsWhatTheEngineWouldSetToday() {
        SheetDocument then = SheetDocument.of(sheet(WeldPlan.of(weld(1.5), ShopDefaults.usual())));
        WeldPlan plan = WeldPlan.of(ask(LAP, OwnValues.none(), CycleChoices.none(), Optional.of(then)));
        SetupSheet today = plan.today().value().orElseThrow();

        List<ChangedFigure> moved = plan.changedFigures();

        assertThat(then.engine()).isEqualTo(EngineVersion.version());
        assertThat(then.weld()).isEqualTo(weld(1.5));
        assertThat(sheet(plan).settings().values()).containsExactlyElementsOf(then.settings());
        assertThat(plan.score().value().orElseThrow().sheet()).isSameAs(sheet(plan));
        assertThat(moved).anySatisfy(change -> {
            assertThat(change.key()).isEqualTo(ParameterKey.WORKING_CURRENT);
            assertThat(change.then().orElseThrow().value()).isLessThan(current(today));
            assertThat(change.now()).contains(today.setting(ParameterKey.WORKING_CURRENT));
        });
        assertThat(then.changedFigures(sheet(plan))).isEmpty();
        assertThat(EngineVersion.version()).matches("rules \\d+, tables [0-9a-f]{8}");
    }
}
