package vastarc.core.record.weldlog;

/**
 * A pulse seen in readings.
 *
 * @param rateHz      cycles a second
 * @param onPercent   share of a cycle at the peak; no closer than half a reading of a cycle
 * @param backgroundA between the peaks, A
 * @param peakA       at the peaks, A
 */
public record DetectedPulse(double rateHz, double onPercent, double backgroundA, double peakA) {}
