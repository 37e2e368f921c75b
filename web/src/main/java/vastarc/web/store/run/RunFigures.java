package vastarc.web.store.run;

import java.util.OptionalDouble;

/**
 * What was measured of a run; a figure that was not is empty. So is one that nobody can have measured, such as the travel of a metre welded in the
 * hundredth of a second that an arc was struck for: the published format has no room for it, and a shop with it could not be restored.
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

    private static final double MOST_A = 2000;
    private static final double MOST_TRAVEL = 20_000;
    private static final double MOST_HEAT = 1000;
    private static final double MOST = 1_000_000;

    public RunFigures {
        currentA = within(currentA, MOST_A);
        travel = within(travel, MOST_TRAVEL);
        heat = within(heat, MOST_HEAT);
        gasL = within(gasL, MOST);
        arcS = Math.min(MOST, Math.max(0, arcS));
        seamMm = within(seamMm, MOST);
    }

    private static OptionalDouble within(OptionalDouble figure, double most) {
        return figure.isPresent() && figure.getAsDouble() >= 0 && figure.getAsDouble() <= most
                ? figure
                : OptionalDouble.empty();
    }

    /** {@return nothing measured yet} */
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
