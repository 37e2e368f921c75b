package vastarc.core.base.tables;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/** Reads a table of the trade from the class path, row by row, and refuses a malformed one. */
public final class Table {

    private static final Set<String> COMMON = Set.of("source", "note");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .setIgnoreEmptyLines(true)
            .setTrim(true)
            .get();

    private Table() {}

    /**
     * {@return all rows of {@code tables/<name>}}
     *
     * @param name the name
     * @param columns every column but {@code source} and {@code note}, which each table has
     * @throws IllegalStateException naming file, line and column, if the file is missing or malformed
     */
    public static List<Row> read(String name, Set<String> columns) {
        try (InputStream in = Table.class.getResourceAsStream("/tables/" + name)) {
            if (in == null) {
                throw new IllegalStateException("table " + name + " is missing");
            }
            return read(name, columns, new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException("table " + name + " cannot be read", e);
        }
    }

    /** As {@link #read(String, Set)}, from any text. */
    static List<Row> read(String name, Set<String> columns, Reader text) throws IOException {
        try (CSVParser parser = FORMAT.parse(text)) {
            checkHeader(name, columns, OrderedCollections.set(parser.getHeaderNames()));
            List<Row> rows = parser.stream()
                    .map(line -> new Row(name, line.getRecordNumber() + 1, OrderedCollections.map(line.toMap())))
                    .toList();
            if (rows.isEmpty()) {
                throw new IllegalStateException("table " + name + " has no rows");
            }
            rows.forEach(Row::source);
            return rows;
        }
    }

    private static void checkHeader(String name, Set<String> columns, Set<String> header) {
        for (String column : header) {
            if (!columns.contains(column) && !COMMON.contains(column)) {
                throw new IllegalStateException("table " + name + ", line 1: unknown column " + column);
            }
        }
        for (Set<String> wanted : List.of(columns, COMMON)) {
            for (String column : wanted) {
                if (!header.contains(column)) {
                    throw new IllegalStateException("table " + name + ", line 1: column " + column + " is missing");
                }
            }
        }
    }

    /** One row; its accessors name file, row and column when a cell cannot be used. */
    public record Row(String table, long line, Map<String, String> cells) {

        /**
         * {@return the text of a cell, never blank}
         *
         * @param column name of the column
         * @throws IllegalStateException if the cell is empty
         */
        public String text(String column) {
            String cell = cells.get(column);
            if (cell == null || cell.isEmpty()) {
                throw fault(column, "is empty");
            }
            return cell;
        }

        /**
         * {@return a cell that may be empty}
         *
         * @param column name of the column
         */
        public String optional(String column) {
            return cells.getOrDefault(column, "");
        }

        /**
         * {@return the number in a cell}
         *
         * @param column name of the column
         * @throws IllegalStateException if it is not a number
         */
        public double number(String column) {
            try {
                return Double.parseDouble(text(column));
            } catch (NumberFormatException e) {
                throw fault(column, "is not a number: " + text(column));
            }
        }

        /**
         * {@return the constant named in a cell}
         *
         * @param <E> the type of the elements
         * @param column name of the column
         * @param type the type
         * @throws IllegalStateException if there is no such constant
         */
        public <E extends Enum<E>> E named(String column, Class<E> type) {
            try {
                return Enum.valueOf(type, text(column));
            } catch (IllegalArgumentException e) {
                throw fault(column, "is not one of " + List.of(type.getEnumConstants()) + ": " + text(column));
            }
        }

        /**
         * {@return where the row comes from}
         *
         * @throws IllegalStateException if {@code docs/model/sources.csv} has no such key
         */
        public Source source() {
            return Source.of(text("source"))
                    .orElseThrow(() -> fault("source", "is not a key of sources.csv: " + text("source")));
        }

        private IllegalStateException fault(String column, String what) {
            return new IllegalStateException("table " + table + ", row " + line + ", column " + column + " " + what);
        }
    }
}
