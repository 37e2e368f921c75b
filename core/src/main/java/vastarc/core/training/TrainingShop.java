package vastarc.core.training;

import java.util.List;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.equipment.MachineProfile;

/**
 * What questions are made from.
 *
 * @param machines of the shop, by name
 * @param jobs     of the shop that have a weld cycle
 */
public record TrainingShop(List<TrainingMachine> machines, List<TrainingJob> jobs) {

    private static final List<Double> THICKNESSES = List.of(1.0, 1.2, 1.5, 2.0, 2.5, 3.0);
    private static final List<JointForm> FORMS =
            List.of(JointForm.SQUARE_BUTT, JointForm.LAP, JointForm.T_FILLET, JointForm.OUTSIDE_CORNER);

    /** Copies its collections, so that it cannot change. */
    public TrainingShop {
        machines = List.copyOf(machines);
        jobs = List.copyOf(jobs);
    }

    /** A machine. */
    public record TrainingMachine(String name, MachineProfile profile) {}

    /** A job. */
    public record TrainingJob(String name, WeldCycle score) {}

    /** A job that belongs to no shop: a plain joint with a given arc control. */
    WeldCycle any(SeededRandom draw, List<ControlDevice> controls) {
        return plan(draw, controls).score().value().orElseThrow();
    }

    /** The plan of such a joint; it has a weld cycle. */
    WeldPlan plan(SeededRandom draw, List<ControlDevice> controls) {
        for (int tries = 0; ; tries++) {
            Material material = draw.one(List.of(Material.values()));
            JointForm form = tries > 20 ? JointForm.LAP : draw.one(FORMS);
            double mm = draw.one(THICKNESSES);
            ControlDevice control = draw.one(controls);
            boolean purged = draw.below(2) == 0;
            Weld weld = new Weld(
                    Joint.of(material, form, mm), WeldingConditions.usual().with(draft -> {
                        draft.control = control;
                        draft.purged = purged;
                        draft.wire = form != JointForm.SQUARE_BUTT;
                    }));
            WeldPlan plan = WeldPlan.of(weld, ShopDefaults.usual());
            if (plan.score().value().isPresent()) {
                return plan;
            }
        }
    }
}
