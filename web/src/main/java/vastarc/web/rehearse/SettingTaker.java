package vastarc.web.rehearse;

import org.springframework.stereotype.Component;
import vastarc.core.rehearsal.Finder;
import vastarc.core.score.ScoreKey;
import vastarc.web.kept.job.JobContent;
import vastarc.web.request.OwnTaker;

/** Puts what a rehearsal found on a job's sheet. */
@Component
class SettingTaker {

    private final OwnTaker taker;

    SettingTaker(OwnTaker taker) {
        this.taker = taker;
    }

    /** The job with a knob where it was found; a pace is taken under the current as it stands, a pulse rate with its pulse. */
    JobContent taken(JobContent before, Finder.Knob knob, double value) {
        return switch (knob) {
            case CURRENT -> taker.own(before, ScoreKey.WORKING_CURRENT, value);
            case TRAVEL -> taker.paced(before, value);
            case PULSE -> taker.pulsed(before, value);
        };
    }
}
