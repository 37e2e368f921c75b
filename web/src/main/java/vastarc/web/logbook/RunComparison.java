package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.RecordingChart;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.store.run.RunRecord;

/**
 * Two runs beside each other.
 *
 * @param figures what was read of both
 * @param sheets  what their sheets say otherwise
 * @param trace   both, strike on strike; empty without readings
 */
public record RunComparison(
        RunLine one,
        RunLine other,
        List<ComparisonRow> figures,
        List<ComparisonRow> sheets,
        Optional<Drawing> trace,
        List<String> findingsOne,
        List<String> findingsOther,
        List<RunView.Photo> photosOne,
        List<RunView.Photo> photosOther) {

    /** A figure of both. */
    public record ComparisonRow(String name, String one, String other) {
        public ComparisonRow {
            name = Labels.of(name);
        }
    }

    static RunComparison of(OpenedRun openedRun, OpenedRun other, UnitSystem units) {
        Map<String, String> first = read(openedRun, units);
        Map<String, String> second = read(other, units);
        return new RunComparison(
                RunLine.of(openedRun.run(), units),
                RunLine.of(other.run(), units),
                rows(first, second, false),
                rows(sheet(openedRun, units), sheet(other, units), true),
                both(openedRun, other),
                findings(openedRun, units),
                findings(other, units),
                photos(openedRun, units),
                photos(other, units));
    }

    private static Optional<Drawing> both(OpenedRun openedRun, OpenedRun other) {
        boolean none = openedRun.trace().channels().isEmpty()
                && other.trace().channels().isEmpty();
        return none ? Optional.empty() : Optional.of(RecordingChart.of(RunView.shown(openedRun), RunView.shown(other)));
    }

    private static Map<String, String> read(OpenedRun opened, UnitSystem units) {
        Map<String, String> read = new LinkedHashMap<>();
        RunView.sides(opened, units).forEach(side -> read.put(side.name(), side.read()));
        return read;
    }

    private static Map<String, String> sheet(OpenedRun opened, UnitSystem units) {
        Map<String, String> lines = new LinkedHashMap<>();
        opened.sheet()
                .map(sheet -> RunView.lines(sheet, units))
                .orElse(List.of())
                .forEach((FigureLine line) -> lines.put(line.name(), line.value()));
        return lines;
    }

    private static List<ComparisonRow> rows(Map<String, String> map, Map<String, String> other, boolean onlyDifferent) {
        Set<String> names = new LinkedHashSet<>(map.keySet());
        names.addAll(other.keySet());
        List<ComparisonRow> rows = new ArrayList<>();
        for (String name : names) {
            String a = map.getOrDefault(name, "–");
            String b = other.getOrDefault(name, "–");
            if (!onlyDifferent || !a.equals(b)) {
                rows.add(new ComparisonRow(name, a, b));
            }
        }
        return rows;
    }

    private static List<String> findings(OpenedRun opened, UnitSystem units) {
        return opened.record().map(RunRecord::findings).orElse(List.of()).stream()
                .map(finding -> Phrasebook.say(finding.text(), units))
                .toList();
    }

    private static List<RunView.Photo> photos(OpenedRun opened, UnitSystem units) {
        return opened.photos().stream()
                .map(photo -> RunView.photo(photo, units))
                .toList();
    }
}
