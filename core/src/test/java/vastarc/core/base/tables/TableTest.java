package vastarc.core.base.tables;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class TableTest {

    private static List<Table.Row> read(String text) throws IOException {
        return Table.read("t.csv", Set.of("a"), new StringReader(text));
    }

    @Test
    void readsRowsAndSkipsComments() throws IOException {
        assertThat(read("# title\na,source,note\n1.5,trade,x\n"))
                .singleElement()
                .satisfies(row -> {
                    assertThat(row.number("a")).isEqualTo(1.5);
                    assertThat(row.source().kind()).isEqualTo(SourceKind.HANDBOOK);
                });
    }

    @Test
    void refusesARowWithoutItsSource() {
        assertThatThrownBy(() -> read("a,source,note\n1,,\n"))
                .hasMessageContaining("t.csv")
                .hasMessageContaining("source");
        assertThatThrownBy(() -> read("a,source,note\n1,RUMOUR,\n")).hasMessageContaining("RUMOUR");
    }

    @Test
    void refusesUnknownAndMissingColumns() {
        assertThatThrownBy(() -> read("a,b,source,note\n1,2,trade,\n")).hasMessageContaining("unknown column b");
        assertThatThrownBy(() -> read("source,note\ntrade,\n")).hasMessageContaining("column a is missing");
    }

    @Test
    void namesTheCellThatIsNoNumber() throws IOException {
        Table.Row row = read("a,source,note\nx,trade,\n").get(0);

        assertThatThrownBy(() -> row.number("a")).hasMessageContaining("row 2, column a is not a number");
    }

    @Test
    void refusesAMissingTable() {
        assertThatThrownBy(() -> Table.read("nowhere.csv", Set.of("a"))).hasMessageContaining("is missing");
    }

    /** A tolerance that nobody can explain is one that was widened to pass. */
    @Test
    void everyTableOfCasesSaysWhyItsToleranceIsWhatItIs() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/test/resources"))) {
            List<Path> cases = files.filter(file -> file.toString().endsWith(".csv"))
                    .filter(file -> !file.toString().contains("regression"))
                    .toList();
            assertThat(cases).hasSizeGreaterThan(10);
            for (Path file : cases) {
                assertThat(Files.readString(file)).as(file.toString()).contains("# Tolerance: ");
            }
        }
    }
}
