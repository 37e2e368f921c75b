package vastarc.web.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.route.Route;

/** A route as a table, a run a line. */
public final class RouteCsv {

    public static final String TYPE = "text/csv";

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("n", "kind", "seam", "pass", "from_mm", "to_mm", "end", "start_s", "arc_s", "wait_s", "wait_for")
            .get();

    private RouteCsv() {}

    public static String of(Route route) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (Route.Run run : route.runs()) {
                csv.printRecord(
                        run.n(),
                        run.kind(),
                        run.seam(),
                        run.pass(),
                        figure(run.fromMm()),
                        figure(run.toMm()),
                        run.end(),
                        figure(run.startS()),
                        figure(run.arcS()),
                        figure(run.waitS()),
                        run.waitFor());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
