package vastarc.web.service;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.web.format.CsvText;
import vastarc.web.request.MeterText;
import vastarc.web.store.job.PurgeText;

/**
 * The oxygen that was read while a purge filled, with the clock of each reading.
 *
 * @param openedAt when the argon was opened; empty where nobody said so: the readings then have seconds alone
 * @param readings in order of time, s since then and ppm by volume
 */
public record OxygenLog(Optional<Instant> openedAt, List<OxygenReading> readings) {

    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader("time UTC", "s", "oxygen ppm", "meter")
            .setRecordSeparator("\n")
            .get();

    public OxygenLog {
        readings = List.copyOf(readings);
    }

    /**
     * {@return what was read of a purge}
     *
     * @param purge as it is kept with a job or a run
     */
    public static OxygenLog of(PurgeText purge) {
        List<String> kept = purge.readings();
        return new OxygenLog(
                purge.text(PurgeText.STARTED).flatMap(OxygenLog::moment),
                kept.isEmpty()
                        ? List.of()
                        : MeterText.read(String.join("\n", kept)).value().orElse(List.of()));
    }

    private static Optional<Instant> moment(String text) {
        try {
            return Optional.of(Instant.parse(text));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }

    /**
     * {@return the moment of a reading; empty where nobody said when the argon was opened}
     *
     * @param reading one of the readings
     */
    public Optional<Instant> at(OxygenReading reading) {
        return openedAt.map(opened -> opened.plusMillis(Math.round(1000 * reading.s())));
    }

    /**
     * {@return the readings as a table of comma-separated values, a line each}
     *
     * @param meter what they were read with, in words; may be empty
     */
    public String csv(String meter) {
        StringWriter text = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(text, FORMAT)) {
            for (OxygenReading reading : readings) {
                csv.printRecord(
                        at(reading).map(Instant::toString).orElse(""), reading.s(), reading.ppm(), CsvText.cell(meter));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
