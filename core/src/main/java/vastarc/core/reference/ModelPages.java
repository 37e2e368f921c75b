package vastarc.core.reference;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import vastarc.core.advice.parameters.ParameterKey;

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
            "simulation",
            "diagnosis",
            "steps");

    private static final Pattern HEADING = Pattern.compile("^## \\((\\d+)\\) (.*)$");
    private static final Pattern GIVES = Pattern.compile("Gives ((?:`[a-zA-Z]+`[^`.]*)+)");
    private static final Pattern NAME = Pattern.compile("`([a-zA-Z]+)`");

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
    private static final Map<String, ModelEquation> EQUATIONS = equations();

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
        return Optional.ofNullable(EQUATIONS.get(key.apiName()));
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

    private static Map<String, ModelEquation> equations() {
        Map<String, ModelEquation> equations = new LinkedHashMap<>();
        for (ModelPage page : PAGES.values()) {
            ModelEquation current = null;
            for (String line : page.text().split("\n")) {
                Matcher heading = HEADING.matcher(line);
                if (heading.matches()) {
                    current = new ModelEquation(page.name(), Integer.parseInt(heading.group(1)), heading.group(2));
                }
                for (Matcher gives = GIVES.matcher(line); current != null && gives.find(); ) {
                    for (Matcher name = NAME.matcher(gives.group(1)); name.find(); ) {
                        equations.put(name.group(1), current);
                    }
                }
            }
        }
        return equations;
    }
}
