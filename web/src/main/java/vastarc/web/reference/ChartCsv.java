package vastarc.web.reference;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.WallChart;
import vastarc.core.advice.sheet.WallChart.ChartCell;
import vastarc.core.advice.sheet.WallChart.ChartRow;
import vastarc.core.base.text.Phrase;

/** The wall chart as a table, one line a cell, in fixed units. */
final class ChartCsv {

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "material",
                    "joint",
                    "thickness_mm",
                    "working_current_a",
                    "fill_current_a",
                    "tungsten_mm",
                    "wire_mm",
                    "cup",
                    "gas_flow_l_per_min",
                    "remark")
            .get();

    private ChartCsv() {}

    static String of(WallChart chart) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (ChartRow row : chart.rows()) {
                for (ChartCell cell : row.cells()) {
                    String remark = cell.why().map(Phrase::key).orElse("").replace("chart.", "");
                    table.printRecord(
                            chart.material(),
                            cell.form(),
                            row.thickness().inMillimetres(),
                            figure(cell, ParameterKey.WORKING_CURRENT),
                            cell.sheet()
                                    .flatMap(ChartPage::fillA)
                                    .map(fill -> String.format(Locale.ROOT, "%.1f", fill))
                                    .orElse(""),
                            figure(cell, ParameterKey.TUNGSTEN_DIAMETER),
                            figure(cell, ParameterKey.WIRE_DIAMETER),
                            figure(cell, ParameterKey.CUP_SIZE),
                            figure(cell, ParameterKey.GAS_FLOW),
                            remark);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String figure(ChartCell cell, ParameterKey key) {
        return cell.sheet().map(sheet -> figure(sheet, key)).orElse("");
    }

    private static String figure(SetupSheet sheet, ParameterKey key) {
        return String.format(Locale.ROOT, "%.1f", sheet.setting(key).value());
    }
}
