package vastarc.core.simulation.request;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.simulation.mesh.GradedMesh;
import vastarc.core.simulation.request.PlateRequest.PlateSize;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.PlateSource;

/** How far a plate may be asked. */
public final class PlateLimits {

    /** Thermal conductivity. */
    public static final InputRange CONDUCTIVITY = new InputRange("k_w_mk", 1, 500, Unit.WATT_PER_METRE_KELVIN);
    /** Density, kg/m³. */
    public static final InputRange DENSITY = new InputRange("rho_kg_m3", 500, 25_000, Unit.NUMBER);
    /** Specific heat. */
    public static final InputRange HEAT = new InputRange("c_j_kgk", 50, 5_000, Unit.JOULE_PER_KG_KELVIN);
    /** Solidus. */
    public static final InputRange SOLIDUS = new InputRange("solidus_c", 100, 4_000, Unit.CELSIUS);
    /** Liquidus. */
    public static final InputRange LIQUIDUS = new InputRange("liquidus_c", 100, 4_000, Unit.CELSIUS);
    /** Heat of fusion, kJ/kg. */
    public static final InputRange LATENT = new InputRange("latent_kj_kg", 0, 2_000, Unit.NUMBER);

    /** Length along the seam. */
    public static final InputRange LENGTH = new InputRange("length_mm", 5, 1_000, Unit.MILLIMETRE);
    /** Width across the seam. */
    public static final InputRange WIDTH = new InputRange("width_mm", 5, 1_000, Unit.MILLIMETRE);
    /** Thickness. */
    public static final InputRange THICKNESS = new InputRange("thickness_mm", 0.3, 50, Unit.MILLIMETRE);

    /** Temperature at the beginning. */
    public static final InputRange INITIAL = new InputRange("initial_c", -50, 1_000, Unit.CELSIUS);
    /** Temperature of the surroundings. */
    public static final InputRange AMBIENT = new InputRange("ambient_c", -50, 1_000, Unit.CELSIUS);
    /** Heat lost by the faces, W/(m²·K). */
    public static final InputRange FACE_LOSS = new InputRange("face_loss_w_m2k", 0, 2_000, Unit.NUMBER);

    /** Power that goes into the plate. */
    public static final InputRange POWER = new InputRange("net_power_w", 0, 20_000, Unit.WATT);
    /** Power in the peak of a pulse. */
    public static final InputRange PEAK = new InputRange("peak_w", 0, 20_000, Unit.WATT);
    /** Power in the background of a pulse. */
    public static final InputRange BACKGROUND = new InputRange("background_w", 0, 20_000, Unit.WATT);
    /** Radius at which the arc's strength is down to e⁻². */
    public static final InputRange RADIUS = new InputRange("radius_e2_mm", 0.3, 20, Unit.MILLIMETRE);
    /** Where the arc begins, along the seam. */
    public static final InputRange START_X = new InputRange("start_x_mm", 0, 1_000, Unit.MILLIMETRE);
    /** Where the arc ends, along the seam. */
    public static final InputRange END_X = new InputRange("end_x_mm", 0, 1_000, Unit.MILLIMETRE);
    /** Travel, mm/s. */
    public static final InputRange TRAVEL = new InputRange("travel_mm_s", 0.05, 50, Unit.NUMBER);
    /** Pulses per second. */
    public static final InputRange RATE = new InputRange("rate_hz", 0.05, 50, Unit.HERTZ);
    /** Share of each pulse at its peak. */
    public static final InputRange ON = new InputRange("on_fraction", 0.02, 0.98, Unit.NUMBER);
    /** When the arc begins to fade. */
    public static final InputRange BEGIN = new InputRange("begin_s", 0, 2_000, Unit.SECOND);
    /** How long it fades. */
    public static final InputRange RAMP = new InputRange("ramp_s", 0, 120, Unit.SECOND);
    /** When the calculation ends. */
    public static final InputRange END = new InputRange("end_s", 0.1, 2_000, Unit.SECOND);

    /** A temperature of an outline asked for. */
    public static final InputRange TEMPERATURE = new InputRange("isotherms_c", -50, 4_000, Unit.CELSIUS);
    /** A time at which outlines are asked for. */
    public static final InputRange MOMENT = new InputRange("at_s", 0, 2_000, Unit.SECOND);
    /** A place along the seam. */
    public static final InputRange PLACE = new InputRange("x_mm", 0, 1_000, Unit.MILLIMETRE);

    /** Of isotherms, thresholds, instants, stations, probes: each. */
    public static final int MOST_LISTED = 40;

    /** Cell updates: about a minute of a processor. */
    private static final double MOST_UPDATES = 1.5e10;

    private static final int MOST_CELLS = 2_000_000;
    private static final double SHORTEST_SEAM_MM = 1;

    private PlateLimits() {}

    /**
     * {@return what does not fit together in figures that are each within bounds}
     *
     * @param request the request
     */
    public static List<Problem> check(PlateRequest request) {
        List<Problem> problems = new ArrayList<>();
        PlateSource source = request.source();
        double length = request.plate().lengthMm();
        if (request.metal().liquidusC() <= request.metal().solidusC()) {
            problems.add(Problem.badValue("material.liquidus_c", "plate.melting"));
        }
        if (source.endXMm() - source.startXMm() < SHORTEST_SEAM_MM || source.endXMm() > length) {
            problems.add(Problem.badValue("source.end_x_mm", "plate.seam", text(source.startXMm()), text(length)));
        }
        if (request.stationsXMm().stream().anyMatch(x -> x > length)) {
            problems.add(Problem.badValue("stations_x_mm", "plate.outside", text(length)));
        }
        if (request.probes().stream().anyMatch(probe -> isOutside(request.plate(), probe))) {
            problems.add(Problem.badValue("probes", "plate.outside", text(length)));
        }
        if (problems.isEmpty() && isTooMuch(request)) {
            problems.add(Problem.badValue(
                    "quality", "plate.effort", request.quality().name()));
        }
        return problems;
    }

    private static boolean isOutside(PlateSize plate, PlateRequest.Probe probe) {
        return probe.xMm() > plate.lengthMm() || probe.yMm() > plate.widthMm() / 2 || probe.zMm() > plate.thicknessMm();
    }

    private static boolean isTooMuch(PlateRequest request) {
        return cells(request) > MOST_CELLS || effort(request) > MOST_UPDATES;
    }

    /** How many cells a plate is cut into, counted without cutting it. */
    private static double cells(PlateRequest request) {
        PlateSize plate = request.plate();
        double cell = request.quality().cellMm(plate.thicknessMm());
        return plate.lengthMm()
                / cell
                * GradedMesh.count(plate.widthMm() / 2, cell, request.quality().growth())
                * request.quality().layers(plate.thicknessMm());
    }

    /** How many cell updates a plate takes at most: cells times steps. */
    private static double effort(PlateRequest request) {
        PlateSize plate = request.plate();
        double cell = request.quality().cellMm(plate.thicknessMm());
        double layer = plate.thicknessMm() / request.quality().layers(plate.thicknessMm());
        double connected = 4 / (cell * cell) + 2 / (layer * layer);
        return cells(request)
                * TemperatureField.stages(connected, request.metal().melt(), request.endS());
    }

    private static String text(double mm) {
        return mm == Math.rint(mm) ? Long.toString((long) mm) : Double.toString(mm);
    }
}
