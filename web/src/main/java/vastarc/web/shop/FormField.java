package vastarc.web.shop;

import java.util.List;
import java.util.Optional;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.record.batch.MaterialBatch.BatchKind;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.layout.Choice;

/**
 * A field of a register's form.
 *
 * @param name as the paper's JSON calls it
 * @param kind how it is typed
 */
public record FormField(String name, FieldKind kind) {

    /** How a field is typed. */
    public enum FieldKind {
        /** One line. */
        TEXT,
        /** A day of a calendar. */
        DAY,
        /** One of what there is. */
        CHOICE,
        /** Several of what there is, ticked. */
        LIST,
        /** Lowest and highest. */
        RANGE,
        /** Words with commas between them. */
        WORDS,
        /** Yes, no, or either. */
        EITHER
    }

    /** {@return a field for each name} */
    static List<FormField> of(FieldKind kind, String... names) {
        return List.of(names).stream().map(name -> new FormField(name, kind)).toList();
    }

    /** What there is to choose from, and how its words are called. */
    private record FieldOptions(Enum<?>[] values, String words) {}

    private Optional<FieldOptions> choosing() {
        return switch (name) {
            case "kind" -> Optional.of(new FieldOptions(BatchKind.values(), "batch.kind"));
            case "measures" -> Optional.of(new FieldOptions(MeasuredQuantity.values(), "measured"));
            case "materials" -> Optional.of(new FieldOptions(Material.values(), "material"));
            case "joints" -> Optional.of(new FieldOptions(JointForm.values(), "joint"));
            case "positions" -> Optional.of(new FieldOptions(Position.values(), "position"));
            default -> Optional.empty();
        };
    }

    /** What may be ticked in a list, with what is. */
    List<Choice> choices(List<String> ticked) {
        return choosing()
                .map(all -> Choice.of(all.values(), all.words(), "").stream()
                        .map(choice -> new Choice(
                                choice.value(),
                                name.equals("positions") ? choice.value() + " · " + choice.label() : choice.label(),
                                ticked.contains(choice.value())))
                        .toList())
                .orElse(List.of());
    }
}
