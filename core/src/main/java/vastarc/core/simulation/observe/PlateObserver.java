package vastarc.core.simulation.observe;

/** Watches a plate while it is simulated. */
public interface PlateObserver {

    /**
     * Looks at the plate between two steps.
     *
     * @param view reads temperatures
     * @param s since the arc's start, s
     */
    void look(TemperatureReader view, double s);
}
