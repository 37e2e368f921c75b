package vastarc.web.request;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.Access;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.joint.Groove;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.JointLimits;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Service;
import vastarc.core.joint.Technique;
import vastarc.core.joint.WireFeed;
import vastarc.core.material.Material;
import vastarc.core.quantity.Length;

/** Maps named inputs onto a joint and a practice: the one place that knows every field. */
public final class JobReader {

    public static final String MATERIAL = "material";
    public static final String OTHER_MATERIAL = "otherMaterial";
    public static final String JOINT = "joint";
    public static final String PULSE = "pulse";
    public static final String CONTROL = "control";
    public static final String THICKNESS = JointLimits.THICKNESS.field();

    /** Every field name a request may carry. */
    public static final Set<String> FIELDS = Set.of(
            MATERIAL,
            OTHER_MATERIAL,
            JOINT,
            THICKNESS,
            "tubeOdMm",
            "gapMm",
            "grooveAngleDeg",
            "rootFaceMm",
            "copeAngleDeg",
            "smallTab",
            "position",
            "rotated",
            "wire",
            "wireFeed",
            "technique",
            CONTROL,
            "chill",
            "purged",
            PULSE,
            "finish",
            "bothSides",
            "backAccess",
            "access",
            "service",
            "preheatC",
            "travelMmPerMin",
            "hoseLengthM",
            "hoseBoreMm");

    private JobReader() {}

    /** Joint and practice, or every problem at once. */
    public static Outcome<SheetInput> read(Fields fields) {
        Optional<Material> material = fields.choice(MATERIAL, Material.class);
        Optional<Material> other = fields.choice(OTHER_MATERIAL, Material.class);
        Optional<JointForm> form = fields.choice(JOINT, JointForm.class);
        List<Length> thicknesses = fields.thicknesses(material, other.or(() -> material));
        Optional<Joint> joint = material.isPresent() && form.isPresent() && !thicknesses.isEmpty()
                ? Optional.of(joint(fields, material.get(), form.get(), thicknesses, other))
                : probe(fields);
        Practice practice = practice(fields);
        if (fields.problems().isEmpty()) {
            joint.map(JointLimits::misfits).ifPresent(misfits -> misfits.forEach(fields::note));
        }
        return fields.problems().isEmpty() && joint.isPresent()
                ? Outcome.of(new SheetInput(joint.get(), practice))
                : Outcome.failed(fields.problems());
    }

    /** Reads the other joint fields for their problems alone. */
    private static Optional<Joint> probe(Fields fields) {
        joint(fields, Material.CARBON_STEEL, JointForm.V_BUTT, List.of(Length.ofMillimetres(2)), Optional.empty());
        return Optional.empty();
    }

    private static Joint joint(
            Fields fields, Material material, JointForm form, List<Length> thicknesses, Optional<Material> other) {
        Optional<Length> od = fields.length(JointLimits.TUBE_OD);
        Optional<Length> gap = fields.length(JointLimits.GAP);
        OptionalDouble angle = fields.number(JointLimits.GROOVE_ANGLE);
        Optional<Length> land = fields.length(JointLimits.ROOT_FACE);
        OptionalDouble cope = fields.number(JointLimits.COPE_ANGLE);
        boolean smallTab = fields.flag("smallTab").orElse(false);
        boolean grooved = form == JointForm.V_BUTT || form == JointForm.TUBE_BUTT && angle.isPresent();
        return Joint.of(material, form, thicknesses.get(0).inMillimetres()).with(draft -> {
            draft.abutting = thicknesses.get(thicknesses.size() - 1);
            draft.other = other.orElse(material);
            draft.tubeOd = form.isTube() ? od : Optional.empty();
            draft.gap = gap.orElse(draft.gap);
            draft.groove = grooved
                    ? Optional.of(new Groove(
                            angle.orElse(Groove.USUAL.angleDeg()),
                            land.orElse(Groove.USUAL.rootFace()),
                            gap.orElse(Groove.USUAL.gap())))
                    : Optional.empty();
            draft.copeAngleDeg = cope.orElse(draft.copeAngleDeg);
            draft.smallTab = smallTab;
        });
    }

    private static Practice practice(Fields fields) {
        return Practice.usual().with(draft -> {
            draft.position = fields.choice("position", Position.class).orElse(draft.position);
            draft.rotated = fields.flag("rotated").orElse(draft.rotated);
            draft.wire = fields.flag("wire").orElse(draft.wire);
            draft.wireFeed = fields.choice("wireFeed", WireFeed.class).orElse(draft.wireFeed);
            draft.technique = fields.choice("technique", Technique.class).orElse(draft.technique);
            draft.control = fields.choice(CONTROL, Control.class).orElse(draft.control);
            draft.chill = fields.choice("chill", Chill.class).orElse(draft.chill);
            draft.purged = fields.flag("purged").orElse(draft.purged);
            draft.pulse = fields.choice(PULSE, PulsePurpose.class).orElse(draft.pulse);
            draft.finish = fields.choice("finish", Finish.class).orElse(draft.finish);
            draft.bothSides = fields.flag("bothSides").orElse(draft.bothSides);
            draft.backAccess = fields.flag("backAccess").orElse(draft.backAccess);
            draft.access = fields.choice("access", Access.class).orElse(draft.access);
            draft.service = fields.choice("service", Service.class).orElse(draft.service);
            draft.preheatC = fields.number(JointLimits.PREHEAT).orElse(draft.preheatC);
            OptionalDouble travel = fields.number(JointLimits.TRAVEL);
            draft.travelMmPerS = travel.isPresent() ? OptionalDouble.of(travel.getAsDouble() / 60) : draft.travelMmPerS;
            draft.hoseLengthM = fields.number(JointLimits.HOSE_LENGTH).orElse(draft.hoseLengthM);
            draft.hoseBoreMm = fields.number(JointLimits.HOSE_BORE).orElse(draft.hoseBoreMm);
        });
    }
}
