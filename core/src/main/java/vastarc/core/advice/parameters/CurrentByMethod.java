package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.physics.heat.HeatBalance;

/**
 * The working current that one method would set.
 *
 * @param method   the method
 * @param currentA its steady current, A
 */
public record CurrentByMethod(Method method, double currentA) {

    private static final double AMPS_PER_MM = 30;
    private static final double AMPS_PER_THOU_IN_MM = 1000 / 25.4;

    /**
     * {@return all of them, heat balance first, and last the current as proven on the machine where its runs teach
     * one} The linear rules count the thinner member, as the trade does; a later pass keeps its distance to the
     * first, about which the rules say nothing.
     *
     * @param heat of the pass
     * @param firstA current of the first pass by the heat balance, A
     * @param proven what the machine's runs teach for this joint
     */
    static List<CurrentByMethod> compare(HeatBalance heat, double firstA, Optional<MachineCalibration> proven) {
        double balance = heat.currentA();
        double later = balance / firstA;
        double t = heat.joint().thinnerMm();
        Stream<CurrentByMethod> rules = Stream.of(
                new CurrentByMethod(Method.HEAT_BALANCE, balance),
                new CurrentByMethod(Method.AMP_PER_THOU, later * AMPS_PER_THOU_IN_MM * t),
                new CurrentByMethod(Method.AMPS_PER_MM, later * AMPS_PER_MM * t));
        Stream<CurrentByMethod> own =
                proven.map(learned -> new CurrentByMethod(Method.AS_PROVEN_HERE, learned.ratio() * balance)).stream();
        return Stream.concat(rules, own).toList();
    }

    /** The method chosen; the heat balance where the machine's runs do not teach a current yet. */
    static CurrentByMethod chosen(List<CurrentByMethod> comparison, Method method) {
        return comparison.stream()
                .filter(current -> current.method() == method)
                .findFirst()
                .orElse(comparison.get(0));
    }
}
