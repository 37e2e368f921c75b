package vastarc.core.input;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import vastarc.core.base.notation.GaugeScale;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputAliases.WordMeaning;
import vastarc.core.input.JointReading.Doubt;
import vastarc.core.input.JointReading.ReadWord;

/** The words in a line that name a metal, a joint, a position or another choice; the longest first. */
final class PhraseWords {

    private static final int LONGEST = 5;

    /** Words that say nothing of the joint by themselves. */
    private static final Set<String> SMALL = Set.of(
            "a",
            "an",
            "the",
            "of",
            "with",
            "in",
            "on",
            "to",
            "and",
            "for",
            "by",
            "at",
            "is",
            "plate",
            "plates",
            "sheet",
            "sheets",
            "weld",
            "welds",
            "welded",
            "welding",
            "joint",
            "wall",
            "thick",
            "thickness",
            "position",
            "material",
            "metal",
            "onto",
            "tig",
            "dc",
            "please",
            "pipes",
            "tubes",
            "tubing",
            "x",
            "-",
            "+",
            "&",
            "/",
            "=",
            "alloy",
            "grade",
            "run",
            "pass",
            "\"",
            "side");

    /** Fractions, and decimal numbers but for those of materials, which have four decimals. */
    private static final Pattern IS_A_SIZE =
            Pattern.compile("\\d/\\d|(?<!\\S)(?!\\d\\.\\d{4}(?!\\S))\\d*\\.\\d+(?!\\S)");

    private static final Set<String> TUBE = Set.of("tube", "pipe", "tubing", "pipes", "tubes");

    private final PhraseText text;
    private final List<ReadWord> found = new ArrayList<>();
    private final List<Doubt> doubts = new ArrayList<>();
    private String tubeWord = "";

    PhraseWords(PhraseText text) {
        this.text = text;
    }

    void take() {
        boolean more = true;
        while (more) {
            more = longest();
        }
    }

    /** Takes the longest words that mean something; whether there were any. */
    private boolean longest() {
        for (int length = LONGEST; length > 0; length--) {
            for (List<String> stretch : text.stretches()) {
                for (int from = 0; from + length <= stretch.size(); from++) {
                    List<String> words = stretch.subList(from, from + length);
                    if (take(String.join(" ", words))) {
                        text.take(words);
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private boolean take(String words) {
        if (TUBE.contains(words)) {
            tubeWord = words;
            return true;
        }
        boolean none = SMALL.contains(words) || IS_A_SIZE.matcher(words).find();
        Optional<WordMeaning> meaning = none ? Optional.empty() : InputAliases.meaning(words);
        meaning.ifPresent(word -> {
            found.add(new ReadWord(words, word.field().name(), value(word)));
            doubt(words, word);
        });
        return meaning.isPresent();
    }

    private static Object value(WordMeaning word) {
        return word.field().kind() == InputField.InputKind.FLAG ? Boolean.valueOf(word.value()) : word.value();
    }

    private void doubt(String words, WordMeaning word) {
        if (word.field() == WeldFields.PULSE && words.startsWith("puls")) {
            doubts.add(new Doubt(
                    WeldFields.PULSE.name(),
                    words,
                    List.of(
                            PulsePurpose.RIPPLE.name().toLowerCase(Locale.ROOT),
                            PulsePurpose.HEAT.name().toLowerCase(Locale.ROOT),
                            PulsePurpose.STIFF.name().toLowerCase(Locale.ROOT))));
        }
    }

    boolean saysTube() {
        return !tubeWord.isEmpty()
                || of(WeldFields.JOINT).stream()
                        .anyMatch(
                                word -> JointForm.valueOf((String) word.value()).isTube());
    }

    String tubeWord() {
        return tubeWord;
    }

    /** The gauge scale of the first metal named. */
    Optional<GaugeScale> gauges() {
        return of(WeldFields.MATERIAL).stream()
                .findFirst()
                .flatMap(word -> Material.valueOf((String) word.value()).gauges());
    }

    /** In the order of the line. */
    List<ReadWord> of(InputField<?> field) {
        return found.stream()
                .filter(word -> word.field().equals(field.name()))
                .sorted(Comparator.comparingInt(word -> text.placeOf(word.text())))
                .toList();
    }

    /** All but metals, joints and positions, which depend on each other. */
    List<ReadWord> others() {
        Set<String> apart = Set.of(WeldFields.MATERIAL.name(), WeldFields.JOINT.name(), WeldFields.POSITION.name());
        return found.stream().filter(word -> !apart.contains(word.field())).toList();
    }

    List<Doubt> doubts() {
        return doubts;
    }

    void takeLeftOvers(List<String> unknown) {
        for (List<String> stretch : text.stretches()) {
            stretch.stream().filter(word -> !SMALL.contains(word)).forEach(unknown::add);
        }
    }
}
