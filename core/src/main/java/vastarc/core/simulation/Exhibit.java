package vastarc.core.simulation;

import java.util.List;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.mesh.MeshDetail;

/**
 * A weld as it should be beside one with a fault, to learn what the fault looks like. Their words: {@code rehearsal.exhibit.<name>} and, in two
 * lines, {@code .see1} and {@code .see2}. Joints and amounts: judgement.
 */
public enum Exhibit {
    /** Travel too fast for its current. */
    TOO_FAST(Material.CARBON_STEEL, 2),
    /** Far too much current. */
    TOO_HOT(Material.STAINLESS_304L, 1.5),
    /** Current broken off at the end. */
    NO_DOWN_SLOPE(Material.STAINLESS_304L, 2),
    /** A rod too thick for the sheet. */
    THICK_ROD(Material.CARBON_STEEL, 1.2),
    /** Copper against the back from half way on. */
    HEAT_SINK(Material.CHROMOLY_4130, 1.6);

    private static final double SEAM_MM = 50;
    private static final double FASTER_PERCENT = 70;
    private static final double HOTTER_PERCENT = 45;
    private static final double THICK_ROD_MM = 2.4;

    private final Material material;
    private final double thicknessMm;

    Exhibit(Material material, double thicknessMm) {
        this.material = material;
        this.thicknessMm = thicknessMm;
    }

    /** {@return the weld as it should be} */
    public SimulationSetup right() {
        Joint joint = Joint.of(material, JointForm.SQUARE_BUTT, thicknessMm);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.control = ControlDevice.TRIGGER_4T;
            draft.purged = material.wantsPurge();
        });
        return SimulationSetup.of(PlanRequest.of(new Weld(joint, conditions), ShopDefaults.usual()), MeshDetail.LIVE)
                .own(CycleKey.SEAM_LENGTH, SEAM_MM);
    }

    /** {@return the same weld with the fault} */
    public SimulationSetup wrong() {
        return switch (this) {
            case TOO_FAST -> WeldChange.TRAVEL.on(right(), FASTER_PERCENT);
            case TOO_HOT -> WeldChange.CURRENT.on(right(), HOTTER_PERCENT);
            case NO_DOWN_SLOPE -> WeldChange.NO_SLOPES.on(right(), 0);
            case THICK_ROD -> right().wire(THICK_ROD_MM);
            case HEAT_SINK -> right().intoSink();
        };
    }

    /** {@return what it is called} */
    public Phrase words() {
        return Phrase.of("rehearsal.exhibit." + name());
    }

    /** {@return two lines of what is to be seen} */
    public List<Phrase> see() {
        return List.of(
                Phrase.of("rehearsal.exhibit." + name() + ".see1"), Phrase.of("rehearsal.exhibit." + name() + ".see2"));
    }
}
