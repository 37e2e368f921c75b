package vastarc.web.logbook;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.service.OxygenLog;

/** What was read of oxygen before a strike, in lines: when the argon was opened, the first and the last reading with their clock. */
final class OxygenLines {

    private OxygenLines() {}

    static List<FigureLine> of(OxygenLog log) {
        List<FigureLine> lines = new ArrayList<>();
        log.openedAt().ifPresent(at -> lines.add(new FigureLine(say(Phrase.of("record.purge.opened")), clock(at))));
        List<OxygenReading> readings = log.readings();
        if (!readings.isEmpty()) {
            lines.add(new FigureLine(say(Phrase.of("record.purge.readings")), String.valueOf(readings.size())));
            lines.add(line("record.purge.first", log, readings.get(0)));
            lines.add(line("record.purge.last", log, readings.get(readings.size() - 1)));
        }
        return lines;
    }

    private static FigureLine line(String key, OxygenLog log, OxygenReading reading) {
        String when = log.at(reading).map(OxygenLines::clock).orElse(Math.round(reading.s()) + " s");
        return new FigureLine(say(Phrase.of(key)), Math.round(reading.ppm()) + " ppm, " + when);
    }

    private static String clock(Instant at) {
        return at.truncatedTo(ChronoUnit.SECONDS).toString().replace('T', ' ').replace("Z", " UTC");
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }
}
