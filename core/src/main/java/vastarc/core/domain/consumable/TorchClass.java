package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/**
 * A class of torch. Source: table {@code torches.csv}; a real torch's plate governs.
 *
 * @param id          stable name; its words: {@code torch.<id>}
 * @param currentA    rated current, A
 * @param dutyPercent at this duty over ten minutes, %
 */
public record TorchClass(String id, double currentA, double dutyPercent) {

    private static final List<TorchClass> CLASSES =
            Table.read("torches.csv", Set.of("id", "current_a", "duty_percent", "cooling")).stream()
                    .map(row -> new TorchClass(row.text("id"), row.number("current_a"), row.number("duty_percent")))
                    .toList();

    /**
     * {@return duty at a current, %: D₁ (I₁/I)², at most 100} Use the RMS current of a pulse.
     *
     * @param currentA current, A
     */
    public double dutyAt(double currentA) {
        return Math.min(100, dutyPercent * Math.pow(this.currentA / currentA, 2));
    }

    /**
     * {@return the lightest that may weld at least this share of the time; the heaviest where none may}
     *
     * @param currentA current, A
     * @param dutyPercent duty cycle wanted, %
     */
    public static TorchClass forCurrent(double currentA, double dutyPercent) {
        return CLASSES.stream()
                .filter(torch -> torch.dutyAt(currentA) >= dutyPercent)
                .findFirst()
                .orElse(CLASSES.get(CLASSES.size() - 1));
    }
}
