package vastarc.web.logbook;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.web.store.run.KeptMeasure.KeptWidth;

/** The measured width of a bead as a table, a place along the seam a line. */
final class WidthCsv {

    static final String TYPE = "text/csv";

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("along_mm", "width_mm", "plus_minus_mm")
            .get();

    private WidthCsv() {}

    static String of(List<KeptWidth> widths) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (KeptWidth place : widths) {
                csv.printRecord(place.mm(), place.widthMm(), place.plusMinusMm());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
