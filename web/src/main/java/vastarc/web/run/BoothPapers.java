package vastarc.web.run;

import java.util.List;
import vastarc.core.record.procedure.PaperNote;

/**
 * What the shop's papers say at the booth.
 *
 * @param welders to choose from; empty where the shop has written down no papers of welders
 * @param welder  chosen; may be empty
 * @param covered the paper that covers the weld, in a sentence; empty where none does
 * @param notes   what they say against the weld
 */
public record BoothPapers(List<String> welders, String welder, String covered, List<PaperNote> notes) {

    /** {@return whether there is anything to say} */
    public boolean isShown() {
        return !welders.isEmpty() || !notes.isEmpty();
    }

    /** {@return whether somebody has to answer for welding all the same} */
    public boolean isOpen() {
        return notes.stream().anyMatch(note -> !note.isSigned());
    }
}
