package vastarc.core.record.weldlog;

/**
 * An arc that burned, as read.
 *
 * @param fromS when it was struck, s
 * @param toS   when it went out, s
 * @param meanA mean over its time, A
 * @param peakA greatest reading, A
 * @param rmsA  root of the mean square, A: what heats torch and machine
 * @param minA  least reading, A
 */
public record RecordedArc(double fromS, double toS, double meanA, double peakA, double rmsA, double minA) {

    /** {@return how long the arc burned, s} */
    public double lengthS() {
        return toS - fromS;
    }
}
