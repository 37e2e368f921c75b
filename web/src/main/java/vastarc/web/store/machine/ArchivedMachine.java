package vastarc.web.store.machine;

import vastarc.core.equipment.MachineProfile;
import vastarc.web.store.EntityDates;
import vastarc.web.store.document.Document;

/**
 * A machine as an archive holds it.
 *
 * @param profile as it is stored, which may be no longer readable
 */
record ArchivedMachine(String name, Document<MachineProfile> profile, EntityDates days) {

    /** With the days of the machine it replaces, where its own are not given. */
    ArchivedMachine inPlaceOf(ArchivedMachine kept) {
        return new ArchivedMachine(name, profile, days.inPlaceOf(kept.days));
    }

    /** Whether a machine that is stored is the same. */
    boolean isHeldBy(ArchivedMachine kept) {
        return profile.saysWhat(kept.profile)
                && inPlaceOf(kept).equals(new ArchivedMachine(kept.name, profile, kept.days));
    }
}
