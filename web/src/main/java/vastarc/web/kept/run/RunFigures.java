package vastarc.web.kept.run;

import java.util.OptionalDouble;

/**
 * What was measured of a run; a figure that was not is empty.
 *
 * @param currentA working current, A
 * @param travel   seam over arc time, mm/min
 * @param heat     kJ/mm
 * @param gasL     argon, L
 * @param arcS     time with an arc, s
 * @param seamMm   length as measured, mm
 * @param findings how much differed from the plan
 */
public record RunFigures(
        OptionalDouble currentA,
        OptionalDouble travel,
        OptionalDouble heat,
        OptionalDouble gasL,
        double arcS,
        OptionalDouble seamMm,
        int findings) {

    /** Nothing measured yet. */
    public static RunFigures none() {
        return new RunFigures(
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                OptionalDouble.empty(),
                0);
    }

    RunFigures with(int otherFindings) {
        return new RunFigures(currentA, travel, heat, gasL, arcS, seamMm, otherFindings);
    }
}
