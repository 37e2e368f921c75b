package vastarc.web.layout;

import java.util.Locale;

/** The rooms a job passes through, in order: one list for the bar, the number keys and the bench. */
public enum JobTab {
    /** Setup sheet. */
    SHEET("Sheet"),
    /** Weld cycle in time. */
    SCORE("Score"),
    /** The sheet on the machine's panel. */
    PANEL("Panel"),
    /** Purge of the root side. */
    PURGE("Purge"),
    /** Simulation of the weld. */
    REHEARSE("Rehearse"),
    /** Weld sequence. */
    ROUTE("Route"),
    /** At the booth. */
    RUN("Run"),
    /** Reading the bead. */
    READ("Read");

    private final String label;

    JobTab(String label) {
        this.label = label;
    }

    /** {@return its name as it is shown} */
    public String label() {
        return label;
    }

    /** {@return counted from 1, as the number keys do} */
    public int number() {
        return ordinal() + 1;
    }

    /** {@return last part of its address} */
    public String path() {
        return name().toLowerCase(Locale.ROOT);
    }
}
