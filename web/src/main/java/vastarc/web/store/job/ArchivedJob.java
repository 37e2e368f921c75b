package vastarc.web.store.job;

import vastarc.web.store.EntityDates;
import vastarc.web.store.document.Document;

/**
 * A job as an archive holds it.
 *
 * @param content as it is stored, which may be no longer readable
 */
record ArchivedJob(String name, String notes, Document<JobContent> content, EntityDates days) {

    /** With the days of the job it replaces, where its own are not given. */
    ArchivedJob inPlaceOf(ArchivedJob kept) {
        return new ArchivedJob(name, notes, content, days.inPlaceOf(kept.days));
    }

    /** Whether a job that is stored holds the same. */
    boolean isHeldBy(ArchivedJob kept) {
        return content.saysWhat(kept.content)
                && inPlaceOf(kept).equals(new ArchivedJob(kept.name, kept.notes, content, kept.days));
    }
}
