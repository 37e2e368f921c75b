package vastarc.core.physics.purge;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.core.physics.purge.PurgePlan.PurgeRequest;
import vastarc.core.physics.purge.RootPressure.Vent;

/**
 * How the back of a weld is purged, as far as it was entered; what was not follows from the joint.
 *
 * @param parts       between the dams; empty for the usual ones of the joint
 * @param flowLPerMin to fill with, L/min; empty for the usual flow of the joint
 * @param leakLPerMin air that gets in, L/min
 * @param argonPpm    oxygen in the argon, ppm by volume
 * @param targetPpm   oxygen to get to, ppm by volume; empty for what metal and finish ask for
 * @param inlet       where argon comes in
 * @param ventAt      where air goes out
 * @param vent        the hole
 * @param hoseL       dead volume of the hose, L
 */
public record PurgeSetup(
        List<PurgePart> parts,
        OptionalDouble flowLPerMin,
        double leakLPerMin,
        double argonPpm,
        OptionalDouble targetPpm,
        GasPort inlet,
        GasPort ventAt,
        Vent vent,
        double hoseL) {

    /** Oxygen of welding argon, ppm by volume (judgement). */
    public static final double USUAL_ARGON_PPM = 5;

    /** One vent hole, mm (judgement). */
    public static final double USUAL_VENT_MM = 4;

    /** Hose of the purge, m (judgement). */
    public static final double USUAL_HOSE_M = 3;

    /** Its bore, mm (judgement). */
    public static final double USUAL_HOSE_BORE_MM = 6;

    private static final double DAM_TO_DAM_MM = 150;
    private static final double LEAST_BORE_MM = 2;

    private static final PurgeSetup USUAL = new PurgeSetup(
            List.of(),
            OptionalDouble.empty(),
            0,
            USUAL_ARGON_PPM,
            OptionalDouble.empty(),
            GasPort.LOW,
            GasPort.HIGH,
            new Vent(USUAL_VENT_MM, 1),
            Purge.hoseL(USUAL_HOSE_M, USUAL_HOSE_BORE_MM));

    /** Copies its collections, so that it cannot change. */
    public PurgeSetup {
        parts = List.copyOf(parts);
    }

    /** {@return the purge of a weld about which nothing was entered} */
    public static PurgeSetup usual() {
        return USUAL;
    }

    /**
     * {@return the parts between the dams: as entered, or the usual ones of a joint}
     *
     * @param joint the joint
     */
    public List<PurgePart> partsOf(Joint joint) {
        return parts.isEmpty() ? List.of(usualPart(joint)) : parts;
    }

    /**
     * {@return the oxygen to get to: as entered, or what metal and finish ask for, ppm by volume}
     *
     * @param joint the joint
     * @param finish the finish that is asked for
     */
    public double targetPpm(Joint joint, FinishRequirement finish) {
        return targetPpm.orElseGet(() -> PurgeTargets.strikePpm(joint, finish));
    }

    /**
     * {@return the purge of a weld}
     *
     * @param joint the joint
     * @param finish the finish that is asked for
     * @param fillLPerMin flow to fill with, L/min
     * @param root the molten root
     * @param holdShare hold flow over fill flow, 0–1
     */
    public PurgeRequest of(
            Joint joint, FinishRequirement finish, double fillLPerMin, RootPressure root, double holdShare) {
        return new PurgeRequest(
                partsOf(joint),
                fillLPerMin,
                leakLPerMin,
                argonPpm,
                targetPpm(joint, finish),
                inlet,
                ventAt,
                vent,
                hoseL,
                root,
                holdShare);
    }

    /** Between dams 150 mm apart in the tube; under plate a trough. Source: [judgement]. */
    private static PurgePart usualPart(Joint joint) {
        double wall = joint.form() == JointForm.TUBE_BUTT
                ? joint.thickerMm()
                : joint.abutting().inMillimetres();
        return joint.tubeOd()
                .map(od -> PurgePart.straight(DAM_TO_DAM_MM, Math.max(LEAST_BORE_MM, od.inMillimetres() - 2 * wall)))
                .orElse(PurgePartKind.TROUGH.usual());
    }
}
