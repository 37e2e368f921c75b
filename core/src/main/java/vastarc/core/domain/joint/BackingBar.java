package vastarc.core.domain.joint;

/** Backing bar against the joint. Contact coefficients: fitted (2000) and judgement. */
public enum BackingBar {
    NONE(0),
    STEEL_BAR(800),
    COPPER_BAR(2000),
    ALUMINIUM_BAR(2000);

    private final double contactWPerM2K;

    BackingBar(double contactWPerM2K) {
        this.contactWPerM2K = contactWPerM2K;
    }

    /** hb, clamped, W/(m²·K). */
    public double contactWPerM2K() {
        return contactWPerM2K;
    }
}
