package vastarc.web.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;

/** A setup sheet as a table: a setting a row, in the fixed units of the calls. */
public final class SheetCsv {

    /** Its media type. */
    public static final MediaType TYPE = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("setting", "name", "value", "unit", "low", "high", "idle", "own")
            .get();

    private SheetCsv() {}

    /**
     * {@return a setup sheet as CSV}
     *
     * @param sheet the sheet
     */
    public static String of(SetupSheet sheet) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (Parameter parameter : sheet.settings().values()) {
                Range range = parameter.window().orElse(null);
                table.printRecord(
                        parameter.key().apiName(),
                        Phrasebook.say(Phrase.of(parameter.key().words()), UnitSystem.METRIC),
                        range == null ? parameter.shown(UnitSystem.METRIC) : CoreJson.rounded(parameter.value()),
                        range == null ? "" : parameter.key().unit().symbol(),
                        range == null ? "" : CoreJson.rounded(range.low()),
                        range == null ? "" : CoreJson.rounded(range.high()),
                        parameter.idle(),
                        parameter.own().isPresent());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
