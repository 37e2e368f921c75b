package vastarc.web.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import vastarc.core.advice.cycle.CycleSamples;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;

/** A weld in time as a table: time, state, current, gas. */
public final class CycleCsv {

    /** Its media type. */
    public static final MediaType TYPE = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("t_s", "state", "current_a", "gas")
            .get();

    private CycleCsv() {}

    /**
     * {@return a weld cycle as CSV, one line a time step}
     *
     * @param timeline the cycle timeline
     * @param stepS step in time, s
     */
    public static String of(CycleTimeline timeline, double stepS) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (MachineState moment : CycleSamples.of(timeline, stepS)) {
                table.printRecord(
                        plain(moment.timeS(), 4),
                        moment.phase().name(),
                        plain(moment.currentA(), 2),
                        moment.gas() ? 1 : 0);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }

    private static String plain(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
