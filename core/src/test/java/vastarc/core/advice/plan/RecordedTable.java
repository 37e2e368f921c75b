package vastarc.core.advice.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Answers as they were recorded, line by line and column by column, beside the answers of now. The first line names the columns. */
public final class RecordedTable {

    private static final String FOLDER = "regression/";
    private static final int MOST_TOLD = 30;

    private RecordedTable() {}

    /**
     * Fails where a figure has moved, saying which of which line, from what to what.
     *
     * @param file the file of the recorded table
     * @param now the lines of now, which may be fewer
     */
    public static void assertNothingMoved(String file, List<String> now) throws IOException {
        List<String> recorded;
        try (InputStream in = RecordedTable.class.getResourceAsStream("/" + FOLDER + file)) {
            recorded = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
        assertThat(differences(recorded, now)).isEmpty();
    }

    private static List<String> differences(List<String> recorded, List<String> now) {
        assertThat(recorded).hasSizeGreaterThanOrEqualTo(now.size());
        String[] names = recorded.get(0).split(",", -1);
        assertThat(now.get(0)).isEqualTo(recorded.get(0));
        List<String> moved = new ArrayList<>();
        for (int line = 1; line < now.size() && moved.size() < MOST_TOLD; line++) {
            String[] before = recorded.get(line).split(",", -1);
            String[] after = now.get(line).split(",", -1);
            for (int column = 0; column < names.length; column++) {
                if (!before[column].equals(after[column])) {
                    moved.add("%s %s %s: %s from %s to %s"
                            .formatted(before[0], before[1], before[2], names[column], before[column], after[column]));
                }
            }
        }
        return moved;
    }

    /**
     * Records the answers of now.
     *
     * @param file the file of the table
     * @param now its lines
     */
    public static void record(String file, List<String> now) throws IOException {
        Files.writeString(Path.of("src/test/resources", FOLDER + file), String.join("\n", now) + "\n");
    }
}
