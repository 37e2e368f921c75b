package vastarc.web.logbook;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.store.run.WeldRunFormat;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;

/** Runs out of a file, CSV or JSON, in the published names. */
@Component
class RunImport {

    private static final int MOST_ROWS = 20_000;
    private static final int MAX_REFUSALS = 50;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final WeldRunQueries runs;

    RunImport(WeldRunQueries runs) {
        this.runs = runs;
    }

    /**
     * The result of a file.
     *
     * @param taken   runs that came in
     * @param known   runs that were there already
     * @param refused rows that were not taken
     * @param rows    why, the first few, by their number
     * @param wrong   why nothing at all was taken; empty where something may have been
     */
    record ImportReport(int taken, int known, int refused, List<String> rows, String wrong) {

        static ImportReport wrong(String why) {
            return new ImportReport(0, 0, 0, List.of(), why);
        }
    }

    ImportReport take(String text, UnitSystem units) {
        String bare = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try {
            return bare.stripLeading().startsWith("[")
                    ? take(JSON.readTree(bare).values().stream().toList(), 1, units)
                    : take(csv(bare), 2, units);
        } catch (JacksonException e) {
            return ImportReport.wrong("This is no whole JSON list of runs.");
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return ImportReport.wrong(
                    "This is no table of runs: its first line names the columns, as a file taken out of the logbook does.");
        }
    }

    private static List<JsonNode> csv(String text) throws IOException {
        List<JsonNode> rows = new ArrayList<>();
        try (CSVParser csv = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .get()
                .parse(new StringReader(text))) {
            for (CSVRecord line : csv) {
                rows.add(WeldRunFormat.object(line.toMap()));
                if (rows.size() > MOST_ROWS) {
                    break;
                }
            }
        }
        return rows;
    }

    private ImportReport take(List<JsonNode> rows, int firstLine, UnitSystem units) {
        if (rows.isEmpty() || rows.size() > MOST_ROWS) {
            return ImportReport.wrong("There are " + (rows.isEmpty() ? "no rows" : "more than " + MOST_ROWS + " rows")
                    + " in this file. Give 1 to " + MOST_ROWS + ".");
        }
        List<CompleteRun> sound = new ArrayList<>();
        List<String> messages = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Outcome<CompleteRun> read = WeldRunFormat.read(rows.get(i));
            read.value().ifPresent(sound::add);
            if (read.value().isEmpty() && messages.size() < MAX_REFUSALS) {
                messages.add(
                        "Row " + (i + firstLine) + ": " + read.problems().get(0).field() + ": "
                                + read.problems().get(0).message(units));
            }
        }
        int accepted = runs.takeAll(sound);
        return new ImportReport(accepted, sound.size() - accepted, rows.size() - sound.size(), messages, "");
    }
}
