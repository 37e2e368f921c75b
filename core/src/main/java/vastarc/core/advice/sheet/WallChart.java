package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/**
 * Thickness by joint for one metal: what the planner sets in each cell, flat, with wire, both members alike.
 *
 * @param material the metal
 * @param rows     one for each thickness
 */
public record WallChart(Material material, List<ChartRow> rows) {

    /** Usual thicknesses, mm. */
    public static final List<Double> THICKNESSES = List.of(0.5, 0.8, 1.0, 1.2, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 6.0, 8.0);

    /** A thickness. */
    public record ChartRow(Length thickness, List<ChartCell> cells) {}

    /**
     * A joint at a thickness.
     *
     * @param form    the joint
     * @param sheet   its sheet; empty where it has none
     * @param why     why it has none, or why this machine cannot; empty where all is well
     */
    public record ChartCell(JointForm form, Optional<SetupSheet> sheet, Optional<Phrase> why) {}

    /**
     * {@return the chart of a metal}
     *
     * @param material the material
     * @param shop the defaults of the shop
     * @param leastA lowest current of the machine it is for, A; 0 for none
     * @param mostA highest current of the machine, A; infinite for none
     */
    public static WallChart of(Material material, ShopDefaults shop, double leastA, double mostA) {
        List<ChartRow> rows = new ArrayList<>(THICKNESSES.size());
        for (double millimetres : THICKNESSES) {
            List<ChartCell> cells = new ArrayList<>(JointForm.values().length);
            for (JointForm form : JointForm.values()) {
                cells.add(cell(Joint.of(material, form, millimetres), shop, leastA, mostA));
            }
            rows.add(new ChartRow(Length.ofMillimetres(millimetres), cells));
        }
        return new WallChart(material, rows);
    }

    private static ChartCell cell(Joint joint, ShopDefaults shop, double leastA, double mostA) {
        if (!JointLimits.misfits(joint).isEmpty()) {
            return new ChartCell(joint.form(), Optional.empty(), Optional.of(Phrase.of("chart.land")));
        }
        Outcome<SetupSheet> outcome = SheetPlanner.plan(joint, WeldingConditions.usual(), shop);
        if (outcome.value().isEmpty()) {
            return new ChartCell(joint.form(), Optional.empty(), Optional.of(Phrase.of("chart.refused")));
        }
        double current =
                outcome.value().get().setting(ParameterKey.WORKING_CURRENT).value();
        boolean outside = current < leastA || current > mostA;
        return new ChartCell(
                joint.form(), outcome.value(), outside ? Optional.of(Phrase.of("chart.outside")) : Optional.empty());
    }
}
