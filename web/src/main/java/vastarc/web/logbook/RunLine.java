package vastarc.web.logbook;

import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.web.store.run.RunFigures;
import vastarc.web.store.run.RunHead;
import vastarc.web.store.run.WeldRun;

/**
 * A run in a line of the logbook.
 *
 * @param when     it was begun
 * @param joint    metal, thickness and form
 * @param current  as read, beside what was planned
 * @param findings how much differed; empty for nothing
 */
public record RunLine(
        String id,
        String when,
        String job,
        String joint,
        String machine,
        String hand,
        String current,
        String travel,
        String heat,
        String arc,
        String verdict,
        String findings,
        boolean simulated,
        boolean open) {

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneOffset.UTC);

    static RunLine of(WeldRun run, UnitSystem units) {
        RunHead head = run.head();
        RunFigures figures = run.figures();
        return new RunLine(
                run.id().toString(),
                when(run),
                head.jobName(),
                joint(head, units),
                head.machineName(),
                head.hand(),
                figures.currentA().isPresent()
                        ? shown(figures.currentA(), Unit.AMPERE, units)
                        : "(" + shown(OptionalDouble.of(head.planned().currentA()), Unit.AMPERE, units) + ")",
                shown(figures.travel(), Unit.MM_PER_MIN, units),
                shown(figures.heat(), Unit.KJ_PER_MM, units),
                figures.arcS() > 0
                        ? units.show(Quantity.seconds(Math.rint(figures.arcS())))
                                .line()
                        : "–",
                run.endedAt().isEmpty()
                        ? "under way"
                        : Phrasebook.find(run.verdict().words()).orElse(""),
                figures.findings() == 0
                        ? ""
                        : figures.findings() + (figures.findings() == 1 ? " finding" : " findings"),
                head.simulated(),
                run.endedAt().isEmpty());
    }

    static String when(WeldRun run) {
        return when(run.startedAt());
    }

    static String when(Instant instant) {
        return WHEN.format(instant);
    }

    static String joint(RunHead head, UnitSystem units) {
        String material = named(Material.values(), head.welded().material(), "material.");
        String form = named(JointForm.values(), head.welded().joint(), "joint.");
        String thickness = head.welded().thicknessMm() > 0
                ? units.show(Quantity.millimetres(head.welded().thicknessMm())).line()
                : "";
        return Stream.of(material, thickness, form)
                .filter(part -> !part.isEmpty())
                .collect(Collectors.joining(" · "));
    }

    private static String named(Enum<?>[] values, String name, String words) {
        return Arrays.stream(values)
                .map(Enum::name)
                .filter(text -> text.equals(name))
                .findFirst()
                .flatMap(text -> Phrasebook.find(words + text))
                .orElse(name);
    }

    static String shown(OptionalDouble figure, Unit unit, UnitSystem units) {
        return Optional.of(figure)
                .filter(OptionalDouble::isPresent)
                .map(optionalDouble -> units.show(Quantity.of(optionalDouble.getAsDouble(), unit))
                        .line())
                .orElse("–");
    }
}
