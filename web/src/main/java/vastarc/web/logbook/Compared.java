package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrasebook;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.TraceChart;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.ui.FigureView;

/**
 * Two runs beside each other.
 *
 * @param figures what was read of both
 * @param sheets  what their sheets say otherwise
 * @param trace   both, strike on strike; empty without readings
 */
public record Compared(
        RunLine one,
        RunLine other,
        List<Row> figures,
        List<Row> sheets,
        Optional<Drawing> trace,
        List<String> findingsOne,
        List<String> findingsOther,
        List<RunView.Photo> photosOne,
        List<RunView.Photo> photosOther) {

    /** A figure of both. */
    public record Row(String name, String one, String other) {}

    static Compared of(Logbook.Opened one, Logbook.Opened other, UnitSystem units) {
        Map<String, String> first = read(one, units);
        Map<String, String> second = read(other, units);
        return new Compared(
                RunLine.of(one.run(), units),
                RunLine.of(other.run(), units),
                rows(first, second, false),
                rows(sheet(one, units), sheet(other, units), true),
                both(one, other),
                findings(one, units),
                findings(other, units),
                photos(one),
                photos(other));
    }

    private static Optional<Drawing> both(Logbook.Opened one, Logbook.Opened other) {
        boolean none =
                one.trace().channels().isEmpty() && other.trace().channels().isEmpty();
        return none ? Optional.empty() : Optional.of(TraceChart.of(RunView.shown(one), RunView.shown(other)));
    }

    private static Map<String, String> read(Logbook.Opened opened, UnitSystem units) {
        Map<String, String> read = new LinkedHashMap<>();
        RunView.sides(opened, units).forEach(side -> read.put(side.name(), side.read()));
        return read;
    }

    private static Map<String, String> sheet(Logbook.Opened opened, UnitSystem units) {
        Map<String, String> lines = new LinkedHashMap<>();
        opened.sheet()
                .map(sheet -> RunView.lines(sheet, units))
                .orElse(List.of())
                .forEach((FigureView.Line line) -> lines.put(line.name(), line.value()));
        return lines;
    }

    private static List<Row> rows(Map<String, String> one, Map<String, String> other, boolean onlyDifferent) {
        Set<String> names = new LinkedHashSet<>(one.keySet());
        names.addAll(other.keySet());
        List<Row> rows = new ArrayList<>();
        for (String name : names) {
            String a = one.getOrDefault(name, "–");
            String b = other.getOrDefault(name, "–");
            if (!onlyDifferent || !a.equals(b)) {
                rows.add(new Row(name, a, b));
            }
        }
        return rows;
    }

    private static List<String> findings(Logbook.Opened opened, UnitSystem units) {
        return opened.record().map(RunRecord::findings).orElse(List.of()).stream()
                .map(finding -> Phrasebook.say(finding.text(), units))
                .toList();
    }

    private static List<RunView.Photo> photos(Logbook.Opened opened) {
        return opened.photos().stream()
                .map(photo ->
                        new RunView.Photo(photo.id().toString(), photo.kind().label()))
                .toList();
    }
}
