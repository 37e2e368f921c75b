package vastarc.core.input;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A line whose words are taken out one after the other; what is taken leaves a gap that nothing is read across. */
final class PhraseText {

    private static final char GAP = '|';
    private static final Map<String, String> SIGNS = Map.ofEntries(
            Map.entry("″", "\""),
            Map.entry("”", "\""),
            Map.entry("“", "\""),
            Map.entry("''", "\""),
            Map.entry("×", "x"),
            Map.entry("–", "-"),
            Map.entry("—", "-"),
            Map.entry("−", "-"),
            Map.entry("⁄", "/"),
            Map.entry("½", " 1/2"),
            Map.entry("¼", " 1/4"),
            Map.entry("¾", " 3/4"),
            Map.entry("⅛", " 1/8"),
            Map.entry("⅜", " 3/8"),
            Map.entry("⅝", " 5/8"),
            Map.entry("⅞", " 7/8"),
            Map.entry("Ø", " od "),
            Map.entry("ø", " od "),
            Map.entry("⌀", " od "));
    private static final Pattern WORD = Pattern.compile("[^\\s|]+");

    private final String whole;
    private String left;

    PhraseText(String line) {
        String plain = line.replace(GAP, ' ');
        for (Map.Entry<String, String> sign : SIGNS.entrySet()) {
            plain = plain.replace(sign.getKey(), sign.getValue());
        }
        left = plain.toLowerCase(Locale.ROOT)
                .replaceAll("(?<=\\d),(?=\\d)", ".")
                .replaceAll("[,;:!?()\\[\\]{}]+", " | ")
                .replaceAll("(?<=\\p{L})\\.(?=\\s|$)|(?<=\\d)\\.(?=\\s|$)", "")
                .strip();
        whole = left;
    }

    /** Where words first stand in the line. */
    int placeOf(String words) {
        return whole.indexOf(words);
    }

    /** Takes the first match out; empty where there is none. */
    Optional<Matcher> take(Pattern pattern) {
        Matcher found = pattern.matcher(left);
        if (!found.find()) {
            return Optional.empty();
        }
        take(found.start(), found.end());
        return Optional.of(found);
    }

    private void take(int start, int end) {
        left = left.substring(0, start) + " | " + left.substring(end);
    }

    /** Words with nothing between them, in order; a stretch for each run between two gaps. */
    List<List<String>> stretches() {
        List<List<String>> stretches = new ArrayList<>();
        for (String part : left.split("\\|")) {
            List<String> words =
                    WORD.matcher(part).results().map(word -> word.group()).toList();
            if (!words.isEmpty()) {
                stretches.add(words);
            }
        }
        return stretches;
    }

    /** Takes words that stand together out. */
    void take(List<String> words) {
        StringBuilder pattern = new StringBuilder("(?<![^\\s|])");
        for (int i = 0; i < words.size(); i++) {
            pattern.append(i > 0 ? "\\s+" : "").append(Pattern.quote(words.get(i)));
        }
        take(Pattern.compile(pattern.append("(?![^\\s|])").toString()));
    }
}
