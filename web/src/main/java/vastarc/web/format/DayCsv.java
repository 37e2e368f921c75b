package vastarc.web.format;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;

/** A day as a table, a stretch a line. */
public final class DayCsv {

    /** Its media type. */
    public static final String TYPE = "text/csv";

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("start_s", "end_s", "job", "run", "doing")
            .get();

    private DayCsv() {}

    /**
     * {@return a day schedule as CSV}
     *
     * @param jobs names of the jobs
     * @param timeline the spans of the day
     */
    public static String of(List<String> jobs, List<DaySpan> timeline) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (DaySpan span : timeline) {
                csv.printRecord(
                        String.format(Locale.ROOT, "%.1f", span.startS()),
                        String.format(Locale.ROOT, "%.1f", span.endS()),
                        CsvText.cell(jobs.get(span.job())),
                        span.run(),
                        span.doing());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
