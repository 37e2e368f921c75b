package vastarc.web.request;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.coach.HeardCoach;
import vastarc.core.record.weldlog.RunVerdict;

/**
 * What the welder says when a run is over.
 *
 * @param welder  who welded
 * @param seamMm  length measured; empty where nobody did
 * @param amps    read by the welder; empty where nobody did, or a meter did
 * @param verdict how the weld came out
 * @param note    in the welder's words; may be empty
 * @param heard   what the booth has played of the coach; empty where it played nothing, or somebody else closes the run
 */
public record ClosingForm(
        String welder,
        OptionalDouble seamMm,
        OptionalDouble amps,
        RunVerdict verdict,
        String note,
        Optional<HeardCoach> heard) {

    /**
     * A form that says nothing of the coach.
     *
     * @param welder who welded
     * @param seamMm length measured
     * @param amps current read
     * @param verdict how the weld came out
     * @param note in the welder's words
     */
    public ClosingForm(String welder, OptionalDouble seamMm, OptionalDouble amps, RunVerdict verdict, String note) {
        this(welder, seamMm, amps, verdict, note, Optional.empty());
    }
}
