package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.physics.heat.HeatBalance;

/**
 * The working current one method would set, and how far that is from the calculated current.
 *
 * @param school   the method
 * @param currentA its steady current, A
 * @param note     where it holds or breaks here
 */
public record MethodCurrent(Method school, double currentA, Phrase note) {

    private static final double AMPS_PER_MM = 30;
    private static final double AMPS_PER_THOU_IN_MM = 1000 / 25.4;
    private static final double THICK_MM = 4;
    private static final double NEAR = 0.12;

    /**
     * {@return all of them, heat balance first, and last the current as proven on the machine where its runs teach
     * one} The linear rules count the thinner member, as the trade does; a later pass keeps its distance to the
     * first, about which the rules say nothing.
     *
     * @param heat of the pass
     * @param firstA current of the first pass by the heat balance, A
     * @param proven what the machine's runs teach for this joint
     */
    public static List<MethodCurrent> compare(HeatBalance heat, double firstA, Optional<MachineCalibration> proven) {
        double balance = heat.currentA();
        double later = balance / firstA;
        Stream<MethodCurrent> rules = Stream.of(
                new MethodCurrent(Method.HEAT_BALANCE, balance, Phrase.of("school.note.balance")),
                linear(Method.AMP_PER_THOU, later * AMPS_PER_THOU_IN_MM, heat, balance),
                linear(Method.AMPS_PER_MM, later * AMPS_PER_MM, heat, balance));
        return Stream.concat(rules, proven.map(learned -> proven(learned, balance)).stream())
                .toList();
    }

    private static MethodCurrent proven(MachineCalibration learned, double balance) {
        return new MethodCurrent(
                Method.AS_PROVEN_HERE,
                learned.ratio() * balance,
                Phrase.of(
                        "school.note.proven",
                        learned.runs(),
                        Quantity.amperes(learned.low() * balance),
                        Quantity.amperes(learned.high() * balance)));
    }

    /**
     * {@return the method chosen, from a comparison; the heat balance where the machine's runs do not teach a current
     * yet}
     *
     * @param comparison the currents by each method
     * @param method the method
     */
    public static MethodCurrent chosen(List<MethodCurrent> comparison, Method method) {
        return comparison.stream()
                .filter(current -> current.school() == method)
                .findFirst()
                .orElse(comparison.get(0));
    }

    private static MethodCurrent linear(Method method, double ampsPerMm, HeatBalance heat, double balance) {
        double current = ampsPerMm * heat.joint().thinnerMm();
        double off = current / balance - 1;
        String code = Math.abs(off) <= NEAR ? "near" : off > 0 ? "over" : "under";
        Phrase cause = Phrase.of("school.cause." + cause(heat));
        long percent = Math.round(Math.abs(off) * 100);
        return new MethodCurrent(method, current, Phrase.of("school.note." + code, percent, cause));
    }

    /** What most sets this joint apart from the flat butt the linear rules were made on. */
    private static String cause(HeatBalance heat) {
        Joint joint = heat.joint();
        if (heat.practice().chill().contactWPerM2K() > 0) {
            return "chill";
        }
        if (Penetration.of(joint, heat.practice()) != Penetration.FULL && !joint.isCorner()) {
            return "depth";
        }
        if (joint.isCorner()) {
            return "paths";
        }
        if (joint.isTitanium()) {
            return "titanium";
        }
        if (joint.form().reachFactor() < 1) {
            return "edge";
        }
        if (joint.thinnerMm() > THICK_MM) {
            return "thick";
        }
        return joint.material().isStainless() ? "stainless" : "speed";
    }
}
