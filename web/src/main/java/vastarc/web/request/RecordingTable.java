package vastarc.web.request;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;

/**
 * A meter's table: a heading, then a line a reading, with whatever separates the columns.
 *
 * @param heading names of the columns
 * @param lines   the cells
 */
public record RecordingTable(List<String> heading, List<List<String>> lines) {

    /** What a column may be besides a quantity. */
    public static final String TIME = "TIME";

    /** A column of time in milliseconds. */
    public static final String TIME_MS = "TIME_MS";
    /** A column that is not read. */
    public static final String NOTHING = "";

    private static final int MOST_COLUMNS = 40;

    private static final Map<String, List<String>> USUAL = Map.of(
            TIME,
            List.of("s", "time", "time s", "time (s)", "seconds", "t", "sec"),
            TIME_MS,
            List.of("ms", "time ms", "time (ms)", "milliseconds"),
            MeasuredQuantity.CURRENT.name(),
            List.of("a", "current", "current a", "current (a)", "amps", "amperes", "i"),
            MeasuredQuantity.VOLTAGE.name(),
            List.of("v", "voltage", "voltage v", "voltage (v)", "volts", "u"),
            MeasuredQuantity.GAS_FLOW.name(),
            List.of("lpermin", "l/min", "flow", "gas flow", "flow l/min"),
            MeasuredQuantity.OXYGEN.name(),
            List.of("ppm", "oxygen", "oxygen ppm", "o2"),
            MeasuredQuantity.TEMPERATURE.name(),
            List.of("c", "°c", "temperature", "temp", "temperature c"));

    /**
     * Reads a text; separated by comma, semicolon or tab, whichever its heading has most of.
     *
     * @param text the text
     * @return the recording table, or what prevents it
     */
    public static Outcome<RecordingTable> read(String text) {
        String first = text.lines().findFirst().orElse("");
        char separator = separator(first);
        List<List<String>> lines = new ArrayList<>();
        try (CSVParser csv = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            for (CSVRecord line : csv) {
                if (lines.size() > Recording.MOST) {
                    return Outcome.failed(
                            Problem.badValue("trace", "run.samples", "more than " + Recording.MOST, Recording.MOST));
                }
                lines.add(line.toList());
            }
        } catch (IOException | UncheckedIOException e) {
            return Outcome.failed(Problem.badValue("trace", "run.table"));
        }
        if (lines.size() < 2 || lines.get(0).size() < 2 || lines.get(0).size() > MOST_COLUMNS) {
            return Outcome.failed(Problem.badValue("trace", "run.table"));
        }
        return Outcome.of(new RecordingTable(List.copyOf(lines.get(0)), List.copyOf(lines.subList(1, lines.size()))));
    }

    private static char separator(String heading) {
        char best = ',';
        long most = -1;
        for (char one : new char[] {',', ';', '\t'}) {
            long count = heading.chars().filter(c -> c == one).count();
            if (count > most) {
                most = count;
                best = one;
            }
        }
        return best;
    }

    /** {@return what the columns seem to be, by their names} */
    public List<String> guessed() {
        return heading.stream()
                .map(name -> name.strip().toLowerCase(Locale.ROOT))
                .map(name -> USUAL.entrySet().stream()
                        .filter(usual -> usual.getValue().contains(name))
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(NOTHING))
                .toList();
    }

    /**
     * {@return whether a choice of columns can be read: one time and at least one quantity, none twice}
     *
     * @param chosen the names chosen, in order
     */
    public boolean fits(List<String> chosen) {
        List<String> used = chosen.stream().filter(text -> !text.isEmpty()).toList();
        long times = used.stream().filter(text -> text.startsWith(TIME)).count();
        boolean known = used.stream()
                .allMatch(text -> text.equals(TIME)
                        || text.equals(TIME_MS)
                        || MeasuredQuantity.named(text).isPresent());
        return chosen.size() == heading.size()
                && known
                && times == 1
                && used.size() >= 2
                && used.stream().distinct().count() == used.size();
    }

    /**
     * {@return the trace by a choice of columns; a line that cannot be read is given by its number}
     *
     * @param chosen the names chosen, in order
     */
    public Outcome<Recording> trace(List<String> chosen) {
        int time = chosen.indexOf(TIME) >= 0 ? chosen.indexOf(TIME) : chosen.indexOf(TIME_MS);
        double per = chosen.contains(TIME_MS) ? 1000 : 1;
        Map<MeasuredQuantity, List<double[]>> read = new EnumMap<>(MeasuredQuantity.class);
        double last = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < lines.size(); i++) {
            List<String> line = lines.get(i);
            OptionalDouble s = cell(line, time);
            if (s.isEmpty() || s.getAsDouble() / per < last) {
                return Outcome.failed(Problem.badValue("trace", "run.line", i + 2, cellText(line, time)));
            }
            last = s.getAsDouble() / per;
            for (int column = 0; column < Math.min(line.size(), chosen.size()); column++) {
                Optional<MeasuredQuantity> kind = MeasuredQuantity.named(chosen.get(column));
                OptionalDouble value = cell(line, column);
                if (kind.isPresent()
                        && value.isPresent()
                        && kind.get().range().check(value.getAsDouble()).isEmpty()) {
                    read.computeIfAbsent(kind.get(), quantity -> new ArrayList<>())
                            .add(new double[] {last, value.getAsDouble()});
                }
            }
        }
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        read.forEach((kind, pairs) -> channels.put(kind, channel(pairs)));
        return channels.isEmpty()
                ? Outcome.failed(Problem.badValue("trace", "run.empty"))
                : Outcome.of(new Recording(channels));
    }

    private static Channel channel(List<double[]> pairs) {
        return Channel.of(
                pairs.stream().mapToDouble(pair -> pair[0]).toArray(),
                pairs.stream().mapToDouble(pair -> pair[1]).toArray());
    }

    private static OptionalDouble cell(List<String> line, int column) {
        return NumberReader.read(cellText(line, column));
    }

    private static String cellText(List<String> line, int column) {
        return column >= 0 && column < line.size() ? line.get(column) : "";
    }

    /** {@return what a column may be chosen to be} */
    public static List<String> choices() {
        List<String> choices = new ArrayList<>(List.of(NOTHING, TIME, TIME_MS));
        choices.addAll(Arrays.stream(MeasuredQuantity.values()).map(Enum::name).toList());
        return choices;
    }
}
