package vastarc.core.joint;

import java.util.Arrays;
import java.util.List;
import vastarc.core.material.Family;

/** How deep the arc has to melt. Spoken by {@code penetration.<name>}. */
public enum Penetration {
    /** Through to the back, from one side. */
    FULL(false),
    /** A run from each side, past the middle; the back must be within reach. */
    BOTH_SIDES(false),
    /** To a depth; the rest stays unfused. */
    PARTIAL(false),
    /** A seal or cosmetic run, hardly into the metal. */
    SURFACE(false),
    /** The corner fused, the back of the thinner member solid. */
    ROOT(true),
    /** The corner fused to its full reach; thin members melt through behind. */
    THROUGH(true);

    /** Up to this thickness steel hands weld a corner through, mm (judgement). */
    private static final double THROUGH_TO_MM = 3;

    private final boolean corner;

    Penetration(boolean corner) {
        this.corner = corner;
    }

    /** Whether it is a choice for this joint: corners have their own. */
    public boolean isFor(Joint joint) {
        return corner == joint.isCorner() && (this != SURFACE || joint.groove().isEmpty());
    }

    /** What a joint may choose. */
    public static List<Penetration> choicesFor(Joint joint) {
        return Arrays.stream(values()).filter(one -> one.isFor(joint)).toList();
    }

    /** What is told, or the usual for this joint. Source: [judgement]. */
    public static Penetration of(Joint joint, Practice practice) {
        return practice.penetration().filter(told -> told.isFor(joint)).orElseGet(() -> usual(joint, practice));
    }

    private static Penetration usual(Joint joint, Practice practice) {
        if (!joint.isCorner()) {
            return FULL;
        }
        boolean steel = List.of(joint.material(), joint.other()).stream()
                .allMatch(metal -> metal.family() == Family.STEEL || metal.family() == Family.CHROMOLY);
        return steel && joint.thinnerMm() <= THROUGH_TO_MM || !steel && practice.purged() ? THROUGH : ROOT;
    }

    /** Some of the joint's section stays unfused: a notch at the root. */
    public boolean leavesNotch() {
        return this == PARTIAL || this == SURFACE;
    }
}
