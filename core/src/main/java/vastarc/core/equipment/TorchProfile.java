package vastarc.core.equipment;

import java.util.List;
import vastarc.core.physics.duty.DutyPoint;

/**
 * A torch by its plate.
 *
 * @param id       unique in the shop
 * @param name     what the shop calls it
 * @param cooling  what cools it
 * @param plate    rated current and duty
 * @param leadM    length of its lead, m
 * @param boreMm   bore of its gas hose, mm
 * @param valve    gas valve on the handle
 */
public record TorchProfile(
        String id,
        String name,
        TorchCooling cooling,
        List<DutyPoint> plate,
        double leadM,
        double boreMm,
        boolean valve) {

    /** What cools a torch. */
    public enum TorchCooling {
        /** Cooled by air and gas. */
        AIR,
        /** Cooled by water. */
        WATER
    }

    /** Copies its collections, so that it cannot change. */
    public TorchProfile {
        plate = List.copyOf(plate);
    }
}
