package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.material.Material;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrasebook;

/** A shop's habits and shelf, and the chart made from them. */
class ShopWaysTest {

    private static Sheet sheet(ShopWays ways) {
        Practice practice = Practice.usual().with(draft -> {
            draft.control = Control.TRIGGER_4T;
            draft.purged = true;
        });
        return SheetPlanner.plan(Joint.of(Material.STAINLESS_316L, JointForm.LAP, 2), practice, ways)
                .value()
                .orElseThrow();
    }

    private static Sheet owning(Set<Double> tungstens, Set<Integer> cups, Set<Double> wires) {
        return sheet(new ShopWays(Schools.usual(), new Stock(tungstens, cups, wires)));
    }

    private static String gaveUp(Sheet sheet, SettingKey key) {
        return sheet.setting(key)
                .gaveUp()
                .map(text -> Phrasebook.say(text, UnitSystem.METRIC))
                .orElse("");
    }

    /** What a machine has proven wants runs, and is tried with them elsewhere. */
    @ParameterizedTest
    @EnumSource(
            value = School.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"RULE", "AS_PROVEN_HERE"})
    void everyHabitIsNamedAtAFigureItTouches(School school) {
        Practice pedal = Practice.usual().with(draft -> draft.purged = true);
        ShopWays ways = ShopWays.usual().with(school);
        Sheet trigger = sheet(ways);
        Sheet foot = SheetPlanner.plan(Joint.of(Material.STAINLESS_316L, JointForm.LAP, 2), pedal, ways)
                .value()
                .orElseThrow();

        Sheet titanium = SheetPlanner.plan(Joint.of(Material.TITANIUM_GR2, JointForm.LAP, 2), pedal, ways)
                .value()
                .orElseThrow();

        assertThat(Stream.of(trigger, foot, titanium).flatMap(sheet -> sheet.settings().values().stream()))
                .anyMatch(setting -> setting.school() == school);
    }

    @Test
    void gasAndPurgeFollowTheirSchools() {
        Sheet usual = sheet(ShopWays.usual());
        Sheet generous = sheet(ShopWays.usual().with(School.GAS_GENEROUS).with(School.PURGE_HIGH));

        assertThat(generous.setting(SettingKey.GAS_FLOW).value())
                .isEqualTo(usual.setting(SettingKey.GAS_FLOW)
                        .window()
                        .orElseThrow()
                        .high());
        assertThat(generous.setting(SettingKey.PURGE_HOLD).value())
                .isGreaterThan(usual.setting(SettingKey.PURGE_HOLD).value());
    }

    @Test
    void whatTheShopOwnsIsProposedFirstAndWhatItGivesUpIsSaid() {
        Sheet sheet = owning(Set.of(3.2), Set.of(8, 12), Set.of(1.2));

        assertThat(sheet.setting(SettingKey.TUNGSTEN_DIAMETER).value()).isEqualTo(3.2);
        assertThat(gaveUp(sheet, SettingKey.TUNGSTEN_DIAMETER)).contains("not in stock", "3.2 mm");
        assertThat(sheet.setting(SettingKey.CUP_SIZE).value()).isEqualTo(8);
        assertThat(sheet.setting(SettingKey.WIRE_DIAMETER).value()).isEqualTo(1.2);
        assertThat(gaveUp(sheet, SettingKey.WIRE_DIAMETER)).contains("more feeding");
    }

    @Test
    void whereNothingOwnedDoesTheRightOneStandsAndSaysSo() {
        Sheet sheet = owning(Set.of(0.5), Set.of(4), Set.of(3.2));

        assertThat(sheet.setting(SettingKey.TUNGSTEN_DIAMETER).value())
                .isEqualTo(sheet(ShopWays.usual())
                        .setting(SettingKey.TUNGSTEN_DIAMETER)
                        .value());
        for (SettingKey key :
                new SettingKey[] {SettingKey.TUNGSTEN_DIAMETER, SettingKey.CUP_SIZE, SettingKey.WIRE_DIAMETER}) {
            assertThat(gaveUp(sheet, key)).as(key.name()).contains("nothing in stock does");
        }
    }

    @Test
    void aShelfThatHasTheRightOnesChangesNothing() {
        Sheet usual = sheet(ShopWays.usual());
        Sheet owned = owning(
                Set.of(usual.setting(SettingKey.TUNGSTEN_DIAMETER).value()),
                Set.of((int) usual.setting(SettingKey.CUP_SIZE).value()),
                Set.of(usual.setting(SettingKey.WIRE_DIAMETER).value()));

        assertThat(owned.settings()).isEqualTo(usual.settings());
    }

    @ParameterizedTest
    @EnumSource(Material.class)
    void theChartHasTheSameFiguresAsTheSheet(Material material) {
        WallChart chart = WallChart.of(material, ShopWays.usual(), 0, Double.MAX_VALUE);

        assertThat(chart.rows()).hasSize(12);
        chart.rows()
                .forEach(row -> row.cells().forEach(cell -> {
                    assertThat(cell.sheet().isPresent() || cell.why().isPresent())
                            .isTrue();
                    cell.sheet().ifPresent(sheet -> {
                        Practice practice = Practice.usual()
                                .with(draft -> draft.purged = sheet.joint().wantsPurge());
                        assertThat(sheet.setting(SettingKey.WORKING_CURRENT).value())
                                .isEqualTo(SheetPlanner.plan(
                                                Joint.of(
                                                        material,
                                                        cell.form(),
                                                        row.thickness().inMillimetres()),
                                                practice)
                                        .value()
                                        .orElseThrow()
                                        .setting(SettingKey.WORKING_CURRENT)
                                        .value());
                    });
                }));
    }

    @Test
    void aMachinesReachIsMarkedOnItsChart() {
        WallChart chart = WallChart.of(Material.CARBON_STEEL, ShopWays.usual(), 40, 120);

        assertThat(chart.rows().stream().flatMap(row -> row.cells().stream()))
                .filteredOn(cell -> cell.sheet().isPresent())
                .allSatisfy(cell -> {
                    double current = cell.sheet()
                            .orElseThrow()
                            .setting(SettingKey.WORKING_CURRENT)
                            .value();
                    assertThat(cell.why().isPresent()).isEqualTo(current < 40 || current > 120);
                });
    }
}
