package vastarc.core.reference;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;

/**
 * A figure of this program beside that of a formula or table that is independent of it: {@code docs/model/conduction.md (7)}, {@code docs/model/arc.md (1)}.
 *
 * @param what  is compared
 * @param here  as this program has it
 * @param there as the other source has it
 * @param why   they differ
 */
public record OutsideCheck(Phrase what, Quantity here, Quantity there, Phrase why) {

    private static final double FROM_C = 800;
    private static final double TO_C = 500;
    private static final double LOAD_OFFSET_V = 10;
    private static final double LOAD_SLOPE_V_PER_A = 0.04;

    /** {@return how far this program's figure is from the other, %} */
    public double differencePercent() {
        return 100 * (here.value() / there.value() - 1);
    }

    private static final List<OutsideCheck> ALL = compare();

    /** {@return every comparison, in the order they are shown} */
    public static List<OutsideCheck> all() {
        return ALL;
    }

    private static List<OutsideCheck> compare() {
        List<OutsideCheck> checks = new ArrayList<>();
        for (double t : new double[] {2, 3}) {
            checks.add(cooling(Material.CARBON_STEEL, t));
            checks.add(cooling(Material.CHROMOLY_4130, t));
        }
        for (double amperes : new double[] {100, 200}) {
            checks.add(new OutsideCheck(
                    Phrase.of("outside.voltage", Quantity.amperes(amperes)),
                    Quantity.of(new ArcModel(2).voltageV(amperes), Unit.VOLT),
                    Quantity.of(LOAD_OFFSET_V + LOAD_SLOPE_V_PER_A * amperes, Unit.VOLT),
                    Phrase.of("outside.voltage.why")));
        }
        checks.add(new OutsideCheck(
                Phrase.of("outside.efficiency"),
                Quantity.percent(100 * ArcModel.EFFICIENCY),
                Quantity.percent(100 * ArcEnergy.STANDARD_EFFICIENCY),
                Phrase.of("outside.efficiency.why")));
        for (double diameter : new double[] {1.6, 2.4, 3.2}) {
            Tungsten tungsten = Tungsten.of(diameter);
            checks.add(new OutsideCheck(
                    Phrase.of("outside.tungsten", Quantity.stockMillimetres(diameter)),
                    Quantity.amperes(tungsten.practicalMaxA()),
                    Quantity.amperes(tungsten.usualHighA()),
                    Phrase.of("outside.tungsten.why")));
        }
        return List.copyOf(checks);
    }

    private static OutsideCheck cooling(Material material, double thicknessMm) {
        HeatBalance heat =
                HeatBalance.of(Joint.of(material, JointForm.SQUARE_BUTT, thicknessMm), WeldingConditions.usual());
        return new OutsideCheck(
                Phrase.of(
                        "outside.cooling", Phrase.of("material." + material.name()), Quantity.millimetres(thicknessMm)),
                Quantity.seconds(coolsS(heat, TO_C) - coolsS(heat, FROM_C)),
                Quantity.seconds(standardS(heat.heatInputKjPerMm(), thicknessMm)),
                Phrase.of("outside.cooling.why"));
    }

    /** Time behind the arc until the seam is down to a temperature, s. */
    private static double coolsS(HeatBalance heat, double celsius) {
        return heat.trailLengthMm(celsius) / heat.demand().speedMmPerS();
    }

    /** t8/5 of EN 1011-2, s: the longer of thick and thin plate; heat input kJ/mm, at room temperature [standard]. */
    private static double standardS(double heatInput, double thicknessMm) {
        double room = PhysicalConstants.ROOM_C;
        double thick = (6700 - 5 * room) * heatInput * (1 / (TO_C - room) - 1 / (FROM_C - room));
        double thin = (4300 - 4.3 * room)
                * 1e5
                * Math.pow(heatInput / thicknessMm, 2)
                * (1 / Math.pow(TO_C - room, 2) - 1 / Math.pow(FROM_C - room, 2));
        return Math.max(thick, thin);
    }
}
