package vastarc.core.input;

import static vastarc.core.input.InputField.choice;
import static vastarc.core.input.InputField.figure;
import static vastarc.core.input.InputField.flag;
import static vastarc.core.input.InputField.length;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.JointLimits;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputField.InputKind;

/** Every input of a joint and a practice: the one place that knows them all. */
public final class WeldFields {

    private static final Predicate<JointForm> GROOVED =
            form -> EdgePreparation.choicesFor(form).stream().anyMatch(EdgePreparation::isGroove);

    /** Grade of the base (through) member. */
    public static final InputField<Material> MATERIAL = choice("material", Material.class)
            .required()
            .into(
                    (entry, value) -> entry.material = Optional.of(value),
                    weld -> weld.joint().material());
    /** Grade of the abutting member. */
    public static final InputField<Material> OTHER_MATERIAL = choice("otherMaterial", Material.class)
            .spokenAs("material")
            .into(
                    (entry, value) -> entry.other = Optional.of(value),
                    weld -> weld.joint().other());
    /** Form of the joint. */
    public static final InputField<JointForm> JOINT = choice("joint", JointForm.class)
            .required()
            .into(
                    (entry, value) -> entry.form = Optional.of(value),
                    weld -> weld.joint().form());

    /** The two thicknesses are in one list of the API, under the name before the bracket. */
    public static final String THICKNESSES = JointLimits.THICKNESS.field();

    /** Thickness of the base (through) member. */
    public static final InputField<Length> BASE = length(JointLimits.THICKNESS.inField(THICKNESSES + "[0]"))
            .required()
            .gaugedBy(MATERIAL)
            .into(
                    (entry, value) -> entry.base = Optional.of(value),
                    weld -> weld.joint().base());
    /** Thickness of the abutting member. */
    public static final InputField<Length> ABUTTING = length(JointLimits.THICKNESS.inField(THICKNESSES + "[1]"))
            .gaugedBy(OTHER_MATERIAL)
            .into(
                    (entry, value) -> entry.abutting = Optional.of(value),
                    weld -> weld.joint().abutting());
    /** Outer diameter of a tube. */
    public static final InputField<Length> TUBE_OD = length(JointLimits.TUBE_OD)
            .appliesTo(JointForm::isTube)
            .maybeInto(
                    (entry, value) -> entry.tubeOd = Optional.of(value),
                    weld -> weld.joint().tubeOd());
    /** Gap between the members. */
    public static final InputField<Length> GAP =
            length(JointLimits.GAP).into((entry, value) -> entry.gap = Optional.of(value), WeldFields::gap);
    /** Included angle of a groove. */
    public static final InputField<Double> GROOVE_ANGLE = figure(JointLimits.GROOVE_ANGLE)
            .appliesTo(GROOVED)
            .maybeInto((entry, value) -> entry.grooveAngleDeg = Optional.of(value), groove(Groove::angleDeg));
    /** Root face of a groove. */
    public static final InputField<Length> ROOT_FACE = length(JointLimits.ROOT_FACE)
            .appliesTo(GROOVED)
            .maybeInto((entry, value) -> entry.rootFace = Optional.of(value), groove(Groove::rootFace));
    /** How the edges are prepared. */
    public static final InputField<EdgePreparation> PREPARATION = choice("preparation", EdgePreparation.class)
            .appliesTo(form -> EdgePreparation.choicesFor(form).size() > 1)
            .offering((form, value) -> value.isFor(form))
            .into(
                    (entry, value) -> entry.preparation = Optional.of(value),
                    weld -> weld.joint().preparation());
    /** Leg of a fillet. */
    public static final InputField<Length> LEG = length(JointLimits.LEG)
            .appliesTo(form -> form.isCorner() || form == JointForm.TUBE_BUTT)
            .maybeInto(
                    (entry, value) -> entry.leg = Optional.of(value),
                    weld -> weld.joint().leg());
    /** Angle between branch and run. */
    public static final InputField<Double> COPE_ANGLE = figure(JointLimits.COPE_ANGLE)
            .usually(90.0)
            .appliesTo(form -> form == JointForm.TUBE_SADDLE)
            .into(
                    (entry, value) -> entry.copeAngleDeg = Optional.of(value),
                    weld -> weld.joint().copeAngleDeg());
    /** Whether the abutting member is too short to count as endless. */
    public static final InputField<Boolean> SMALL_TAB = flag("smallTab")
            .usually(false)
            .appliesTo(form -> !form.isTube())
            .into((entry, value) -> entry.smallTab = value, weld -> weld.joint().smallTab());

    /** Welding position. */
    public static final InputField<Position> POSITION = choice("position", Position.class)
            .usually(WeldingConditions.usual().position())
            .into((entry, value) -> entry.practice.position = value, practice(WeldingConditions::position));
    /** Whether the tube is turned under the torch. */
    public static final InputField<Boolean> ROTATED = flag("rotated")
            .usually(WeldingConditions.usual().rotated())
            .appliesTo(JointForm::isTube)
            .into((entry, value) -> entry.practice.rotated = value, practice(WeldingConditions::rotated));
    /** Whether filler is added. */
    public static final InputField<Boolean> WIRE = flag("wire")
            .usually(WeldingConditions.usual().wire())
            .into((entry, value) -> entry.practice.wire = value, practice(WeldingConditions::wire));
    /** How filler is added. */
    public static final InputField<FillerFeed> WIRE_FEED = choice("wireFeed", FillerFeed.class)
            .usually(WeldingConditions.usual().wireFeed())
            .spokenAs("feed")
            .into((entry, value) -> entry.practice.wireFeed = value, practice(WeldingConditions::wireFeed));
    /** How the torch is held. */
    public static final InputField<Technique> TECHNIQUE = choice("technique", Technique.class)
            .usually(WeldingConditions.usual().technique())
            .into((entry, value) -> entry.practice.technique = value, practice(WeldingConditions::technique));
    /** What governs the current. */
    public static final InputField<ControlDevice> CONTROL = choice("control", ControlDevice.class)
            .usually(WeldingConditions.usual().control())
            .into((entry, value) -> entry.practice.control = value, practice(WeldingConditions::control));
    /** Bar behind the joint. */
    public static final InputField<BackingBar> CHILL = choice("chill", BackingBar.class)
            .usually(WeldingConditions.usual().chill())
            .into((entry, value) -> entry.practice.chill = value, practice(WeldingConditions::chill));
    /** Whether the root side is purged. */
    public static final InputField<Boolean> PURGED = flag("purged")
            .usually(WeldingConditions.usual().purged())
            .into((entry, value) -> entry.practice.purged = value, practice(WeldingConditions::purged));
    /** What the pulse is for. */
    public static final InputField<PulsePurpose> PULSE = choice("pulse", PulsePurpose.class)
            .usually(WeldingConditions.usual().pulse())
            .into((entry, value) -> entry.practice.pulse = value, practice(WeldingConditions::pulse));
    /** How the bead should look. */
    public static final InputField<FinishRequirement> FINISH = choice("finish", FinishRequirement.class)
            .usually(WeldingConditions.usual().finish())
            .into((entry, value) -> entry.practice.finish = value, practice(WeldingConditions::finish));
    /** An older name of one penetration; calls may still use it, pages do not. */
    public static final InputField<Boolean> BOTH_SIDES = flag("bothSides")
            .usually(false)
            .appliesTo(form -> form == JointForm.SQUARE_BUTT)
            .into(
                    (entry, value) -> entry.practice.penetration =
                            value ? Optional.of(Penetration.BOTH_SIDES) : entry.practice.penetration,
                    weld -> weld.practice().penetration().equals(Optional.of(Penetration.BOTH_SIDES)));

    /** How deep it should fuse. */
    public static final InputField<Penetration> PENETRATION = choice("penetration", Penetration.class)
            .offering((form, value) -> value.isFor(Joint.of(Material.CARBON_STEEL, form, 1)))
            .maybeInto(
                    (entry, value) -> entry.practice.penetration = Optional.of(value),
                    weld -> weld.practice().penetration());
    /** Depth of fusion asked for. */
    public static final InputField<Length> DEPTH = length(JointLimits.DEPTH)
            .appliesTo(form -> !form.isCorner())
            .maybeInto(
                    (entry, value) -> entry.practice.depth = Optional.of(value),
                    weld -> weld.practice().depth());
    /** Whether the root side can be reached and seen. */
    public static final InputField<Boolean> BACK_ACCESS = flag("backAccess")
            .usually(WeldingConditions.usual().backAccess())
            .into((entry, value) -> entry.practice.backAccess = value, practice(WeldingConditions::backAccess));
    /** What is in the way of cup and rod. */
    public static final InputField<Access> ACCESS = choice("access", Access.class)
            .usually(WeldingConditions.usual().access())
            .into((entry, value) -> entry.practice.access = value, practice(WeldingConditions::access));
    /** What the weld must bear in service. */
    public static final InputField<ServiceRequirement> SERVICE = choice("service", ServiceRequirement.class)
            .usually(WeldingConditions.usual().service())
            .into((entry, value) -> entry.practice.service = value, practice(WeldingConditions::service));
    /** Temperature of the work before welding. */
    public static final InputField<Double> PREHEAT = figure(JointLimits.PREHEAT)
            .maybeInto(
                    (entry, value) -> entry.practice.preheatC = OptionalDouble.of(value),
                    weld -> weld.practice().preheatC().stream().boxed().findFirst());
    /** Travel of the torch. */
    public static final InputField<Double> TRAVEL = figure(JointLimits.TRAVEL)
            .maybeInto(
                    (entry, value) -> entry.practice.travelMmPerS = OptionalDouble.of(value / 60),
                    weld -> weld.practice().travelMmPerS().stream()
                            .mapToObj(speed -> speed * 60)
                            .findFirst());
    /** Length of the torch's gas hose. */
    public static final InputField<Double> HOSE_LENGTH = figure(JointLimits.HOSE_LENGTH)
            .usually(WeldingConditions.usual().hoseLengthM())
            .into((entry, value) -> entry.practice.hoseLengthM = value, practice(WeldingConditions::hoseLengthM));
    /** Bore of the torch's gas hose. */
    public static final InputField<Double> HOSE_BORE = figure(JointLimits.HOSE_BORE)
            .usually(WeldingConditions.usual().hoseBoreMm())
            .into((entry, value) -> entry.practice.hoseBoreMm = value, practice(WeldingConditions::hoseBoreMm));

    /** All of them, in the order in which faults are given. */
    public static final List<InputField<?>> ALL = List.of(
            MATERIAL,
            OTHER_MATERIAL,
            JOINT,
            BASE,
            ABUTTING,
            TUBE_OD,
            GAP,
            GROOVE_ANGLE,
            ROOT_FACE,
            PREPARATION,
            LEG,
            COPE_ANGLE,
            SMALL_TAB,
            POSITION,
            ROTATED,
            WIRE,
            WIRE_FEED,
            TECHNIQUE,
            CONTROL,
            CHILL,
            PURGED,
            PULSE,
            FINISH,
            BOTH_SIDES,
            PENETRATION,
            DEPTH,
            BACK_ACCESS,
            ACCESS,
            SERVICE,
            PREHEAT,
            TRAVEL,
            HOSE_LENGTH,
            HOSE_BORE);

    private static final Map<String, InputField<?>> BY_NAME =
            ALL.stream().collect(Collectors.toUnmodifiableMap(InputField::name, Function.identity()));

    private WeldFields() {}

    private static <T> Function<Weld, T> practice(Function<WeldingConditions, T> of) {
        return weld -> of.apply(weld.practice());
    }

    private static <T> Function<Weld, Optional<T>> groove(Function<Groove, T> of) {
        return weld -> weld.joint().groove().map(of);
    }

    /** The gap that was given: that of a groove is its own. */
    private static Length gap(Weld weld) {
        return weld.joint().groove().map(Groove::gap).orElse(weld.joint().gap());
    }

    /**
     * {@return the field with this name or alias; empty if there is none}
     *
     * @param name the name
     */
    public static Optional<InputField<?>> named(String name) {
        return Optional.ofNullable(BY_NAME.get(name));
    }

    /**
     * {@return the field that other shops call by a name}
     *
     * @param alias the word of the other shop
     */
    public static Optional<InputField<?>> called(String alias) {
        return ALL.stream()
                .filter(field -> field.aliases().stream().anyMatch(alias::equalsIgnoreCase))
                .findFirst();
    }

    /** {@return the choices among them} */
    public static Stream<InputField<?>> choices() {
        return ALL.stream().filter(field -> field.kind() == InputKind.CHOICE);
    }

    /**
     * {@return the weld that the inputs describe, or every problem at once}
     *
     * @param inputs the inputs
     */
    public static Outcome<Weld> read(InputSource inputs) {
        WeldBuilder entry = new WeldBuilder();
        ALL.forEach(field -> field.read(inputs, entry));
        return entry.weld(inputs);
    }
}
