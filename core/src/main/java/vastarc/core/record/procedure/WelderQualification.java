package vastarc.core.record.procedure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;

/**
 * What a welder is qualified for, as the shop's papers have it. A list that is empty, and a range that is open, limit nothing.
 *
 * @param number      of the paper
 * @param welder      whose it is
 * @param materials   it covers; both members count
 * @param joints      forms it covers
 * @param thicknessMm of every member, mm
 * @param tubeOdMm    outside diameter, mm; says nothing of a joint without a tube
 * @param positions   it covers
 * @param examinedBy  who signed it
 * @param from        first day it holds, ISO 8601: 2026-05-04
 * @param until       last day it holds, likewise
 */
public record WelderQualification(
        String number,
        String welder,
        List<Material> materials,
        List<JointForm> joints,
        OpenRange thicknessMm,
        OpenRange tubeOdMm,
        List<Position> positions,
        String examinedBy,
        Optional<String> from,
        Optional<String> until) {

    /** Copies its collections, so that it cannot change. */
    public WelderQualification {
        materials = List.copyOf(materials);
        joints = List.copyOf(joints);
        positions = List.copyOf(positions);
    }

    /**
     * {@return whether it is a welder's; capitals and blanks about the name make no difference}
     *
     * @param name of the welder
     */
    public boolean isOf(String name) {
        return welder.strip().toLowerCase(Locale.ROOT).equals(name.strip().toLowerCase(Locale.ROOT));
    }

    /** As a procedure that limits nothing else, so that one check serves both. */
    WeldProcedure limits() {
        return new WeldProcedure(
                number,
                materials,
                joints,
                thicknessMm,
                tubeOdMm,
                positions,
                OpenRange.ALL,
                OpenRange.ALL,
                OpenRange.ALL,
                OpenRange.ALL,
                List.of(),
                Optional.empty(),
                examinedBy,
                from,
                until);
    }
}
