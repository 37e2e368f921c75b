package vastarc.core.reading;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.joint.Finish;
import vastarc.core.joint.Joint;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;

/**
 * What colours seen on a weld mean for the metal and its finish: accept, clean, or reject. It defers to the procedure and its inspector. Source:
 * ordinary trade practice [handbook, verify].
 *
 * @param word the strictest of what is seen
 * @param why  in a sentence
 */
public record ColourVerdict(Word word, Phrase why) {

    /** From best to worst. */
    public enum Word {
        ACCEPT,
        CLEAN,
        REJECT;

        /** The words it is spoken by. */
        public String words() {
            return "colour.verdict." + name();
        }
    }

    private static final Set<Finish> LOOKED_AT = EnumSet.complementOf(EnumSet.of(Finish.PLAIN));

    /** Of the signs of colour that are seen; empty where none is. */
    public static Optional<ColourVerdict> of(Sheet sheet, Set<String> seen) {
        return Arrays.stream(Seen.values())
                .filter(colour -> colour.signs.stream().anyMatch(seen::contains))
                .map(colour -> colour.on(sheet))
                .max((one, other) -> one.word().compareTo(other.word()));
    }

    /** Colours, and what each means. */
    private enum Seen {
        WHITE_OR_GREY("TI_WHITE_POWDER", "TI_GREY"),
        BLUE("TI_BLUE"),
        SUGAR("SUGAR_BACK"),
        BACK("TINT_BACK"),
        DARK("TINT_DARK_FRONT", "TINT_END_ONLY", "DARK_PATCH"),
        GREY("BEAD_GREY");

        private final List<String> signs;

        Seen(String... signs) {
            this.signs = List.of(signs);
        }

        ColourVerdict on(Sheet sheet) {
            Joint joint = sheet.joint();
            boolean looked = LOOKED_AT.contains(sheet.practice().finish());
            Word word = switch (this) {
                case WHITE_OR_GREY, BLUE -> Word.REJECT;
                case SUGAR -> looked || joint.tubeOd().isPresent() ? Word.REJECT : Word.CLEAN;
                case BACK -> joint.isTitanium() || looked ? Word.REJECT : Word.CLEAN;
                case DARK -> joint.isTitanium() ? Word.REJECT : joint.wantsPurge() ? Word.CLEAN : Word.ACCEPT;
                case GREY -> joint.isTitanium() ? Word.REJECT : Word.CLEAN;
            };
            return new ColourVerdict(word, Phrase.of("colour.why." + name() + "." + word));
        }
    }
}
