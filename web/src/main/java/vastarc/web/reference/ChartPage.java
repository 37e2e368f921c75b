package vastarc.web.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.WallChart;
import vastarc.core.advice.sheet.WallChart.ChartCell;
import vastarc.core.advice.sheet.WallChart.ChartRow;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.FormattedQuantity;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.web.layout.Choice;

/**
 * The wall chart, finished for display.
 *
 * @param title    metal, and machine where there is one
 * @param metals   to choose from
 * @param machines to choose from
 * @param joints   heads of the columns
 * @param gasUnit  of the flow
 * @param rows     one for each thickness
 */
public record ChartPage(
        String title,
        String metal,
        String machine,
        List<Choice> metals,
        List<Choice> machines,
        List<String> joints,
        String gasUnit,
        List<RowView> rows) {

    /** A thickness. */
    public record RowView(String thickness, List<CellView> cells) {}

    /**
     * A cell.
     *
     * @param current  working current
     * @param rods     tungsten and wire
     * @param gas      cup and flow
     * @param why      why there is nothing, or what the machine cannot
     * @param outside  beyond the machine
     */
    public record CellView(String current, String rods, String gas, String why, boolean outside) {}

    static ChartPage of(
            WallChart chart,
            Optional<String> machine,
            String machineId,
            List<Choice> metals,
            List<Choice> machines,
            UnitSystem units) {
        String metal = say(Phrase.of("material." + chart.material().name()), units);
        return new ChartPage(
                machine.map(name -> metal + " on " + name).orElse(metal),
                chart.material().name(),
                machineId,
                metals,
                machines,
                Arrays.stream(JointForm.values())
                        .map(form -> say(Phrase.of("joint." + form.name()), units))
                        .toList(),
                units.show(Quantity.litresPerMin(1)).unit(),
                chart.rows().stream().map(row -> row(row, units)).toList());
    }

    private static String say(Phrase phrase, UnitSystem units) {
        return Phrasebook.say(phrase, units);
    }

    private static RowView row(ChartRow row, UnitSystem units) {
        return new RowView(
                units.show(row.thickness().quantity()).line(),
                row.cells().stream().map(cell -> cell(cell, units)).toList());
    }

    private static CellView cell(ChartCell cell, UnitSystem units) {
        String why = cell.why().map(text -> say(text, units)).orElse("");
        return cell.sheet()
                .map(sheet -> new CellView(
                        current(sheet, units),
                        stock(sheet, ParameterKey.TUNGSTEN_DIAMETER, units) + " · "
                                + stock(sheet, ParameterKey.WIRE_DIAMETER, units),
                        "no. " + (int) sheet.setting(ParameterKey.CUP_SIZE).value() + " · "
                                + units.show(sheet.setting(ParameterKey.GAS_FLOW)
                                                .quantity())
                                        .figure(),
                        why,
                        !why.isEmpty()))
                .orElseGet(() -> new CellView("", "", "", why, false));
    }

    /** Working current; of a V its root and its hottest fill. */
    private static String current(SetupSheet sheet, UnitSystem units) {
        FormattedQuantity root =
                units.show(sheet.setting(ParameterKey.WORKING_CURRENT).quantity());
        return fillA(sheet)
                .map(fill -> root.figure() + " / "
                        + units.show(Quantity.amperes(fill)).line())
                .orElseGet(root::line);
    }

    /** The hottest pass of a V after its root, A. */
    static Optional<Double> fillA(SetupSheet sheet) {
        return sheet.joint()
                .groove()
                .flatMap(groove -> sheet.passes())
                .flatMap(plan -> plan.passes().stream()
                        .skip(1)
                        .map(ScheduledPass::currentA)
                        .max(Double::compare));
    }

    private static String stock(SetupSheet sheet, ParameterKey key, UnitSystem units) {
        return units.show(Quantity.stockMillimetres(sheet.setting(key).value())).figure();
    }
}
