package vastarc.core.equipment;

/** Something that reads the current on a lead: a clamp meter, real or simulated. */
public interface CurrentMeter {

    /** {@return what it shows now} */
    ClampReading read();

    /**
     * A reading.
     *
     * @param amps      A
     * @param simulated made up by the program, to be labelled as such
     */
    record ClampReading(double amps, boolean simulated) {}
}
