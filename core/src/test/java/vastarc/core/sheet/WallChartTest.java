package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;
import vastarc.core.material.Material;
import vastarc.core.quantity.UnitSystem;

/** The wall chart is the sheet at the same defaults. */
class WallChartTest {

    @ParameterizedTest
    @EnumSource(Material.class)
    void everyCellIsTheSheetOfItsJoint(Material material) {
        WallChart chart = WallChart.of(material, ShopWays.usual(), 0, Double.MAX_VALUE);
        int sheets = 0;
        for (WallChart.Row row : chart.rows()) {
            for (WallChart.Cell cell : row.cells()) {
                if (cell.sheet().isPresent()) {
                    sheets++;
                    Joint joint =
                            Joint.of(material, cell.form(), row.thickness().inMillimetres());
                    Sheet alone =
                            SheetPlanner.plan(joint, Practice.usual()).value().orElseThrow();
                    Sheet charted = cell.sheet().get();
                    assertThat(charted.settings().keySet())
                            .isEqualTo(alone.settings().keySet());
                    charted.settings()
                            .forEach((key, setting) -> assertThat(setting.shown(UnitSystem.METRIC))
                                    .as(cell.form() + " " + row.thickness() + " " + key)
                                    .isEqualTo(alone.setting(key).shown(UnitSystem.METRIC)));
                }
            }
        }
        assertThat(sheets).isGreaterThan(80);
    }
}
