package vastarc.web.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;

/** The bead of a simulation along its seam: columns x_mm, front_mm, back_mm. */
public final class SimulationCsv {

    /** Its media type. */
    public static final String TYPE = "text/csv";

    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setHeader("x_mm", "front_mm", "back_mm").get();

    private SimulationCsv() {}

    /**
     * {@return the bead of a simulation as CSV}
     *
     * @param made the simulation
     */
    public static String of(SimulationResult made) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (BeadWidth place : made.along()) {
                csv.printRecord(figure(place.xMm()), figure(place.frontMm()), figure(place.backMm()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String figure(double mm) {
        return String.format(Locale.ROOT, "%.3f", mm);
    }
}
