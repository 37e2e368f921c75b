package vastarc.core.base.text;

import com.ibm.icu.text.MessageFormat;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * Fills the sentences of the words files. They are patterns of ICU's {@code MessageFormat}: {@code {0}} is an argument as text,
 * {@code {0, plural, one {# run} other {# runs}}} chooses words by a count.
 */
public final class Sentences {

    private Sentences() {}

    /**
     * {@return the sentence with its arguments in place}
     *
     * @param pattern of ICU's {@code MessageFormat}
     * @param arguments by number; a number stays a number where the pattern chooses words by it
     * @param text writes any other argument
     * @throws IllegalArgumentException if the pattern is malformed or names an argument that was not given
     */
    public static String fill(String pattern, List<?> arguments, Function<Object, String> text) {
        if (pattern.indexOf('{') < 0) {
            return pattern;
        }
        MessageFormat sentence = new MessageFormat(pattern, Locale.ENGLISH);
        sentence.getArgumentNames().forEach(name -> {
            if (Integer.parseInt(name) >= arguments.size()) {
                throw new IllegalArgumentException("no argument " + name + " for: " + pattern);
            }
        });
        Object[] values = new Object[arguments.size()];
        for (int i = 0; i < values.length; i++) {
            Object argument = arguments.get(i);
            values[i] = argument instanceof Number && pattern.contains("{" + i + ",") ? argument : text.apply(argument);
        }
        return sentence.format(values);
    }
}
