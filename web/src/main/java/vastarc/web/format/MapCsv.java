package vastarc.web.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.advice.map.WeldMap;

/** A map as a table, a point a line. */
public final class MapCsv {

    /** Its media type. */
    public static final String TYPE = "text/csv";

    private MapCsv() {}

    /**
     * {@return a map as CSV: current in A, the other axis in its unit, the zone, and whether an edge is near}
     *
     * @param map the map
     */
    public static String of(WeldMap map) {
        StringWriter text = new StringWriter();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "current_a",
                        map.axis().name().toLowerCase(Locale.ROOT) + " "
                                + map.axis().unit().symbol(),
                        "zone",
                        "edge_near")
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            for (int j = 0; j < map.y().size(); j++) {
                for (int i = 0; i < map.x().size(); i++) {
                    csv.printRecord(
                            figure(map.x().get(i)),
                            figure(map.y().get(j)),
                            map.zones().get(j).get(i),
                            map.isUnsure(j, i));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }
}
