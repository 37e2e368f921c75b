package vastarc.core.domain.joint;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.PhysicalConstants;

/**
 * How the welder goes about it. {@link #usual()} is the default; {@link #with} changes some of it.
 *
 * @param position        welding position
 * @param rotated         tube turned under the torch
 * @param wire            with filler wire
 * @param wireFeed        dabbed or laid
 * @param technique       torch travel
 * @param control         arc control
 * @param chill           backing bar
 * @param purged          back kept under argon
 * @param pulse           what a pulse is wanted for
 * @param finish          what the weld must be
 * @param penetration     how deep the arc has to melt; the joint's usual where it is not given
 * @param depth           of a partial penetration; half the thickness where it is not given
 * @param backAccess      the back can be reached
 * @param access          room for the torch
 * @param service         what the weld has to bear
 * @param preheatC        temperature to which the metal is to be warmed, °C, where it is given; any value, also that of the room
 * @param travelMmPerS    the welder's own timed speed, if known, mm/s
 * @param hoseLengthM     gas hose downstream of the valve, m
 * @param hoseBoreMm      its bore, mm
 */
public record WeldingConditions(
        Position position,
        boolean rotated,
        boolean wire,
        FillerFeed wireFeed,
        Technique technique,
        ControlDevice control,
        BackingBar chill,
        boolean purged,
        PulsePurpose pulse,
        FinishRequirement finish,
        Optional<Penetration> penetration,
        Optional<Length> depth,
        boolean backAccess,
        Access access,
        ServiceRequirement service,
        OptionalDouble preheatC,
        OptionalDouble travelMmPerS,
        double hoseLengthM,
        double hoseBoreMm) {

    /**
     * {@return flat, with wire, freehand, pedal, no bar, no purge, steady current, room temperature, 4 m of 4 mm
     * hose}
     */
    public static WeldingConditions usual() {
        return new WeldingConditions(
                Position.PA,
                false,
                true,
                FillerFeed.DAB,
                Technique.FREEHAND,
                ControlDevice.PEDAL,
                BackingBar.NONE,
                false,
                PulsePurpose.NONE,
                FinishRequirement.PLAIN,
                Optional.empty(),
                Optional.empty(),
                true,
                Access.OPEN,
                ServiceRequirement.GENERAL,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                4,
                4);
    }

    /** {@return temperature of the metal before the arc, °C: as given, else room temperature} */
    public double metalC() {
        return preheatC.orElse(PhysicalConstants.ROOM_C);
    }

    /**
     * {@return a copy with some things changed, for example {@code practice.with(draft -> draft.wire = false)}}
     *
     * @param change what to change in the copy
     */
    public WeldingConditions with(Consumer<WeldingConditionsBuilder> change) {
        WeldingConditionsBuilder draft = new WeldingConditionsBuilder(this);
        change.accept(draft);
        return draft.practice();
    }

    /**
     * {@return these conditions with another penetration}
     *
     * @param how the penetration
     */
    public WeldingConditions melting(Penetration how) {
        return with(draft -> draft.penetration = Optional.of(how));
    }

    /**
     * {@return these conditions with a depth of penetration, mm}
     *
     * @param depthMm depth, mm
     */
    public WeldingConditions melting(double depthMm) {
        return with(draft -> {
            draft.penetration = Optional.of(Penetration.PARTIAL);
            draft.depth = Optional.of(Length.ofMillimetres(depthMm));
        });
    }

    /** The open form of a practice, for {@link WeldingConditions#with}. */
    public static final class WeldingConditionsBuilder {
        /** Welding position (ISO 6947). */
        public Position position;
        /** Whether the tube is turned under the torch. */
        public boolean rotated;
        /** Whether filler is added. */
        public boolean wire;
        /** How filler is added. */
        public FillerFeed wireFeed;
        /** How the torch is held. */
        public Technique technique;
        /** What governs the current. */
        public ControlDevice control;
        /** Bar behind the joint. */
        public BackingBar chill;
        /** Whether the root side is purged. */
        public boolean purged;
        /** What the pulse is for. */
        public PulsePurpose pulse;
        /** How the bead should look. */
        public FinishRequirement finish;
        /** How deep it should fuse; empty is the joint's usual. */
        public Optional<Penetration> penetration;
        /** Depth of fusion asked for; empty is the joint's usual. */
        public Optional<Length> depth;
        /** Whether the root side can be reached and seen. */
        public boolean backAccess;
        /** What is in the way of cup and rod. */
        public Access access;
        /** What the weld must bear in service. */
        public ServiceRequirement service;
        /** Temperature of the work before welding, °C; empty is room temperature. */
        public OptionalDouble preheatC;
        /** Travel asked for, mm/s; empty is the joint's usual. */
        public OptionalDouble travelMmPerS;
        /** Length of the torch's gas hose, m. */
        public double hoseLengthM;
        /** Bore of the torch's gas hose, mm. */
        public double hoseBoreMm;

        /**
         * Starts from conditions that are there.
         *
         * @param from the conditions to start from
         */
        public WeldingConditionsBuilder(WeldingConditions from) {
            position = from.position;
            rotated = from.rotated;
            wire = from.wire;
            wireFeed = from.wireFeed;
            technique = from.technique;
            control = from.control;
            chill = from.chill;
            purged = from.purged;
            pulse = from.pulse;
            finish = from.finish;
            penetration = from.penetration;
            depth = from.depth;
            backAccess = from.backAccess;
            access = from.access;
            service = from.service;
            preheatC = from.preheatC;
            travelMmPerS = from.travelMmPerS;
            hoseLengthM = from.hoseLengthM;
            hoseBoreMm = from.hoseBoreMm;
        }

        /** {@return the conditions as they are set now} */
        public WeldingConditions practice() {
            return new WeldingConditions(
                    position,
                    rotated,
                    wire,
                    wireFeed,
                    technique,
                    control,
                    chill,
                    purged,
                    pulse,
                    finish,
                    penetration,
                    depth,
                    backAccess,
                    access,
                    service,
                    preheatC,
                    travelMmPerS,
                    hoseLengthM,
                    hoseBoreMm);
        }
    }
}
