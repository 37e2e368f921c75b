package vastarc.core.simulation;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.joint.Attitude;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.simulation.mesh.JointSection;
import vastarc.core.simulation.mesh.SectionMesh.JointOutline;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchPath;

/**
 * What stands there before the arc is struck: members, how they lie, torch and rod. Lengths in mm.
 *
 * @param form      of the joint
 * @param position  it is welded in
 * @param lengthMm  of the joint along its seam, or once round
 * @param ring      the seam closes on itself
 * @param radiusMm  of a tube's outside; empty where there is none
 * @param runMm     radius of the tube that a saddle sits on; it is drawn 1.6 times the branch, since no joint says it [judgement]
 * @param sinAngle  sine of the angle between branch and run
 * @param attitude  which way is up
 * @param leanDeg   arc's axis from straight above the root, positive over the base
 * @param members   corners of the section of each
 * @param startMm   where the arc strikes, along the seam
 * @param goesMm    how far it goes
 * @param torch     the torch and the rod
 * @param shade     helmet shade of the sheet
 * @param updates   of cells that a simulation takes, at most
 */
public record WeldScene(
        JointForm form,
        Position position,
        double lengthMm,
        boolean ring,
        OptionalDouble radiusMm,
        OptionalDouble runMm,
        double sinAngle,
        Attitude attitude,
        double leanDeg,
        List<List<SectionPoint>> members,
        double startMm,
        double goesMm,
        TorchScene torch,
        double shade,
        double updates) {

    private static final double RUN_OF_BRANCH = 1.6;

    /** Updates of cells that are done within some three seconds. */
    private static final double SOON_UPDATES = 8e8;

    /**
     * Torch and rod.
     *
     * @param boreMm     of the cup
     * @param tungstenMm diameter
     * @param stickOutMm beyond the cup
     * @param arcMm      length of the arc
     * @param rodMm      diameter of the rod; 0 where none is used
     * @param dabsPerS   0 where the rod lies in the pool or is not used
     * @param dabShare   share of a beat that the rod is in the pool
     * @param postFlowS  the torch stays over the end so long
     */
    public record TorchScene(
            double boreMm,
            double tungstenMm,
            double stickOutMm,
            double arcMm,
            double rodMm,
            double dabsPerS,
            double dabShare,
            double postFlowS) {}

    /**
     * {@return what stands there}
     *
     * @param request what is to be simulated
     */
    public static WeldScene of(SimulationRequest request) {
        Joint joint = request.joint();
        JointOutline outline =
                JointSection.of(joint, request.quality(), 0, request.legMm()).shape();
        double radius = joint.tubeOd().map(od -> od.inMillimetres() / 2).orElse(0.0);
        return new WeldScene(
                joint.form(),
                request.heat().practice().position(),
                request.lengthMm(),
                request.isRing(),
                radius > 0 ? OptionalDouble.of(radius) : OptionalDouble.empty(),
                joint.form() == JointForm.TUBE_SADDLE
                        ? OptionalDouble.of(RUN_OF_BRANCH * radius)
                        : OptionalDouble.empty(),
                Math.sin(Math.toRadians(joint.copeAngleDeg())),
                Attitude.of(joint, request.heat().practice()),
                outline.leanDeg(),
                outline.members(),
                request.isRing() ? 0 : SimulationRequest.INSET_MM,
                request.goesMm(),
                torch(request),
                request.score().sheet().setting(ParameterKey.HELMET_SHADE).value(),
                request.effort());
    }

    private static TorchScene torch(SimulationRequest request) {
        SetupSheet sheet = request.score().sheet();
        int cup = (int) sheet.setting(ParameterKey.CUP_SIZE).value();
        boolean wire = request.score().rhythm().wire();
        return new TorchScene(
                Cup.atLeast(0, cup).boreMm(),
                sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value(),
                sheet.setting(ParameterKey.STICK_OUT).value(),
                request.operator().arcMm().orElse(request.heat().demand().arcMm()),
                wire
                        ? request.wireMm()
                                .orElse(sheet.find(ParameterKey.WIRE_DIAMETER)
                                        .map(parameter -> parameter.value())
                                        .orElse(0.0))
                        : 0,
                request.score().rhythm().dabsPerS(),
                TorchPath.DAB_SHARE,
                request.score().values().of(CycleKey.POST_FLOW));
    }

    /** {@return whether a simulation of it takes no more than some seconds, so that one may be begun unasked} */
    public boolean isSoonDone() {
        return updates <= SOON_UPDATES;
    }
}
