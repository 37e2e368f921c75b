package vastarc.core.advice.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.sheet.MethodCurrent;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.TackPlan;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Caution;
import vastarc.core.domain.joint.Weld;

/**
 * A sheet as it was on a day: what proof, memory, runs and prints hold. It says the same however engine and tables move afterwards.
 *
 * @param engine   the engine that made it, as {@link EngineVersion#version()}
 * @param weld     what it was made for
 * @param own      the welder's own values on it
 * @param settings every setting with its range, method, reason and what went in, in the order of the sheet
 * @param schools  the working current of each method
 * @param passes   the passes; empty for a single one
 * @param tacks    fusion tacks and their spacing
 * @param cautions what to mind
 */
public record SheetDocument(
        String engine,
        Weld weld,
        OwnValues own,
        List<Parameter> settings,
        List<MethodCurrent> schools,
        Optional<PassSchedule> passes,
        TackPlan tacks,
        List<Caution> cautions) {

    /** Copies its collections, so that it cannot change. */
    public SheetDocument {
        settings = List.copyOf(settings);
        schools = List.copyOf(schools);
        cautions = List.copyOf(cautions);
    }

    /**
     * {@return a sheet, kept as it is now}
     *
     * @param sheet the sheet
     */
    public static SheetDocument of(SetupSheet sheet) {
        return new SheetDocument(
                EngineVersion.version(),
                new Weld(sheet.joint(), sheet.practice()),
                sheet.own(),
                List.copyOf(sheet.settings().values()),
                sheet.schools(),
                sheet.passes(),
                sheet.tacks(),
                sheet.cautions());
    }

    /** A figure that another sheet has otherwise; empty on the side that lacks it. */
    public record ChangedFigure(ParameterKey key, Optional<Parameter> then, Optional<Parameter> now) {}

    /**
     * {@return what is different on a sheet made today, as far as a reader in either unit system would see it}
     *
     * @param today the sheet of today
     */
    public List<ChangedFigure> changedFigures(SetupSheet today) {
        Map<ParameterKey, Parameter> then =
                settings.stream().collect(Collectors.toMap(Parameter::key, Function.identity()));
        return Arrays.stream(ParameterKey.values())
                .map(key -> new ChangedFigure(key, Optional.ofNullable(then.get(key)), today.find(key)))
                .filter(SheetDocument::differs)
                .toList();
    }

    private static boolean differs(ChangedFigure moved) {
        return Arrays.stream(UnitSystem.values())
                .anyMatch(units -> !moved.then()
                        .map(parameter -> parameter.shown(units))
                        .equals(moved.now().map(parameter -> parameter.shown(units))));
    }

    /** A sheet made today with the figures of this one: what a proven job is welded by. */
    SetupSheet heldOn(SetupSheet today) {
        return today.holding(settings, own);
    }
}
