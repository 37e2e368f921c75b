package vastarc.web.panel;

import java.util.Locale;
import java.util.Map;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.LeakCheck;

/** Says what a fall of pressure means. */
final class LeakMessages {

    static final Map<String, String> NAMES =
            Map.of("volumeL", "Volume in litres", "dropBar", "Fall in bar", "seconds", "Time in seconds");

    private LeakMessages() {}

    static String of(LeakCheck check, UnitSystem units) {
        String rate = check.litresPerMin() < 0.1
                ? String.format(Locale.ROOT, "%.3f L/min", check.litresPerMin())
                : units.show(Quantity.litresPerMin(check.litresPerMin())).line();
        return check.isTight()
                ? "Leaks " + rate + ": tight enough."
                : "Leaks " + rate + ": find it with leak spray at every joint between cylinder and torch.";
    }
}
