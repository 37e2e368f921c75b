package vastarc.web.search;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * In which order entries answer what was typed. Every word typed must be found in an entry; words of the name count before other words for it, these
 * before the line beside it, whole words before beginnings, parts and words with one letter wrong, and short names before long ones. Two letters that have changed places are one slip.
 */
final class SearchRanking {

    /** Of a word this long one letter may be wrong. */
    private static final int LEAST_FOR_A_SLIP = 4;

    private static final LevenshteinDistance ONE_WRONG = new LevenshteinDistance(1);

    /** What a word costs that stands in the name, among other words, in the line beside. */
    private static final List<Integer> PLACES = List.of(0, 2, 6);

    /** What a name costs at the most that has other words than those typed: one a word. */
    private static final int MOST_FOR_OTHER_WORDS = 3;

    private static final int WHOLE = 0;
    private static final int BEGINNING = 1;
    private static final int PART = 3;
    private static final int SLIP = 5;

    private SearchRanking() {}

    /** An entry and what it cost to find it: less is better. */
    private record RankedEntry(SearchEntry entry, int cost) {}

    /** The best answers, in order; of equals the first stays first. */
    static List<SearchEntry> best(List<SearchEntry> entries, String typed, int most) {
        List<String> words = words(typed);
        if (words.isEmpty()) {
            return List.of();
        }
        String whole = String.join(" ", words);
        return entries.stream()
                .flatMap(entry -> cost(entry, words, whole).stream().mapToObj(cost -> new RankedEntry(entry, cost)))
                .sorted(Comparator.comparingInt(RankedEntry::cost))
                .limit(most)
                .map(RankedEntry::entry)
                .toList();
    }

    private static OptionalInt cost(SearchEntry entry, List<String> typed, String whole) {
        List<String> name = words(entry.name());
        List<List<String>> places = List.of(name, words(entry.words()), words(entry.more()));
        int sum = String.join(" ", name).equals(whole) ? -1 : 0;
        for (String word : typed) {
            OptionalInt least = IntStream.range(0, PLACES.size())
                    .flatMap(place -> cost(word, places.get(place)).stream().map(cost -> cost + PLACES.get(place)))
                    .min();
            if (least.isEmpty()) {
                return OptionalInt.empty();
            }
            sum += least.getAsInt();
        }
        return OptionalInt.of(sum + Math.min(MOST_FOR_OTHER_WORDS, Math.max(0, name.size() - typed.size())));
    }

    private static OptionalInt cost(String word, List<String> there) {
        return there.stream().flatMapToInt(other -> cost(word, other).stream()).min();
    }

    private static OptionalInt cost(String word, String other) {
        if (other.equals(word)) {
            return OptionalInt.of(WHOLE);
        }
        if (other.startsWith(word)) {
            return OptionalInt.of(BEGINNING);
        }
        if (other.contains(word)) {
            return OptionalInt.of(PART);
        }
        boolean near =
                word.length() >= LEAST_FOR_A_SLIP && (ONE_WRONG.apply(word, other) >= 0 || isSwapped(word, other));
        return near ? OptionalInt.of(SLIP) : OptionalInt.empty();
    }

    private static boolean isSwapped(String word, String other) {
        if (word.length() != other.length()) {
            return false;
        }
        int first = IntStream.range(0, word.length())
                .filter(at -> word.charAt(at) != other.charAt(at))
                .findFirst()
                .orElse(word.length());
        return first + 1 < word.length()
                && word.charAt(first) == other.charAt(first + 1)
                && word.charAt(first + 1) == other.charAt(first)
                && word.substring(first + 2).equals(other.substring(first + 2));
    }

    /** Words of letters and digits in small letters. */
    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}.]+"))
                .filter(word -> !word.isEmpty())
                .toList();
    }
}
