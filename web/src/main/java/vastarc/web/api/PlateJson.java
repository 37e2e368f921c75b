package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import vastarc.core.simulation.result.IsothermExtent;
import vastarc.core.simulation.result.PlateResult;

/** A solved plate as the call answers it. Null where a thing never happened or was not asked for. */
record PlateJson(
        List<Instant> instants,
        List<StationWidths> stations,
        List<Probe> probes,
        @Nullable Cycle cycle,
        @JsonProperty("last_liquid") List<LastLiquid> lastLiquid,
        @JsonProperty("first_melt") FirstMelt firstMelt,
        PlateEnergy energy,
        Numerics numerics) {

    record Instant(
            @JsonProperty("t_s") double s,
            @JsonProperty("arc_x_mm") double arcX,
            @JsonProperty("max_top_c") double maxTop,
            List<Isotherm> isotherms) {}

    record Isotherm(
            double c,
            @JsonProperty("width_top_mm") double widthTop,
            @JsonProperty("width_bottom_mm") double widthBottom,
            @JsonProperty("length_top_mm") double lengthTop,
            @JsonProperty("length_bottom_mm") double lengthBottom,
            @JsonProperty("depth_mm") double depth,
            @JsonProperty("front_mm") double front,
            @JsonProperty("tail_mm") double tail) {

        static Isotherm of(IsothermExtent outline) {
            return new Isotherm(
                    outline.celsius(),
                    outline.widthTopMm(),
                    outline.widthBottomMm(),
                    outline.lengthTopMm(),
                    outline.lengthBottomMm(),
                    outline.depthMm(),
                    outline.frontMm(),
                    outline.tailMm());
        }
    }

    record StationWidths(
            @JsonProperty("x_mm") double x,
            List<Bead> isotherms,
            @JsonProperty("centre_top") Centre centreTop) {}

    record Bead(
            double c,
            @JsonProperty("bead_top_mm") double top,
            @JsonProperty("bead_bottom_mm") double bottom) {}

    record Centre(
            @JsonProperty("passed_s") @Nullable Double passed,
            @JsonProperty("below_s") Map<String, Double> below) {}

    record Probe(
            @JsonProperty("x_mm") double x,
            @JsonProperty("y_mm") double y,
            @JsonProperty("z_mm") double z,
            @JsonProperty("peak_c") double peak,
            @JsonProperty("peak_s") double s) {}

    record Cycle(
            @JsonProperty("width_top_max_mm") double topMax,
            @JsonProperty("width_top_min_mm") double topMin,
            @JsonProperty("width_bottom_max_mm") double bottomMax,
            @JsonProperty("width_bottom_min_mm") double bottomMin) {}

    record LastLiquid(
            double c,
            @Nullable Double s,
            @JsonProperty("x_mm") @Nullable Double x) {}

    record FirstMelt(
            @JsonProperty("top_s") @Nullable Double top,
            @JsonProperty("bottom_s") @Nullable Double bottom) {}

    record PlateEnergy(
            @JsonProperty("absorbed_j") double absorbed,
            @JsonProperty("stored_j") double stored,
            @JsonProperty("lost_j") double lost) {}

    record Numerics(
            int cells,
            long steps,
            @JsonProperty("dt_ms") double stepMs,
            @JsonProperty("cell_updates_per_s") double updatesPerS,
            @JsonProperty("cpu_s") double cpuS,
            String kernel) {}

    static PlateJson of(PlateResult answer) {
        return new PlateJson(
                answer.instants().stream().map(PlateJson::instant).toList(),
                answer.stations().stream().map(PlateJson::station).toList(),
                answer.probes().stream().map(PlateJson::probe).toList(),
                answer.cycle()
                        .map(pulseCycle -> new Cycle(
                                pulseCycle.topMax(),
                                pulseCycle.topMin(),
                                pulseCycle.bottomMax(),
                                pulseCycle.bottomMin()))
                        .orElse(null),
                answer.lastLiquid().stream()
                        .map(lastLiquid -> new LastLiquid(
                                lastLiquid.celsius(),
                                lastLiquid.s().orElse(null),
                                lastLiquid.xMm().orElse(null)))
                        .toList(),
                new FirstMelt(
                        answer.firstMeltTopS().orElse(null),
                        answer.firstMeltBottomS().orElse(null)),
                new PlateEnergy(
                        answer.energy().absorbedJ(),
                        answer.energy().storedJ(),
                        answer.energy().lostJ()),
                numerics(answer.numerics()));
    }

    private static Instant instant(PlateResult.Instant instant) {
        return new Instant(
                instant.s(),
                instant.arcXMm(),
                instant.maxTopC(),
                instant.isotherms().stream().map(Isotherm::of).toList());
    }

    private static StationWidths station(PlateResult.Station station) {
        Map<String, Double> below = new LinkedHashMap<>();
        station.belowS().forEach((celsius, s) -> below.put(plain(celsius), s));
        return new StationWidths(
                station.xMm(),
                station.isotherms().stream()
                        .map(bead -> new Bead(bead.celsius(), bead.topMm(), bead.bottomMm()))
                        .toList(),
                new Centre(station.passedS().orElse(null), below));
    }

    private static String plain(double figure) {
        return BigDecimal.valueOf(figure).stripTrailingZeros().toPlainString();
    }

    private static Probe probe(PlateResult.Peak peak) {
        return new Probe(peak.at().xMm(), peak.at().yMm(), peak.at().zMm(), peak.celsius(), peak.s());
    }

    private static Numerics numerics(PlateResult.Numerics numerics) {
        return new Numerics(
                numerics.cells(),
                numerics.steps(),
                numerics.stepS() * 1000,
                numerics.cpuS() > 0 ? numerics.updates() / numerics.cpuS() : 0,
                numerics.cpuS(),
                numerics.kernel());
    }
}
