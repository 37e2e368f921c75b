package vastarc.core.equipment;

import java.util.List;
import vastarc.core.base.text.Phrase;

/**
 * Where a machine or torch does not reach what the job asks, and the nearest options.
 *
 * @param code stable name
 * @param text what is wrong
 * @param options what would work, nearest first
 */
public record CapabilityGap(String code, Phrase text, List<Phrase> options) {

    /** Copies its collections, so that it cannot change. */
    public CapabilityGap {
        options = List.copyOf(options);
    }
}
