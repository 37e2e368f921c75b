package vastarc.core.advice.parameters;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;

/**
 * How hot the seam leaves its gas, and the gas that follows the arc where it would leave it too hot.
 *
 * @param coverMm   length of the seam that the torch's gas covers behind the arc, mm
 * @param leavesC   temperature at which the seam leaves it, °C
 * @param front     the colour the face takes there; empty for metals that are not judged by it
 * @param trail     the shield that has to follow; empty where the cup is enough
 * @param isSpoilt  whether the back without a purge melts in air; on titanium it need only pass dark straw
 * @param backPeakC highest temperature of the back, °C
 * @param back      the colour an unpurged back takes that stays solid; empty for metals that are not judged by it
 */
public record TintForecast(
        double coverMm,
        double leavesC,
        Optional<Tint> front,
        Optional<TrailingShield> trail,
        boolean isSpoilt,
        double backPeakC,
        Optional<Tint> back) {

    /** End of dark straw on titanium: what is accepted without question, °C. */
    private static final double DARK_STRAW_C = 520;

    private static final double COLD_TITANIUM_C = 425;

    /** Thick seams cool later than the line source says: by simulation up to a tenth. */
    private static final double MARGIN = 1.25;

    private static final double TRAIL_STEP_MM = 5;
    private static final double LEAST_TRAIL_MM = 25;
    private static final double LEAST_TRAIL_FLOW = 10;
    private static final double MOST_TRAIL_FLOW = 20;
    private static final double TRAIL_MM_PER_FLOW = 10;

    /**
     * A shield that follows the torch.
     *
     * @param lengthMm    its length, mm
     * @param flowLPerMin its gas, L/min
     * @param coldC       temperature to which the seam stays under it, °C
     */
    public record TrailingShield(Range lengthMm, Range flowLPerMin, double coldC) {}

    static TintForecast of(SheetDecisions plan) {
        return of(plan.heat(), GasCover.mm(plan.cup(), plan.gasFlow().value()));
    }

    /**
     * {@return colours read against the table of tints} Source: line source [textbook], reach and bands [judgement].
     *
     * @param heat    what the weld takes up, with the joint it is for
     * @param coverMm length of the seam that the torch's gas covers behind the arc, mm
     */
    public static TintForecast of(HeatBalance heat, double coverMm) {
        Joint joint = heat.joint();
        double leaves = GasCover.leavesC(heat, coverMm);
        OptionalDouble most = GasCover.mostC(joint, heat.practice());
        boolean trails = most.isPresent() && leaves > most.getAsDouble();
        boolean melts = heat.pool().backWidthMm() > 0;
        double backPeak = heat.backPeakC();
        return new TintForecast(
                coverMm,
                leaves,
                tint(joint, leaves),
                trails ? Optional.of(trail(heat, most.getAsDouble())) : Optional.empty(),
                melts || joint.isTitanium() && backPeak > DARK_STRAW_C,
                backPeak,
                tint(joint, Math.min(heat.metal().meltC(), backPeak)));
    }

    private static Optional<Tint> tint(Joint joint, double temperatureC) {
        return Stream.of(joint.material(), joint.other())
                .filter(Material::wantsPurge)
                .findFirst()
                .map(metal -> Tint.of(metal.family(), temperatureC));
    }

    /**
     * Length until the seam has fallen to 425 °C, on stainless to what its finish lets, with a quarter more, in steps of 5; flow 10 to 20 by
     * the length. Source: line source [textbook], flow [judgement].
     */
    private static TrailingShield trail(HeatBalance heat, double mostC) {
        double coldC = heat.joint().isTitanium() ? COLD_TITANIUM_C : mostC;
        double exact = MARGIN * heat.trailLengthMm(coldC);
        double length = Math.max(LEAST_TRAIL_MM, TRAIL_STEP_MM * Math.ceil(exact / TRAIL_STEP_MM));
        double beyond = Math.max(0, exact - LEAST_TRAIL_MM) / TRAIL_MM_PER_FLOW;
        double flow = Math.min(MOST_TRAIL_FLOW, LEAST_TRAIL_FLOW + beyond);
        return new TrailingShield(
                Range.around(length, 0.8 * length, 1.5 * length),
                Range.around(flow, LEAST_TRAIL_FLOW, MOST_TRAIL_FLOW),
                coldC);
    }
}
