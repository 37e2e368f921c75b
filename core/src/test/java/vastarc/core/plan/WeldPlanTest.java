package vastarc.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan.Ask;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.ScoreChoices;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.School;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;

/** One weld's plan: made once, under the logic that was chosen, and held where it was proven. */
class WeldPlanTest {

    private static final Weld LAP = weld(2);
    private static final ControlLogic PEDAL = ControlLogic.of(ControlLogic.Name.PEDAL);

    private static Weld weld(double thicknessMm) {
        return new Weld(
                Joint.of(Material.STAINLESS_304L, JointForm.LAP, thicknessMm),
                Practice.usual().with(draft -> draft.control = Control.TRIGGER_4T));
    }

    private static Ask ask(Weld weld, OwnValues own, ScoreChoices choices, Optional<SheetDocument> proven) {
        return new Ask(weld, ShopWays.usual(), own, choices, proven, 1);
    }

    private static Sheet sheet(WeldPlan plan) {
        return plan.sheet().value().orElseThrow();
    }

    private static double current(Sheet sheet) {
        return sheet.setting(SettingKey.WORKING_CURRENT).value();
    }

    @Test
    void sheetAndScoreAreMadeOnceAndTheScoreIsThatOfTheSheet() {
        WeldPlan plan = WeldPlan.of(LAP, ShopWays.usual());

        assertThat(plan.score()).isSameAs(plan.score());
        assertThat(plan.sheet()).isSameAs(plan.sheet());
        assertThat(plan.today()).isSameAs(plan.today());
        assertThat(plan.score().value().orElseThrow().sheet()).isSameAs(sheet(plan));
        assertThat(plan.moved()).isEmpty();
    }

    @Test
    void aLogicOfAnotherArcControlDecidesTheControl() {
        WeldPlan told = WeldPlan.of(LAP, ShopWays.usual());
        WeldPlan pedal = WeldPlan.of(told.ask().with(PEDAL));

        assertThat(sheet(told).practice().control()).isEqualTo(Control.TRIGGER_4T);
        assertThat(sheet(pedal).practice().control()).isEqualTo(Control.PEDAL);
        assertThat(pedal.score().value().orElseThrow().logic()).isEqualTo(PEDAL);
    }

    /** What is not reckoned twice comes out as if it were. */
    @ParameterizedTest
    @EnumSource(JointForm.class)
    void laterPassesAndOtherShopsAreAsIfPlannedAfresh(JointForm form) {
        Weld weld = DoubleStream.of(7, 2)
                .mapToObj(mm -> Joint.of(Material.CARBON_STEEL, form, mm))
                .map(joint -> new Weld(form.isTube() ? joint.tubeOd(90) : joint, Practice.usual()))
                .filter(one ->
                        WeldPlan.of(one, ShopWays.usual()).sheet().value().isPresent())
                .findFirst()
                .orElseThrow();
        ShopWays others = Arrays.stream(School.values())
                .filter(school -> school.matter() != null)
                .reduce(ShopWays.usual(), ShopWays::with, (one, other) -> other);
        OwnValues own = new OwnValues(Map.of(SettingKey.WORKING_CURRENT, 90.0));
        Ask ask = ask(weld, own, ScoreChoices.none(), Optional.empty());
        WeldPlan plan = WeldPlan.of(ask);

        assertThat(plan.in(others).sheet().value())
                .isEqualTo(WeldPlan.of(ask.in(others)).sheet().value());
        List<Sheet> passes = plan.passes().value().orElseThrow();
        assertThat(passes.get(0)).isEqualTo(sheet(plan));
        assertThat(passes)
                .hasSize(sheet(plan)
                        .passes()
                        .map(PassPlan::passes)
                        .map(List::size)
                        .orElse(1));
        for (Sheet pass : passes) {
            assertThat(pass).isEqualTo(sheet(WeldPlan.of(ask.onPass(pass.pass()))));
            assertThat(plan.onPass(pass.pass()).in(others).sheet().value())
                    .isEqualTo(WeldPlan.of(ask.in(others).onPass(pass.pass()))
                            .sheet()
                            .value());
        }
    }

    @Test
    void aPlanWithoutTheHandsValuesKeepsItsLogic() {
        OwnValues own = new OwnValues(Map.of(SettingKey.WORKING_CURRENT, 50.0));
        Ask ask = ask(
                LAP, own, new ScoreChoices(Optional.of(PEDAL), Map.of(ScoreKey.values()[0], 1.0)), Optional.empty());

        assertThat(current(sheet(WeldPlan.of(ask)))).isEqualTo(50);
        assertThat(ask.withoutOwn().own()).isEqualTo(OwnValues.none());
        assertThat(ask.withoutOwn().choices()).isEqualTo(new ScoreChoices(Optional.of(PEDAL), Map.of()));
        assertThat(ask.with(PEDAL).own()).isEqualTo(own);
        assertThat(ask.in(ShopWays.usual()).choices()).isEqualTo(ask.choices());
    }

    @Test
    void aJointThatCannotBePlannedHasNoSheetAndNoScoreButSaysWhy() {
        WeldPlan plan = WeldPlan.of(weld(0.001), ShopWays.usual());

        assertThat(plan.sheet().value()).isEmpty();
        assertThat(plan.score().problems()).isNotEmpty().isEqualTo(plan.today().problems());
    }

    @Test
    void aProvenWeldIsWeldedAsItWasAndTellsWhatTheEngineWouldSetToday() {
        SheetDocument then = SheetDocument.of(sheet(WeldPlan.of(weld(1.5), ShopWays.usual())));
        WeldPlan plan = WeldPlan.of(ask(LAP, OwnValues.none(), ScoreChoices.none(), Optional.of(then)));
        Sheet today = plan.today().value().orElseThrow();

        List<SheetDocument.Moved> moved = plan.moved();

        assertThat(then.engine()).isEqualTo(Engine.version());
        assertThat(then.weld()).isEqualTo(weld(1.5));
        assertThat(sheet(plan).settings().values()).containsExactlyElementsOf(then.settings());
        assertThat(plan.score().value().orElseThrow().sheet()).isSameAs(sheet(plan));
        assertThat(moved).anySatisfy(change -> {
            assertThat(change.key()).isEqualTo(SettingKey.WORKING_CURRENT);
            assertThat(change.then().orElseThrow().value()).isLessThan(current(today));
            assertThat(change.now()).contains(today.setting(SettingKey.WORKING_CURRENT));
        });
        assertThat(then.movedOn(sheet(plan))).isEmpty();
        assertThat(Engine.version()).matches("rules \\d+, tables [0-9a-f]{8}");
    }
}
