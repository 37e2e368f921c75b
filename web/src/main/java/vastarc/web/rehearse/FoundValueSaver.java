package vastarc.web.rehearse;

import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.web.service.OwnValueSaver;
import vastarc.web.store.job.JobContent;

/** Puts what a simulation found on a job's sheet. */
@Component
class FoundValueSaver {

    private final OwnValueSaver taker;

    FoundValueSaver(OwnValueSaver taker) {
        this.taker = taker;
    }

    /** The job with a knob where it was found; a pace is taken under the current as it is, a pulse rate with its pulse. */
    JobContent withValue(JobContent before, SearchVariable knob, double value) {
        return switch (knob) {
            case CURRENT -> taker.own(before, CycleKey.WORKING_CURRENT, value);
            case TRAVEL -> taker.paced(before, value);
            case PULSE -> taker.pulsed(before, value);
            case BAR -> taker.barred(before, value > 0);
            // A rod comes from the stock of the shop; no job has one of its own.
            case ROD -> before;
        };
    }
}
