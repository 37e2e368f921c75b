package vastarc.core.simulation.verification;

import org.hipparchus.analysis.solvers.UnivariateSolverUtils;
import vastarc.core.simulation.request.PlateRequest;
import vastarc.core.simulation.source.PlateSource;

/**
 * The same plate by the closed solution: a Gaussian spot on the face of a plate of constant properties, by the heat of instants summed over
 * time, faces, edges and ends mirrored. Shares nothing with the solver but the question.
 */
final class AnalyticPlate {

    private static final int SLICES = 500;
    private static final int TERMS = 6;

    private final PlateRequest ask;
    private final double heat;
    private final double diffusivity;

    AnalyticPlate(PlateRequest request) {
        this.ask = request;
        this.heat = request.metal().densityKgPerM3() * request.metal().heatJPerKgK() * 1e-9;
        this.diffusivity = request.metal().conductivityWPerMK() / 1000 / heat;
    }

    /** °C at a place and a time, under an arc of constant strength that goes out at the end of its way or when it is stopped at once. */
    double celsius(double x, double y, double z, double s) {
        PlateSource source = ask.source();
        double out = Math.min(s, source.outS());
        double youngest = s - out;
        double sum = 0;
        double low = Math.sqrt(youngest);
        double width = (Math.sqrt(s) - low) / SLICES;
        for (int i = 0; i < SLICES; i++) {
            double root = low + (i + 0.5) * width;
            double age = root * root;
            double at = source.startXMm() + source.travelMmPerS() * Math.min(s - age, source.haltsS());
            sum += 2 * root * width * instant(x, at, y, z, age);
        }
        return ask.initialC() + source.netPowerW() / heat * sum;
    }

    private double instant(double x, double at, double y, double z, double age) {
        double spread = ask.source().radiusE2Mm() * ask.source().radiusE2Mm() / 4 + 2 * diffusivity * age;
        double length = ask.plate().lengthMm();
        double along = bell(x - at, spread) + bell(x + at, spread) + bell(2 * length - x - at, spread);
        double width = ask.plate().widthMm();
        double across = bell(y, spread) + bell(width - y, spread) + bell(width + y, spread);
        return along * across * through(z, age);
    }

    private static double bell(double distance, double spread) {
        return Math.exp(-distance * distance / (2 * spread)) / Math.sqrt(2 * Math.PI * spread);
    }

    /** By mirrored spots while the heat is near the face, by waves once it is through. */
    private double through(double z, double age) {
        double thickness = ask.plate().thicknessMm();
        double spread = diffusivity * age;
        double sum = 0;
        if (spread < 0.1 * thickness * thickness) {
            for (int n = -2; n <= 2; n++) {
                double distance = z - 2 * n * thickness;
                sum += Math.exp(-distance * distance / (4 * spread)) / Math.sqrt(Math.PI * spread);
            }
            return sum;
        }
        for (int n = 1; n <= TERMS; n++) {
            double wave = n * Math.PI / thickness;
            sum += 2 * Math.cos(wave * z) * Math.exp(-spread * wave * wave);
        }
        return (1 + sum) / thickness;
    }

    /** Width of what is above a temperature on a face, mm. */
    double width(double celsius, double z, double s) {
        double arc = arcMm(s);
        double widest = 0;
        for (double x = arc - 9; x <= arc + 1; x += 0.25) {
            double low = 0;
            double high = 15;
            if (celsius(x, 0, z, s) < celsius) {
                continue;
            }
            for (int i = 0; i < 16; i++) {
                double mid = (low + high) / 2;
                if (celsius(x, mid, z, s) >= celsius) {
                    low = mid;
                } else {
                    high = mid;
                }
            }
            widest = Math.max(widest, low);
        }
        return 2 * widest;
    }

    /** The hottest of the seam line at a time, °C. */
    double hottest(double s) {
        double most = 0;
        for (double x = arcMm(s) - 3; x <= arcMm(s) + 1; x += 0.05) {
            most = Math.max(most, celsius(x, 0, 0, s));
        }
        return most;
    }

    /** When any of the seam line first reaches a temperature, s. */
    double firstAtS(double celsius) {
        return UnivariateSolverUtils.solve(s -> hottest(s) - celsius, 1e-4, 5, 1e-4);
    }

    /** Length along the seam of what is above a temperature on the arc's face, mm. */
    double length(double celsius, double s) {
        double from = arcMm(s);
        double ahead = UnivariateSolverUtils.solve(x -> celsius(x, 0, 0, s) - celsius, from, from + 8, 1e-3);
        double behind = UnivariateSolverUtils.solve(x -> celsius(x, 0, 0, s) - celsius, from - 25, from, 1e-3);
        return ahead - behind;
    }

    private double arcMm(double s) {
        return ask.source().x(s);
    }

    /** The hottest a place becomes, looked for over a span of time. */
    double peak(double x, double y, double z, double from, double to) {
        double most = 0;
        for (double s = from; s <= to; s += 0.1) {
            most = Math.max(most, celsius(x, y, z, s));
        }
        return most;
    }

    /** How long after an instant the whole seam is below a temperature. */
    double frozenAfter(double celsius, double stop) {
        double low = 0;
        double high = 20;
        for (int i = 0; i < 20; i++) {
            double mid = (low + high) / 2;
            double most = 0;
            double arc = ask.source().startXMm() + ask.source().travelMmPerS() * stop;
            for (double x = arc - 15; x <= arc + 1; x += 0.25) {
                most = Math.max(most, celsius(x, 0, 0, stop + mid));
            }
            if (most >= celsius) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return high;
    }
}
