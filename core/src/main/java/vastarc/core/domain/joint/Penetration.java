package vastarc.core.domain.joint;

import java.util.Arrays;
import java.util.List;

/** How deep the arc has to melt. Its words: {@code penetration.<name>}. */
public enum Penetration {
    /** Through to the back, from one side. */
    FULL(false),
    /** A run from each side, past the middle; the back must be within reach. */
    BOTH_SIDES(false),
    /** To a depth; the rest stays unfused. */
    PARTIAL(false),
    /** A seal or cosmetic run, hardly into the metal. */
    SURFACE(false),
    /** A leg on both members and the corner fused; whether the back of a thin member melts is a result. */
    ROOT(true),
    /** The back of the thinner member melted on purpose. */
    THROUGH(true);

    private final boolean corner;

    Penetration(boolean corner) {
        this.corner = corner;
    }

    /**
     * {@return whether it is a choice for this joint: corners have their own}
     *
     * @param joint the joint
     */
    public boolean isFor(Joint joint) {
        return corner == joint.isCorner() && (this != SURFACE || joint.groove().isEmpty());
    }

    /**
     * {@return what a joint may choose}
     *
     * @param joint the joint
     */
    public static List<Penetration> choicesFor(Joint joint) {
        return Arrays.stream(values())
                .filter(penetration -> penetration.isFor(joint))
                .toList();
    }

    /**
     * {@return what is given, or the usual for this joint} Source: [judgement].
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static Penetration of(Joint joint, WeldingConditions conditions) {
        return conditions.penetration().filter(chosen -> chosen.isFor(joint)).orElse(usual(joint));
    }

    private static Penetration usual(Joint joint) {
        return joint.isCorner() ? ROOT : FULL;
    }

    /** {@return whether some of the joint's section stays unfused: a notch at the root} */
    public boolean leavesNotch() {
        return this == PARTIAL || this == SURFACE;
    }
}
