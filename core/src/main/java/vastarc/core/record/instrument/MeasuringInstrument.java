package vastarc.core.record.instrument;

import java.util.List;
import java.util.Optional;
import vastarc.core.record.weldlog.MeasuredQuantity;

/**
 * A meter of the shop and its calibration, as its papers have it.
 *
 * @param number      serial number
 * @param measures    what it reads
 * @param what        in words: clamp meter of booth 2
 * @param meter       name by which its readings come in; empty where a person reads it
 * @param certificate number of its calibration certificate; empty where there is none
 * @param from        day it was calibrated, ISO 8601: 2026-05-04
 * @param until       last day the calibration holds, likewise
 */
public record MeasuringInstrument(
        String number,
        List<MeasuredQuantity> measures,
        String what,
        String meter,
        String certificate,
        Optional<String> from,
        Optional<String> until) {

    public MeasuringInstrument {
        measures = List.copyOf(measures);
    }

    /**
     * {@return whether its calibration has ended before a day}
     *
     * @param day ISO 8601: such days compare as text
     */
    public boolean isOverdue(String day) {
        return until.filter(last -> day.compareTo(last) > 0).isPresent();
    }

    /**
     * {@return whether it reads something}
     *
     * @param quantity the quantity
     */
    public boolean reads(MeasuredQuantity quantity) {
        return measures.contains(quantity);
    }
}
