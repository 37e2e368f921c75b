package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvFileSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Thirty set-ups a welder welds every week, each figure held to the range the trade would set. */
class TradeTest {

    @ParameterizedTest
    @CsvFileSource(resources = "/trade/thirty-set-ups.csv", useHeadersInDisplayName = true)
    void everyFigureLiesWhereTheTradeWouldSetIt(ArgumentsAccessor row) {
        SetupSheet sheet = SheetPlanner.plan(joint(row), practice(row)).value().orElseThrow();

        between(sheet, ParameterKey.WORKING_CURRENT, row, 9);
        oneOf(sheet, ParameterKey.TUNGSTEN_DIAMETER, row.getString(11));
        between(sheet, ParameterKey.TIP_FLAT, row, 12);
        between(sheet, ParameterKey.CUP_SIZE, row, 14);
        between(sheet, ParameterKey.GAS_FLOW, row, 16);
        between(sheet, ParameterKey.POST_FLOW, row, 18);
        if (row.getBoolean(5)) {
            oneOf(sheet, ParameterKey.WIRE_DIAMETER, row.getString(20));
        }
        if (!row.getString(21).equals("-")) {
            String colour =
                    Phrasebook.say(sheet.setting(ParameterKey.FRONT_TINT).text().orElseThrow(), UnitSystem.METRIC);
            assertThat(colour).containsPattern(row.getString(21));
        }
    }

    private static Joint joint(ArgumentsAccessor row) {
        Joint joint =
                Joint.of(Material.valueOf(row.getString(0)), JointForm.valueOf(row.getString(1)), row.getDouble(3));
        Joint tube = row.getString(4) == null ? joint : joint.tubeOd(row.getDouble(4));
        return row.getString(2) == null ? tube : tube.prepared(EdgePreparation.valueOf(row.getString(2)));
    }

    private static WeldingConditions practice(ArgumentsAccessor row) {
        return WeldingConditions.usual().with(draft -> {
            draft.wire = row.getBoolean(5);
            draft.purged = row.getBoolean(6);
            draft.finish = FinishRequirement.valueOf(row.getString(7));
            draft.penetration = Optional.ofNullable(row.getString(8)).map(Penetration::valueOf);
        });
    }

    private static void between(SetupSheet sheet, ParameterKey key, ArgumentsAccessor row, int column) {
        assertThat(sheet.setting(key).value())
                .as(key.toString())
                .isBetween(row.getDouble(column), row.getDouble(column + 1));
    }

    private static void oneOf(SetupSheet sheet, ParameterKey key, String sizes) {
        assertThat(Arrays.stream(sizes.split(" ")).map(Double::valueOf))
                .as(key.toString())
                .contains(sheet.setting(key).value());
    }
}
