package vastarc.web.layout;

import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.store.run.WeldRunService.NoteResult;

/** What is given to somebody who judged a run that another window had closed or changed meanwhile. */
public final class LateNoteMessages {

    private LateNoteMessages() {}

    /**
     * {@return the words; empty where nobody came first}
     *
     * @param heard how it came out
     */
    public static Optional<String> say(NoteResult heard) {
        String first = "This run was closed or changed in another window meanwhile, as “"
                + Phrasebook.say(Phrase.of(heard.run().verdict().words()), UnitSystem.METRIC) + "”"
                + (heard.run().head().hand().isEmpty()
                        ? ""
                        : " by " + heard.run().head().hand()) + ". ";
        return switch (heard.came()) {
            case TAKEN -> Optional.empty();
            case ADDED ->
                Optional.of(first + "That verdict is kept; what you entered was added to the note of the run.");
            case NO_ROOM ->
                Optional.of(
                        first
                                + "That verdict is kept; its note has no room for what you entered. Shorten yours, or open the run in the logbook.");
        };
    }
}
