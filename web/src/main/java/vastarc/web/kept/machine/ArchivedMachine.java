package vastarc.web.kept.machine;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import vastarc.core.machine.MachineProfile;
import vastarc.web.kept.document.Document;

/**
 * A machine as an archive holds it.
 *
 * @param profile as it is kept, which may be no longer readable
 * @param putAway when it was taken off the shop's list; null where it stands there
 * @param dated   whether its days are told; where they are not, they are those of a machine that is new
 */
record ArchivedMachine(
        String name,
        Document<MachineProfile> profile,
        Instant made,
        Instant changed,
        @Nullable Instant putAway,
        boolean dated) {

    /** With the days of the machine it replaces, where its own are not told. */
    ArchivedMachine inPlaceOf(ArchivedMachine kept) {
        return dated ? this : new ArchivedMachine(name, profile, kept.made, kept.changed, putAway, true);
    }

    /** Whether a machine that is kept is the same. */
    boolean isHeldBy(ArchivedMachine kept) {
        ArchivedMachine own = inPlaceOf(kept);
        return profile.saysWhat(kept.profile)
                && own.equals(new ArchivedMachine(kept.name, profile, kept.made, kept.changed, kept.putAway, true));
    }
}
