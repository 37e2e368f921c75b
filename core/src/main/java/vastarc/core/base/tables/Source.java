package vastarc.core.base.tables;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Where figures come from: a row of {@code docs/model/sources.csv}.
 *
 * @param key   short name by which tables and model pages cite it
 * @param kind  how far to trust it
 * @param title what it is
 */
public record Source(String key, SourceKind kind, String title) {

    private static final String FILE = "/model/sources.csv";
    private static final Map<String, Source> ALL = read();

    /**
     * {@return the source with a key; empty where there is none}
     *
     * @param key the key
     */
    public static Optional<Source> of(String key) {
        return Optional.ofNullable(ALL.get(key));
    }

    private static Map<String, Source> read() {
        try (InputStream in = Source.class.getResourceAsStream(FILE)) {
            if (in == null) {
                throw new IllegalStateException(FILE + " is missing");
            }
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get();
            Map<String, Source> all = new LinkedHashMap<>();
            try (CSVParser parser = format.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                for (CSVRecord row : parser) {
                    SourceKind kind = SourceKind.valueOf(row.get("kind").toUpperCase(Locale.ROOT));
                    all.put(row.get("key"), new Source(row.get("key"), kind, row.get("title")));
                }
            }
            return OrderedCollections.map(all);
        } catch (IOException e) {
            throw new UncheckedIOException(FILE + " cannot be read", e);
        }
    }
}
