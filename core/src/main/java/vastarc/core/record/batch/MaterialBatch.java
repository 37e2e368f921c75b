package vastarc.core.record.batch;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * A batch of material in the shop.
 *
 * @param number      heat, batch or filling number, as its papers have it
 * @param kind        what it is of
 * @param what        in words: ER308L 1.6 mm
 * @param certificate number of its certificate; empty where there is none
 * @param from        day it came in, ISO 8601: 2026-05-04
 * @param until       last day it may be used, likewise
 */
public record MaterialBatch(
        String number, BatchKind kind, String what, String certificate, Optional<String> from, Optional<String> until) {

    /** What a batch is of. */
    public enum BatchKind {
        /** Plate, bar, tube. */
        BASE_METAL,
        /** Filler rod or wire. */
        FILLER,
        /** Shielding or backing gas. */
        GAS,
        /** Tungsten electrodes. */
        TUNGSTEN
    }

    /**
     * {@return whether it may be used on a day}
     *
     * @param day ISO 8601: such days compare as text
     */
    public boolean isUsable(String day) {
        return until.filter(last -> day.compareTo(last) > 0).isEmpty();
    }

    /**
     * {@return the kinds that a weld needs, of which the shop keeps batches, and of which none is chosen for it}
     *
     * @param kept   every batch of the shop
     * @param chosen numbers of those chosen for the weld
     * @param wire   whether it is welded with filler
     */
    public static List<BatchKind> missing(Collection<MaterialBatch> kept, Collection<String> chosen, boolean wire) {
        List<BatchKind> missing = new ArrayList<>();
        for (BatchKind kind : List.of(BatchKind.BASE_METAL, BatchKind.FILLER, BatchKind.GAS)) {
            boolean wanted = wire || kind != BatchKind.FILLER;
            boolean known = kept.stream().anyMatch(batch -> batch.kind() == kind);
            boolean there = kept.stream().anyMatch(batch -> batch.kind() == kind && chosen.contains(batch.number()));
            if (wanted && known && !there) {
                missing.add(kind);
            }
        }
        return missing;
    }
}
