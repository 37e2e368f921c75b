package vastarc.core.equipment;

/**
 * What a clamp meter said at a place of a dial.
 *
 * @param place share of the sweep, 0–1
 * @param amps  current on the lead, A
 */
public record DialReading(double place, double amps) {}
