package vastarc.core.rehearsal;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Unit;

/** How far a plate may be asked. */
public final class PlateLimits {

    public static final Range CONDUCTIVITY = new Range("k_w_mk", 1, 500, Unit.WATT_PER_METRE_KELVIN);
    public static final Range DENSITY = new Range("rho_kg_m3", 500, 25_000, Unit.NUMBER);
    public static final Range HEAT = new Range("c_j_kgk", 50, 5_000, Unit.JOULE_PER_KG_KELVIN);
    public static final Range SOLIDUS = new Range("solidus_c", 100, 4_000, Unit.CELSIUS);
    public static final Range LIQUIDUS = new Range("liquidus_c", 100, 4_000, Unit.CELSIUS);
    public static final Range LATENT = new Range("latent_kj_kg", 0, 2_000, Unit.NUMBER);

    public static final Range LENGTH = new Range("length_mm", 5, 1_000, Unit.MILLIMETRE);
    public static final Range WIDTH = new Range("width_mm", 5, 1_000, Unit.MILLIMETRE);
    public static final Range THICKNESS = new Range("thickness_mm", 0.3, 50, Unit.MILLIMETRE);

    public static final Range INITIAL = new Range("initial_c", -50, 1_000, Unit.CELSIUS);
    public static final Range AMBIENT = new Range("ambient_c", -50, 1_000, Unit.CELSIUS);
    public static final Range FACE_LOSS = new Range("face_loss_w_m2k", 0, 2_000, Unit.NUMBER);

    public static final Range POWER = new Range("net_power_w", 0, 20_000, Unit.WATT);
    public static final Range PEAK = new Range("peak_w", 0, 20_000, Unit.WATT);
    public static final Range BACKGROUND = new Range("background_w", 0, 20_000, Unit.WATT);
    public static final Range RADIUS = new Range("radius_e2_mm", 0.3, 20, Unit.MILLIMETRE);
    public static final Range START_X = new Range("start_x_mm", 0, 1_000, Unit.MILLIMETRE);
    public static final Range END_X = new Range("end_x_mm", 0, 1_000, Unit.MILLIMETRE);
    public static final Range TRAVEL = new Range("travel_mm_s", 0.05, 50, Unit.NUMBER);
    public static final Range RATE = new Range("rate_hz", 0.05, 50, Unit.HERTZ);
    public static final Range ON = new Range("on_fraction", 0.02, 0.98, Unit.NUMBER);
    public static final Range BEGIN = new Range("begin_s", 0, 2_000, Unit.SECOND);
    public static final Range RAMP = new Range("ramp_s", 0, 120, Unit.SECOND);
    public static final Range END = new Range("end_s", 0.1, 2_000, Unit.SECOND);

    public static final Range TEMPERATURE = new Range("isotherms_c", -50, 4_000, Unit.CELSIUS);
    public static final Range MOMENT = new Range("at_s", 0, 2_000, Unit.SECOND);
    public static final Range PLACE = new Range("x_mm", 0, 1_000, Unit.MILLIMETRE);

    /** Of isotherms, thresholds, instants, stations, probes: each. */
    public static final int MOST_LISTED = 40;

    /** Cell updates: about a minute of a processor. */
    private static final double MOST_UPDATES = 1.5e10;

    private static final int MOST_CELLS = 2_000_000;
    private static final double SHORTEST_SEAM_MM = 1;

    private PlateLimits() {}

    /** What does not fit together in figures that are each within bounds. */
    public static List<Problem> check(PlateAsk ask) {
        List<Problem> problems = new ArrayList<>();
        PlateAsk.Source source = ask.source();
        double length = ask.plate().lengthMm();
        if (ask.metal().liquidusC() <= ask.metal().solidusC()) {
            problems.add(Problem.badValue("material.liquidus_c", "plate.melting"));
        }
        if (source.endXMm() - source.startXMm() < SHORTEST_SEAM_MM || source.endXMm() > length) {
            problems.add(Problem.badValue("source.end_x_mm", "plate.seam", text(source.startXMm()), text(length)));
        }
        if (ask.stationsXMm().stream().anyMatch(x -> x > length)) {
            problems.add(Problem.badValue("stations_x_mm", "plate.outside", text(length)));
        }
        if (ask.probes().stream().anyMatch(probe -> isOutside(ask.plate(), probe))) {
            problems.add(Problem.badValue("probes", "plate.outside", text(length)));
        }
        if (problems.isEmpty() && isTooMuch(ask)) {
            problems.add(
                    Problem.badValue("quality", "plate.effort", ask.quality().name()));
        }
        return problems;
    }

    private static boolean isOutside(PlateAsk.Plate plate, PlateAsk.Probe probe) {
        return probe.xMm() > plate.lengthMm() || probe.yMm() > plate.widthMm() / 2 || probe.zMm() > plate.thicknessMm();
    }

    private static boolean isTooMuch(PlateAsk ask) {
        return PlateRun.cells(ask) > MOST_CELLS || PlateRun.effort(ask) > MOST_UPDATES;
    }

    private static String text(double mm) {
        return mm == Math.rint(mm) ? Long.toString((long) mm) : Double.toString(mm);
    }
}
