package vastarc.core.advice.sheet;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Joints and practices drawn at random, from a seed. */
public final class RandomJoints {

    private final Random random;

    public RandomJoints(long seed) {
        random = new Random(seed);
    }

    public Joint joint() {
        double thickness = 0.15 * Math.pow(80, random.nextDouble());
        Joint joint = Joint.of(any(Material.values()), any(JointForm.values()), thickness);
        boolean unequal = random.nextInt(3) == 0;
        boolean tube = joint.form().isTube() && random.nextBoolean();
        Joint drawn = joint.with(draft -> {
            draft.abutting =
                    unequal ? Length.ofMillimetres(Math.min(12, thickness * (0.5 + random.nextDouble()))) : draft.base;
            draft.tubeOd = tube ? Optional.of(Length.ofMillimetres(30 + 200 * random.nextDouble())) : Optional.empty();
            draft.gap = Length.ofMillimetres(random.nextInt(4) == 0 ? 0.3 * thickness : 0);
            draft.smallTab = random.nextInt(8) == 0;
            draft.copeAngleDeg = 30 + 60 * random.nextDouble();
        });
        Joint prepared = random.nextInt(3) == 0 ? prepared(drawn) : drawn;
        return JointLimits.misfits(prepared).isEmpty() ? prepared : joint();
    }

    private Joint prepared(Joint joint) {
        List<EdgePreparation> choices = EdgePreparation.choicesFor(joint.form());
        EdgePreparation any = choices.get(random.nextInt(choices.size()));
        boolean thin = any == EdgePreparation.V && joint.thinnerMm() < EdgePreparation.V_FROM_MM;
        return thin ? joint : joint.prepared(any);
    }

    /** A practice for a joint, told a depth that the joint may have, or none. */
    public WeldingConditions practiceFor(Joint joint) {
        WeldingConditions conditions = practice();
        List<Penetration> choices = Penetration.choicesFor(joint);
        return random.nextBoolean() ? conditions : conditions.melting(choices.get(random.nextInt(choices.size())));
    }

    public WeldingConditions practice() {
        return WeldingConditions.usual().with(draft -> {
            draft.position = any(Position.values());
            draft.rotated = random.nextBoolean();
            draft.wire = random.nextBoolean();
            draft.wireFeed = any(FillerFeed.values());
            draft.technique = any(Technique.values());
            draft.control = any(ControlDevice.values());
            draft.chill = any(BackingBar.values());
            draft.purged = random.nextBoolean();
            draft.pulse = any(PulsePurpose.values());
            draft.finish = any(FinishRequirement.values());
            draft.backAccess = random.nextInt(6) != 0;
            draft.access = any(Access.values());
            draft.service = any(ServiceRequirement.values());
        });
    }

    /** What runs have proven is no method of a joint alone: it is tried with its runs elsewhere. */
    public ChosenMethods schools() {
        ChosenMethods methods = ChosenMethods.usual();
        for (Method method : Method.values()) {
            if (method.matter() != null && method != Method.AS_PROVEN_HERE && random.nextInt(4) == 0) {
                methods = methods.with(method);
            }
        }
        return methods;
    }

    private <E> E any(E[] values) {
        return values[random.nextInt(values.length)];
    }
}
