package vastarc.core.base.units;

/** Constants that several formulas share, each kept once. */
public final class PhysicalConstants {

    /** g, m/s² [textbook]. */
    public static final double GRAVITY_M_PER_S2 = 9.81;

    /** Density of argon at room temperature, kg/m³ [textbook]. */
    public static final double ARGON_KG_PER_M3 = 1.66;

    /** Temperature of shop and metal where none is given, °C; also where heat contents are counted from. */
    public static final double ROOM_C = 20;

    /** One cubic foot, L [standard]. */
    public static final double CUBIC_FOOT_L = 28.316846592;

    private PhysicalConstants() {}
}
