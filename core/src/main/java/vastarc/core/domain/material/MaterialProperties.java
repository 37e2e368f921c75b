package vastarc.core.domain.material;

import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.SourceKind;
import vastarc.core.base.tables.Table;
import vastarc.core.base.units.PhysicalConstants;

/**
 * Effective properties of a grade, SI units. Source: table {@code materials.csv}.
 *
 * @param conductivityWPerMK        k_eff, Kirchhoff mean over 20 °C to melting, W/(m·K)
 * @param densityKgPerM3            ρ, kg/m³
 * @param heatCapacityJPerKgK       c_eff, enthalpy mean with part of the latent heat, J/(kg·K)
 * @param meltC                     Tm, fusion isotherm, °C
 * @param latentJPerKg              L, J/kg
 * @param meltCapacityJPerKgK       cm, mean capacity for the enthalpy of wire and pool, J/(kg·K)
 * @param surfaceTensionNPerM       γ of the melt, N/m
 * @param liquidDensityKgPerM3      ρ of the melt, kg/m³
 * @param coolingConductivityWPerMK k for cooling to 400–600 °C, W/(m·K)
 * @param coolingCapacityJPerKgK    c for cooling to 400–600 °C, J/(kg·K)
 * @param kind                      source of the row
 */
public record MaterialProperties(
        double conductivityWPerMK,
        double densityKgPerM3,
        double heatCapacityJPerKgK,
        double meltC,
        double latentJPerKg,
        double meltCapacityJPerKgK,
        double surfaceTensionNPerM,
        double liquidDensityKgPerM3,
        double coolingConductivityWPerMK,
        double coolingCapacityJPerKgK,
        SourceKind kind) {

    private static final Map<Material, MaterialProperties> TABLE = read();

    static MaterialProperties of(Material material) {
        return Maps.get(TABLE, material);
    }

    /** {@return a = k/(ρ c), m²/s} */
    public double diffusivityM2PerS() {
        return conductivityWPerMK / (densityKgPerM3 * heatCapacityJPerKgK);
    }

    /** {@return diffusivity for cooling to 400–600 °C, m²/s} */
    public double coolingDiffusivityM2PerS() {
        return coolingConductivityWPerMK / (densityKgPerM3 * coolingCapacityJPerKgK);
    }

    /** {@return enthalpy to melt from room temperature: cm (Tm − 20) + L, J/kg} */
    public double meltEnthalpyJPerKg() {
        return meltCapacityJPerKgK * (meltC - PhysicalConstants.ROOM_C) + latentJPerKg;
    }

    /** {@return capillary length of the melt √(γ/(ρ g)), m} */
    public double capillaryLengthM() {
        return Math.sqrt(surfaceTensionNPerM / (liquidDensityKgPerM3 * PhysicalConstants.GRAVITY_M_PER_S2));
    }

    private static Map<Material, MaterialProperties> read() {
        Set<String> columns = Set.of(
                "id",
                "k_eff",
                "rho",
                "c_eff",
                "melt_c",
                "latent",
                "cm",
                "phi",
                "gamma",
                "rho_liquid",
                "k_cool",
                "c_cool");
        Map<Material, MaterialProperties> table = new EnumMap<>(Material.class);
        Table.read("materials.csv", columns).forEach(row -> table.put(row.named("id", Material.class), from(row)));
        if (table.size() != Material.values().length) {
            throw new IllegalStateException("table materials.csv lacks a grade: has " + table.keySet());
        }
        return table;
    }

    private static MaterialProperties from(Table.Row row) {
        return new MaterialProperties(
                row.number("k_eff"),
                row.number("rho"),
                row.number("c_eff"),
                row.number("melt_c"),
                row.number("latent"),
                row.number("cm"),
                row.number("gamma"),
                row.number("rho_liquid"),
                row.number("k_cool"),
                row.number("c_cool"),
                row.source().kind());
    }
}
