package vastarc.core.input;

import java.util.Optional;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.domain.material.Material;

/** A weld in the making: what has been given of it so far. */
final class WeldBuilder {

    Optional<Material> material = Optional.empty();
    Optional<Material> other = Optional.empty();
    Optional<JointForm> form = Optional.empty();
    Optional<Length> base = Optional.empty();
    Optional<Length> abutting = Optional.empty();
    Optional<Length> tubeOd = Optional.empty();
    Optional<Length> gap = Optional.empty();
    Optional<Double> grooveAngleDeg = Optional.empty();
    Optional<Length> rootFace = Optional.empty();
    Optional<Double> copeAngleDeg = Optional.empty();
    boolean smallTab;
    Optional<EdgePreparation> preparation = Optional.empty();
    Optional<Length> leg = Optional.empty();
    final WeldingConditionsBuilder practice = new WeldingConditionsBuilder(WeldingConditions.usual());

    /** The weld, or every problem noted on the way and then what does not fit together. */
    Outcome<Weld> weld(InputSource inputs) {
        if (!inputs.problems().isEmpty()) {
            return Outcome.failed(inputs.problems());
        }
        preparation
                .flatMap(entered -> JointLimits.preparation(
                        form.orElseThrow(), entered, base.orElseThrow().inMillimetres()))
                .ifPresent(inputs::note);
        if (!inputs.problems().isEmpty()) {
            return Outcome.failed(inputs.problems());
        }
        Joint joint = joint(material.orElseThrow(), form.orElseThrow(), base.orElseThrow());
        JointLimits.misfits(joint).forEach(inputs::note);
        JointLimits.misfits(joint, practice.practice()).forEach(inputs::note);
        return inputs.problems().isEmpty()
                ? Outcome.of(new Weld(joint, practice.practice()))
                : Outcome.failed(inputs.problems());
    }

    private Joint joint(Material metal, JointForm chosen, Length thickness) {
        EdgePreparation prepared = preparation.orElseGet(() -> usual(metal, chosen, thickness));
        JointForm joined = chosen == JointForm.SQUARE_BUTT && prepared == EdgePreparation.V ? JointForm.V_BUTT : chosen;
        return Joint.of(metal, joined, thickness.inMillimetres()).with(draft -> {
            draft.abutting = abutting.orElse(thickness);
            draft.other = other.orElse(metal);
            draft.tubeOd = joined.isTube() ? tubeOd : Optional.empty();
            draft.gap = gap.orElse(draft.gap);
            draft.preparation = prepared;
            draft.groove = prepared.isGroove() ? Optional.of(groove(prepared, joined)) : Optional.empty();
            draft.copeAngleDeg = copeAngleDeg.orElse(draft.copeAngleDeg);
            draft.smallTab = smallTab;
            draft.leg = leg;
        });
    }

    private EdgePreparation usual(Material metal, JointForm chosen, Length thickness) {
        double thinner =
                Math.min(thickness.inMillimetres(), abutting.orElse(thickness).inMillimetres());
        EdgePreparation usual = EdgePreparation.usualFor(chosen, metal, thinner);
        boolean full = practice.penetration.map(how -> how == Penetration.FULL).orElse(true);
        if (chosen == JointForm.V_BUTT || usual == EdgePreparation.V && full) {
            return usual;
        }
        return chosen == JointForm.TUBE_BUTT && grooveAngleDeg.isPresent() ? EdgePreparation.V : EdgePreparation.SQUARE;
    }

    private Groove groove(EdgePreparation prepared, JointForm joined) {
        Groove usual = Groove.usualFor(prepared, joined);
        return new Groove(
                grooveAngleDeg.orElse(usual.angleDeg()), rootFace.orElse(usual.rootFace()), gap.orElse(usual.gap()));
    }
}
