package vastarc.web.layout;

/** Labels as pages write them: a capital at the beginning, the rest as the words file has it, since sentences use the same words. */
public final class Labels {

    private Labels() {}

    /**
     * {@return the words with a capital at the beginning; words that begin with a figure or a sign are left alone}
     *
     * @param words the words to search for
     */
    public static String of(String words) {
        return words.isEmpty()
                ? words
                : words.substring(0, words.offsetByCodePoints(0, 1)).toUpperCase(java.util.Locale.ROOT)
                        + words.substring(words.offsetByCodePoints(0, 1));
    }
}
