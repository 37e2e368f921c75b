package vastarc.benchmarks.figures;

import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldMap.MapPlace;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SimulatedZone;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.result.SimulationResult;

/**
 * Prints, for seeded points over joints of every form, the zone on the map beside that of the middle of the point's own simulation at fine cells. Ends with
 * 1 if fewer than nine of ten are cold, right or hot alike. Takes some minutes. Arguments: seed, points.
 */
public final class MapAndSimulation {

    private static final double SEAM_MM = 60;
    private static final double TUBE_MM = 38.1;
    private static final double ENOUGH = 0.9;
    private static final List<JointForm> FORMS = List.of(
            JointForm.SQUARE_BUTT,
            JointForm.T_FILLET,
            JointForm.LAP,
            JointForm.OUTSIDE_CORNER,
            JointForm.INSIDE_CORNER,
            JointForm.EDGE,
            JointForm.TUBE_BUTT,
            JointForm.TUBE_TO_PLATE);
    private static final List<Material> METALS =
            List.of(Material.CARBON_STEEL, Material.STAINLESS_304L, Material.TITANIUM_GR2);

    private final SplittableRandom random;
    private int same;
    private int alike;
    private int sure;
    private int sureAndAlike;

    private MapAndSimulation(long seed) {
        this.random = new SplittableRandom(seed);
    }

    public static void main(String[] arguments) {
        long seed = arguments.length > 0 ? Long.parseLong(arguments[0]) : 39;
        int points = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 40;
        MapAndSimulation all = new MapAndSimulation(seed);
        System.out.println(
                "| joint | mm | current | travel | map | simulation | front, mm (sheet) | back, mm | through, % | root, mm | |");
        System.out.println("|---|---|---|---|---|---|---|---|---|---|---|");
        for (int i = 0; i < points; i++) {
            all.compare(FORMS.get(i % FORMS.size()));
        }
        System.out.println();
        System.out.println(all.same + " of " + points + " in the same zone, " + all.alike
                + " cold, right or hot alike; away from edges " + all.sureAndAlike + " of " + all.sure + " alike");
        System.exit(all.alike >= ENOUGH * points ? 0 : 1);
    }

    private void compare(JointForm form) {
        Material metal = METALS.get(random.nextInt(METALS.size()));
        double mm = List.of(1.0, 1.5, 2.0, 3.0).get(random.nextInt(4));
        Joint bare = Joint.of(metal, form, mm);
        Joint joint = form.isTube() ? bare.tubeOd(TUBE_MM) : bare;
        PlanRequest plan = PlanRequest.of(
                new Weld(joint, WeldingConditions.usual().with(draft -> draft.purged = true)), ShopDefaults.usual());
        SimulationSetup setup = SimulationSetup.of(plan, MeshDetail.FINE).own(CycleKey.SEAM_LENGTH, SEAM_MM);
        SetupSheet sheet = setup.ask().value().orElseThrow().score().sheet();
        double current = sheet.setting(ParameterKey.WORKING_CURRENT).value() * (0.6 + 0.9 * random.nextDouble());
        double travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value() * (0.6 + 0.9 * random.nextDouble());
        MapPlace map = MapPlanner.at(sheet, current, travel);
        SimulationResult made = WeldSimulation.of(setup.own(ParameterKey.WORKING_CURRENT, current)
                .travelling(travel)
                .ask()
                .value()
                .orElseThrow());
        say(sheet, current, travel, map, made);
    }

    private void say(SetupSheet sheet, double current, double travel, MapPlace place, SimulationResult made) {
        WeldZone map = place.zone();
        boolean isSure = !place.unsure();
        WeldZone simulated = SimulatedZone.ofMiddle(sheet, current, made);
        same += map == simulated ? 1 : 0;
        boolean untold = map == WeldZone.UNDERCUT || map == WeldZone.TOO_HOT_FOR_COLOUR;
        boolean agrees = map.side() == simulated.side() || untold && simulated.side() != WeldZone.Side.COLD;
        alike += agrees ? 1 : 0;
        sure += isSure ? 1 : 0;
        sureAndAlike += isSure && agrees ? 1 : 0;
        System.out.printf(
                Locale.ROOT,
                "| %s %s | %.1f | %.0f A (%+.0f %%) | %.0f mm/min (%+.0f %%) | %s | %s | %.1f (%.1f) | %.1f | %.0f | %.2f | %s |%n",
                sheet.joint().material(),
                sheet.joint().form(),
                sheet.joint().thinnerMm(),
                current,
                100 * (current / sheet.setting(ParameterKey.WORKING_CURRENT).value() - 1),
                travel,
                100 * (travel / sheet.setting(ParameterKey.TRAVEL_SPEED).value() - 1),
                map,
                simulated,
                made.widths().frontMm(),
                made.widths().sheetFrontMm(),
                made.widths().backMm(),
                made.throughPercent(),
                made.widths().rootMm(),
                (agrees ? "" : "**apart**") + (isSure ? "" : " near an edge"));
    }
}
