package vastarc.core.reference;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/**
 * The terms used here. Source: {@code docs/vocabulary.md}, the one list that readers of the documents and of the program share; the
 * build puts it on the class path.
 */
public final class Glossary {

    private static final String HEADING = "| term |";

    /**
     * A term.
     *
     * @param term    the one used here
     * @param meaning in a sentence
     * @param aliases what else it is called; empty where it has one name only
     * @param note    a warning where words collide; may be empty
     */
    public record GlossaryEntry(String term, String meaning, List<String> aliases, String note) {}

    private static final List<GlossaryEntry> ENTRIES = read();

    private Glossary() {}

    /** {@return every term, in alphabetical order} */
    public static List<GlossaryEntry> entries() {
        return ENTRIES;
    }

    private static List<GlossaryEntry> read() {
        try (InputStream in = Glossary.class.getResourceAsStream("/vocabulary.md");
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .dropWhile(line -> !line.startsWith(HEADING))
                    .skip(2)
                    .takeWhile(line -> line.startsWith("|"))
                    .map(Glossary::entry)
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static GlossaryEntry entry(String line) {
        String[] cells = line.split("\\|", -1);
        if (cells.length != 6) {
            throw new IllegalStateException("vocabulary.md: four cells wanted in: " + line);
        }
        List<String> aliases = Arrays.stream(cells[3].split(";"))
                .map(String::strip)
                .filter(alias -> !alias.isEmpty())
                .toList();
        return new GlossaryEntry(cells[1].strip(), cells[2].strip(), aliases, cells[4].strip());
    }
}
