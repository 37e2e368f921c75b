package vastarc.core.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import vastarc.core.finding.Caution;
import vastarc.core.joint.Weld;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.OwnValues;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.SchoolCurrent;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.TackPlan;

/**
 * A sheet as it was on a day: what proof, memory, runs and prints hold. It says the same however engine and tables move afterwards.
 *
 * @param engine   the engine that made it, as {@link Engine#version()}
 * @param weld     what it was made for
 * @param own      the hand's own values on it
 * @param settings every setting with its window, school, reason and what went in, in the order of the sheet
 * @param schools  the working current of each school
 * @param passes   the passes; empty for a single one
 * @param tacks    fusion tacks and their spacing
 * @param cautions what to mind
 */
public record SheetDocument(
        String engine,
        Weld weld,
        OwnValues own,
        List<Setting> settings,
        List<SchoolCurrent> schools,
        Optional<PassPlan> passes,
        TackPlan tacks,
        List<Caution> cautions) {

    public SheetDocument {
        settings = List.copyOf(settings);
        schools = List.copyOf(schools);
        cautions = List.copyOf(cautions);
    }

    /** A sheet, kept as it is now. */
    public static SheetDocument of(Sheet sheet) {
        return new SheetDocument(
                Engine.version(),
                new Weld(sheet.joint(), sheet.practice()),
                sheet.own(),
                List.copyOf(sheet.settings().values()),
                sheet.schools(),
                sheet.passes(),
                sheet.tacks(),
                sheet.cautions());
    }

    /** A figure that another sheet has otherwise; empty on the side that lacks it. */
    public record Moved(SettingKey key, Optional<Setting> then, Optional<Setting> now) {}

    /** What stands otherwise on a sheet made today, as far as a reader in either unit system would see it. */
    public List<Moved> movedOn(Sheet today) {
        Map<SettingKey, Setting> then = settings.stream().collect(Collectors.toMap(Setting::key, Function.identity()));
        return Arrays.stream(SettingKey.values())
                .map(key -> new Moved(key, Optional.ofNullable(then.get(key)), today.find(key)))
                .filter(SheetDocument::differs)
                .toList();
    }

    private static boolean differs(Moved moved) {
        return Arrays.stream(UnitSystem.values())
                .anyMatch(units -> !moved.then()
                        .map(setting -> setting.shown(units))
                        .equals(moved.now().map(setting -> setting.shown(units))));
    }

    /** A sheet made today with the figures of this one: what a proven job is welded by. */
    Sheet heldOn(Sheet today) {
        return today.holding(settings, own);
    }
}
