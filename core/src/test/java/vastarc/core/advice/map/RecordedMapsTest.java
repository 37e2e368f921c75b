package vastarc.core.advice.map;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import vastarc.core.advice.map.WeldMap.MapPlace;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.plan.RecordedTable;
import vastarc.core.advice.sheet.RandomJoints;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;

/** Maps of seeded joints beside those recorded: zones, edges, how far a setting may slip, and the most forgiving point. */
class RecordedMapsTest {

    private static final String FILE = "maps.csv";
    private static final long SEED = 39;
    private static final int JOINTS = 60;
    private static final int COUNT = 13;

    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        RecordedTable.record(FILE, answers());
    }

    @Test
    void noMapHasMoved() throws IOException {
        RecordedTable.assertNothingMoved(FILE, answers());
    }

    private static List<String> answers() {
        RandomJoints random = new RandomJoints(SEED);
        List<String> lines = new ArrayList<>();
        lines.add("draw,material,form,axis,xLow,xHigh,yLow,yHigh,own,zones,unsure,forgiving,at,tolerance");
        for (int draw = 0; draw < JOINTS; draw++) {
            Joint joint = random.joint();
            Optional<SetupSheet> sheet =
                    SheetPlanner.plan(joint, random.practiceFor(joint)).value();
            if (sheet.isPresent()) {
                for (MapAxis axis : MapAxis.values()) {
                    lines.add(draw + "," + joint.material() + "," + joint.form() + "," + axis + ","
                            + line(sheet.get(), axis));
                }
            }
        }
        return lines;
    }

    private static String line(SetupSheet sheet, MapAxis axis) {
        MapRequest request = new MapRequest(axis, COUNT, COUNT, Optional.empty(), Optional.empty());
        return MapPlanner.of(sheet, request)
                .value()
                .map(map -> line(sheet, map))
                .orElse("refused" + ",-".repeat(9));
    }

    private static String line(SetupSheet sheet, WeldMap map) {
        StringBuilder unsure = new StringBuilder();
        for (int row = 0; row < COUNT; row++) {
            for (int column = 0; column < COUNT; column++) {
                unsure.append(map.isUnsure(row, column) ? '1' : '0');
            }
        }
        String zones = map.zones().stream()
                .map(row -> row.stream().map(zone -> letter(zone)).collect(Collectors.joining()))
                .collect(Collectors.joining(" "));
        String forgiving = MapPlanner.mostForgiving(sheet, map)
                .map(point -> text(point.x()) + " " + text(point.y()) + " " + point.zone())
                .orElse("none");
        MapPlace place = MapPlanner.at(sheet, 0.9 * map.point().x(), 100);
        SettingTolerance tolerance = MapPlanner.tolerance(sheet);
        return String.join(
                ",",
                text(map.x().get(0)),
                text(map.x().get(COUNT - 1)),
                text(map.y().get(0)),
                text(map.y().get(COUNT - 1)),
                map.point().zone().name(),
                zones,
                unsure,
                forgiving,
                place.zone() + " " + place.unsure(),
                Phrasebook.say(tolerance.words(), UnitSystem.METRIC).replace(',', ';'));
    }

    private static String letter(WeldZone zone) {
        return String.valueOf((char) ('a' + zone.ordinal()));
    }

    private static String text(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }
}
