package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** A shop's shop defaults and stock, and the chart made from them. */
class ShopDefaultsTest {

    private static SetupSheet sheet(ShopDefaults shop) {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.TRIGGER_4T;
            draft.purged = true;
        });
        return SheetPlanner.plan(Joint.of(Material.STAINLESS_316L, JointForm.LAP, 2), conditions, shop)
                .value()
                .orElseThrow();
    }

    private static SetupSheet owning(Set<Double> tungstens, Set<Integer> cups, Set<Double> wires) {
        return sheet(new ShopDefaults(ChosenMethods.usual(), new Stock(tungstens, cups, wires)));
    }

    private static String gaveUp(SetupSheet sheet, ParameterKey key) {
        return sheet.setting(key)
                .gaveUp()
                .map(text -> Phrasebook.say(text, UnitSystem.METRIC))
                .orElse("");
    }

    /** What a machine has proven wants runs, and is tried with them elsewhere. */
    @ParameterizedTest
    @EnumSource(
            value = Method.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"RULE", "AS_PROVEN_HERE"})
    void everyHabitIsNamedAtAFigureItTouches(Method method) {
        WeldingConditions pedal = WeldingConditions.usual().with(draft -> draft.purged = true);
        ShopDefaults shop = ShopDefaults.usual().with(method);
        SetupSheet trigger = sheet(shop);
        SetupSheet foot = SheetPlanner.plan(Joint.of(Material.STAINLESS_316L, JointForm.LAP, 2), pedal, shop)
                .value()
                .orElseThrow();

        SetupSheet titanium = SheetPlanner.plan(Joint.of(Material.TITANIUM_GR2, JointForm.LAP, 2), pedal, shop)
                .value()
                .orElseThrow();

        assertThat(Stream.of(trigger, foot, titanium).flatMap(sheet -> sheet.settings().values().stream()))
                .anyMatch(parameter -> parameter.school() == method);
    }

    @Test
    void gasAndPurgeFollowTheirSchools() {
        SetupSheet usual = sheet(ShopDefaults.usual());
        SetupSheet generous =
                sheet(ShopDefaults.usual().with(Method.GAS_GENEROUS).with(Method.PURGE_HIGH));

        assertThat(generous.setting(ParameterKey.GAS_FLOW).value())
                .isEqualTo(usual.setting(ParameterKey.GAS_FLOW)
                        .window()
                        .orElseThrow()
                        .high());
        assertThat(generous.setting(ParameterKey.PURGE_HOLD).value())
                .isGreaterThan(usual.setting(ParameterKey.PURGE_HOLD).value());
    }

    @Test
    void whatTheShopOwnsIsProposedFirstAndWhatItGivesUpIsSaid() {
        SetupSheet sheet = owning(Set.of(3.2), Set.of(8, 12), Set.of(1.2));

        assertThat(sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value()).isEqualTo(3.2);
        assertThat(gaveUp(sheet, ParameterKey.TUNGSTEN_DIAMETER)).contains("not in stock", "3.2 mm");
        assertThat(sheet.setting(ParameterKey.CUP_SIZE).value()).isEqualTo(8);
        assertThat(sheet.setting(ParameterKey.WIRE_DIAMETER).value()).isEqualTo(1.2);
        assertThat(gaveUp(sheet, ParameterKey.WIRE_DIAMETER)).contains("fed faster");
    }

    @Test
    void whereNothingOwnedDoesTheRightOneStandsAndSaysSo() {
        SetupSheet sheet = owning(Set.of(0.5), Set.of(4), Set.of(3.2));

        assertThat(sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value())
                .isEqualTo(sheet(ShopDefaults.usual())
                        .setting(ParameterKey.TUNGSTEN_DIAMETER)
                        .value());
        for (ParameterKey key :
                new ParameterKey[] {ParameterKey.TUNGSTEN_DIAMETER, ParameterKey.CUP_SIZE, ParameterKey.WIRE_DIAMETER
                }) {
            assertThat(gaveUp(sheet, key)).as(key.name()).contains("nothing in stock will do");
        }
    }

    @Test
    void aShelfThatHasTheRightOnesChangesNothing() {
        SetupSheet usual = sheet(ShopDefaults.usual());
        SetupSheet owned = owning(
                Set.of(usual.setting(ParameterKey.TUNGSTEN_DIAMETER).value()),
                Set.of((int) usual.setting(ParameterKey.CUP_SIZE).value()),
                Set.of(usual.setting(ParameterKey.WIRE_DIAMETER).value()));

        assertThat(owned.settings()).isEqualTo(usual.settings());
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theChartHasTheSameFiguresAsTheSheet(Material material) {
        WallChart chart = WallChart.of(material, ShopDefaults.usual(), 0, Double.MAX_VALUE);

        assertThat(chart.rows()).hasSize(12);
        chart.rows()
                .forEach(row -> row.cells().forEach(cell -> {
                    assertThat(cell.sheet().isPresent() || cell.why().isPresent())
                            .isTrue();
                    cell.sheet().ifPresent(sheet -> {
                        WeldingConditions conditions = WeldingConditions.usual()
                                .with(draft -> draft.purged = sheet.joint().wantsPurge());
                        assertThat(sheet.setting(ParameterKey.WORKING_CURRENT).value())
                                .isEqualTo(SheetPlanner.plan(
                                                Joint.of(
                                                        material,
                                                        cell.form(),
                                                        row.thickness().inMillimetres()),
                                                conditions)
                                        .value()
                                        .orElseThrow()
                                        .setting(ParameterKey.WORKING_CURRENT)
                                        .value());
                    });
                }));
    }

    @Test
    void aMachinesReachIsMarkedOnItsChart() {
        WallChart chart = WallChart.of(Material.CARBON_STEEL, ShopDefaults.usual(), 40, 120);

        assertThat(chart.rows().stream().flatMap(row -> row.cells().stream()))
                .filteredOn(cell -> cell.sheet().isPresent())
                .allSatisfy(cell -> {
                    double current = cell.sheet()
                            .orElseThrow()
                            .setting(ParameterKey.WORKING_CURRENT)
                            .value();
                    assertThat(cell.why().isPresent()).isEqualTo(current < 40 || current > 120);
                });
    }
}
