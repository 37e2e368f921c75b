package vastarc.core.record.assembly;

/**
 * How many of some seams had to be repaired.
 *
 * @param name     of a welder, a machine or a cause
 * @param welded   seams welded; of a cause, the seams of the assembly that were
 * @param repaired of these, so many were repaired at least once, or rejected for the cause
 */
public record RepairRate(String name, long welded, long repaired) {

    /** {@return share that had to be repaired, 0 to 1; 0 where nothing was welded} */
    public double share() {
        return welded == 0 ? 0 : (double) repaired / welded;
    }
}
