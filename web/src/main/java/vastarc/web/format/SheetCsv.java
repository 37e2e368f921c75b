package vastarc.web.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.Window;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** A setup sheet as a table: a setting a row, in the fixed units of the calls. */
public final class SheetCsv {

    public static final MediaType TYPE = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("setting", "name", "value", "unit", "low", "high", "idle", "own")
            .get();

    private SheetCsv() {}

    public static String of(Sheet sheet) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (Setting setting : sheet.settings().values()) {
                Window window = setting.window().orElse(null);
                table.printRecord(
                        setting.key().apiName(),
                        Phrasebook.say(Phrase.of(setting.key().words()), UnitSystem.METRIC),
                        window == null ? setting.shown(UnitSystem.METRIC) : CoreJson.rounded(setting.value()),
                        window == null ? "" : setting.key().unit().symbol(),
                        window == null ? "" : CoreJson.rounded(window.low()),
                        window == null ? "" : CoreJson.rounded(window.high()),
                        setting.idle(),
                        setting.own().isPresent());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return text.toString();
    }
}
