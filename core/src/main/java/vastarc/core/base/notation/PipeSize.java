package vastarc.core.base.notation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import vastarc.core.base.tables.Table;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;

/**
 * A pipe given by nominal size and schedule: {@code 2" sch 40}, {@code DN50 sch 10S}, {@code NPS 1-1/2}. Source: table
 * {@code pipe-sizes.csv} [handbook].
 *
 * @param outside outside diameter
 * @param wall    wall of the schedule; empty where none is given
 */
public record PipeSize(Length outside, Optional<Length> wall) {

    private static final Pattern TEXT = Pattern.compile(
            "(?:(dn)\\s*([0-9]{1,4})|(nps)?\\s*([0-9]{1,2}(?:\\s*-\\s*[0-9]/[0-9])?|[0-9]/[0-9])\\s*(?:\"|″|”|in|inch)?)"
                    + "\\s*(pipe)?\\s*(?:,?\\s*(sch|schedule)\\.?\\s*([0-9]{1,3}\\s?s?))?");
    private static final List<Table.Row> ROWS =
            Table.read("pipe-sizes.csv", Set.of("nps", "dn", "od_in", "schedule", "wall_in"));

    /**
     * {@return what a text says of a pipe: empty where it is not given as one, a problem where the table does not
     * have it}
     *
     * @param text the text
     * @param field name of the input that problems belong to
     */
    public static Optional<Outcome<PipeSize>> read(String text, String field) {
        Matcher parts = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
        boolean pipe = parts.matches()
                && (parts.group(1) != null
                        || parts.group(3) != null
                        || parts.group(5) != null
                        || parts.group(6) != null);
        return pipe ? Optional.of(find(parts, field)) : Optional.empty();
    }

    private static Outcome<PipeSize> find(Matcher parts, String field) {
        boolean metric = parts.group(1) != null;
        String size = (metric ? parts.group(2) : parts.group(4)).replace(" ", "");
        List<Table.Row> rows = ROWS.stream()
                .filter(row -> row.text(metric ? "dn" : "nps").equals(size))
                .toList();
        if (rows.isEmpty()) {
            return Outcome.failed(
                    Problem.badValue(field, "pipe.size", (metric ? "DN" : "") + size, "1/8 to 12, DN6 to DN300"));
        }
        Length outside = Length.ofInches(rows.get(0).number("od_in"));
        if (parts.group(7) == null) {
            return Outcome.of(new PipeSize(outside, Optional.empty()));
        }
        String schedule = parts.group(7).replace(" ", "").toUpperCase(Locale.ROOT);
        return rows.stream()
                .filter(row -> row.text("schedule").equals(schedule))
                .findFirst()
                .map(row -> Outcome.of(new PipeSize(outside, Optional.of(Length.ofInches(row.number("wall_in"))))))
                .orElseGet(() -> Outcome.failed(Problem.badValue(
                        field,
                        "pipe.schedule",
                        (metric ? "DN" : "") + size,
                        schedule,
                        rows.stream().map(row -> row.text("schedule")).collect(Collectors.joining(", ")))));
    }
}
