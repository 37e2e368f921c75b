package vastarc.core.base.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Collectors;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;

/** Says phrases in either unit system. The words are read once, at class loading. */
public final class Phrasebook {

    private static final Map<String, String> WORDS = read();

    private Phrasebook() {}

    /**
     * {@return the sentence of a phrase}
     *
     * @param phrase the phrase
     * @param units the units
     * @throws IllegalArgumentException if there is no such key, or the sentence asks for more arguments than were
     *     given
     */
    public static String say(Phrase phrase, UnitSystem units) {
        String sentence =
                find(phrase.key()).orElseThrow(() -> new IllegalArgumentException("no words for key " + phrase.key()));
        return Sentences.fill(sentence, phrase.arguments(), argument -> text(argument, units));
    }

    /**
     * {@return the words of a key without figures, or the key's absence}
     *
     * @param key the key
     */
    public static Optional<String> find(String key) {
        return Optional.ofNullable(WORDS.get(key));
    }

    private static String text(Object argument, UnitSystem units) {
        if (argument instanceof Quantity quantity) {
            return units.show(quantity).line();
        }
        if (argument instanceof Length length) {
            return units.show(length.quantity()).line();
        }
        return argument instanceof Phrase phrase ? say(phrase, units) : argument.toString();
    }

    private static Map<String, String> read() {
        Properties properties = new Properties();
        try (InputStream in = Phrasebook.class.getResourceAsStream("/words.properties")) {
            properties.load(new InputStreamReader(in, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return properties.entrySet().stream()
                .collect(Collectors.toUnmodifiableMap(
                        entry -> entry.getKey().toString(),
                        entry -> entry.getValue().toString()));
    }
}
