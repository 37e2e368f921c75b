package vastarc.core.record.diagnosis;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;

/**
 * What colours seen on a weld mean for the metal and its finish: accept, clean, or reject. It defers to the procedure and its inspector. Source:
 * ordinary trade practice [handbook, verify].
 *
 * @param word the strictest of what is seen
 * @param why  in a sentence
 */
public record ColourVerdict(ColourGrade word, Phrase why) {

    /** From best to worst. */
    public enum ColourGrade {
        /** As it is. */
        ACCEPT,
        /** Clean it off. */
        CLEAN,
        /** Not acceptable. */
        REJECT;

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "colour.verdict." + name();
        }
    }

    private static final Set<FinishRequirement> LOOKED_AT = EnumSet.complementOf(EnumSet.of(FinishRequirement.PLAIN));

    /**
     * Of the signs of colour that are seen; empty where none is.
     *
     * @param sheet the sheet
     * @param seen ids of the symptoms that are seen
     * @return the colour verdict, or empty
     */
    public static Optional<ColourVerdict> of(SetupSheet sheet, Set<String> seen) {
        return Arrays.stream(ColourMeaning.values())
                .filter(colour -> colour.signs.stream().anyMatch(seen::contains))
                .map(colour -> colour.on(sheet))
                .max((colourVerdict, other) -> colourVerdict.word().compareTo(other.word()));
    }

    /** Colours, and what each means. */
    private enum ColourMeaning {
        WHITE_OR_GREY("TI_WHITE_POWDER", "TI_GREY"),
        BLUE("TI_BLUE"),
        SUGAR("SUGAR_BACK"),
        BACK("TINT_BACK"),
        DARK("TINT_DARK_FRONT", "TINT_END_ONLY", "DARK_PATCH"),
        GREY("BEAD_GREY");

        private final List<String> signs;

        ColourMeaning(String... signs) {
            this.signs = List.of(signs);
        }

        ColourVerdict on(SetupSheet sheet) {
            Joint joint = sheet.joint();
            boolean looked = LOOKED_AT.contains(sheet.practice().finish());
            ColourGrade word = switch (this) {
                case WHITE_OR_GREY, BLUE -> ColourGrade.REJECT;
                case SUGAR -> looked || joint.tubeOd().isPresent() ? ColourGrade.REJECT : ColourGrade.CLEAN;
                case BACK -> joint.isTitanium() || looked ? ColourGrade.REJECT : ColourGrade.CLEAN;
                case DARK ->
                    joint.isTitanium()
                            ? ColourGrade.REJECT
                            : joint.wantsPurge() ? ColourGrade.CLEAN : ColourGrade.ACCEPT;
                case GREY -> joint.isTitanium() ? ColourGrade.REJECT : ColourGrade.CLEAN;
            };
            return new ColourVerdict(word, Phrase.of("colour.why." + name() + "." + word));
        }
    }
}
