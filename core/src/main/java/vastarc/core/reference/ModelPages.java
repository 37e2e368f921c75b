package vastarc.core.reference;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;

/**
 * The model as it is written down: the pages of {@code docs/model}, and the equation behind each parameter of the sheet. The build puts them
 * on the class path.
 */
public final class ModelPages {

    /** The page that lists the others. */
    public static final String INDEX = "README";

    private static final List<String> NAMES = List.of(
            INDEX,
            "arc",
            "conduction",
            "fusion",
            "currents",
            "torch",
            "gas",
            "filler",
            "purge",
            "equipment",
            "sequence",
            "map",
            "vision",
            "simulation",
            "diagnosis",
            "steps");

    private static final Pattern HEADING = Pattern.compile("(?m)^## \\((\\d+)\\) (.*)$");

    /**
     * A page.
     *
     * @param name without its ending
     * @param text in Markdown
     */
    public record ModelPage(String name, String text) {}

    /**
     * An equation.
     *
     * @param page   it is on
     * @param number there, from 1
     * @param title  its heading
     */
    public record ModelEquation(String page, int number, String title) {}

    private static final Map<String, ModelPage> PAGES = pages();
    private static final Map<ParameterKey, ModelEquation> EQUATIONS = equations();

    private ModelPages() {}

    /** {@return every page, the index first} */
    public static List<ModelPage> all() {
        return List.copyOf(PAGES.values());
    }

    /**
     * {@return the page of a name; empty if there is none}
     *
     * @param name the name
     */
    public static Optional<ModelPage> named(String name) {
        return Optional.ofNullable(PAGES.get(name));
    }

    /**
     * {@return the equation that gives a parameter; empty if none is written down}
     *
     * @param key the key
     */
    public static Optional<ModelEquation> of(ParameterKey key) {
        return Optional.ofNullable(EQUATIONS.get(key));
    }

    private static Map<String, ModelPage> pages() {
        Map<String, ModelPage> pages = new LinkedHashMap<>();
        NAMES.forEach(name -> pages.put(name, new ModelPage(name, read(name))));
        return pages;
    }

    private static String read(String name) {
        try (InputStream in = ModelPages.class.getResourceAsStream("/model/" + name + ".md")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Map<ParameterKey, ModelEquation> equations() {
        Map<ParameterKey, ModelEquation> equations = new EnumMap<>(ParameterKey.class);
        for (Table.Row row : Table.read("model-equations.csv", Set.of("parameter", "page", "equation"))) {
            ParameterKey key = ParameterKey.named(row.text("parameter")).orElseThrow();
            equations.put(key, equation(row.text("page"), (int) row.number("equation")));
        }
        return equations;
    }

    private static ModelEquation equation(String page, int number) {
        return HEADING.matcher(Maps.get(PAGES, page).text())
                .results()
                .filter(heading -> Integer.parseInt(heading.group(1)) == number)
                .map(heading -> new ModelEquation(page, number, heading.group(2)))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("model page " + page + " lacks equation " + number));
    }
}
