package vastarc.web.purge;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePart.PurgePartKind;

/** Changes to the chain of a purge: a part added, exported, or moved on. */
final class PurgeParts {

    private PurgeParts() {}

    static void change(List<PurgePart> parts, Map<String, String> sent) {
        for (PurgePartKind kind : PurgePartKind.values()) {
            if (kind.name().equals(sent.get("add"))) {
                parts.add(kind.usual());
            }
        }
        place(sent.getOrDefault("out", ""), parts).ifPresent(at -> parts.remove((int) at));
        place(sent.getOrDefault("on", ""), parts)
                .filter(at -> at + 1 < parts.size())
                .ifPresent(at -> parts.add(at + 1, parts.remove((int) at)));
    }

    private static Optional<Integer> place(String text, List<PurgePart> parts) {
        for (int i = 0; i < parts.size(); i++) {
            if (String.valueOf(i).equals(text)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    static Map<String, String> texts(List<PurgePart> parts) {
        Map<String, String> answers = new LinkedHashMap<>();
        for (int i = 0; i < parts.size(); i++) {
            PurgePart part = parts.get(i);
            String at = "purge.part." + i + ".";
            answers.put(at + "kind", part.kind().name());
            part.kind().fields().forEach(range -> answers.put(at + range.field(), shown(part, range)));
        }
        return answers;
    }

    private static String shown(PurgePart part, InputRange range) {
        return UnitSystem.METRIC
                .show(Quantity.of(part.of(range.field()), range.unit()))
                .line();
    }
}
