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
import vastarc.core.finding.Outcome;
import vastarc.core.quantity.UnitSystem;
import vastarc.web.kept.run.RunBook;
import vastarc.web.kept.run.RunRows;

/** Runs out of a file, CSV or JSON, in the published names. */
@Component
class RunImport {

    private static final int MOST_ROWS = 20_000;
    private static final int REFUSALS_TOLD = 50;
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final RunBook runs;

    RunImport(RunBook runs) {
        this.runs = runs;
    }

    /**
     * What became of a file.
     *
     * @param taken   runs that came in
     * @param known   runs that were there already
     * @param refused rows that were not taken
     * @param rows    why, the first few, by their number
     * @param wrong   why nothing at all was taken; empty where something may have been
     */
    record Report(int taken, int known, int refused, List<String> rows, String wrong) {

        static Report wrong(String why) {
            return new Report(0, 0, 0, List.of(), why);
        }
    }

    Report take(String text, UnitSystem units) {
        String bare = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try {
            return bare.stripLeading().startsWith("[")
                    ? take(JSON.readTree(bare).values().stream().toList(), 1, units)
                    : take(csv(bare), 2, units);
        } catch (JacksonException e) {
            return Report.wrong("This is no whole JSON list of runs.");
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return Report.wrong(
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
                rows.add(RunRows.object(line.toMap()));
                if (rows.size() > MOST_ROWS) {
                    break;
                }
            }
        }
        return rows;
    }

    private Report take(List<JsonNode> rows, int firstLine, UnitSystem units) {
        if (rows.isEmpty() || rows.size() > MOST_ROWS) {
            return Report.wrong("There are " + (rows.isEmpty() ? "no rows" : "more than " + MOST_ROWS + " rows")
                    + " in this file. Give 1 to " + MOST_ROWS + ".");
        }
        List<RunBook.Whole> sound = new ArrayList<>();
        List<String> told = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            Outcome<RunBook.Whole> read = RunRows.read(rows.get(i));
            read.value().ifPresent(sound::add);
            if (read.value().isEmpty() && told.size() < REFUSALS_TOLD) {
                told.add(
                        "Row " + (i + firstLine) + ": " + read.problems().get(0).field() + ": "
                                + read.problems().get(0).message(units));
            }
        }
        int taken = runs.takeAll(sound);
        return new Report(taken, sound.size() - taken, rows.size() - sound.size(), told, "");
    }
}
