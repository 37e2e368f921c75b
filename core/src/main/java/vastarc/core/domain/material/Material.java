package vastarc.core.domain.material;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.notation.GaugeScale;

/** A grade the product sets. Named as in the API; its words: {@code material.<name>}. */
public enum Material {
    /** Low-carbon structural steel. */
    CARBON_STEEL(Family.STEEL, GaugeScale.SHEET_STEEL),
    /** Chromium-molybdenum steel 4130. */
    CHROMOLY_4130(Family.CHROMOLY, GaugeScale.SHEET_STEEL),
    /** Austenitic stainless steel 304L. */
    STAINLESS_304L(Family.STAINLESS, GaugeScale.STAINLESS_SHEET),
    /** Austenitic stainless steel 316L. */
    STAINLESS_316L(Family.STAINLESS, GaugeScale.STAINLESS_SHEET),
    /** Commercially pure titanium, grade 2. */
    TITANIUM_GR2(Family.TITANIUM, null),
    /** Titanium with 6 % aluminium and 4 % vanadium, grade 5. */
    TITANIUM_GR5(Family.TITANIUM, null);

    private static final double DEEPER_BLIND = 1.2;

    private final Family family;
    private final @Nullable GaugeScale gauges;

    Material(Family family, @Nullable GaugeScale gauges) {
        this.family = family;
        this.gauges = gauges;
    }

    /** {@return the family whose rules it shares} */
    public Family family() {
        return family;
    }

    /** {@return the gauge scale its sheet is sold by; titanium has none of its own} */
    public Optional<GaugeScale> gauges() {
        return Optional.ofNullable(gauges);
    }

    /** {@return its effective properties, SI units} */
    public MaterialProperties properties() {
        return MaterialProperties.of(this);
    }

    /** {@return thickest square edge that one run from one side melts through soundly, mm (judgement)} */
    public double onePassMm() {
        return SinglePassThickness.limitMm(family);
    }

    /**
     * {@return how deep one run melts at most where it need not go through, mm: a fifth more than it melts through
     * (judgement)}
     */
    public double deepestRunMm() {
        return DEEPER_BLIND * onePassMm();
    }

    /** {@return whether it is a stainless steel} */
    public boolean isStainless() {
        return family == Family.STAINLESS;
    }

    /** {@return whether it is titanium} */
    public boolean isTitanium() {
        return family == Family.TITANIUM;
    }

    /** {@return whether the back must be kept from air while hot, as on stainless and titanium} */
    public boolean wantsPurge() {
        return isStainless() || isTitanium();
    }
}
