package vastarc.core.domain.joint;

/** Backing bar against the joint. Contact coefficients: fitted (2000) and judgement. */
public enum BackingBar {
    /** No bar. */
    NONE(0),
    /** A steel bar. */
    STEEL_BAR(800),
    /** A copper bar. */
    COPPER_BAR(2000),
    /** An aluminium bar. */
    ALUMINIUM_BAR(2000);

    private final double contactWPerM2K;

    BackingBar(double contactWPerM2K) {
        this.contactWPerM2K = contactWPerM2K;
    }

    /** {@return hb, clamped, W/(m²·K)} */
    public double contactWPerM2K() {
        return contactWPerM2K;
    }
}
