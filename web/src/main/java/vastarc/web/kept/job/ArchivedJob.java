package vastarc.web.kept.job;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import vastarc.web.kept.document.Document;

/**
 * A job as an archive holds it.
 *
 * @param content as it is kept, which may be no longer readable
 * @param putAway when it was taken off the bench; null where it stands there
 * @param dated   whether its days are told; where they are not, they are those of a job that is new
 */
record ArchivedJob(
        String name,
        String notes,
        Document<JobContent> content,
        Instant made,
        Instant changed,
        @Nullable Instant putAway,
        boolean dated) {

    /** With the days of the job it replaces, where its own are not told. */
    ArchivedJob inPlaceOf(ArchivedJob kept) {
        return dated ? this : new ArchivedJob(name, notes, content, kept.made, kept.changed, putAway, true);
    }

    /** Whether a job that is kept holds the same. */
    boolean isHeldBy(ArchivedJob kept) {
        ArchivedJob own = inPlaceOf(kept);
        return content.saysWhat(kept.content)
                && own.equals(
                        new ArchivedJob(kept.name, kept.notes, content, kept.made, kept.changed, kept.putAway, true));
    }
}
