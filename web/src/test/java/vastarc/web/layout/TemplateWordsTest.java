package vastarc.web.layout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.attoparser.ParseException;
import org.attoparser.config.ParseConfiguration;
import org.attoparser.simple.AbstractSimpleMarkupHandler;
import org.attoparser.simple.SimpleMarkupParser;
import org.junit.jupiter.api.Test;

/** No template holds a word of its own: what a page says is in {@code messages.properties} or comes from the core. */
class TemplateWordsTest {

    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    /** Formatted to 120 columns; a line of one long attribute may be longer. */
    private static final int LONGEST_LINE = 160;

    private static final Path MESSAGES = Path.of("src/main/resources/messages.properties");
    private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
    private static final Pattern EXPRESSION = Pattern.compile("\\[\\[.*?]]|\\$\\{[^}]*}", Pattern.DOTALL);
    private static final Pattern SENTENCE = Pattern.compile("'\\p{L}{2,} +\\p{L}[^'|]*'");
    private static final Pattern BESIDE = Pattern.compile("\\|[^|]*\\p{L}{2,}[^|]*\\||'[^'|]*\\p{L}{2,}[^'|]*'");
    private static final Pattern KEY =
            Pattern.compile("#\\{([a-z][\\w.-]*)|msg\\('([\\w.-]+)'|'((?:error|ui|logbook)\\.[\\w.-]+)'");
    private static final Pattern SPOKEN_PART = Pattern.compile("(?:aria-label|title|placeholder|alt)=[^,]*");
    private static final Set<String> SPOKEN = Set.of("aria-label", "title", "placeholder", "alt");
    private static final Set<String> WRITTEN =
            Set.of("th:text", "th:utext", "th:attr", "th:aria-label", "th:title", "th:placeholder", "th:alt");

    @Test
    void noTemplateHoldsAWordOfItsOwn() throws IOException, ParseException {
        for (Path template : templates()) {
            Words words = new Words();
            new SimpleMarkupParser(ParseConfiguration.htmlConfiguration())
                    .parse(new StringReader(Files.readString(template)), words);
            assertThat(words.bare).as(template.toString()).isEmpty();
        }
    }

    @Test
    void everyKeyHasItsWordsAndEveryWordIsUsed() throws IOException {
        Properties messages = new Properties();
        try (var in = Files.newBufferedReader(MESSAGES, StandardCharsets.UTF_8)) {
            messages.load(in);
        }
        Set<String> used = new TreeSet<>();
        Set<String> prefixes = new TreeSet<>();
        for (Path template : templates()) {
            String text = Files.readString(template);
            Matcher key = KEY.matcher(text);
            while (key.find()) {
                used.add(Stream.of(key.group(1), key.group(2), key.group(3))
                        .filter(name -> name != null)
                        .findFirst()
                        .orElseThrow());
            }
            Matcher made = Pattern.compile("#\\{\\|([\\w.-]+)\\$").matcher(text);
            while (made.find()) {
                prefixes.add(made.group(1));
            }
        }
        assertThat(messages.stringPropertyNames()).containsAll(used);
        assertThat(messages.stringPropertyNames())
                .filteredOn(name -> !used.contains(name) && prefixes.stream().noneMatch(name::startsWith))
                .isEmpty();
    }

    @Test
    void noLineOfATemplateIsSoLongThatItMustBeScrolled() throws IOException {
        for (Path template : templates()) {
            assertThat(Files.readAllLines(template))
                    .as(template.toString())
                    .filteredOn(
                            line -> line.length() > LONGEST_LINE && line.strip().contains(" th:"))
                    .isEmpty();
        }
    }

    private static List<Path> templates() throws IOException {
        try (Stream<Path> files = Files.walk(TEMPLATES)) {
            return files.filter(file -> file.toString().endsWith(".html"))
                    .sorted()
                    .toList();
        }
    }

    /** Collects what a browser would show as it is in the file. */
    private static final class Words extends AbstractSimpleMarkupHandler {

        private final List<String> bare = new ArrayList<>();
        private boolean code;

        @Override
        public void handleText(char[] buffer, int offset, int length, int line, int column) {
            String text = EXPRESSION
                    .matcher(new String(buffer, offset, length).replaceAll("&\\w+;", ""))
                    .replaceAll("");
            if (!code && WORD.matcher(text).find()) {
                bare.add(line + ": " + text.strip());
            }
        }

        @Override
        public void handleOpenElement(String name, Map<String, String> attributes, int line, int column) {
            code = name.equals("script") || name.equals("style");
            if (!code) {
                attribute(attributes, line);
            }
        }

        @Override
        public void handleStandaloneElement(
                String name, Map<String, String> attributes, boolean minimized, int line, int column) {
            attribute(attributes, line);
        }

        @Override
        public void handleCloseElement(String name, int line, int column) {
            code = false;
        }

        private void attribute(Map<String, String> attributes, int line) {
            if (attributes == null) {
                return;
            }
            attributes.forEach((name, value) -> {
                if (SPOKEN.contains(name) && WORD.matcher(value).find()) {
                    bare.add(line + ": " + name + "=" + value);
                }
                if (WRITTEN.contains(name)) {
                    literals(name, value, line);
                }
            });
        }

        /** Sentences inside an expression, and any word beside one. */
        private void literals(String name, String whole, int line) {
            Matcher heard = SPOKEN_PART.matcher(whole);
            String value = !name.equals("th:attr") ? whole : heard.find() ? heard.group() : "";
            Matcher inside = SENTENCE.matcher(value.replaceAll("#\\{[^}]*}", ""));
            while (inside.find()) {
                bare.add(line + ": " + name + "=" + inside.group());
            }
            Matcher beside = BESIDE.matcher(value.replaceAll("[#$]\\{[^}]*}+", ""));
            while (beside.find()) {
                bare.add(line + ": " + name + "=" + beside.group());
            }
        }
    }
}
