package vastarc.web.request;

import java.util.OptionalDouble;
import vastarc.core.record.weldlog.RunVerdict;

/**
 * What the welder says when a run is over.
 *
 * @param welder  who welded
 * @param seamMm  length measured; empty where nobody did
 * @param amps    read by the welder; empty where nobody did, or a meter did
 * @param verdict how the weld came out
 * @param note    in the welder's words; may be empty
 */
public record ClosingForm(String welder, OptionalDouble seamMm, OptionalDouble amps, RunVerdict verdict, String note) {}
