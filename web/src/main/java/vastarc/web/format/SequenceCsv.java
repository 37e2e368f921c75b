package vastarc.web.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;

/** A route as a table, a run a line. */
public final class SequenceCsv {

    /** Its media type. */
    public static final String TYPE = "text/csv";

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("n", "kind", "seam", "pass", "from_mm", "to_mm", "end", "start_s", "arc_s", "wait_s", "wait_for")
            .get();

    private SequenceCsv() {}

    /**
     * {@return a sequence as CSV}
     *
     * @param sequence the weld sequence
     */
    public static String of(WeldSequence sequence) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (WeldSegment segment : sequence.runs()) {
                csv.printRecord(
                        segment.n(),
                        segment.kind(),
                        segment.seam(),
                        segment.pass(),
                        figure(segment.fromMm()),
                        figure(segment.toMm()),
                        segment.end(),
                        figure(segment.startS()),
                        figure(segment.arcS()),
                        figure(segment.waitS()),
                        segment.waitFor());
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
