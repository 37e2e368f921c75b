package vastarc.core.record.procedure;

import java.util.List;
import java.util.Optional;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;

/**
 * A shop's own qualified procedure, as its papers have it. A list that is empty, and a range that is open, limit nothing.
 *
 * @param number           by which the shop calls it
 * @param materials        it covers; both members count
 * @param joints           forms it covers
 * @param thicknessMm      of every member, mm
 * @param tubeOdMm         outside diameter, mm; says nothing of a joint without a tube
 * @param positions        it covers
 * @param currentA         working current of every pass, the peak where it is pulsed, A
 * @param heatInputKjPerMm of every pass, kJ/mm
 * @param preheatC         °C
 * @param interpassC       highest temperature between passes, °C
 * @param fillers          classes of filler; {@link #NO_FILLER} for a weld without
 * @param purged           whether the back is purged; empty where either will do
 * @param qualifiedBy      who decided on it
 * @param from             first day it holds, ISO 8601: 2026-05-04
 * @param until            last day it holds, likewise
 */
public record WeldProcedure(
        String number,
        List<Material> materials,
        List<JointForm> joints,
        OpenRange thicknessMm,
        OpenRange tubeOdMm,
        List<Position> positions,
        OpenRange currentA,
        OpenRange heatInputKjPerMm,
        OpenRange preheatC,
        OpenRange interpassC,
        List<String> fillers,
        Optional<Boolean> purged,
        String qualifiedBy,
        Optional<String> from,
        Optional<String> until) {

    /** In the place of a class of filler: the weld is made without. */
    public static final String NO_FILLER = "NONE";

    /** Copies its collections, so that it cannot change. */
    public WeldProcedure {
        materials = List.copyOf(materials);
        joints = List.copyOf(joints);
        positions = List.copyOf(positions);
        fillers = List.copyOf(fillers);
    }
}
