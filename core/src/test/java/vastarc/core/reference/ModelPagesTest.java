package vastarc.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.reference.ModelPages.ModelEquation;
import vastarc.core.reference.ModelPages.ModelPage;

class ModelPagesTest {

    private static final Pattern HEADING = Pattern.compile("(?m)^## \\((\\d+)\\) ");
    private static final Pattern CITED = Pattern.compile("docs/model/([a-z]+)\\.md \\((\\d+)\\)");
    private static final Pattern CODE = Pattern.compile("Code: ([^\\n]*)");
    private static final Pattern TYPE = Pattern.compile("`([A-Z][A-Za-z0-9]+)(?:\\.[a-z]\\w*)?`");

    @ParameterizedTest
    @EnumSource(ParameterKey.class)
    void everyParameterHasItsEquation(ParameterKey key) {
        assertThat(ModelPages.of(key)).as(key.apiName()).isPresent();
    }

    /** The page says at the equation which parameters it gives. */
    @ParameterizedTest
    @EnumSource(ParameterKey.class)
    void theEquationsPageNamesTheParameterThere(ParameterKey key) {
        ModelEquation equation = ModelPages.of(key).orElseThrow();
        String text = ModelPages.named(equation.page()).orElseThrow().text();
        String section =
                text.substring(text.indexOf("## (" + equation.number() + ") ")).split("\n## ", 2)[0];
        assertThat(section).contains("Gives ", "`" + key.apiName() + "`");
    }

    static Stream<ModelPage> pages() {
        return ModelPages.all().stream();
    }

    @ParameterizedTest
    @MethodSource("pages")
    void theEquationsOfAPageAreNumberedInOrder(ModelPage page) {
        List<Integer> numbers = HEADING.matcher(page.text())
                .results()
                .map(found -> Integer.parseInt(found.group(1)))
                .toList();
        assertThat(numbers)
                .isEqualTo(IntStream.rangeClosed(1, numbers.size()).boxed().toList());
    }

    @Test
    void whatIsCitedAnywhereIsThere() throws IOException {
        for (Path file : files(Path.of("src/main/java"), ".java")) {
            Matcher cited = CITED.matcher(Files.readString(file));
            while (cited.find()) {
                ModelPage page = ModelPages.named(cited.group(1)).orElseThrow();
                assertThat(page.text()).as(file + " cites " + cited.group()).contains("## (" + cited.group(2) + ") ");
            }
        }
    }

    @Test
    void theTypesThatAPageNamesAreThere() throws IOException {
        TreeSet<String> types = new TreeSet<>();
        files(Path.of("src"), ".java")
                .forEach(file -> types.add(file.getFileName().toString().replace(".java", "")));
        for (ModelPage page : ModelPages.all()) {
            CODE.matcher(page.text())
                    .results()
                    .flatMap(line -> TYPE.matcher(line.group(1)).results())
                    .forEach(type -> assertThat(types).as(page.name()).contains(type.group(1)));
        }
    }

    @Test
    void everySourceThatATableOrAPageUsesIsListedWithItsKind() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("../docs/model/sources.csv"));
        assertThat(lines.get(0)).isEqualTo("key,kind,title");
        assertThat(lines.stream().skip(1).map(line -> line.split(",")[1]))
                .isSubsetOf("standard", "textbook", "handbook", "simulated", "judgement", "fitted");
        String index = ModelPages.named(ModelPages.INDEX).orElseThrow().text();
        assertThat(lines.stream()
                        .skip(1)
                        .map(line -> line.split(",", 3))
                        .map(cells -> "| " + cells[0] + " | " + cells[1] + " | " + cells[2].replace("\"", "") + " |"))
                .as("the index lists the sources")
                .allSatisfy(row -> assertThat(index).contains(row));
        List<String> keys =
                lines.stream().skip(1).map(line -> line.split(",")[0]).toList();
        assertThat(keys).doesNotHaveDuplicates();
        String all =
                String.join("\n", ModelPages.all().stream().map(ModelPage::text).toList());
        assertThat(keys).allSatisfy(key -> assertThat(all).contains(key));
    }

    /** The comparison with a standard that knows nothing of this program: cooling of thin butts within 30 %, electrodes within their range. */
    @Test
    void figuresOfStandardsAreNear() {
        assertThat(OutsideCheck.all()).hasSizeGreaterThan(8);
        OutsideCheck.all().stream()
                .filter(check -> check.what().key().equals("outside.cooling"))
                .forEach(check -> assertThat(Math.abs(check.differencePercent()))
                        .as(check.what().toString())
                        .isLessThan(30));
        OutsideCheck.all().stream()
                .filter(check -> check.what().key().equals("outside.tungsten"))
                .forEach(check -> assertThat(check.differencePercent()).isBetween(-20.0, 0.0));
    }

    private static List<Path> files(Path root, String ending) throws IOException {
        try (Stream<Path> walk = Files.walk(root)) {
            return walk.filter(path -> path.toString().endsWith(ending)).toList();
        }
    }
}
