package vastarc.core.domain.joint;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import vastarc.core.base.units.Length;
import vastarc.core.domain.material.Material;

/**
 * The joint on the bench: what is joined to what.
 *
 * @param material      grade of the base (through) member
 * @param other         grade of the abutting member; the same as {@code material} unless given
 * @param form          joint form
 * @param base          thickness of the base (through) member: the plate of a T, the run tube of a saddle
 * @param abutting      thickness of the abutting member: the stem of a T, the upper sheet of a lap, the branch of a saddle
 * @param tubeOd        outside diameter of the (branch) tube, where there is one
 * @param gap           fit-up gap, square edges
 * @param groove        V preparation, where there is one
 * @param copeAngleDeg  angle between branch and run of a saddle, 30–90°
 * @param smallTab      the abutting member is too short to count as endless: half of it counts
 * @param preparation   how the edges are made ready
 * @param leg           fillet leg as drawn; the usual one where it is not given
 */
public record Joint(
        Material material,
        Material other,
        JointForm form,
        Length base,
        Length abutting,
        Optional<Length> tubeOd,
        Length gap,
        Optional<Groove> groove,
        double copeAngleDeg,
        boolean smallTab,
        EdgePreparation preparation,
        Optional<Length> leg) {

    private static final double GROOVE_WIRE_MM = 4;
    /** Length of a straight seam where none is given, mm. */
    public static final double USUAL_SEAM_MM = 100;

    private static final double THIN_MM = 1;
    private static final double THIN_LEG_OVER_MM = 0.8;
    private static final double SOCKET_LEG = 1.1;

    /**
     * {@return both members alike, square and closed up, at right angles; what one pass cannot melt through gets the
     * usual V}
     *
     * @param material the material
     * @param form the joint form
     * @param millimetres thickness, mm
     */
    public static Joint of(Material material, JointForm form, double millimetres) {
        Length thickness = Length.ofMillimetres(millimetres);
        EdgePreparation preparation = EdgePreparation.usualFor(form, material, millimetres);
        Optional<Groove> groove =
                preparation == EdgePreparation.V ? Optional.of(Groove.usualFor(preparation, form)) : Optional.empty();
        Length closed = Length.ofMillimetres(0);
        return new Joint(
                material,
                material,
                form,
                thickness,
                thickness,
                Optional.empty(),
                closed,
                groove,
                90,
                false,
                preparation,
                Optional.empty());
    }

    /**
     * {@return a copy with some things changed, for example {@code joint.with(draft -> draft.smallTab = true)}}
     *
     * @param change what to change in the copy
     */
    public Joint with(Consumer<JointBuilder> change) {
        JointBuilder draft = new JointBuilder(this);
        change.accept(draft);
        return draft.joint();
    }

    /**
     * {@return same joint with another thickness of the abutting member}
     *
     * @param millimetres thickness, mm
     */
    public Joint abutting(double millimetres) {
        return with(draft -> draft.abutting = Length.ofMillimetres(millimetres));
    }

    /**
     * {@return this joint with a tube outside diameter, mm}
     *
     * @param millimetres outside diameter, mm
     */
    public Joint tubeOd(double millimetres) {
        return with(draft -> draft.tubeOd = Optional.of(Length.ofMillimetres(millimetres)));
    }

    /** {@return t, the thinner member, mm} */
    public double thinnerMm() {
        return Math.min(base.inMillimetres(), abutting.inMillimetres());
    }

    /** {@return the thickness of the thicker member, mm} */
    public double thickerMm() {
        return Math.max(base.inMillimetres(), abutting.inMillimetres());
    }

    /** {@return thickness that the wire is chosen by: a groove is filled in passes, with wire for medium plate, mm} */
    public double wireThicknessMm() {
        return groove.isPresent() ? Math.min(thinnerMm(), GROOVE_WIRE_MM) : thinnerMm();
    }

    /**
     * {@return whether it is a corner between two members, fused from the face: fillets, laps, inside corners, sockets}
     */
    public boolean isCorner() {
        return form.isCorner() || preparation == EdgePreparation.SOCKET;
    }

    /** {@return half plates of the base (through) member: a pipe runs on behind the mouth of its socket} */
    public int baseLegs() {
        return preparation == EdgePreparation.SOCKET ? 2 : form.baseLegs();
    }

    /**
     * {@return whether the back lies open to the air: not between the members of an edge joint, nor in a socket or on a strip}
     */
    public boolean hasOpenBack() {
        return form != JointForm.EDGE
                && preparation != EdgePreparation.SOCKET
                && preparation != EdgePreparation.BACKING_STRIP
                && !preparation.isBevelledT();
    }

    /** {@return whether it is an outside corner whose V lies open to the arc} */
    public boolean isOpenCorner() {
        return form == JointForm.OUTSIDE_CORNER && groove().isEmpty();
    }

    /**
     * {@return fillet leg, mm: as drawn; else the larger of 1.6 + 0.2 t and 0.75 + 0.75 t, below 1 mm 0.8 + t, in a
     * socket at least 1.1 of the wall} Source: what bench welders lay [handbook].
     */
    public double legMm() {
        return leg.map(Length::inMillimetres).orElseGet(() -> usualLegMm(thinnerMm()));
    }

    private double usualLegMm(double t) {
        double usual = t < THIN_MM ? THIN_LEG_OVER_MM + t : Math.max(1.6 + 0.2 * t, 0.75 + 0.75 * t);
        return preparation == EdgePreparation.SOCKET ? Math.max(usual, SOCKET_LEG * t) : usual;
    }

    /**
     * {@return once round, mm: the tube's girth, at a saddle round the cope, an ellipse as long as the branch is cut
     * aslant (Ramanujan); empty for a straight seam} Source: [textbook].
     */
    public OptionalDouble roundMm() {
        if (tubeOd.isEmpty()) {
            return OptionalDouble.empty();
        }
        double across = tubeOd.get().inMillimetres() / 2;
        double along = form == JointForm.TUBE_SADDLE ? across / Math.sin(Math.toRadians(copeAngleDeg)) : across;
        double h = Math.pow((along - across) / (along + across), 2);
        return OptionalDouble.of(Math.PI * (along + across) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h))));
    }

    /** {@return length of a seam where none is given, mm: once round, or 100} */
    public double usualSeamMm() {
        return roundMm().orElse(USUAL_SEAM_MM);
    }

    /**
     * {@return the same joint prepared otherwise, with the groove that belongs to it; a V of plate is a form of its
     * own}
     *
     * @param other the other one
     */
    public Joint prepared(EdgePreparation other) {
        return with(draft -> {
            draft.preparation = other;
            draft.form = form == JointForm.SQUARE_BUTT && other == EdgePreparation.V ? JointForm.V_BUTT : form;
            draft.groove =
                    other.isGroove() ? Optional.of(groove.orElse(Groove.usualFor(other, form))) : Optional.empty();
        });
    }

    /** {@return whether the members are of different materials} */
    public boolean isDissimilar() {
        return material != other;
    }

    /** {@return whether either member is titanium} */
    public boolean isTitanium() {
        return material.isTitanium();
    }

    /** {@return whether the back needs argon} */
    public boolean wantsPurge() {
        return material.wantsPurge() || other.wantsPurge();
    }

    /**
     * {@return same joint with both members at this thickness}
     *
     * @param thickness the thickness
     */
    public Joint withBothAt(Length thickness) {
        return with(draft -> {
            draft.base = thickness;
            draft.abutting = thickness;
        });
    }

    /** The open form of a joint, for {@link Joint#with}. */
    public static final class JointBuilder {
        /** Grade of the base (through) member. */
        public Material material;
        /** Grade of the abutting member. */
        public Material other;
        /** Form of the joint. */
        public JointForm form;
        /** Thickness of the base (through) member. */
        public Length base;
        /** Thickness of the abutting member. */
        public Length abutting;
        /** Outer diameter, of a tube. */
        public Optional<Length> tubeOd;
        /** Gap between the members. */
        public Length gap;
        /** Groove, of a V. */
        public Optional<Groove> groove;
        /** Angle between branch and run of a saddle, degrees. */
        public double copeAngleDeg;
        /** Whether the abutting member is too short to count as endless. */
        public boolean smallTab;
        /** How the edges are prepared. */
        public EdgePreparation preparation;
        /** Fillet leg as drawn; empty is the usual one. */
        public Optional<Length> leg;

        private JointBuilder(Joint from) {
            material = from.material;
            other = from.other;
            form = from.form;
            base = from.base;
            abutting = from.abutting;
            tubeOd = from.tubeOd;
            gap = from.gap;
            groove = from.groove;
            copeAngleDeg = from.copeAngleDeg;
            smallTab = from.smallTab;
            preparation = from.preparation;
            leg = from.leg;
        }

        private Joint joint() {
            return new Joint(
                    material,
                    other,
                    form,
                    base,
                    abutting,
                    tubeOd,
                    gap,
                    groove,
                    copeAngleDeg,
                    smallTab,
                    preparation,
                    leg);
        }
    }
}
