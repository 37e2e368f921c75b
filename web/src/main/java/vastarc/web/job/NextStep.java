package vastarc.web.job;

import java.util.Optional;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.web.layout.JobTab;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.PurgeText;

/**
 * What a job waits for: a sheet, a machine, a purge, the weld. Constants in the order of a day: what can be welded at once comes first.
 */
public enum NextStep {
    /** Everything is ready to weld. */
    WELD(JobTab.RUN, "weld it"),
    /** It is purged, and nobody has waited for the purge yet. */
    FILL(JobTab.PURGE, "fill it with argon"),
    /** No machine is chosen. */
    CHOOSE_MACHINE(JobTab.PANEL, "put it on a machine"),
    /** There is no sheet for the joint. */
    MEND_JOINT(JobTab.SHEET, "find what works");

    private final JobTab step;
    private final String words;

    NextStep(JobTab step, String words) {
        this.step = step;
        this.words = words;
    }

    /** {@return the place of the job where it is done} */
    public JobTab step() {
        return step;
    }

    /** {@return what is to be done, as an order} */
    public String words() {
        return words;
    }

    /**
     * {@return what a job waits for; empty for one that is proven}
     *
     * @param content the content of the job
     * @param sheet its sheet; empty where there is none
     */
    public static Optional<NextStep> of(JobContent content, Optional<SetupSheet> sheet) {
        if (sheet.isEmpty()) {
            return Optional.of(MEND_JOINT);
        }
        if (content.proof().isPresent()) {
            return Optional.empty();
        }
        if (content.machine().isEmpty()) {
            return Optional.of(CHOOSE_MACHINE);
        }
        boolean waited = content.purge().text(PurgeText.FELT).isPresent()
                || content.purge().text(PurgeText.OVERRULED).isPresent();
        return Optional.of(sheet.get().practice().purged() && !waited ? FILL : WELD);
    }
}
