package vastarc.core.sheet;

import java.util.List;
import java.util.stream.Stream;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Practice;
import vastarc.core.wording.Phrase;

/**
 * One of the two depths to which a corner may be fused: its root only, or to its full reach.
 *
 * @param penetration {@code ROOT} or {@code THROUGH}
 * @param chosen      is what the sheet is for
 * @param currentA    steady current by the heat balance, A
 * @param legMm       leg as drawn, mm; 0 without wire
 * @param backMm      width that melts behind, mm; 0 where the back stays solid
 * @param back        what the back will look like
 */
public record FilletChoice(
        Penetration penetration, boolean chosen, double currentA, double legMm, double backMm, Phrase back) {

    /** Both, root first, for a corner; empty for any other joint. */
    static List<FilletChoice> compare(Joint joint, Practice practice) {
        if (!joint.isCorner()) {
            return List.of();
        }
        Penetration chosen = Penetration.of(joint, practice);
        return Stream.of(Penetration.ROOT, Penetration.THROUGH)
                .map(penetration -> of(joint, practice, penetration, penetration == chosen))
                .toList();
    }

    private static FilletChoice of(Joint joint, Practice practice, Penetration penetration, boolean chosen) {
        HeatSolution heat = HeatSolution.of(joint, practice.melting(penetration));
        double back = penetration == Penetration.ROOT ? 0 : heat.pool().backWidthMm();
        return new FilletChoice(
                penetration,
                chosen,
                heat.currentA(),
                practice.wire() ? joint.legMm() : 0,
                back,
                Phrase.of("back." + back(joint, practice, back > 0)));
    }

    private static String back(Joint joint, Practice practice, boolean molten) {
        if (!joint.hasOpenBack()) {
            return "hidden";
        }
        String metal = joint.isTitanium() ? "titanium" : joint.wantsPurge() ? "stainless" : "steel";
        return metal + (molten ? ".molten" : ".solid") + (joint.wantsPurge() && practice.purged() ? ".purged" : "");
    }

    /** The current of the way that was not chosen, A. */
    static double otherA(Plan plan) {
        Penetration other = plan.penetration() == Penetration.ROOT ? Penetration.THROUGH : Penetration.ROOT;
        return HeatSolution.currentA(plan.joint(), plan.practice().melting(other));
    }
}
