package vastarc.benchmarks.figures;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;

/**
 * Prints, for joints of every form, the width and the colour that the sheet calculates beside those of its own simulation at fine cells.
 * Ends with 1 if a width differs by more than 15 %, a colour by more than one band, or nothing melts. Takes some minutes.
 */
public final class SheetAndSimulation {

    private static final double MOST = 0.15;
    private static final double SEAM_MM = 60;
    private static final double TUBE_MM = 38.1;

    private int apart;

    private SheetAndSimulation() {}

    public static void main(String[] arguments) {
        SheetAndSimulation all = new SheetAndSimulation();
        System.out.println(
                "| joint | mm | current, A | width: sheet, mm | simulation, mm | | colour: sheet | simulation |");
        System.out.println("|---|---|---|---|---|---|---|---|");
        joints().forEach(all::compare);
        System.out.println();
        System.out.println(all.apart + " apart");
        System.exit(all.apart == 0 ? 0 : 1);
    }

    private static List<Weld> joints() {
        List<Weld> welds = new ArrayList<>();
        List<Material> metals = List.of(Material.CARBON_STEEL, Material.STAINLESS_304L, Material.TITANIUM_GR2);
        for (Material metal : metals) {
            for (JointForm form : List.of(JointForm.T_FILLET, JointForm.LAP, JointForm.INSIDE_CORNER)) {
                for (double mm : new double[] {1, 2, 3, 6}) {
                    welds.add(new Weld(Joint.of(metal, form, mm), WeldingConditions.usual()));
                }
            }
            for (JointForm form : List.of(JointForm.SQUARE_BUTT, JointForm.EDGE, JointForm.TUBE_BUTT)) {
                for (double mm : new double[] {1, 2, 3}) {
                    welds.add(new Weld(Joint.of(metal, form, mm), WeldingConditions.usual()));
                }
            }
        }
        for (double mm : new double[] {0.9, 1.2, 2}) {
            welds.add(new Weld(Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_SADDLE, mm), WeldingConditions.usual()));
            welds.add(new Weld(
                    Joint.of(Material.STAINLESS_316L, JointForm.TUBE_TO_PLATE, mm), WeldingConditions.usual()));
        }
        welds.add(new Weld(
                Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.65),
                WeldingConditions.usual().with(draft -> {
                    draft.finish = FinishRequirement.HYGIENIC;
                    draft.purged = true;
                })));
        return welds;
    }

    private void compare(Weld weld) {
        Joint joint = weld.joint().form().isTube() ? weld.joint().tubeOd(TUBE_MM) : weld.joint();
        SimulationSetup setup = SimulationSetup.of(
                        PlanRequest.of(new Weld(joint, weld.practice()), ShopDefaults.usual()), MeshDetail.FINE)
                .own(CycleKey.SEAM_LENGTH, SEAM_MM);
        SimulationRequest request = setup.ask().value().orElseThrow();
        SetupSheet sheet = request.score().sheet();
        SimulationResult made = WeldSimulation.of(request);
        double here = made.widths().frontMm();
        double wanted = made.widths().sheetFrontMm();
        boolean near = here > 0 && Math.abs(here / wanted - 1) <= MOST;
        String colour =
                Phrasebook.say(sheet.setting(ParameterKey.FRONT_TINT).text().orElseThrow(), UnitSystem.METRIC);
        boolean alike = !made.frontTint().judged() || bands(joint.material().family(), colour, made) <= 1;
        apart += near && alike ? 0 : 1;
        System.out.printf(
                Locale.ROOT,
                "| %s %s | %.2f | %.1f | %.2f | %.2f | %+.0f %%%s | %s | %s%s |%n",
                joint.material(),
                joint.form(),
                joint.thinnerMm(),
                sheet.setting(ParameterKey.WORKING_CURRENT).value(),
                wanted,
                here,
                100 * (here / wanted - 1),
                near ? "" : " **apart**",
                made.frontTint().judged() ? colour : "",
                made.frontTint().colour(),
                alike ? "" : " **apart**");
    }

    /** How many bands of the table lie between two colours; what a trailing shield keeps counts as its darker end, light straw. */
    private static int bands(Family family, String sheet, SimulationResult made) {
        List<String> colours = new ArrayList<>();
        for (double c = 0; c < 1600; c += 10) {
            String colour = Tint.of(family, c).colour();
            if (!colours.contains(colour)) {
                colours.add(colour);
            }
        }
        String judged = sheet.startsWith("silver to") ? sheet.replace("silver to ", "") : sheet;
        return Math.abs(
                colours.indexOf(judged) - colours.indexOf(made.frontTint().colour()));
    }
}
