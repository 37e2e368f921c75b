package vastarc.core.vision;

/**
 * A place on the sheet that was photographed, laid flat.
 *
 * @param uMm along the scale, mm
 * @param vMm across it, mm
 */
public record PlanePoint(double uMm, double vMm) {

    PlanePoint plus(double u, double v) {
        return new PlanePoint(uMm + u, vMm + v);
    }

    double distance(PlanePoint other) {
        return Math.hypot(uMm - other.uMm, vMm - other.vMm);
    }
}
