package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.WallChart.ChartCell;
import vastarc.core.advice.sheet.WallChart.ChartRow;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** The wall chart is the sheet at the same defaults. */
class WallChartTest {

    @ParameterizedTest
    @EnumSource(Material.class)
    void everyCellIsTheSheetOfItsJoint(Material material) {
        WallChart chart = WallChart.of(material, ShopDefaults.usual(), 0, Double.MAX_VALUE);
        int sheets = 0;
        for (ChartRow row : chart.rows()) {
            for (ChartCell cell : row.cells()) {
                if (cell.sheet().isPresent()) {
                    sheets++;
                    Joint joint =
                            Joint.of(material, cell.form(), row.thickness().inMillimetres());
                    SetupSheet alone = SheetPlanner.plan(joint, WeldingConditions.usual())
                            .value()
                            .orElseThrow();
                    SetupSheet charted = cell.sheet().get();
                    assertThat(charted.settings().keySet())
                            .isEqualTo(alone.settings().keySet());
                    charted.settings()
                            .forEach((key, parameter) -> assertThat(parameter.shown(UnitSystem.METRIC))
                                    .as(cell.form() + " " + row.thickness() + " " + key)
                                    .isEqualTo(alone.setting(key).shown(UnitSystem.METRIC)));
                }
            }
        }
        assertThat(sheets).isGreaterThan(80);
    }
}
