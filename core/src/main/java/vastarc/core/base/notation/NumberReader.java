package vastarc.core.base.notation;

import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a plain number as people write it: {@code 12}, {@code 1.5}, {@code 1,5}, {@code .5}, {@code -3}. The one place that turns text into
 * a number: no exponents, no hexadecimal, no letters of programming languages, at most twelve digits on each side of the mark.
 */
public final class NumberReader {

    private static final Pattern NUMBER = Pattern.compile("[-−+]?(?:[0-9]{1,12}(?:[.,][0-9]{0,12})?|[.,][0-9]{1,12})");

    private NumberReader() {}

    /**
     * {@return the number; empty where the text is none}
     *
     * @param text the text
     */
    public static OptionalDouble read(@Nullable String text) {
        String typed = text == null ? "" : text.strip();
        if (!NUMBER.matcher(typed).matches()) {
            return OptionalDouble.empty();
        }
        return OptionalDouble.of(Double.parseDouble(typed.replace(',', '.').replace('−', '-')));
    }

    /**
     * {@return the number before a unit that may stand behind it, in any case of letters: {@code 60 °}, {@code 25A},
     * {@code 3 s}}
     *
     * @param text the text
     * @param unit the unit
     */
    public static OptionalDouble read(@Nullable String text, String unit) {
        String typed = text == null ? "" : text.strip();
        int bare = typed.length() - unit.length();
        boolean named = !unit.isEmpty() && bare > 0 && typed.regionMatches(true, bare, unit, 0, unit.length());
        return read(named ? typed.substring(0, bare) : typed);
    }
}
